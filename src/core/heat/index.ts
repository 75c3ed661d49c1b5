export { type BodySetup, BONE, type Pieces } from './body';
export { burnerKWh, ENERGY_SPREAD, ovenKWh } from './energy';
export {
  BATH_FILM,
  CLEAR_LIQUID_FILM,
  type DetailedCourse,
  FAST_CELLS,
  LIQUID_HEAT_JKGK,
  PLAIN_CELLS,
  type PotPhase,
  runBraise,
  type RunCourse,
  type RunSetup,
} from './run';
export { equivalentBody, type PieceShape } from './shape';
export {
  AS_EXPECTED,
  COLD_OVEN_TAU_S,
  openingDropK,
  coldStartDropK,
  type Heat,
  type KitchenFactors,
  potPhase,
} from './sources';
export { FAST_STEPS, makeTimeGrid, PLAIN_STEPS, type StepRule, type TimeGrid } from './timeGrid';
export { boilingPointC, latentHeatJKg, pressureAtAltitudePa, WATER_KG_PER_L } from './water';
