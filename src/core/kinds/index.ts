export { type Kind, kindOf, KINDS, type OwnKind, withKind } from './kinds';
