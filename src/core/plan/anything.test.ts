import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checkPlanInput } from './check';
import { compareWays } from './compare';
import { scheduleFixes } from './scheduleFixes';
import {
  SPICE_TIMES,
  type BaseItem,
  HEAT_MODES,
  heatOf,
  MODES,
  type PlanInput,
  RESULTS,
  TECHNIQUES,
  type TechniqueTopic,
  singleStageSchedule,
  withHeat,
} from '../choices';
import { composePlan, makePlan } from './plan';
import { startPlan, defaultMeat } from './start';
import { AVOIDABLE, CUTS, type Fate, FATS, GARNISHES, HERBS, LID_KINDS, LIQUIDS, SIDES, SPICES } from '../larder';
import { shoppingList } from '../shopping';
import { calendarFile } from '../../exports/calendar';
import { instructions, recipeMarkdown } from '../../exports/recipe';
import { planInputSchema } from '../../contract/plan';
import { NOON_MS, OXTAIL_PLAN, TEST_KITCHEN } from '../../testing/fixtures';
import { english, US_WORDS, WORDS } from '../../testing/words';
import { rounds } from '../../testing/soak';
import { say } from '../message';
import { HOUR_MS, MINUTE_MS } from '../quantity';

const some = <T>(items: readonly T[]): fc.Arbitrary<T> => fc.constantFrom(...items);
const wayWith = (id: TechniqueTopic) => some([...TECHNIQUES[id].ways]) as fc.Arbitrary<never>;

const anyItem: fc.Arbitrary<BaseItem> = some(GARNISHES).chain((g) =>
  fc.record({
    id: fc.constant(g.id),
    kg: fc.double({ min: 0.01, max: 0.4, noNaN: true }),
    fate: some(Object.keys(g.cutMm) as Fate[]),
    when: some(['start', 'late'] as const),
  }),
);

/** Any dinner a cook could put together, sensible or not. */
const anyPlan: fc.Arbitrary<PlanInput> = fc
  .record({
    cut: some(CUTS),
    eaters: fc.integer({ min: 1, max: 14 }),
    result: some(RESULTS),
    mode: some(HEAT_MODES),
    heatShare: fc.double({ min: 0, max: 1, noNaN: true }),
    lid: some(LID_KINDS),
    items: fc.array(anyItem, { maxLength: 6 }),
    liquids: fc.uniqueArray(some(LIQUIDS.map((l) => l.id)), { maxLength: 3 }),
    litres: fc.double({ min: 0.02, max: 0.6, noNaN: true }),
    level: fc.double({ min: 0.2, max: 1.2, noNaN: true }),
    herbs: fc.uniqueArray(some(HERBS.map((h) => h.id)), { maxLength: 3 }),
    spices: fc.uniqueArray(some(SPICES.map((s) => s.id)), { maxLength: 2 }),
    fat: some(FATS),
    sides: fc.uniqueArray(some(SIDES.map((s) => s.id)), { maxLength: 3 }),
    avoid: fc.uniqueArray(some(AVOIDABLE), { maxLength: 3 }),
    cooks: fc.integer({ min: 1, max: 2 }),
    ahead: fc.boolean(),
    ways: fc.record({
      when: wayWith('saltWhen'),
      depth: wayWith('searDepth'),
      dredge: wayWith('dredge'),
      onion: wayWith('onion'),
      thicken: wayWith('thicken'),
      reduce: wayWith('reduce'),
      start: wayWith('start'),
    }),
    altitudeM: fc.integer({ min: 0, max: 3000 }),
    fixed: fc.integer({ min: -300, max: 30 }),
  })
  .map((d): PlanInput => {
    const serveAtMs = NOON_MS + 60 * HOUR_MS;
    const begun = startPlan(TEST_KITCHEN, {
      title: 'Anything',
      cutId: d.cut.id,
      eaters: d.eaters,
      serveAtMs,
      meat: defaultMeat(d.cut.id, d.eaters),
    });
    const [low, high] = MODES[d.mode].limitsC;
    return {
      ...begun,
      result: d.result,
      avoid: d.avoid,
      season: {
        ...begun.season,
        when: d.ways.when,
        spices: d.spices.map((id, i) => ({ id, grams: 3, when: SPICE_TIMES[i % SPICE_TIMES.length] ?? 'fat' })),
      },
      sear: { ...begun.sear, depth: d.ways.depth, dredge: d.ways.dredge, fatId: d.fat.id },
      base: { ...begun.base, items: d.items, onion: d.ways.onion, thicken: d.ways.thicken },
      liquid: {
        ...begun.liquid,
        level: d.level,
        parts: d.liquids.map((id, i) => ({
          id,
          litres: d.litres,
          when: i % 3 === 2 ? ('late' as const) : ('start' as const),
        })),
        reduce: d.ways.reduce,
        start: d.ways.start,
        herbs: d.herbs.map((id) => ({ id, count: 2 })),
      },
      course: singleStageSchedule(heatOf(d.mode, Math.round(low + d.heatShare * (high - low))), d.lid),
      day: {
        cooks: d.cooks,
        burners: 2,
        sides: d.sides,
        fixed: [{ task: 'meat', startMs: serveAtMs + d.fixed * MINUTE_MS }],
        ahead: d.ahead ? { fridgeByMs: serveAtMs - 21 * HOUR_MS } : null,
      },
      altitudeM: d.altitudeM,
    };
  });

