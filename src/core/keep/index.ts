export {
  boxInMicrowaveMin,
  bagFreezesMin,
  COOL_WAYS,
  type Cooling,
  type CoolingWay,
  coolingWays,
  coolPot,
  type CoolWay,
  potInFridge,
  type Reheating,
  reheatPot,
} from './cool';
export {
  type Contents,
  contentsOfBraise,
  type Held,
  heldWays,
  HOLD_WAYS,
  holdingW,
  type HoldWay,
  staysHotMin,
} from './held';
export { type KeptPot, potLoss } from './potLoss';
export { courseAt, reaches } from './potCourse';
