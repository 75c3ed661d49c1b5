export { type BodySetup, BONE, geometryOf, type Pieces } from './body';
export { burnerKWh, ENERGY_SD, ovenKWh } from './energy';
export { profileAt } from './detail';
export { type RunPhase, type StageEnd } from './phase';
export {
  BATH_FILM,
  CLEAR_LIQUID_FILM,
  emptyTraces,
  LIQUID_HEAT_JKGK,
  type SimulationTrace,
  type RunSetup,
} from './trace';
export { type DetailedTrace, FAST_CELLS, PLAIN_CELLS, runBraise, runDetailed, runInto } from './run';
export { STILL_MASS_TRANSFER } from './drying';
export { roomAirOver, ROOM_VAPOUR_PA, surfaceFlow } from './openSurface';
export { radiativeCoefficient } from './radiation';
export { equivalentBody, type PieceShape } from './shape';
export {
  AS_EXPECTED,
  COLD_OVEN_TAU_S,
  openingDropK,
  coldStartDropK,
  type Heat,
  manualSimmerC,
  type KitchenFactors,
  potPhase,
  type PotShell,
} from './sources';
export { type AroundWalls, INNER_FILM, type PotWalls, wallsLossW } from './walls';
export { FAST_STEPS, makeTimeGrid, PLAIN_STEPS, type StepRule, type TimeGrid, type TopUp } from './timeGrid';
export { boilingPointC, latentHeatJKg, pressureAtAltitudePa, saturationPressurePa, WATER_KG_PER_L } from './water';
