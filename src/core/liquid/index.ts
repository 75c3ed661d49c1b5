export { liquidAdvice } from './advice';
export { alcoholOnThePlate, LATE_POUR_MIN } from './alcohol';
export { heatUpMinutes, SIMMER_BELOW_BOIL_K } from './heatUp';
export { type CountedOut, herbPlan, type HerbLine, type HerbPlan, usualHerbCount } from './herbs';
export { boilAwayMinutes, type LiquidAddition, liquidPlan, type PouredPlan } from './pour';
export { type AtTarget, type WaterBalance, waterBalance } from './water';
