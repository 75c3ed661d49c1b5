export { basePlan, lateMinutes, type BasePlan, type BaseStep, FORGOTTEN, usualBase } from './base';
