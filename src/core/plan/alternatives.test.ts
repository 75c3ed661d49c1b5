import { describe, expect, it } from 'vitest';
import { makePlan } from './plan';
import { waysToCompare } from './compare';
import { withLid } from '../choices';
import { changedAt, heatOptions, alternatives } from './alternatives';
import { bestMeasurement, etaOf, priorEnsemble, summarise, informationGains } from '../forecast';
import { NOON_MS, OXTAIL_PLAN, shortRibRequest } from '../../testing/fixtures';
import { english } from '../../testing/words';
import { HOUR_MS } from '../quantity';

describe('ways out of a plan that is too late', () => {
  const late = { ...OXTAIL_PLAN, serveAtMs: NOON_MS + 5.9 * HOUR_MS };
  const ways = alternatives(late, NOON_MS);

  it('are only such as really fit', () => {
    expect(makePlan(late, { nowMs: NOON_MS, particles: 128 })).toMatchObject({
      ok: false,
      faults: [{ field: 'serveAtMs', tooLate: true }],
    });
    for (const way of ways) {
      expect(way.startMs).toBeGreaterThanOrEqual(NOON_MS);
      expect(makePlan(way.input, { nowMs: NOON_MS, particles: 128 }).ok, english(way.says)).toBe(true);
    }
  });

  it('ask for no lid the pot has not got', () => {
    const bare = { ...late, pot: { ...late.pot, lids: [] }, course: withLid(late, 'foil').course };
    expect(alternatives(bare, NOON_MS).map((w) => w.says.code)).not.toContain('wayOut.heavyLid');
    expect(waysToCompare(bare, ['still']).map((w) => w.id)).not.toContain('lid');
    const lidded = { ...bare, pot: { ...bare.pot, lids: ['heavy' as const] } };
    expect(waysToCompare(lidded, ['still']).map((w) => w.id)).toContain('lid');
  });

  it('end with serving later', () => {
    expect(english(ways.at(-1)?.says)).toContain('Serve later');
    expect(ways.at(-1)?.input.serveAtMs).toBeGreaterThan(late.serveAtMs);
  });
});

describe('changing the heat of a live pot', () => {
  const request = shortRibRequest({ heats: [{ atMin: 0, heat: { kind: 'oven', tempC: 130, fan: false } }] });
  const ensemble = priorEnsemble(request, { particles: 128 });
  const twists = etaOf(summarise(ensemble), 'twists');
  const heat = { kind: 'oven', tempC: 130, fan: false } as const;

  it('offers what makes it sooner when it would be late, with the time it gains', () => {
    const ways = heatOptions(ensemble, heat, 30, twists.p50 - 20);
    expect(ways.length).toBeGreaterThan(0);
    for (const w of ways) expect(w.p50Min).toBeLessThan(twists.p50 - 5);
  });

  it('offers a lower oven that is still ready in time when it would be much too early', () => {
    const [way] = heatOptions(ensemble, heat, 30, twists.p90 + 150);
    expect(way?.heat).toMatchObject({ kind: 'oven' });
    expect(way?.p90Min).toBeLessThanOrEqual(twists.p90 + 150);
  });

  it('says nothing when it fits', () => {
    expect(heatOptions(ensemble, heat, 30, twists.p90 + 10)).toEqual([]);
  });
});

describe('a change of heat among stages', () => {
  const hot = { kind: 'oven', tempC: 200, fan: false } as const;
  const low = { kind: 'oven', tempC: 130, fan: false } as const;
  const hob = { kind: 'simmer', tempC: 97 } as const;

  it('keeps the stages still to come, in order of time', () => {
    const heats = [
      { atMin: 0, heat: low },
      { atMin: 180, heat: hot },
    ];
    expect(changedAt(heats, low, hob, 60)).toEqual([heats[0], { atMin: 60, heat: hob }, heats[1]]);
    expect(changedAt(heats, hot, hob, 180)).toEqual([heats[0], { atMin: 180, heat: hob }]);
  });

  it('still gives way to what follows by itself, and waits only for what is left of its time', () => {
    const then = { after: { kind: 'minutes', minutes: 30 }, heat: low } as const;
    expect(changedAt([{ atMin: 0, heat: hot, then }], hot, hob, 20)).toEqual([
      { atMin: 0, heat: hot, then },
      { atMin: 20, heat: hob, then: { ...then, after: { kind: 'minutes', minutes: 10 } } },
    ]);
    // The first has already ended: the second is changed, and nothing follows it.
    expect(changedAt([{ atMin: 0, heat: hot, then }], low, hob, 60).at(-1)).toEqual({ atMin: 60, heat: hob });
  });
});

describe('what a record would teach', () => {
  const ensemble = priorEnsemble(shortRibRequest());
  const twists = etaOf(summarise(ensemble), 'twists');

  it('narrows the window in expectation, more near the time than at the start', () => {
    const fork = (atMin: number) => {
      const found = informationGains(ensemble, atMin, 2).find((t) => t.kind === 'fork');
      if (!found) throw new Error('no fork test');
      return found;
    };
    const early = fork(15);
    const late = fork(twists.p50);
    expect(late.expectedWidthMin).toBeLessThan(late.widthMin * 0.85);
    expect(early.widthMin - early.expectedWidthMin).toBeLessThan(late.widthMin - late.expectedWidthMin);
  });

  it('is not asked for when the look costs more than it tells', () => {
    expect(bestMeasurement(ensemble, 60, 500)).toBeUndefined();
    expect(bestMeasurement(ensemble, 60, 2)?.atMin).toBeGreaterThan(60);
  });
});
