import { type Step } from './step';

/** Version 1 had no sauce. */
const sauce: Step = (account) => ({ ...account, sauce: null });

export const LOG_SNAPSHOT_STEPS: readonly Step[] = [sauce];
