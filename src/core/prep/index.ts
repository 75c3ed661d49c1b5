export { canRoll, partsAsCooked, prepPlan, type PrepPlan } from './prep';
