export { FAT_LAWS } from './fat';
export { type LeftMinutes, leftToBoil } from './left';
export {
  boilsDown,
  type FinishedPot,
  finishedPot,
  type FinishFigures,
  finishFigures,
  type FinishQuestion,
  SOLIDS_KG_PER_L,
} from './pot';
export { reduce, REDUCE_RANGE } from './reduce';
export { sauceFixes } from './sauceFixes';
export {
  doseFor,
  litresAtSalt,
  PUT_THINGS,
  type PutThing,
  putUnit,
  saltTo,
  type Sauce,
  type SauceShown,
  shownAt,
  withPut,
  withObservedThickness,
} from './sauce';
export { FIRST_SHARE, gramsFor, starchLeft, STRENGTH, type Thickener } from './thicken';
