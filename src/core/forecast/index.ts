export { assemble, boneFraction, lyingPieces, NOMINAL_PARAMETERS, pieceShape } from './assemble';
export { anchored } from './anchored';
export { bruteForce } from './bruteForce';
export { placeAt, stepAt, valueAt } from './places';
export { type CourseSamples, courseSamples, drySinceMin, lowL, lowMin, sampleAt, toLineL } from './courseSamples';
export { AJAR_CHANCE, ajarChance, type Ensemble, nominalEnsemble, priorEnsemble } from './ensemble';
export {
  chanceBy,
  crossingMin,
  DRY_WORTH_SAYING,
  type DryPot,
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
export { lookCostMin } from './lookCost';
export { slowestAtTarget } from './nominal';
export { type Observation, stageChances } from './observation';
export { contentsAt, DRY_LITRES, levelMmAt, litresAt, litresForLevelAt, LOW_LITRES } from './pot';
export {
  requiredCookValue,
  INDEX,
  kitchenPrior,
  LEARNABLE,
  type Learnable,
  meatDemandOf,
  type Prior,
  type LatentParameter,
  UNKNOWN_COUNT,
  unknownsOf,
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
export { bestMeasurement, type InformationGain, teachingsOf } from './informationGain';
