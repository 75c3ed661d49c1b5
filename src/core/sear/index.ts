export { BROWNS_C } from './heat';
export { PAN_GAP_MM } from './pack';
export { PAN_SHARE, SEAR_CUES, type SearBatch, type SearPieces, searPlan, type SearPlan } from './sear';
