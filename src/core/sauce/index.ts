export {
  finishedPot,
  type FinishedPot,
  type FinishFigures,
  finishFigures,
  type FinishQuestion,
  USUAL_SAUCE_L_PER_PLATE,
} from './finish';
export { type Consistency, FLOUR_PER_STARCH, type FlourCooking, flourFor, viscosity } from './thicken';
