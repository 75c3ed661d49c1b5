export { liquidAdvice } from './advice';
export { alcoholOnThePlate, LATE_POUR_MIN } from './alcohol';
export { type CountedOut, herbPlan, type HerbPlan, usualHerbCount } from './herbs';
export { boilAwayMinutes, liquidPlan, type PourPlan } from './pour';
export { type AtTarget, type WaterBalance, waterBalance } from './water';
