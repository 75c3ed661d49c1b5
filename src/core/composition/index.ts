export { componentProperties, type Composition, mixtureProperties } from './properties';
