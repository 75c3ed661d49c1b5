export { hashOf } from './hash';
export { WeightedSample } from './quantile';
export { normalCdf, normalQuantile, type RandomStream, randomStream, sobolNormals } from './random';
