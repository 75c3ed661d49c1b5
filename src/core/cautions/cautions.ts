import { type Message, say } from '../message';
import { safetyParams, type CoolingRule } from '../safety';

/** A step at which something can hurt someone. */
export type CareStep =
  | 'rawMeat'
  | 'sear'
  | 'base'
  | 'liquid'
  | 'potIntoOven'
  | 'potOnStove'
  | 'steamOven'
  | 'grill'
  | 'bare'
  | 'open'
  | 'finish'
  | 'serve'
  | 'hold'
  | 'blend'
  | 'bones'
  | 'reheat'
  | 'store';

/**
 * The caution of a step, with the figures of the kitchen's own rule. That local guidance decides is said once per
 * screen.
 */
export function cautionFor(step: CareStep, rule: CoolingRule): Message {
  return say(`caution.${step}`, safetyParams(rule));
}
