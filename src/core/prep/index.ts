export { canRoll, partsAsCooked, prepPlan, type PrepPlan, type PrepStep } from './prep';
