export { type CareStep, cautionFor } from './cautions';
