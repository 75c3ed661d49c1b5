import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { assemble, NO_SURPRISES } from './assemble';
import { advance, priorEnsemble } from './ensemble';
import { slowest } from './horizon';
import { stepAt } from './commonCourse';
import { weights } from './resample';
import { chanceBy, crossingMin, etaOf, scalePosition, summarise } from './forecast';
import { lookCostMin } from './lookCost';
import { type Observation, stageChances } from './observation';
import { type BraiseRequest } from './request';
import { FAST_CELLS, FAST_STEPS, PLAIN_CELLS, PLAIN_STEPS, runBraise } from '../heat';
import { cutById, CUTS, LID_KINDS } from '../larder';
import { meatGroup, usualCount } from '../choices';
import { STAGES, stageThresholds } from '../tenderness';
import { shortRibRequest } from '../../testing/fixtures';

const HORIZON_MIN = 720;

/** When the fork twists with no surprises, min, on the plain grid. */
function plainTurns(request: BraiseRequest): number {
  const assembly = assemble(request, HORIZON_MIN, PLAIN_STEPS, []);
  const course = runBraise(assembly.setup(NO_SURPRISES), assembly.grid, PLAIN_CELLS);
  return crossingMin(slowest(course, request), assembly.grid.endS, request.cut.cookValue.twists);
}

function fastTurns(request: BraiseRequest): number {
  const assembly = assemble(request, HORIZON_MIN, FAST_STEPS, []);
  const course = runBraise(assembly.setup(NO_SURPRISES), assembly.grid, FAST_CELLS);
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
    lid: fc.constantFrom(...LID_KINDS.filter((l) => l !== 'none')),
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

/** Later by no more than what rounding of the grid allows. */
const notLater = (a: number, b: number): boolean => a <= b + 0.5 || (a === Infinity && b === Infinity);

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
      { numRuns: 60 },
    );
  });

  const thinned = (braise: BraiseRequest, ratio: number): BraiseRequest => ({
    ...braise,
    groups: braise.groups.map((g) => ({
      ...g,
      massKg: g.massKg * ratio ** 3,
      lengthM: g.lengthM * ratio,
      widthM: g.widthM * ratio,
      thicknessM: g.thicknessM * ratio,
    })),
  });
  const aRatio = fc.double({ min: 0.5, max: 0.95, noNaN: true });

  it('a smaller piece is never slower in liquid held at its heat', () => {
    fc.assert(
      fc.property(anyBraise, aRatio, fc.integer({ min: 85, max: 99 }), (braise, ratio, tempC) => {
        const held: BraiseRequest = { ...braise, heats: [{ atMin: 0, heat: { kind: 'simmer', tempC } }] };
        return notLater(fastTurns(thinned(held, ratio)), fastTurns(held));
      }),
      { numRuns: 60 },
    );
  });

  it('nor in an oven that brings the pot to the boil, but for the wall that a lower level leaves dry: 4 %', () => {
    fc.assert(
      fc.property(anyBraise, aRatio, fc.integer({ min: 150, max: 200 }), (braise, ratio, tempC) => {
        const hot: BraiseRequest = {
          ...braise,
          heats: [{ atMin: 0, heat: { kind: 'oven', tempC, fan: false } }],
          lids: [{ atMin: 0, lid: 'heavy' }],
        };
        return notLater(fastTurns(thinned(hot, ratio)), fastTurns(hot) * 1.04);
      }),
      { numRuns: 60 },
    );
  });

  it('a tighter lid is never slower', () => {
    fc.assert(
      fc.property(anyBraise, (braise) => {
        const twists = (['heavy', 'light', 'foil', 'ajar'] as const).map((lid) =>
          fastTurns({ ...braise, lids: [{ atMin: 0, lid }] }),
        );
        return twists.every((t, i) => i === 0 || notLater(twists[i - 1] ?? 0, t));
      }),
      { numRuns: 40 },
    );
  });

  it('gives finite, ordered, non-negative courses for whatever can be planned', () => {
    fc.assert(
      fc.property(anyBraise, (braise) => {
        const assembly = assemble(braise, 600, FAST_STEPS, []);
        const course = runBraise(assembly.setup(NO_SURPRISES), assembly.grid, FAST_CELLS, true);
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
      { numRuns: 60 },
    );
  });

  it('agrees on the coarse grid with the plain one to 1.5 % of the time', () => {
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
      expect(Math.abs(fastTurns(request) / plainTurns(request) - 1), cut.id).toBeLessThan(0.015);
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
    const etas = STAGES.slice(0, 5).map((stage) => {
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

  it('takes a record that nothing can explain for a slip of the thumb', () => {
    const slip = summarise(advance(ensemble, shortRibRequest(), [{ kind: 'fork', atMin: 20, stage: 'strings' }]));
    expect(Math.abs(etaOf(slip, 'twists').p50 - twists.p50)).toBeLessThan(3);
  });

  it('draws its particles anew when few still count, and weights stay a distribution', () => {
    const surprising = advance(ensemble, shortRibRequest(), [{ kind: 'fork', atMin: 120, stage: 'twists' }]);
    expect(surprising.renewals).toBe(1);
    expect(weights(surprising).reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
  });

  it('charges a look a few minutes, and none when nothing is opened', () => {
    expect(lookCostMin(shortRibRequest(), 100, 60)).toBeGreaterThan(0.5);
    expect(lookCostMin(shortRibRequest(), 100, 60)).toBeLessThan(10);
    expect(lookCostMin(shortRibRequest(), 100, 0)).toBeCloseTo(0, 6);
  });
});

describe('the fork scale', () => {
  const cut = cutById('lamb_shank');

  it('reports the true stage most often in the middle of each', () => {
    const edges = stageThresholds(cut).map((t) => t / cut.cookValue.twists);
    [0.1, ...edges.map((e, i) => Math.sqrt(e * (edges[i + 1] ?? e * 1.6)))].forEach((progress, stage) => {
      const chances = stageChances(cut, progress);
      expect(chances.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
      expect(chances.indexOf(Math.max(...chances))).toBe(stage);
    });
  });

  it('runs from 0 to 5 without a step back', () => {
    const thresholds = stageThresholds(cut);
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
