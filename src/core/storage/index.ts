export {
  boxInMicrowaveMin,
  bagFreezesMin,
  COOL_WAYS,
  type Cooling,
  type CoolingWay,
  coolingWays,
  coolPot,
  type CoolMethod,
  potInFridge,
  type Reheating,
  reheatPot,
} from './cool';
export {
  type Contents,
  contentsOfBraise,
  type Held,
  keepWarmMethods,
  HOLD_WAYS,
  holdingW,
  type HoldMethod,
  staysHotMin,
} from './keepWarm';
export { type KeptPot, potLoss } from './potLoss';
export { traceAt, reaches } from './potTrace';
