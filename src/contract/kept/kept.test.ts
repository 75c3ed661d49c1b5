import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { ACCOUNT } from './account';
import { ACT, readEvent, sentEventSchema } from './act';
import { BEGUN_PLAN, begunPlanText, readBegunPlan } from './begunPlan';
import { chainOf, VersionError } from './chain';
import { FILE } from './file';
import { KITCHEN } from './kitchen';
import { PLAN_INPUT } from './planInput';
import { PRESENT } from './versions';
import * as z from 'zod';
import { readFile } from '../files';
import { fromWire, toWire } from '../wire';
import { kitchenSchema } from '../kitchen';
import { planInputSchema } from '../plan';
import { garnishById } from '../../core/larder';
import { hashOf } from '../../core/numbers';
import { composePlan, type Plan } from '../../core/plan';
import { keptAccount } from '../../engine/keptAccount';
import { scheduleDay } from '../../core/schedule';
import { FIRST_INPUT, NOON_MS, OXTAIL_PLAN } from '../../testing/fixtures';
import { english } from '../../testing/words';
import { HOUR_MS, MINUTE_MS } from '../../core/quantity';

const FOLDER = new URL('../../testing/kept/', import.meta.url);
const kept = (name: string): string => readFileSync(new URL(name, FOLDER), 'utf8');

it('what screens write is of the version its chain ends at', () => {
  expect(PRESENT).toEqual({ record: ACT.version, plan: PLAN_INPUT.version });
});

