export {
  COOLING_RULES,
  type CoolingLimit,
  type CoolingRule,
  FREEZER_MONTHS,
  SAFETY_LIMITS,
  type SafetyLimits,
  safetyParams,
} from './safety';
