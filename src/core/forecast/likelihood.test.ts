import { describe, expect, it } from 'vitest';
import { nominalEnsemble } from './ensemble';
import { likelihoodOf, placeRecords, predict } from './likelihood';
import { logLikelihood, type Observation } from './observation';
import { scheduledAt, valueAt } from './timeIndex';
import { type SimulationTrace, WATER_KG_PER_L } from '../heat';
import { cutById } from '../larder';
import { ribsAndShank, shortRibRequest } from '../../testing/fixtures';

const ensemble = nominalEnsemble(shortRibRequest({ groups: ribsAndShank() }));
const { assembly, request } = ensemble;
const course = ensemble.courses[0] as SimulationTrace;
const { grid } = assembly;

describe('what a course predicts', () => {
  it('is read between the ends of steps; of several cuts the least done and the coldest', () => {
    const place = scheduledAt(grid, 91.3);
    const twists = [request.cut, cutById('beef_shank_cross')].map((cut) => cut.cookValue.twists);
    const done = twists.map((t, g) => valueAt(course.slowCookValue[g] ?? [], place) / t);
    const cores = course.coreC.map((c) => valueAt(c, place));
    expect(done[0]).not.toBeCloseTo(done[1] ?? 0, 3);
    const seen = predict(ensemble, course, 1.25, place);
    expect(seen.progress).toBeCloseTo(Math.min(...done) / 1.25, 12);
    expect(seen.coreC).toBe(Math.min(...cores));
    expect(seen.liquidC).toBe(valueAt(course.liquidC, place));
    expect(seen.litres).toBeCloseTo(valueAt(course.liquidKg, place) / WATER_KG_PER_L, 12);
    expect(seen.boilC).toBe(ensemble.boilC);
    expect(ensemble.boilC).toBeCloseTo(100, 0);
  });

  it('begins with what went in', () => {
    expect(predict(ensemble, course, 1, -1)).toEqual({
      progress: 0,
      coreC: 8,
      liquidC: 96,
      boilC: ensemble.boilC,
      litres: 1.25,
    });
    const early = predict(ensemble, course, 1, -0.75);
    expect(early.liquidC).toBeCloseTo(96 + 0.25 * ((course.liquidC[0] ?? 0) - 96), 9);
    expect(early.progress).toBeGreaterThanOrEqual(0);
    expect(early.coreC).toBeCloseTo(8 + 0.25 * ((course.coreC[1]?.[0] ?? 0) - 8), 9);
  });
});

describe('how well a course explains records', () => {
  const seen: Observation[] = [
    { kind: 'probe', atMin: 30, tempC: 60, nearBone: false },
    { kind: 'fork', atMin: 90, stage: 'drags' },
    { kind: 'level', atMin: 95, litres: 1.4 },
    { kind: 'fork', atMin: 140, stage: 'gives' },
  ];
  const byHand = (demand: number, counting: readonly Observation[]): number =>
    counting.reduce(
      (sum, o) => sum + logLikelihood(request.cut, o, predict(ensemble, course, demand, scheduledAt(grid, o.atMin))),
      0,
    );

  it('is the sum over all of them, for whatever the meat demands', () => {
    const fit = likelihoodOf(ensemble, placeRecords(ensemble, seen, new Set()), course);
    for (const demand of [0.7, 1, 1.6]) expect(fit(demand)).toBeCloseTo(byHand(demand, seen), 9);
    expect(fit(0.7)).not.toBeCloseTo(fit(1.6), 1);
    expect(likelihoodOf(ensemble, [], course)(1)).toBe(0);
  });

  it('leaves those out that say nothing', () => {
    const placed = placeRecords(ensemble, seen, new Set([0, 3]));
    expect(placed).toEqual([
      { observation: seen[1], place: scheduledAt(grid, 90) },
      { observation: seen[2], place: scheduledAt(grid, 95) },
    ]);
    expect(likelihoodOf(ensemble, placed, course)(1.1)).toBeCloseTo(byHand(1.1, seen.slice(1, 3)), 9);
  });
});