/** Every number anywhere in a value. */
function numbersIn(value: unknown, out: number[] = []): number[] {
  if (typeof value === 'number') out.push(value);
  else if (typeof value === 'object' && value !== null) for (const v of Object.values(value)) numbersIn(v, out);
  return out;
}

describe('any dinner', () => {
  it('is planned whole or refused in sentences, and never breaks', () => {
    const numRuns = rounds(60, 600);
    let planned = 0;
    fc.assert(
      fc.property(anyPlan, (input) => {
        expect(planInputSchema.parse(input)).toEqual(input);
        const made = makePlan(input, { nowMs: NOON_MS, particles: 64 });
        if (!made.ok) {
          for (const f of made.faults) expect(english(f.says)).toMatch(/^.{15,}\.$/s);
          return;
        }
        planned++;
        const { plan } = made;
        expect(plan.day.ready.p10Ms).toBeLessThanOrEqual(plan.day.ready.p50Ms);
        expect(plan.day.ready.p50Ms).toBeLessThanOrEqual(plan.day.ready.p90Ms);
        expect(plan.day.startMs).toBeLessThan(plan.day.intoPotMs);
        for (const t of plan.day.tasks) expect(t.toMs, t.id).toBeLessThanOrEqual(plan.day.serveMs);
        for (const v of numbersIn([plan.liquid.water, plan.finish, plan.salt, plan.buy])) expect(v).not.toBeNaN();
        expect(plan.finished.liquidL).toBeGreaterThanOrEqual(0);
        expect(plan.finished.sauceL).toBeLessThanOrEqual(plan.finished.liquidL + 1e-9);
        for (const s of [...plan.watch, ...plan.reasons]) expect(english(s)).not.toMatch(/NaN|undefined|Infinity/);

        const said = [
          ...instructions(plan, WORDS).flatMap((s) => s.steps),
          recipeMarkdown(plan, WORDS, (ms) => new Date(ms).toISOString()),
          calendarFile(plan.day, input.title, 'x', NOON_MS, WORDS),
        ].join('\n');
        expect(said).not.toMatch(/NaN|undefined|Infinity|null/);
        const inUs =
          recipeMarkdown(plan, US_WORDS, () => 'then') +
          US_WORDS.list([...plan.watch, ...plan.reasons].map((m) => US_WORDS.say(m)));
        // Salt in a sauce is in grams per litre in every unit system.
        expect(inUs.replaceAll(/\d+ g per liter/g, '')).not.toMatch(/\d\s?(kg|g|ml|l|mm|cm|°C)\b/);
        expect(shoppingList(plan).length).toBeGreaterThan(0);
        for (const way of scheduleFixes(plan, NOON_MS)) expect(checkPlanInput(way.input, NOON_MS)).toEqual([]);
      }),
      { numRuns },
    );
    expect(planned).toBeGreaterThan(numRuns / 4);
  });

  it('can be set beside itself elsewhere without breaking', () => {
    fc.assert(
      fc.property(anyPlan, some(HEAT_MODES), (input, mode) => {
        const ways = [input, withHeat(input, heatOf(mode, MODES[mode].usualC))].map((way, i) => ({
          id: String(i),
          says: say('differs.nothing'),
          input: way,
        }));
        const { results, faults } = compareWays(ways);
        expect(results.length + faults.length).toBe(2);
      }),
      { numRuns: 12 },
    );
  });
});

