export { FAT_LAWS } from './fat';
export { type LeftMinutes, leftToBoil } from './left';
export {
  isReducing,
  type FinishedPot,
  finishedPot,
  type FinishFigures,
  finishFigures,
  type FinishInput,
  SOLIDS_KG_PER_L,
} from './pot';
export { reduce, REDUCE_RANGE } from './reduce';
export { sauceFixes } from './sauceFixes';
export {
  doseFor,
  litresAtSalt,
  SAUCE_ADDITIONS,
  type SauceAddition,
  putUnit,
  saltTo,
  type Sauce,
  type SauceShown,
  shownAt,
  EMPTY_SAUCE,
  withAddition,
  withObservedThickness,
} from './sauce';
export { FIRST_SHARE, gramsFor, starchLeft, STRENGTH, type Thickener } from './thicken';
