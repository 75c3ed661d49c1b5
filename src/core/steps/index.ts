export { doneSign } from './doneSign';
export { type Step, type StepRecord, stepsOf, type WorkStage, WORK_STAGES } from './steps';
export { STEP_KINDS } from './kinds';
