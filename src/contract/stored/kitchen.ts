import { KITCHEN_STEPS } from './frozen/kitchenSteps';
import { migrationChain } from './migrations';
import { kitchenSchema } from '../kitchen';

/** The stored shape of a kitchen. */
export const KITCHEN = migrationChain('kitchen', kitchenSchema, KITCHEN_STEPS);
