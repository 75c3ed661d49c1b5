export { actualSpans, liveBeside, liveSpans, recordMarks } from './actualDay';
export { type CookAct, type CookActKind, type CookEvent, type Verdict } from './events';
export { type Learning, learnNothing, learnOne, type Lesson } from './learning';
export { liveForecast } from './live';
export { doneSign, nextAction, type NextAction } from './nextAction';
export { refusal } from './records';
export { simulatePot } from './simulatedPot';
export { type CookState, eventsOf, foldCook, undoRefusal } from './state';
export { type CookView } from './view';
