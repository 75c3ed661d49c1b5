export { donenessCue } from './donenessCue';
export { type Step, type StepRecord, type WorkPhase, WORK_STAGES } from './step';
export { stepsOf } from './steps';
export { howOf, titleOf } from './titleOf';
export { STEP_KINDS } from './kinds';
export { batchOf, stepAbout, stepId, type StepId, type StepKey, stepKeyOf } from './stepId';
