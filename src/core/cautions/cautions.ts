import { type Message, say } from '../message';

/** A step of the work at which something can hurt someone. */
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

/** The caution that belongs to a step; its words end with the reminder that local guidance decides. */
export function cautionFor(step: CareStep): Message {
  return say(`caution.${step}`);
}
