import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { assemble, NOMINAL_PARAMETERS } from './assemble';
import { potContents } from './groups';
import { bruteForce } from './bruteForce';
import { ajarChance, priorEnsemble } from './ensemble';
import { slowest } from './horizon';
import { scheduledAt, stepAt, valueAt } from './timeIndex';
import { sampleTrace } from './traceSamples';
import { weights } from './resample';
import { chanceBy, crossingMin, etaOf, scalePosition, summarise } from './forecast';
import { lidLiftCostMin } from './lookCost';
import { slowestAtTarget } from './nominal';
import { stageChances } from './forkLaw';
import { type Observation } from './observation';
import { UNKNOWN_COUNT } from './prior';
import { type BraiseRequest } from './request';
import { advance } from './outlier';
import { FAST_CELLS, FAST_STEPS, PLAIN_CELLS, PLAIN_STEPS, runBraise, runDetailed } from '../heat';
import { cutById, CUTS, LID_KINDS, LIDS } from '../larder';
import { meatGroup, usualCount } from '../choices';
import { litresForLevel, meatHeightM, type PotContents } from '../material';
import { type Doneness, DONENESS_STAGES, donenessThresholds } from '../tenderness';
import { shortRibRequest } from '../../testing/fixtures';
import { rounds } from '../../testing/soak';

const HORIZON_MIN = 720;

/** Nominal fork-tender time, min, on the full grid. */
function plainTurns(request: BraiseRequest): number {
  const assembly = assemble(request, HORIZON_MIN, PLAIN_STEPS, []);
  const course = runBraise(assembly.setup(NOMINAL_PARAMETERS), assembly.grid, PLAIN_CELLS);
  return crossingMin(slowest(course, request), assembly.grid.endS, request.cut.cookValue.twists);
}

function fastTurns(request: BraiseRequest): number {
  const assembly = assemble(request, HORIZON_MIN, FAST_STEPS, []);
  const course = runBraise(assembly.setup(NOMINAL_PARAMETERS), assembly.grid, FAST_CELLS);
  return crossingMin(slowest(course, request), assembly.grid.endS, request.cut.cookValue.twists);
}

const anyBraise = fc
  .record({
    cut: fc.constantFrom(...CUTS),
    massKg: fc.double({ min: 0.6, max: 3, noNaN: true }),
    ovenC: fc.integer({ min: 120, max: 190 }),
    fan: fc.boolean(),
    litres: fc.double({ min: 0.4, max: 2, noNaN: true }),
    startC: fc.integer({ min: 60, max: 97 }),
    lid: fc.constantFrom(...LID_KINDS.filter((l) => LIDS[l].covers)),
  })
  .map(({ cut, massKg, ovenC, fan, litres, startC, lid }) =>
    shortRibRequest({
      cut,
      groups: [
        {
          ...meatGroup(cut, {
            cutId: cut.id,
            massKg,
            pieces: usualCount(cut, massKg),
            thicknessMm: cut.sizeMm.thickness,
            onBone: cut.bone !== 'no',
          }),
          submergedFraction: 0.75,
        },
      ],
      liquidL: litres,
      liquidTempC: startC,
      heats: [{ atMin: 0, heat: { kind: 'oven', tempC: ovenC, fan } }],
      lids: [{ atMin: 0, lid }],
    }),
  );

/** Later by no more than half a percent. */
const notLater = (a: number, b: number): boolean => a <= b * 1.005 || (a === Infinity && b === Infinity);

