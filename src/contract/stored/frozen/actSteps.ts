import { type Step, unchanged } from './step';
import { stepIdFrom4 } from './stepIds';

/** Version 1 called the fork-tender stage "turns", a word also used for pieces; 2 calls it "twists". */
const twistsNotTurns: Step = (act) =>
  act.kind === 'fork' && act.stage === 'turns' ? { ...act, stage: 'twists' } : act;

/** Version 2 had no steps, timers or problems; everything else is unchanged. */
const stepsAndTimers = unchanged;

/** Version 3 had no keeping warm, sauce, serving or leftovers; everything else is unchanged. */
const afterTheHeat = unchanged;

/** Version 4 named steps after their wording and their place in a list; 5 by what they are. */
const stepsByIdentity: Step = (act) => {
  if (act.kind === 'step' && typeof act.step === 'string') return { ...act, step: stepIdFrom4(act.step) };
  if (act.kind === 'timer' && typeof act.timer === 'string') return { ...act, timer: stepIdFrom4(act.timer) };
  return act;
};

export const ACT_STEPS: readonly Step[] = [twistsNotTurns, stepsAndTimers, afterTheHeat, stepsByIdentity];
