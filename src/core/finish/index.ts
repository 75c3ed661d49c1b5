export { FAT_LAWS, FAT_WAYS, fatLeftMl, fatRisen, type FatWay } from './fat';
export { type FinishedPot, finishedPot, type FinishFigures, finishFigures, type FinishQuestion } from './pot';
export { FIRST_SHARE, gramsFor, RUNG_AIM, rungOf, starchFor, STRENGTH, type Thickener, viscosityMPaS } from './thicken';
