export { tabulatedCookRate } from './cookValue';
export { JUICE_TIME_S, tabulatedJuiceShare } from './juice';
export {
  type Doneness,
  donenessAt,
  donenessIndex,
  DONENESS_STAGES,
  donenessThresholds,
  TARGET_STAGES,
  TARGETS,
  type TargetDoneness,
} from './stages';
