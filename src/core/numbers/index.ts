export { hashOf } from './hash';
export { numbers } from './numbers';
export { WeightedSample } from './quantile';
export { normalCdf, normalQuantile, type RandomStream, randomStream, sobolNormals } from './random';
export { smoothStep } from './smoothStep';
