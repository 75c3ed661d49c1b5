export { canRoll, prepPlan, type PrepPlan } from './prep';
