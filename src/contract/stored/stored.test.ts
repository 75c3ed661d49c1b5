import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { LOG_SNAPSHOT } from './logSnapshot';
import { ACT, readEvent, sentEventSchema } from './act';
import { PLAN_AT_START, planAtStartText, readPlanAtStart } from './planAtStart';
import { migrationChain, VersionError } from './migrations';
import { FILE } from './file';
import { KITCHEN } from './kitchen';
import { PLAN_INPUT } from './planInput';
import { CURRENT_VERSION } from './versions';
import * as z from 'zod';
import { readFile } from '../files';
import { fromWire, toWire } from '../wire';
import { kitchenSchema } from '../kitchen';
import { planInputSchema } from '../plan';
import { garnishById } from '../../core/larder';
import { type CookEvent, guide, reduceEvents } from '../../core/cook';
import { type PlanInput } from '../../core/choices';
import { type BegunPlan, composePlan, finishedFigures, finishSteps, type Plan } from '../../core/plan';
import { stepsOf } from '../../core/steps';
import { cookView } from '../../engine/views';
import { savedSnapshot } from '../../engine/savedSnapshot';
import { FIRST_INPUT, NOON_MS, OXTAIL_PLAN } from '../../testing/fixtures';
import { english } from '../../testing/words';
import { HOUR_MS, MINUTE_MS } from '../../core/quantity';

const FOLDER = new URL('../../testing/stored/', import.meta.url);
const kept = (name: string): string => readFileSync(new URL(name, FOLDER), 'utf8');

it('what screens write is of the version its chain ends at', () => {
  expect(CURRENT_VERSION).toEqual({ record: ACT.version, plan: PLAN_INPUT.version });
});

describe('a chain', () => {
  const chain = migrationChain('file', z.strictObject({ c: z.number() }), [
    ({ a }) => ({ b: Number(a) + 1 }),
    ({ b }) => ({ c: Number(b) * 10 }),
  ]);

  it('goes from any version to the present, a step at a time', () => {
    expect(chain.version).toBe(3);
    expect([chain.read({ a: 1 }, 1), chain.read({ b: 1 }, 2), chain.read({ c: 1 }, 3)]).toEqual([
      { c: 20 },
      { c: 10 },
      { c: 1 },
    ]);
  });

  it('refuses a version it does not know and what is not as its version says', () => {
    for (const version of [0, 4, 1.5, Number.NaN]) expect(() => chain.read({ c: 1 }, version)).toThrow(VersionError);
    expect(() => chain.read({ c: 1 }, 2)).toThrow(z.ZodError);
    expect(() => chain.read('c', 3)).toThrow(z.ZodError);
  });
});

