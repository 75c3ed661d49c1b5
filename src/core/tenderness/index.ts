export { tabulatedCookRate } from './cookValue';
export { equilibriumJuice, JUICE_TIME_S } from './juice';
export { type Stage, stageAt, stageIndex, STAGES, stageThresholds, TARGETS, type TargetStage } from './stages';