describe('laws of the pot', () => {
  it('a hotter oven is never slower', () => {
    fc.assert(
      fc.property(anyBraise, fc.integer({ min: 5, max: 40 }), (braise, more) => {
        const hotter = {
          ...braise,
          heats: braise.heats.map((h) => ({
            ...h,
            heat: h.heat.kind === 'oven' ? { ...h.heat, tempC: h.heat.tempC + more } : h.heat,
          })),
        };
        return notLater(fastTurns(hotter), fastTurns(braise));
      }),
      { numRuns: rounds(150, 3000) },
    );
  });

  const sized = (braise: BraiseRequest, ratio: number, thinner: number): BraiseRequest => ({
    ...braise,
    groups: braise.groups.map((g) => ({
      ...g,
      massKg: g.massKg * ratio ** 2 * thinner,
      lengthM: g.lengthM * ratio,
      widthM: g.widthM * ratio,
      thicknessM: g.thicknessM * thinner,
    })),
  });
  const aRatio = fc.double({ min: 0.5, max: 0.95, noNaN: true });

  it('a smaller piece is never slower in liquid held at its heat, nor a thinner one', () => {
    fc.assert(
      fc.property(anyBraise, aRatio, fc.integer({ min: 85, max: 99 }), (braise, ratio, tempC) => {
        const held: BraiseRequest = { ...braise, heats: [{ atMin: 0, heat: { kind: 'simmer', tempC } }] };
        const now = fastTurns(held);
        return notLater(fastTurns(sized(held, ratio, ratio)), now) && notLater(fastTurns(sized(held, 1, ratio)), now);
      }),
      { numRuns: rounds(60, 3000) },
    );
  });

  it('nor in an oven that brings the pot to the boil', () => {
    fc.assert(
      fc.property(anyBraise, aRatio, fc.integer({ min: 150, max: 200 }), (braise, ratio, tempC) => {
        const hot: BraiseRequest = {
          ...braise,
          heats: [{ atMin: 0, heat: { kind: 'oven', tempC, fan: false } }],
          lids: [{ atMin: 0, lid: 'heavy' }],
        };
        return notLater(fastTurns(sized(hot, ratio, ratio)), fastTurns(hot));
      }),
      { numRuns: rounds(60, 3000) },
    );
  });

  it('a tighter lid is never slower', () => {
    fc.assert(
      fc.property(anyBraise, (braise) => {
        const twists = (['heavy', 'tightFoil', 'light', 'foil', 'ajar'] as const).map((lid) => ({
          ...slowestAtTarget({ ...braise, lids: [{ atMin: 0, lid }] }),
          lid,
        }));
        // Foil is shiny: it absorbs less heat than a dark lid that leaks a little more.
        const dark = twists.filter((t) => t.lid !== 'tightFoil' && t.lid !== 'foil');
        return dark.every((t, i) => i === 0 || t.dry || notLater(dark[i - 1]?.atMin ?? 0, t.atMin));
      }),
      { numRuns: rounds(100, 3000) },
    );
  });

  const SHUT = LID_KINDS.filter((lid) => LIDS[lid].covers && lid !== 'ajar');
  /** The same with one piece fewer; undefined if there is only one. */
  const lessOne = (braise: BraiseRequest): BraiseRequest | undefined => {
    const [group] = braise.groups;
    if (!group || group.pieces < 2) return undefined;
    const { pieces, massKg } = group;
    return { ...braise, groups: [{ ...group, pieces: pieces - 1, massKg: (massKg * (pieces - 1)) / pieces }] };
  };

  it('one piece fewer is never slower under a lid that shuts, however many layers they lie in', () => {
    fc.assert(
      fc.property(anyBraise, fc.constantFrom(...SHUT), (braise, lid) => {
        const shut: BraiseRequest = { ...braise, lids: [{ atMin: 0, lid }] };
        const fewer = lessOne(shut);
        return fewer === undefined || notLater(fastTurns(fewer), fastTurns(shut));
      }),
      { numRuns: rounds(150, 3000) },
    );
  });

  it('nor under one set ajar, but for the wall that a lower level leaves dry: 4 %', () => {
    fc.assert(
      fc.property(anyBraise, (braise) => {
        const ajar: BraiseRequest = { ...braise, lids: [{ atMin: 0, lid: 'ajar' }] };
        const fewer = lessOne(ajar);
        return fewer === undefined || slowestAtTarget(fewer).dry || notLater(fastTurns(fewer), fastTurns(ajar) * 1.035);
      }),
      { numRuns: rounds(100, 3000) },
    );
  });

  it('pours for a piece more what room it takes at the most, and what it displaces less at the most, of every cut', () => {
    const UP = 0.6;
    for (const cut of CUTS.filter((c) => c.form !== 'cubes')) {
      const laid = (pieces: number) => {
        const said = { cutId: cut.id, massKg: pieces * cut.typicalPieceKg, pieces, thicknessMm: cut.sizeMm.thickness };
        const group = meatGroup(cut, { ...said, onBone: cut.bone !== 'no' });
        return potContents(shortRibRequest({ cut, groups: [group], vegetables: [] }));
      };
      const litres = (pieces: number): number => {
        const contents = laid(pieces);
        return litresForLevel(contents, UP * meatHeightM(contents));
      };
      for (let pieces = 1; pieces < 24; pieces++) {
        const one = (laid(pieces).arrangements[0] as PotContents['arrangements'][number]).pieces;
        const more = litres(pieces + 1) - litres(pieces);
        const room = Math.max((one.footprintM2 * one.heightM) / 0.8, one.volumeM3 / 0.62) * 1000;
        expect(more, `${cut.id}, ${String(pieces)}`).toBeLessThan(UP * room + 1e-6);
        expect(more, `${cut.id}, ${String(pieces)}`).toBeGreaterThan(-one.volumeM3 * 1000 - 1e-6);
      }
    }
  });

  it('pots a little wider and levels a little higher change the time a little: no steps', () => {
    const between = (values: readonly BraiseRequest[]): number[] => {
      const times = values.map(fastTurns);
      return times.slice(1).map((t, i) => Math.abs(t - (times[i] as number)));
    };
    const pot = (mm: number) => ({ ...shortRibRequest().pot, lengthM: mm / 1000, widthM: mm / 1000 });
    const wider = Array.from({ length: 41 }, (_, i) => shortRibRequest({ pot: pot(250 + i) }));
    expect(Math.max(...between(wider))).toBeLessThan(0.5);
    const open = Array.from({ length: 41 }, (_, i) =>
      shortRibRequest({ lids: [{ atMin: 0, lid: 'none' }], liquidL: 1.5 + i * 0.05 }),
    );
    const times = open.map(fastTurns);
    const bends = times.slice(2).map((t, i) => Math.abs(t - 2 * (times[i + 1] as number) + (times[i] as number)));
    expect(Math.max(...between(open))).toBeLessThan(0.7);
    expect(Math.max(...bends)).toBeLessThan(0.05);
  });

  it('gives finite, ordered, non-negative courses for whatever can be planned', () => {
    fc.assert(
      fc.property(anyBraise, (braise) => {
        const assembly = assemble(braise, 600, FAST_STEPS, []);
        const course = runDetailed(assembly.setup(NOMINAL_PARAMETERS), assembly.grid, FAST_CELLS);
        const slow = slowest(course, braise);
        for (let i = 0; i < assembly.grid.count; i++) {
          const values = [
            course.liquidC[i],
            course.evaporatedKg[i],
            slow[i],
            course.meanC[0]?.[i],
            course.juiceFraction[0]?.[i],
          ];
          if (values.some((v) => v === undefined || !Number.isFinite(v) || v < 0)) return false;
          if (i > 0 && (slow[i] ?? 0) < (slow[i - 1] ?? 0)) return false;
        }
        return true;
      }),
      { numRuns: rounds(60, 3000) },
    );
  });

  it('agrees on the coarse grid with the plain one to 1 % of the time in an oven and on a stove, to 1.5 % off a little early', () => {
    for (const cut of CUTS) {
      const request = shortRibRequest({
        cut,
        groups: [
          {
            ...meatGroup(cut, {
              cutId: cut.id,
              massKg: 1.5,
              pieces: usualCount(cut, 1.5),
              thicknessMm: cut.sizeMm.thickness,
              onBone: cut.bone !== 'no',
            }),
            submergedFraction: 0.75,
          },
        ],
        openings: [{ atMin: 60, seconds: 60 }],
      });
      const plain = plainTurns(request);
      expect(Math.abs(fastTurns(request) / plain - 1), cut.id).toBeLessThan(0.01);
      const simmered: BraiseRequest = { ...request, heats: [{ atMin: 0, heat: { kind: 'simmer', tempC: 96 } }] };
      expect(Math.abs(fastTurns(simmered) / plainTurns(simmered) - 1), `${cut.id}, stove`).toBeLessThan(0.01);
      const offEarly: BraiseRequest = {
        ...request,
        heats: [...request.heats, { atMin: Math.round(plain * 0.95), heat: { kind: 'off' } }],
      };
      expect(Math.abs(fastTurns(offEarly) / plainTurns(offEarly) - 1), `${cut.id}, off early`).toBeLessThan(0.015);
    }
  });
});