describe('files kept from each version', () => {
  it.each(readdirSync(FOLDER).filter((f) => !f.startsWith('kitchen')))('%s is read', (name) => {
    const read = readFile(kept(name));
    if (!read.ok) throw new Error(english(read.says));
    expect(planInputSchema.parse(read.file.input)).toEqual(read.file.input);
    expect(read.file.version).toBe(FILE.version);
    expect(read.file.inputVersion).toBe(PLAN_INPUT.version);
  });

  it('there is one of every version there has been, of plans and of braises', () => {
    const files = readdirSync(FOLDER);
    for (let version = 1; version < FILE.version; version++) {
      expect(files).toContain(`plan.v${String(version)}.json`);
      expect(files).toContain(`cook.v${String(version)}.json`);
    }
    for (let version = 1; version < KITCHEN.version; version++) {
      expect(files).toContain(`kitchen.v${String(version)}.json`);
    }
  });

  it('of the first version keep what they said and invent nothing to pour', () => {
    const read = readFile(kept('plan.v1.json'));
    if (!read.ok) throw new Error(english(read.says));
    const { input } = read.file;
    expect(input.meat).toMatchObject(FIRST_INPUT.meat);
    expect(input.liquid).toMatchObject({ level: 0.6, parts: [], herbs: [] });
    expect(input.course).toEqual([{ heat: FIRST_INPUT.heat, lid: 'heavy', until: { kind: 'end' } }]);
    expect(input.base.items.map((i) => i.kg)).toEqual([0.2, 0.12, 0.08]);
    expect(input.pan).toMatchObject({ shape: 'round', lengthMm: 280, widthMm: 280 });
    expect(input.season.gramsPerKg).toBe(10);
  });

  it('of the second keep what was held, now fixed, and what was cooked ahead; an early one has neither', () => {
    const late = readFile(kept('plan.v2.json'));
    expect(late.ok && late.file.input.day.fixed).toEqual([{ task: 'meat', startMs: NOON_MS + HOUR_MS }]);
    expect(late.ok && late.file.input.day.ahead).toEqual({ fridgeByMs: NOON_MS - 13 * HOUR_MS });
    const early = readFile(kept('plan.v2-early.json'));
    expect(early.ok && early.file.input.day).toEqual({ cooks: 1, burners: 1, sides: [], fixed: [], ahead: null });
  });

  it('of the fourth keep the salt of a filling, and put spices where they went', () => {
    const fourth = readFile(kept('plan.v3-input4.json'));
    if (!fourth.ok) throw new Error(english(fourth.says));
    const { prepare, season, base, liquid } = fourth.file.input;
    const [filling] = prepare.filling?.items ?? [];
    expect([filling?.kg, garnishById(filling?.id ?? '').saltGPerKg]).toEqual([0.24, 9]);
    expect(season.spices).toEqual([{ id: 'paprika', grams: 6, when: 'fat' }]);
    expect(base.lies).toBe('among');
    expect(liquid.parts.every((p) => p.when === 'start')).toBe(true);
    const kitchen = KITCHEN.read(JSON.parse(kept('kitchen.v4.json')), 4);
    expect(kitchen.own).toEqual([]);
    expect(kitchen.kinds[0]?.spices.map((s) => s.when)).toEqual(['fat']);
  });

  it('have their forks twist, not turn, while pieces still turn', () => {
    for (const name of ['cook.v1.json', 'cook.v2.json']) {
      const read = readFile(kept(name));
      if (!read.ok || read.file.format !== 'even-ember/braise') throw new Error(name);
      const acts = read.file.events.map((e) => e.act);
      expect(acts.flatMap((a) => (a.kind === 'fork' ? [a.stage] : []))).toEqual(['gives', 'twists']);
      expect(acts.filter((a) => a.kind === 'turned')).toHaveLength(1);
      expect(acts).toHaveLength(12);
    }
  });

  it('say which part is of a version from later on', () => {
    const today = { format: 'even-ember/plan', version: 3, inputVersion: PLAN_INPUT.version, input: OXTAIL_PLAN };
    const part = (change: object) => readFile(JSON.stringify({ ...today, ...change }));
    expect(part({}).ok).toBe(true);
    const newer = part({ inputVersion: 99 });
    expect(!newer.ok && english(newer.says)).toMatch(/99.*\b6\b/);
    const damaged = part({ input: { ...OXTAIL_PLAN, bare: 'cling film' } });
    expect(!damaged.ok && english(damaged.says)).toContain('input.bare');
  });
});

describe('a kitchen', () => {
  it('kept before burners and pans were told apart has both, of the plainest sort', () => {
    const kitchen = KITCHEN.read(JSON.parse(kept('kitchen.v1.json')), 1);
    expect(kitchen.burners).toEqual([{ id: 'b', name: 'B', kind: 'gas', powerW: 2000 }]);
    expect(kitchen.pans[0]).toMatchObject({ shape: 'round', lengthMm: 280 });
    expect(kitchen).toMatchObject({ habits: {}, kinds: [], timeZone: null });
  });

  it('without burners gets one, and its patterns are kinds', () => {
    const bare = { ...(JSON.parse(kept('kitchen.v1.json')) as object), burners: [] };
    expect(KITCHEN.read(bare, 1).burners).toHaveLength(1);
    const second = KITCHEN.read(JSON.parse(kept('kitchen.v2.json')), 2);
    expect(second.kinds.map((k) => k.name)).toEqual(['Harbour base']);
    expect(second.habits).toEqual({ onion: 'deep' });
    expect(kitchenSchema.parse(second)).toEqual(second);
  });
});