describe('a chain', () => {
  const chain = chainOf('file', z.strictObject({ c: z.number() }), [
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

describe('the plan a braise was begun with', () => {
  /** The names of all its fields, at any depth. */
  function fields(data: unknown, into = new Set<string>(), path = ''): ReadonlySet<string> {
    if (Array.isArray(data)) for (const part of data) fields(part, into, `${path}[]`);
    else if (typeof data === 'object' && data !== null) {
      // What words fill in is named by the words.
      for (const [key, part] of Object.entries(data)) if (key !== 'params') fields(part, into, `${path}.${key}`);
    } else into.add(path);
    return into;
  }

  it('comes back as it was, and has a version of its own for whatever fields plans have', () => {
    const ahead = { ...OXTAIL_PLAN.day, ahead: { fridgeByMs: OXTAIL_PLAN.serveAtMs - 12 * HOUR_MS } };
    const made = [OXTAIL_PLAN, { ...OXTAIL_PLAN, day: ahead }].map((input) => composePlan(input, 64));
    const texts = made.flatMap((r) => (r.ok ? [begunPlanText(r.plan)] : []));
    expect(texts).toHaveLength(2);
    for (const text of texts) expect(begunPlanText(readBegunPlan(text, BEGUN_PLAN.version))).toBe(text);
    const all = [...fields(texts.map(fromWire))].sort().join('\n');
    // When this fails a plan has other fields than before: raise the version by a step that fills them in.
    expect([BEGUN_PLAN.version, hashOf(all)]).toEqual([8, 2727792128]);
  });

  it('of version 3 had a round pot and one heat, of version 2 the hob apart', () => {
    const text = readFileSync(new URL('../../testing/begun.v3.json', import.meta.url), 'utf8');
    const third = readBegunPlan(text, 3);
    expect(third.input.course).toEqual(OXTAIL_PLAN.course);
    expect(third.pot).toMatchObject({ shape: 'round', lengthMm: OXTAIL_PLAN.pot.lengthMm });
    expect(third.stages).toHaveLength(1);
    expect(third.stages[0]?.toMin).toBeCloseTo((third.day.ready.p50Ms - third.day.intoPotMs) / MINUTE_MS, 6);
    expect(scheduleDay(third.dayQuestion).intoPotMs).toBe(third.day.intoPotMs);
    const old = fromWire(text) as { readonly day: object };
    const second = readBegunPlan(toWire({ ...old, day: { ...old.day, lightBurnerMs: 5 } }), 2);
    expect(begunPlanText(second)).toBe(begunPlanText(third));
  });

  it('has an account that kept nothing of its sauce before', () => {
    const { account } = keptAccount(
      { id: 'c', planId: 'p', input: OXTAIL_PLAN, events: [], createdAtMs: NOON_MS, begun: null },
      undefined,
      'then',
    );
    const first: Record<string, unknown> = JSON.parse(JSON.stringify(account)) as Record<string, unknown>;
    delete first['sauce'];
    expect(ACCOUNT.read(first, 1)).toEqual({ ...first, sauce: null });
  });

  it('of version 7 did not say what would stand in the pot at its line, nor what steams away when', () => {
    const made = composePlan(OXTAIL_PLAN, 64);
    if (!made.ok) throw new Error('It cannot be planned.');
    const { lineL, steamLPerHour } = made.plan.course;
    const course = Object.fromEntries(
      Object.entries(made.plan.course).filter(([name]) => name !== 'lineL' && name !== 'steamLPerHour'),
    );
    const read = readBegunPlan(toWire({ ...made.plan, course }), 7);
    expect(read.course.lineL).toHaveLength(made.plan.course.minutes.length);
    expect(read.course.lineL[0]).toBeCloseTo(made.plan.course.lineL[0] ?? 0, 1);
    expect(Math.max(...steamLPerHour) / (read.course.steamLPerHour[9] ?? 0)).toBeLessThan(3);
    expect({ ...read.course, lineL, steamLPerHour }).toEqual(made.plan.course);
  });

  it('of version 6 warmed a braise cooked ahead on the burner alone', () => {
    const day = { ...OXTAIL_PLAN.day, ahead: { fridgeByMs: OXTAIL_PLAN.serveAtMs - 12 * HOUR_MS } };
    const made = composePlan({ ...OXTAIL_PLAN, day }, 64);
    if (!made.ok || !made.plan.ahead) throw new Error('It is not cooked ahead.');
    const { reheating, figures, ...ahead } = made.plan.ahead;
    const without = (of: object, ...names: readonly string[]) =>
      Object.fromEntries(Object.entries(of).filter(([name]) => !names.includes(name)));
    const sixth = {
      ...made.plan,
      ahead: {
        ...ahead,
        reheating: without(reheating, 'ovenMin', 'ovenC'),
        figures: without(figures, 'reheatOven'),
      },
    };
    expect(readBegunPlan(toWire(sixth), 6).ahead).toEqual(made.plan.ahead);
    expect(readBegunPlan(toWire({ ...made.plan, ahead: null }), 6).ahead).toBeNull();
  });

  it('of version 5 knew one limit of cooling', () => {
    const fifth = readBegunPlan(readFileSync(new URL('../../testing/begun.v5.json', import.meta.url), 'utf8'), 5);
    expect(fifth.input).toEqual(OXTAIL_PLAN);
    expect(fifth.input.keeping.rule).toBe('us');
    expect(fifth.finished.starchG).toBe(0);
  });

  it('of version 4 poured nothing late', () => {
    const fourth = readBegunPlan(readFileSync(new URL('../../testing/begun.v4.json', import.meta.url), 'utf8'), 4);
    expect(fourth.input).toEqual(OXTAIL_PLAN);
    expect(fourth.liquid.late).toEqual([]);
    expect(fourth.pot.groups.map((g) => g.bottomMm)).toEqual([0]);
  });

  it('of version 1 knows of no pot that runs dry', () => {
    const third = fromWire(readFileSync(new URL('../../testing/begun.v3.json', import.meta.url), 'utf8')) as Plan;
    const forecast = Object.fromEntries(Object.entries(third.forecast).filter(([key]) => key !== 'dry'));
    const read = readBegunPlan(toWire({ ...third, forecast }), 1);
    expect(read.forecast.dry).toEqual({ chance: 0, p50: Infinity });
    expect(read.forecast.etas).toEqual(third.forecast.etas);
  });
});