describe('a number spoiled', () => {
  /** Paths of every number in an input. */
  function paths(value: unknown, at: readonly (string | number)[] = []): (readonly (string | number)[])[] {
    if (typeof value === 'number') return [at];
    if (typeof value !== 'object' || value === null) return [];
    return Object.entries(value).flatMap(([key, v]) => paths(v, [...at, Array.isArray(value) ? Number(key) : key]));
  }
  function spoiled<T>(value: T, path: readonly (string | number)[], by: number): T {
    const [key, ...rest] = path;
    if (key === undefined) return by as T;
    const copy = (Array.isArray(value) ? [...(value as unknown[])] : { ...value }) as Record<string | number, unknown>;
    copy[key] = spoiled(copy[key], rest, by);
    return copy as T;
  }
  const input: PlanInput = {
    ...OXTAIL_PLAN,
    base: { ...OXTAIL_PLAN.base, items: [{ id: 'onion', kg: 0.3, fate: 'melt', when: 'start' }] },
    season: { ...OXTAIL_PLAN.season, spices: [{ id: 'cumin', grams: 3, when: 'fat' }] },
    prepare: { ...OXTAIL_PLAN.prepare },
  };
  // Pots and pans come from the kitchen, whose schema guards them.
  const typed = paths(input).filter(
    ([first, second]) =>
      !['pan', 'sear'].includes(String(first)) && `${String(first)}.${String(second)}` !== 'pot.massKg',
  );

  it.each(typed.map((path) => [path.join('.'), path] as const))(
    '%s is refused or planned, never a crash',
    (_, path) => {
      for (const by of [Number.NaN, -1, 0, 1e9, Infinity]) {
        const made = makePlan(spoiled(input, path, by), { nowMs: NOON_MS, particles: 0 });
        if (!made.ok) for (const f of made.faults) expect(english(f.says)).toMatch(/\.$/);
      }
    },
  );

  it.each([
    ['meat.massKg', 0],
    ['eaters', Number.NaN],
    ['course.0.heat.tempC', 600],
    ['liquid.level', 9],
    ['serveAtMs', Number.NaN],
    ['confidence', 1],
    ['altitudeM', -5],
    ['finish.sauceLPerPlate', 0],
  ] as const)('%s = %d has a fault of its own', (path, by) => {
    const faults = checkPlanInput(spoiled(input, path.split('.'), by), NOON_MS);
    expect(faults.map((f) => f.field)).toContain(path);
  });
});

it('the particles make a plan wider, not another', () => {
  const wide = composePlan(OXTAIL_PLAN, 256);
  const line = composePlan(OXTAIL_PLAN, 0);
  if (!wide.ok || !line.ok) throw new Error('no plan');
  const at = (p: typeof wide.plan): number => (p.day.ready.p50Ms - p.day.intoPotMs) / MINUTE_MS;
  expect(Math.abs(at(wide.plan) / at(line.plan) - 1)).toBeLessThan(0.1);
  expect(line.plan.day.ready.p10Ms).toBe(line.plan.day.ready.p90Ms);
});
