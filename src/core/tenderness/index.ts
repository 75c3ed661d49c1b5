export { tabulatedCookRate } from './cookValue';
export { JUICE_TIME_S, tabulatedJuiceShare } from './juice';
export {
  type Stage,
  stageAt,
  stageIndex,
  STAGES,
  stageThresholds,
  TARGET_STAGES,
  TARGETS,
  type TargetStage,
} from './stages';
