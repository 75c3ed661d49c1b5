import { beforeAll, describe, expect, it } from 'vitest';
import { HEAT_MODES } from '../choices';
import { compareWays, difference, type ComparedPlan, type WayResult, waysToCompare } from './compare';
import { composePlan } from './plan';
import { OXTAIL_PLAN, heated } from '../../testing/fixtures';
import { english, WORDS } from '../../testing/words';
import { type Code, listParam, litres, minutes, type Param, say, share } from '../message';
import { saying } from '../../testing/saying';
import { MINUTE_MS } from '../quantity';

describe('ways to compare', () => {
  it('begins with the plan as it is and offers nothing that is the same', () => {
    const ways = waysToCompare(heated(OXTAIL_PLAN, { kind: 'oven', tempC: 150, fan: true }), ['still', 'simmer']);
    expect(ways.map((w) => w.id)).toEqual(expect.arrayContaining(['plan', 'oven130', 'oven170', 'stove']));
    expect(ways.map((w) => w.id)).not.toContain('oven150');
    expect(english(ways.find((w) => w.id === 'oven130')?.says)).toBe('oven 130 °C, fan');
    expect(new Set(ways.map((w) => JSON.stringify(w.input))).size).toBe(ways.length);
  });

  it('takes the kitchen’s oven when the plan is for the stove', () => {
    const ways = waysToCompare(heated(OXTAIL_PLAN, { kind: 'simmer', tempC: 93 }), ['still', 'simmer']);
    expect(ways.find((w) => w.id === 'oven150')?.input.course[0]?.heat).toEqual({
      kind: 'oven',
      tempC: 150,
      fan: false,
    });
  });
});

describe('ways compared', () => {
  let ways: ComparedPlan[] = [];
  let results: readonly WayResult[] = [];
  const of = (id: string): WayResult => {
    const found = results.find((r) => r.way.id === id);
    if (!found) throw new Error(`No result for ${id}`);
    return found;
  };
  const potMin = (r: WayResult): number => (r.ready.p50Ms - r.intoPotMs) / MINUTE_MS;

  beforeAll(() => {
    ways = waysToCompare(heated(OXTAIL_PLAN, { kind: 'oven', tempC: 150, fan: true }), HEAT_MODES);
    ({ results } = compareWays(ways));
  });

  it('plans every one of them for the same plate time', () => {
    expect(results.map((r) => r.way.id)).toEqual(ways.map((w) => w.id));
    for (const r of results) {
      expect(r.serveMs).toBe(OXTAIL_PLAN.serveAtMs);
      expect(r.startMs).toBeLessThan(r.intoPotMs);
      expect(r.moisture).toBeGreaterThan(0.4);
      expect(r.moisture).toBeLessThan(0.75);
    }
  });

  it('takes longer in a low oven, but not much shorter in a hot one: the pot boils', () => {
    expect(potMin(of('oven130'))).toBeGreaterThan(potMin(of('plan')));
    const saved = potMin(of('plan')) - potMin(of('oven170'));
    expect(saved).toBeGreaterThan(0);
    expect(saved).toBeLessThan(0.2 * potMin(of('plan')));
  });

  it('steams off more the hotter the oven', () => {
    expect(of('oven130').steamedL).toBeLessThan(of('plan').steamedL);
    expect(of('plan').steamedL).toBeLessThan(of('oven170').steamedL);
    expect(of('oven170').steamedL).toBeGreaterThan(of('oven170').pouredL);
    expect(of('oven170').topUpL).toBeCloseTo(0.1 * OXTAIL_PLAN.eaters - of('oven170').leftL, 6);
    expect(of('stove').topUpL).toBe(0);
  });

  it('says the difference in a sentence, and nothing where there is none', () => {
    expect(english(difference(of('plan'), of('oven130')))).toMatch(saying('differs.inPot.more'));
    expect(english(difference(of('oven130'), of('plan')))).toMatch(saying('differs.steam.more'));
    expect(english(difference(of('plan'), of('plan')))).toBe(WORDS.text('differs.nothing'));
  });

  it('names what differs enough to notice, each in its own measure, and by how much', () => {
    const base = of('plan');
    const moved = (min: number): WayResult => ({
      ...base,
      ready: { ...base.ready, p50Ms: base.ready.p50Ms + min * MINUTE_MS },
    });
    const cases: readonly (readonly [less: WayResult, more: WayResult, code: Code, by: Param])[] = [
      [moved(4), moved(7), 'differs.inPot.more', minutes(7)],
      [
        { ...base, ready: { ...base.ready, p90Ms: base.ready.p90Ms - 4 * MINUTE_MS } },
        { ...base, ready: { ...base.ready, p90Ms: base.ready.p90Ms - 8 * MINUTE_MS } },
        'differs.window.less',
        minutes(8),
      ],
      [
        { ...base, goodForMin: base.goodForMin + 4 },
        { ...base, goodForMin: base.goodForMin + 6 },
        'differs.good.more',
        minutes(6),
      ],
      [
        { ...base, steamedL: base.steamedL - 0.02 },
        { ...base, steamedL: base.steamedL - 0.04 },
        'differs.steam.less',
        litres(0.04),
      ],
      [
        { ...base, handsOnMin: base.handsOnMin + 4 },
        { ...base, handsOnMin: base.handsOnMin + 9 },
        'differs.hands.more',
        minutes(9),
      ],
      [
        { ...base, moisture: base.moisture - 0.004 },
        { ...base, moisture: base.moisture - 0.006 },
        'differs.moisture.less',
        share(0.006),
      ],
    ];
    for (const [less, more, code, by] of cases) {
      expect(difference(base, less).code, code).toBe('differs.nothing');
      const said = english(difference(base, more));
      expect(said, code).toBe(
        english(say('differs.all', { parts: listParam([say(code as 'differs.inPot.more', { by })], 'comma') })),
      );
    }
  });

  it('says of the plan itself what the plan says', () => {
    const own = waysToCompare(OXTAIL_PLAN, HEAT_MODES).slice(0, 1);
    const made = composePlan(OXTAIL_PLAN);
    if (!made.ok) throw new Error('no plan');
    expect(compareWays(own).results[0]?.ready).toEqual(made.plan.day.ready);
  });

  it('says why a way cannot be cooked', () => {
    const impossible = { ...OXTAIL_PLAN, meat: { ...OXTAIL_PLAN.meat, massKg: 0 } };
    const compared = compareWays([{ id: 'plan', says: say('differs.nothing'), input: impossible }]);
    expect(compared.results).toHaveLength(0);
    expect(english(compared.faults[0]?.fault)).toMatch(/\w/);
  });

  it('offers smaller pieces where the cut can be cut', () => {
    expect(waysToCompare(OXTAIL_PLAN, HEAT_MODES).map((w) => w.id)).not.toContain('smaller');
    const meat = { ...OXTAIL_PLAN.meat, cutId: 'beef_chuck_cubes', thicknessMm: 45, pieces: 24, onBone: false };
    const smaller = waysToCompare({ ...OXTAIL_PLAN, meat }, HEAT_MODES).find((w) => w.id === 'smaller');
    expect(english(smaller?.says)).toBe('Cut the cubes to 35 mm');
    expect(smaller?.input.meat.thicknessMm).toBe(35);
  });
});
