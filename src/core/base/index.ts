export { basePlan, type BasePlan, type BaseStep, FORGOTTEN, usualBase } from './base';
