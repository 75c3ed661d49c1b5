export { FAT_LAWS } from './fat';
export { type FinishedPot, finishedPot, type FinishFigures, finishFigures, type FinishQuestion } from './pot';
export { FIRST_SHARE, gramsFor, STRENGTH, type Thickener } from './thicken';
