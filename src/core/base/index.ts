export { basePlan, lateMinutes, type BasePlan, type BaseStep, FORGOTTEN, defaultBase } from './base';