describe('an event', () => {
  const id = '0f8fad5b-d9cb-469f-a165-708677289511';
  const event = (stage: string) => ({ id, atMs: NOON_MS, act: { kind: 'fork', stage } });

  it('is read by the version it was made in', () => {
    expect(readEvent(event('turns'), 1).act).toEqual({ kind: 'fork', stage: 'twists' });
    expect(readEvent(event('twists'), ACT.version).act).toEqual({ kind: 'fork', stage: 'twists' });
    expect(() => readEvent(event('turns'), ACT.version)).toThrow(z.ZodError);
  });

  it('from a page that was open since before events said their version is still taken', () => {
    expect(sentEventSchema.parse(event('turns')).act).toEqual({ kind: 'fork', stage: 'twists' });
    expect(sentEventSchema.parse({ ...event('gives'), actVersion: ACT.version }).id).toBe(id);
    expect(sentEventSchema.safeParse({ ...event('gives'), actVersion: ACT.version + 1 }).success).toBe(false);
    expect(sentEventSchema.safeParse({ ...event('gives'), admin: true }).success).toBe(false);
    expect(sentEventSchema.safeParse('gives').success).toBe(false);
  });
});

describe('what a braise was promised at its start', () => {
  const IN_THE_POT: CookEvent = { id: 'a', cookId: 'c', atMs: NOON_MS, act: { kind: 'intoPot' } };
  const OFF_THE_HEAT: CookEvent = { id: 'b', cookId: 'c', atMs: NOON_MS + HOUR_MS / 2, act: { kind: 'offHeat' } };

  const AHEAD: PlanInput = {
    ...OXTAIL_PLAN,
    day: { ...OXTAIL_PLAN.day, sides: ['mash'], ahead: { fridgeByMs: OXTAIL_PLAN.serveAtMs - 12 * HOUR_MS } },
  };
  const SIMMERED: PlanInput = {
    ...OXTAIL_PLAN,
    course: [{ heat: { kind: 'simmer', tempC: 95 }, lid: 'ajar', until: { kind: 'end' } }],
  };
  const planFor = (input: PlanInput): Plan => {
    const made = composePlan(input, 64);
    if (!made.ok) throw new Error('It cannot be planned.');
    return made.plan;
  };
  const stored = (version: number): string =>
    readFileSync(new URL(`../../testing/begun.v${String(version)}.json`, import.meta.url), 'utf8');
  const read = (version: number, input = OXTAIL_PLAN) => readPlanAtStart(stored(version), version, input);

  it.each([OXTAIL_PLAN, AHEAD, SIMMERED])('is all that its evening needs of the plan', (input) => {
    const plan = planFor(input);
    const text = planAtStartText(plan);
    const begun = readPlanAtStart(text, PLAN_AT_START.version, input);
    expect(planAtStartText(begun)).toBe(text);
    expect(text.length).toBeLessThan(toWire(plan).length / 2);
    expect(finishedFigures(begun)).toEqual(finishedFigures(plan));
    const { live } = cookView(
      { id: input.title, planId: null, input, events: [], createdAtMs: 0, begun: null },
      NOON_MS,
    );
    for (const events of [[], [IN_THE_POT], [IN_THE_POT, OFF_THE_HEAT]]) {
      const state = reduceEvents(input, events);
      const nowMs = IN_THE_POT.atMs + HOUR_MS;
      expect(guide(begun, state, live, nowMs)).toEqual(guide(plan, state, live, nowMs));
    }
  });

  it('stays as it is whatever else a plan gets or loses', () => {
    const plan = planFor(OXTAIL_PLAN);
    const later = { ...plan, smell: 4, salt: { ...plan.salt, shade: 'grey' }, energy: undefined, reasons: undefined };
    expect(planAtStartText(later)).toBe(planAtStartText(plan));
  });

  it('is refused where a figure is missing or is none', () => {
    const { salt, day, ...rest } = JSON.parse(planAtStartText(planFor(OXTAIL_PLAN))) as Record<string, object>;
    const text = (change: object): string => JSON.stringify({ ...rest, salt, day, ...change });
    const readText = (t: string) => readPlanAtStart(t, PLAN_AT_START.version, OXTAIL_PLAN);
    expect(readText(text({})).input).toEqual(OXTAIL_PLAN);
    for (const change of [{ salt: undefined }, { liquidL: '2' }, { day: { ...day, serveMs: null } }]) {
      expect(() => readText(text(change))).toThrow(z.ZodError);
    }
  });

  it('is read from a whole plan of version 9, whatever the present model makes of it', () => {
    const old = fromWire(stored(9)) as Plan;
    const begun = read(9, AHEAD);
    expect(begun.day.spans).toEqual(old.day.spans);
    expect(begun.salt.now).toEqual(old.salt.now);
    expect(begun.ahead?.reheating).toMatchObject({ ovenMin: old.ahead?.reheating.ovenMin, ovenC: 160 });
    expect(begun.pot.levelStartMm).toBe(old.pot.levelStartMm);
    expect('course' in begun || 'reasons' in begun).toBe(false);
  });

  it('is warmed on the burner alone where version 6 promised no oven', () => {
    const ninth = fromWire(stored(9)) as { readonly ahead: { readonly reheating: object } };
    const { minutes } = read(9, AHEAD).ahead?.reheating ?? {};
    const sixth = toWire({ ...ninth, ahead: { ...ninth.ahead, reheating: { minutes, sauceMin: 3, powerW: 900 } } });
    const begun = readPlanAtStart(sixth, 6, AHEAD);
    expect(begun.ahead?.reheating).toEqual({ minutes, ovenMin: null, ovenC: null });
    const warmed = (of: BegunPlan) => finishSteps(of).find((s) => s.part === 'warm')?.says.code;
    expect([warmed(begun), warmed(read(9, AHEAD))]).toEqual(['finish.warmOnHob', 'finish.warm']);
  });

  it('of version 3 had a round pot and one heat, of version 2 the hob apart', () => {
    const third = read(3);
    expect(third.pot).toMatchObject({ shape: 'round', lengthMm: OXTAIL_PLAN.pot.lengthMm });
    expect(third.stages).toHaveLength(1);
    expect(third.stages[0]?.toMin).toBeCloseTo((third.day.ready.p50Ms - third.day.intoPotMs) / MINUTE_MS, 6);
    expect(third.dayQuestion.work.stages).toHaveLength(1);
    const old = fromWire(stored(3)) as { readonly day: object };
    const second = readPlanAtStart(toWire({ ...old, day: { ...old.day, lightBurnerMs: 5 } }), 2, OXTAIL_PLAN);
    expect(planAtStartText(second)).toBe(planAtStartText(third));
  });

  it('of version 4 poured nothing late, of version 5 thickened nothing early', () => {
    expect(read(4).liquid.late).toEqual([]);
    expect(read(4).pot.groups.map((g) => g.bottomMm)).toEqual([0]);
    expect(read(5).finished.starchG).toBe(0);
  });

  it.each([3, 4, 5, 9])('of version %i still has an evening: its steps are known and in order', (version) => {
    const begun = read(version, version === 9 ? AHEAD : OXTAIL_PLAN);
    const ids = stepsOf(begun).map((s) => s.id);
    expect(ids.indexOf('meatBack')).toBeGreaterThan(0);
    expect(ids.indexOf('plate')).toBeGreaterThan(ids.indexOf('offHeat'));
    expect(new Set(ids).size).toBe(ids.length);
  });
});

describe('the account of a braise', () => {
  it('kept nothing of its sauce before', () => {
    const { account } = savedSnapshot(
      { id: 'c', planId: 'p', input: OXTAIL_PLAN, events: [], createdAtMs: NOON_MS, begun: null },
      undefined,
      'then',
    );
    const first: Record<string, unknown> = JSON.parse(JSON.stringify(account)) as Record<string, unknown>;
    delete first['sauce'];
    expect(LOG_SNAPSHOT.read(first, 1)).toEqual({ ...first, sauce: null });
  });
});
