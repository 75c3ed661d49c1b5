export { type Account, accountOf, isLate, type KeptLesson, type KeptSauce, keptReady, recordsMark } from './account';
export { actualSpans, recordMarks } from './actualDay';
export { type Conducted, conduct, type Timer } from './conduct';
export { type PlacedStep } from './placed';
export { type CookAct, type CookActKind, type CookEvent, type Maker, type Verdict } from './events';
export { type Learning, learnNothing, learnOne, type Lesson } from './learning';
export { liveForecast } from './live';
export { afterFate, BOX_FATES, type BoxFate, type Lot, STORE_PLACES, type StorePlace } from './lots';
export { type LogEntry, outcomeOf } from './outcome';
export { potStaysHotMin, type Trouble, troublesNow } from './trouble';
export { TROUBLE_IDS } from './troubleIds';
export {
  coolingClock,
  coolingNow,
  KEPT_WARM_MS,
  holdAhead,
  holdNow,
  OFF_HEAT_C,
  holdWaysOf,
  isTooFar,
  stageAfter,
  stageKept,
  stageKeptPlanned,
} from './keepNow';
export {
  doseOf,
  saltPlanned,
  saltSays,
  type SauceAt,
  sauceAt,
  type SauceNow,
  sauceLooked,
  sauceNow,
  sauceOf,
  thickenersOf,
} from './sauceNow';
export { AFTER_THE_END } from './records';
export { boneStock, type BoxWarmed, restOf, secondMeals, warmBox } from './rest';
export { simulatePot } from './simulatedPot';
export { PACE, paceFrom } from './pace';
export { foldCook, undoRefusal } from './fold';
export { type CookState, eventsOf, recentOf } from './state';
export { type CookView } from './view';
