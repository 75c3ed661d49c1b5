import { type UnitChoice } from '@/core/quantity/units';

/** The units screens show. */
export const METRIC: UnitChoice = { weight: 'metric', temperature: 'C' };
