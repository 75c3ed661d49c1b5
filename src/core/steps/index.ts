export { donenessCue } from './donenessCue';
export { type Step, type StepRecord, type WorkStage, WORK_STAGES } from './step';
export { stepsOf } from './steps';
export { howOf, titleOf } from './titleOf';
export { STEP_KINDS } from './kinds';
