export {
  type LogSnapshot,
  logSnapshot,
  isLate,
  type StoredUpdate,
  type KeptSauce,
  keptReady,
  recordsMark,
} from './logSnapshot';
export { actualSpans, recordMarks } from './actualDay';
export { type Guidance, guide, type Timer } from './guidance';
export { type ScheduledStep } from './scheduledStep';
export { type CookAct, type CookActKind, type CookEvent, type DeviceSequence, type Verdict } from './events';
export { type Learning, learnNothing, learnOne, type Update } from './learning';
export { liveForecast } from './live';
export {
  applyBoxOutcome,
  BOX_OUTCOMES,
  type BoxOutcome,
  type StoredBatch,
  STORE_PLACES,
  type StorePlace,
} from './storedBatches';
export { type LogEntry, outcomeOf } from './outcome';
export { potStaysHotMin, type Problem, problemsNow } from './problem';
export { PROBLEM_IDS } from './problemIds';
export {
  coolingClock,
  coolingNow,
  LEFTOVER_RESCUE_MS,
  holdAhead,
  holdNow,
  OFF_HEAT_C,
  holdMethodsOf,
  isTooFar,
  stageAfter,
  donenessAfterHolding,
  plannedDonenessAfterHolding,
} from './keepNow';
export { doseOf, type SauceAt, sauceAt, type SauceNow, sauceAtLitres, sauceNow, sauceOf } from './sauceNow';
export { thickenersOf } from './thickeners';
export { saltPlanned, saltSays } from './saltAccount';
export { canFollowFinish } from './records';
export { boneStock, type BoxReheating, restOf, secondMeals, reheatBox } from './leftovers';
export { simulatePot } from './simulatedPot';
export { PACE, paceFrom } from './pace';
export { reduceEvents, validateUndo } from './reducer';
export { type CookState, eventsOf, latestValid } from './state';
export { type CookView } from './view';
