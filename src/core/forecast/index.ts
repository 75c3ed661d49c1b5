export { assemble, NOMINAL_PARAMETERS } from './assemble';
export { boneFraction, lyingPieces, pieceShape } from './groups';
export { anchored } from './anchored';
export { bruteForce } from './bruteForce';
export { scheduledAt, stepAt, valueAt } from './timeIndex';
export { type TraceSamples, sampleTrace, drySinceMin, lowL, lowMin, sampleAt, toLineL } from './traceSamples';
export { AJAR_CHANCE, ajarChance, type Ensemble, nominalEnsemble, priorEnsemble } from './ensemble';
export {
  chanceBy,
  crossingMin,
  DRY_WORTH_SAYING,
  etaOf,
  type Forecast,
  type Readiness,
  readiness,
  readyEta,
  readySample,
  type ScaleBand,
  slowestGroup,
  summarise,
} from './forecast';
export { chooseHorizonMin, slowest } from './horizon';
export { type Inside, type InsideMoment, insideOf } from './inside';
export { lidLiftCostMin } from './lookCost';
export { slowestAtTarget } from './nominal';
export { stageChances } from './forkLaw';
export { type Observation } from './observation';
export { contentsAt, DRY_LITRES, levelMmAt, litresAt, litresForLevelAt, LOW_LITRES } from './pot';
export {
  requiredCookValue,
  INDEX,
  kitchenPrior,
  LEARNABLE,
  type Learnable,
  meatRequirement,
  type Prior,
  type LatentParameter,
  UNKNOWN_COUNT,
  parametersOf,
} from './prior';
export {
  type BraiseRequest,
  cutOf,
  type HeatThen,
  type TimedHeat,
  type TimedLid,
  type TimedOpening,
  NO_INTERVENTIONS,
} from './request';
export { weights } from './resample';
export { advance } from './outlier';
export { bestMeasurement, type InformationGain, informationGains } from './informationGain';
