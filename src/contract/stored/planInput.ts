import { PLAN_INPUT_STEPS } from './frozen/planInputSteps';
import { migrationChain } from './migrations';
import { planInputSchema } from '../plan';

/** A plan's input as stored with plans and braises, in drafts and in files. */
export const PLAN_INPUT = migrationChain('plan', planInputSchema, PLAN_INPUT_STEPS);
