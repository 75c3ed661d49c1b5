import { type StepRecord } from './step';
import { type StepKey } from './stepId';

/** The record that is a step; a step without one is ticked off. */
export const STEP_RECORDS: Readonly<Partial<Record<StepKey, StepRecord>>> = {
  meatBack: 'intoPot',
  look: 'liquid',
  turn: 'turned',
  topUp: 'liquid',
  heat: 'heat',
  test: 'fork',
  offHeat: 'offHeat',
  hold: 'hold',
  countOut: 'counted',
  served: 'served',
  coolAhead: 'cooling',
  cool: 'cooling',
  portion: 'stored',
  verdict: 'finished',
};