describe('the forecast', () => {
  const ensemble = priorEnsemble(shortRibRequest());
  const forecast = summarise(ensemble);
  const twists = etaOf(forecast, 'twists');

  it('orders its stages and its quantiles', () => {
    for (const eta of forecast.etas) {
      expect(eta.p10).toBeLessThan(eta.p50);
      expect(eta.p50).toBeLessThan(eta.p90);
    }
    forecast.etas.slice(1).forEach((eta, i) => {
      expect(eta.p50).toBeGreaterThan(forecast.etas[i]?.p50 ?? Infinity);
    });
  });

  it('draws a course without stairs, though its steps are longer than what is drawn', () => {
    const { coreC, litres, levelMm, minutes } = sampleTrace(ensemble, forecast);
    const until = coreC.findIndex((c) => c > 95);
    expect(until).toBeGreaterThan(20);
    for (let i = 2; i < until; i++) {
      const [before, here, now] = [coreC[i - 2] ?? 0, coreC[i - 1] ?? 0, coreC[i] ?? 0];
      expect(now).toBeGreaterThan(here);
      expect(now - here).toBeLessThan(2.5 * (here - before) + 0.5);
    }
    // A quarter of an hour in, steam can be read from sample to sample.
    const from = minutes.findIndex((m) => m > 15);
    expect(new Set(litres.slice(from)).size).toBe(litres.length - from);
    expect(Math.max(...levelMm)).toBeLessThan(120);
  });

  it('finds a moment between the ends of steps', () => {
    const { grid } = ensemble.assembly;
    const [first = 0, second = 0] = grid.endS;
    expect(scheduledAt(grid, 0)).toBe(-1);
    expect(valueAt([10, 20, 40], -1)).toBe(10);
    expect(valueAt([10, 20, 40], -0.5, 6)).toBe(8);
    expect(scheduledAt(grid, first / 60)).toBe(0);
    expect(scheduledAt(grid, (first + 0.25 * (second - first)) / 60)).toBeCloseTo(0.25, 9);
    expect(scheduledAt(grid, 1e6)).toBe(grid.count - 1);
    expect(valueAt([10, 20, 40], 1.25)).toBe(25);
    expect(valueAt([10, 20, 40], 2)).toBe(40);
  });

  it('lies where short ribs are usually done, and never is a single time', () => {
    expect(twists.p50).toBeGreaterThan(135);
    expect(twists.p50).toBeLessThan(195);
    expect(twists.p90 - twists.p10).toBeGreaterThan(30);
  });

  it('gives the same answer for the same seed', () => {
    expect(summarise(priorEnsemble(shortRibRequest()))).toEqual(forecast);
  });

  it('says about one in ten by its low estimate and nine in ten by its high one', () => {
    expect(chanceBy(forecast, twists.p10)).toBeCloseTo(0.1, 1);
    expect(chanceBy(forecast, twists.p90)).toBeCloseTo(0.9, 1);
    expect(chanceBy(forecast, 0)).toBe(0);
  });

  it('moves later when the fork still drags and sooner when it already twists', () => {
    const request = shortRibRequest({ openings: [{ atMin: 140, seconds: 60 }] });
    const etas = DONENESS_STAGES.slice(0, 5).map((stage) => {
      const seen: Observation[] = [{ kind: 'fork', atMin: 140, stage }];
      return etaOf(summarise(advance(ensemble, request, seen)), 'twists').p50;
    });
    for (let i = 1; i < etas.length; i++) expect(etas[i] ?? 0).toBeLessThanOrEqual((etas[i - 1] ?? 0) + 1.5);
    expect(etas[0]).toBeGreaterThan(twists.p50 + 10);
    expect(etas[4]).toBeLessThan(twists.p50 - 10);
  });

  it('grows surer with records', () => {
    const request = shortRibRequest({
      openings: [
        { atMin: 120, seconds: 60 },
        { atMin: 145, seconds: 60 },
      ],
    });
    const seen: Observation[] = [
      { kind: 'fork', atMin: 120, stage: 'gives' },
      { kind: 'fork', atMin: 145, stage: 'gives' },
    ];
    const once = advance(ensemble, request, seen.slice(0, 1));
    const twice = summarise(advance(once, request, seen));
    const width = (f: typeof forecast): number => etaOf(f, 'twists').p90 - etaOf(f, 'twists').p10;
    expect(width(twice)).toBeLessThan(width(forecast) * 0.85);
  });

  it('believes a cool probe reading and waits longer', () => {
    const at = 60;
    const step = stepAt(ensemble.assembly.grid, at);
    const core = ensemble.nominal.coreC[0]?.[step] ?? 0;
    const eta = (tempC: number): number =>
      etaOf(
        summarise(advance(ensemble, shortRibRequest(), [{ kind: 'probe', atMin: at, tempC, nearBone: false }])),
        'twists',
      ).p50;
    expect(eta(core - 12)).toBeGreaterThan(eta(core + 6) + 3);
  });

  it('is drawn no further by a wild slip of the thumb than by a near one, and brought back by the tests after it', () => {
    const p50 = (...observations: readonly Observation[]): number =>
      etaOf(summarise(advance(ensemble, shortRibRequest(), observations)), 'twists').p50;
    const slip = (stage: Doneness): Observation => ({ kind: 'fork', atMin: 60, stage });
    const near = p50(slip('gives'));
    expect(near).toBeLessThan(twists.p50);
    expect(Math.abs(p50(slip('strings')) - near)).toBeLessThan(5);
    const more = [90, 120].map((atMin): Observation => ({ kind: 'fork', atMin, stage: 'holds' }));
    expect(p50(slip('gives'), ...more)).toBeGreaterThan(near + 10);
  });

  it('of a stage not yet found never lies before the test that found it short', () => {
    const late = Math.round(etaOf(forecast, 'twists').p90);
    for (const stage of ['holds', 'drags', 'gives'] as const) {
      const request = shortRibRequest({ openings: [{ atMin: late, seconds: 60 }] });
      const after = summarise(advance(ensemble, request, [{ kind: 'fork', atMin: late, stage }]));
      for (const eta of after.etas.filter((e) => DONENESS_STAGES.indexOf(e.stage) > DONENESS_STAGES.indexOf(stage))) {
        expect(eta.p10, `${stage}, ${eta.stage}`).toBeGreaterThanOrEqual(late);
      }
      expect(after.readyPercentiles[0]).toBeGreaterThanOrEqual(late);
    }
  });

  it('draws a band that comes to each stage when the stage is said to begin, with tests and without', () => {
    const late = Math.round(etaOf(forecast, 'twists').p90);
    const looked = shortRibRequest({ openings: [{ atMin: late, seconds: 60 }] });
    const short = summarise(advance(ensemble, looked, [{ kind: 'fork', atMin: late, stage: 'drags' }]));
    for (const { band, etas } of [forecast, short]) {
      const apart = (band.minutes[1] ?? 0) - (band.minutes[0] ?? 0);
      etas.forEach((eta, k) => {
        for (const [of, at] of [
          [band.p50, eta.p50],
          [band.p10, eta.p90],
          [band.p90, eta.p10],
        ] as const) {
          const reached = band.minutes.find((_, i) => (of[i] ?? 0) >= k + 1) ?? Infinity;
          if (at < (band.minutes.at(-1) ?? 0)) expect(Math.abs(reached - at), eta.stage).toBeLessThan(apart + 3);
        }
      });
    }
    const then = short.band.minutes.findLastIndex((m) => m <= late);
    expect(short.band.p90[then]).toBeLessThan(2);
    expect(short.band.p90[then + 1]).toBeGreaterThan(2);
  });

  it('has a p90 of every stage, also on the stove', () => {
    const stove = shortRibRequest({ heats: [{ atMin: 0, heat: { kind: 'simmer', tempC: 96 } }] });
    for (const eta of [...forecast.etas, ...summarise(priorEnsemble(stove)).etas]) {
      expect(Number.isFinite(eta.p90), eta.stage).toBe(true);
    }
  });

  it('is later for a hand that has felt it late all along, however often it says so', () => {
    let now = ensemble;
    let request = shortRibRequest();
    const p50s = [115, 130, 145, 160].map((atMin) => {
      request = { ...request, openings: [...request.openings, { atMin, seconds: 60 }] };
      now = advance(now, request, [...now.observations, { kind: 'fork', atMin, stage: 'drags' }]);
      return etaOf(summarise(now), 'twists').p50;
    });
    p50s.slice(1).forEach((p, i) => {
      expect(p).toBeGreaterThan(p50s[i] as number);
    });
  });

  it('thinks of a lid that does not sit: one in twenty at first, surer when a level says so', () => {
    expect(ajarChance(ensemble)).toBeCloseTo(0.05, 6);
    expect(ensemble.ajar.reduce((a, b) => a + b)).toBe(64);
    // Otherwise they are particles like the others.
    for (let k = 0; k < UNKNOWN_COUNT; k++) {
      const z = Array.from(ensemble.ajar).flatMap((x, i) =>
        x === 1 ? [ensemble.z[i * UNKNOWN_COUNT + k] as number] : [],
      );
      const mean = z.reduce((a, b) => a + b) / z.length;
      const sd = Math.sqrt(z.reduce((sum, x) => sum + (x - mean) ** 2, 0) / z.length);
      expect(Math.abs(mean), String(k)).toBeLessThan(0.1);
      expect(sd, String(k)).toBeGreaterThan(0.85);
    }
    const step = stepAt(ensemble.assembly.grid, 60);
    const expected = (ensemble.nominal.liquidKg[step] as number) / 0.96;
    const level = (litres: number): number =>
      ajarChance(advance(ensemble, shortRibRequest(), [{ kind: 'level', atMin: 60, litres }]));
    expect(level(expected)).toBeLessThan(0.02);
    expect(level(expected - 0.18)).toBeGreaterThan(0.15);
    const paper = priorEnsemble(shortRibRequest({ lids: [{ atMin: 0, lid: 'cartouche' }] }), { particles: 64 });
    expect(ajarChance(paper)).toBe(0);
  });

  it('takes a change of the lid that was recorded for the truth', () => {
    const closed = shortRibRequest({
      lids: [
        { atMin: 0, lid: 'heavy' },
        { atMin: 10, lid: 'heavy', recorded: true },
      ],
    });
    const width = (request: BraiseRequest): number => {
      const { p10, p90 } = etaOf(summarise(advance(ensemble, request, [])), 'strings');
      return p90 - p10;
    };
    expect(width(closed)).toBeLessThan(width(shortRibRequest()));
  });

  it('goes on from a level that nothing explains, says so, and lets it go when the next one shows it was mistyped', () => {
    const request = shortRibRequest();
    const litresAt = (e: typeof ensemble, atMin: number): number =>
      (e.nominal.liquidKg[stepAt(e.assembly.grid, atMin)] as number) / 0.96;
    const usual = litresAt(ensemble, 130);
    const dryish: Observation = { kind: 'level', atMin: 120, litres: 0.05 };
    const read = advance(ensemble, request, [dryish]);
    expect(read.surprise).toBe('unexplained');
    expect(litresAt(read, 121)).toBeLessThan(0.1);
    expect(summarise(read).dry.chance).toBeGreaterThan(0.5);
    const again: Observation[] = [dryish, { kind: 'level', atMin: 130, litres: 0.04 }];
    const so = advance(read, request, again);
    expect(so.surprise).toBeUndefined();
    expect(litresAt(so, 131)).toBeLessThan(0.1);
    const mistyped = advance(read, request, [dryish, { kind: 'level', atMin: 130, litres: usual }]);
    expect(mistyped.surprise).toBe('letGo');
    expect(litresAt(mistyped, 131)).toBeCloseTo(usual, 1);
    expect(summarise(mistyped).dry.chance).toBeLessThan(0.1);
    expect(weights(mistyped).reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
  });

  it('goes on from a level and a heat read at one moment, both', () => {
    const seen: Observation[] = [
      { kind: 'level', atMin: 60, litres: 0.1 },
      { kind: 'liquidTemp', atMin: 60, tempC: 50 },
    ];
    const one = advance(ensemble, shortRibRequest(), seen.slice(0, 1));
    const both = advance(one, shortRibRequest(), seen);
    const step = stepAt(both.assembly.grid, 61);
    expect(both.request.corrections).toEqual([{ atMin: 60, litres: 0.1, tempC: 50 }]);
    expect((both.nominal.liquidKg[step] as number) / 0.96).toBeLessThan(0.15);
    expect(both.nominal.liquidC[step]).toBeLessThan(70);
  });

  it('goes on from a liquid far cooler than it can be, later than before', () => {
    const cold = advance(ensemble, shortRibRequest(), [{ kind: 'liquidTemp', atMin: 60, tempC: 50 }]);
    expect(cold.surprise).toBe('unexplained');
    expect(etaOf(summarise(cold), 'twists').p50).toBeGreaterThan(twists.p50 + 15);
    const fits = advance(ensemble, shortRibRequest(), [{ kind: 'liquidTemp', atMin: 60, tempC: 99 }]);
    expect(fits.surprise).toBeUndefined();
  });

  it('knows as much after two tests as very many kitchens weighed at once, to 5 % of the window', () => {
    const ratios = ['beef_short_rib_english', 'lamb_shank', 'duck_leg'].map((id) => {
      const cut = cutById(id);
      const group = {
        ...meatGroup(cut, { cutId: id, massKg: 1.5, pieces: 4, thicknessMm: cut.sizeMm.thickness, onBone: true }),
        submergedFraction: 0.75,
      };
      const plan = priorEnsemble(shortRibRequest({ cut, groups: [group] }));
      const { p10 } = etaOf(summarise(plan), 'twists');
      const tests: Observation[] = [
        { kind: 'fork', atMin: Math.round(p10), stage: 'drags' },
        { kind: 'fork', atMin: Math.round(p10) + 20, stage: 'gives' },
      ];
      const request = {
        ...plan.request,
        openings: [...plan.request.openings, ...tests.map((t) => ({ atMin: t.atMin, seconds: 60 }))],
      };
      const ours = advance(advance(plan, request, tests.slice(0, 1)), request, tests);
      const width = (of: typeof plan): number => {
        const eta = etaOf(summarise(of), 'twists');
        return eta.p90 - eta.p10;
      };
      return width(ours) / width(bruteForce(request, tests, 4096));
    });
    expect(Math.abs(ratios.reduce((a, b) => a + b, 0) / ratios.length - 1)).toBeLessThan(0.05);
    for (const ratio of ratios) expect(Math.abs(ratio - 1)).toBeLessThan(0.15);
  });

  it('draws its particles anew when few still count, and weights stay a distribution', () => {
    const surprising = advance(ensemble, shortRibRequest(), [{ kind: 'fork', atMin: 120, stage: 'twists' }]);
    expect(surprising.renewals).toBe(1);
    expect(weights(surprising).reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
  });

  it('charges a look a few minutes, and none when nothing is opened', () => {
    expect(lidLiftCostMin(shortRibRequest(), 100, 60)).toBeGreaterThan(0.5);
    expect(lidLiftCostMin(shortRibRequest(), 100, 60)).toBeLessThan(10);
    expect(lidLiftCostMin(shortRibRequest(), 100, 0)).toBeCloseTo(0, 6);
  });
});

describe('the fork scale', () => {
  const cut = cutById('lamb_shank');

  it('reports the true stage most often in the middle of each', () => {
    const edges = donenessThresholds(cut).map((t) => t / cut.cookValue.twists);
    [0.1, ...edges.map((e, i) => Math.sqrt(e * (edges[i + 1] ?? e * 1.6)))].forEach((progress, stage) => {
      const chances = stageChances(cut, progress);
      expect(chances.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
      expect(chances.indexOf(Math.max(...chances))).toBe(stage);
    });
  });

  it('runs from 0 to 5 without a step back', () => {
    const thresholds = donenessThresholds(cut);
    let before = -1;
    for (let p = 0; p < 4; p += 0.01) {
      const here = scalePosition(thresholds, cut.cookValue.twists, p);
      expect(here).toBeGreaterThanOrEqual(before);
      before = here;
    }
    expect(scalePosition(thresholds, cut.cookValue.twists, 1)).toBeCloseTo(3, 9);
    expect(before).toBe(5);
  });
});
