import { kg, listParam, type Message, mm, nameOf, noun, say } from '../message';
import { type BegunPlan } from '../plan';

/** Several items as one sentence. */
export const all = (things: readonly Message[], join: 'comma' | 'semicolon' = 'comma'): Message =>
  say('step.list', { things: listParam(things, join) });

/** An amount of something, with its cut size if it has one. */
export const thing = (name: Message, kilos: number, cutMm?: number): Message =>
  kilos > 0
    ? cutMm === undefined
      ? say('step.amount', { thing: name, weight: kg(kilos) })
      : say('step.amountCut', { thing: name, weight: kg(kilos), edge: mm(cutMm) })
    : name;

/** The herbs that go in then. */
export function herbList({ liquid }: BegunPlan, when: 'start' | 'halfway' | 'end'): Message {
  return all(
    liquid.herbs.lines
      .filter((l) => l.herb.when === when)
      .map((l) =>
        say('step.herb', { count: l.count, unit: noun(l.herb.unit, l.count), herb: nameOf('herb', l.herb.id) }),
      ),
  );
}
