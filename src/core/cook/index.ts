export {
  type LogSnapshot,
  logSnapshot,
  isLate,
  type KeptLesson,
  type KeptSauce,
  keptReady,
  recordsMark,
} from './logSnapshot';
export { actualSpans, recordMarks } from './actualDay';
export { type Guidance, guide, type Timer } from './guidance';
export { type PlacedStep } from './placed';
export { type CookAct, type CookActKind, type CookEvent, type Maker, type Verdict } from './events';
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
  holdWaysOf,
  isTooFar,
  stageAfter,
  donenessAfterHolding,
  stageKeptPlanned,
} from './keepNow';
export {
  doseOf,
  saltPlanned,
  saltSays,
  type SauceAt,
  sauceAt,
  type SauceNow,
  sauceAtLitres,
  sauceNow,
  sauceOf,
  thickenersOf,
} from './sauceNow';
export { ALLOWED_AFTER_FINISH } from './records';
export { boneStock, type BoxWarmed, restOf, secondMeals, reheatBox } from './leftovers';
export { simulatePot } from './simulatedPot';
export { PACE, paceFrom } from './pace';
export { reduceEvents, undoRefusal } from './reducer';
export { type CookState, eventsOf, latestValid } from './state';
export { type CookView } from './view';
