import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { batchOf, stepsOf } from '.';
import { stepIdFrom4 } from '../../contract/stored/frozen/stepIds';
import { BRAISES } from '../../testing/braises';
import { type PlanInput } from '../choices';
import { composePlan, type Plan } from '../plan';

function planned(input: PlanInput): Plan {
  const made = composePlan(input, 0);
  if (!made.ok) throw new Error(input.title);
  return made.plan;
}

const idsOf = (plan: Plan): string[] => stepsOf(plan).map((s) => s.id);

/** The same value with every message's code replaced. */
function reworded<T>(value: T): T {
  if (Array.isArray(value)) return value.map(reworded) as T;
  if (typeof value !== 'object' || value === null || ArrayBuffer.isView(value) || value instanceof Map) return value;
  const entries = Object.entries(value).map(([key, part]) => [
    key,
    key === 'code' && typeof part === 'string' ? `reworded.${part}` : reworded(part as unknown),
  ]);
  return Object.fromEntries(entries) as T;
}

/** The input with every list in an order of `of`'s choosing; heat phases are a sequence and stay one. */
function shuffled(input: PlanInput, of: <T>(list: readonly T[]) => T[]): PlanInput {
  const { base, liquid, season, day } = input;
  return {
    ...input,
    also: of(input.also),
    avoid: of(input.avoid),
    base: { ...base, items: of(base.items) },
    liquid: { ...liquid, parts: of(liquid.parts), herbs: of(liquid.herbs) },
    season: { ...season, spices: of(season.spices) },
    day: { ...day, sides: of(day.sides), fixed: of(day.fixed) },
  };
}

describe('a step’s identity', () => {
  it.each(BRAISES.map((input) => [input.title, input] as const))(
    '%s: is its own, whatever the step says and wherever it stands in a list',
    (_, input) => {
      const plan = planned(input);
      const ids = idsOf(plan);
      expect(new Set(ids).size).toBe(ids.length);
      expect(idsOf(reworded(plan))).toEqual(ids);
      fc.assert(
        fc.property(fc.infiniteStream(fc.nat()), (numbers) => {
          const of = <T>(list: readonly T[]): T[] =>
            list
              .map((item) => ({ item, at: numbers.next().value as number }))
              .sort((a, b) => a.at - b.at)
              .map(({ item }) => item);
          expect(idsOf(planned(shuffled(input, of))).sort()).toEqual([...ids].sort());
        }),
        { numRuns: 2 },
      );
    },
  );

  it('is found again from the ids of old records, but for the trims of further cuts', () => {
    const file = new URL('../../testing/stepIds.v4.json', import.meta.url);
    const old = JSON.parse(readFileSync(file, 'utf8')) as Readonly<Record<string, readonly string[]>>;
    expect(Object.keys(old)).toHaveLength(BRAISES.length);
    for (const input of BRAISES) {
      const ids = idsOf(planned(input));
      const found = (old[input.title] ?? []).map(stepIdFrom4);
      expect(found.filter((id) => !ids.includes(id))).toEqual([]);
      expect(ids.filter((id) => !found.includes(id) && !/^prep:\w+:/.test(id))).toEqual([]);
    }
  });

  it('tells the batch in the pan', () => {
    expect([batchOf('lay:2'), batchOf('face:3:1'), batchOf('back:1'), batchOf('heat:1'), batchOf('bottom')]).toEqual([
      2,
      3,
      1,
      undefined,
      undefined,
    ]);
  });
});
