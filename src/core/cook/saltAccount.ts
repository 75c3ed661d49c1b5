import { type CookState, eventsOf } from './state';
import { reduceEvents } from './reducer';
import { EMPTY_SAUCE, withAddition } from '../finish';
import { kg, type Message, say } from '../message';
import { type BegunPlan } from '../plan';
import { saltInSpoons } from '../season';

/** A line of the salt account. */
export interface SaltLine {
  readonly what: Message;
  readonly grams: number;
  readonly recorded: boolean;
}

/** The salt of a planned braise: its sources, and how much of it will be in the meat, g. */
export const saltPlanned = (plan: BegunPlan): { readonly salt: SaltLine[]; readonly inMeatG: number } => ({
  salt: saltLines(plan, reduceEvents(plan.input, [])),
  inMeatG: plan.salt.meat.value * plan.finished.cookedKg * 1000,
});

/** All salt from first to last: as planned until recorded. */
export function saltLines(plan: BegunPlan, state: CookState): SaltLine[] {
  return [
    ...(plan.salt.now.value > 0
      ? [
          {
            what: say('salt.line.meat'),
            grams: plan.salt.now.value * 1000,
            recorded: ['saltMeat', 'saltAhead'].some((id) => state.steps.get(id)?.how === 'done'),
          },
        ]
      : []),
    ...plan.salt.sources.map((s) => ({ what: s.name, grams: s.grams, recorded: state.intoPotMs !== undefined })),
    ...eventsOf(state.events, 'put').flatMap((e): SaltLine[] => {
      const grams = withAddition(EMPTY_SAUCE, e.act.thing, e.act.amount).saltG;
      return grams > 0
        ? [{ what: say('salt.line.put', { thing: say(`put.${e.act.thing}`) }), grams, recorded: true }]
        : [];
    }),
  ];
}

/** Grams of salt as a cook measures them: by weight, and in pinches or spoons of the kitchen's crystal. */
export function saltSays(plan: BegunPlan, grams: number): Message {
  const { crystal } = plan.input.season;
  return say('salt.asSpoons', { weight: kg(grams / 1000), spoons: saltInSpoons(grams, crystal) });
}
