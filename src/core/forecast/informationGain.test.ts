import { describe, expect, it } from 'vitest';
import { predictionOf, priorEnsemble } from './ensemble';
import { readySample, donenessTimes } from './forecast';
import { stageChances } from './forkLaw';
import { LEVEL_SD_L, probeLaw } from './observation';
import { weights } from './resample';
import { bestMeasurement, informationGains } from './informationGain';
import { numbers, WeightedSample } from '../numbers';
import { DONENESS_STAGES } from '../tenderness';
import { shortRibRequest } from '../../testing/fixtures';

const ensemble = priorEnsemble(shortRibRequest(), { particles: 256 });
const { count, assembly, request } = ensemble;
const w = weights(ensemble);
const horizon = (assembly.grid.endS[assembly.grid.count - 1] ?? 0) / 60;
const times = donenessTimes(ensemble, 'twists').map((t) => (Number.isFinite(t) ? t : horizon * 1.1));

const width = (weight: Float64Array): number => {
  const sample = new WeightedSample(times, weight);
  return sample.quantile(0.9) - sample.quantile(0.1);
};

/**
 * Expected width after a record whose outcomes have these densities in each particle, each standing for this share of a
 * reading.
 */
function expected(outcomes: readonly ((i: number) => number)[]): number {
  let total = 0;
  let sum = 0;
  for (const density of outcomes) {
    const posterior = numbers(count, (i) => (w[i] ?? 0) * density(i));
    const mass = posterior.reduce((a, b) => a + b, 0);
    if (mass < 1e-9) continue;
    total += mass;
    sum += mass * width(posterior);
  }
  return sum / total;
}

const normal = (x: number, mean: number, sd: number): number => Math.exp(-0.5 * ((x - mean) / sd) ** 2) / sd;
const span = (from: number, to: number, n: number): number[] =>
  Array.from({ length: n }, (_, i) => from + ((to - from) * (i + 0.5)) / n);

describe('what a record would teach', () => {
  const atMin = 130;
  const seen = Array.from({ length: count }, (_, i) => predictionOf(ensemble, i, atMin));
  // Evaluated again in each test: a mutation is counted for the tests that run it.
  const taught = () => {
    const [fork, probe, level] = informationGains(ensemble, atMin, 3);
    return { fork, probe, level };
  };

  it('is said of each kind, with the window as it is now and what the look costs', () => {
    const { fork, probe, level } = taught();
    expect([fork, probe, level].map((t) => t?.kind)).toEqual(['fork', 'probe', 'level']);
    for (const t of [fork, probe, level]) {
      expect(t?.atMin).toBe(atMin);
      expect(t?.costMin).toBe(3);
      expect(t?.widthMin).toBeCloseTo(width(w), 9);
    }
  });

  it('is, of a fork, the window averaged over the stages it may find', () => {
    const { fork } = taught();
    const chances = seen.map((p) => stageChances(request.cut, p.progress));
    const byHand = expected(DONENESS_STAGES.map((_, stage) => (i: number) => chances[i]?.[stage] ?? 0));
    expect(fork?.expectedWidthMin).toBeCloseTo(byHand, 6);
    expect(fork?.expectedWidthMin).toBeLessThan(0.75 * width(w));
  });

  it('is, of a probe and of the level, the window averaged over what may be read, to 2 % of a fine sum', () => {
    const { probe, level } = taught();
    const laws = seen.map((p) => probeLaw(p, false));
    const lowest = Math.min(...laws.map((l) => l.mean - 3 * l.sd));
    const highest = Math.max(...laws.map((l) => l.mean + 3 * l.sd));
    const read = span(lowest, highest, 200).map((x) => (i: number) => normal(x, laws[i]?.mean ?? 0, laws[i]?.sd ?? 1));
    expect(Math.abs((probe?.expectedWidthMin ?? 0) / expected(read) - 1)).toBeLessThan(0.02);
    const litres = seen.map((p) => p.litres);
    const depths = span(Math.min(...litres) - 0.3, Math.max(...litres) + 0.3, 200).map(
      (x) => (i: number) => normal(x, litres[i] ?? 0, LEVEL_SD_L),
    );
    expect(Math.abs((level?.expectedWidthMin ?? 0) / expected(depths) - 1)).toBeLessThan(0.02);
  });
});

describe('the record that is worth most', () => {
  const late = readySample(ensemble).quantile(0.9);
  const worth = (t: { widthMin: number; expectedWidthMin: number; costMin: number }): number =>
    t.widthMin - t.expectedWidthMin - t.costMin;

  it('narrows the window by most for what it costs, of five moments up to the high estimate', () => {
    const moments = [0, 1, 2, 3, 4].map((i) => 60 + ((late - 60) * i) / 4);
    const all = moments.flatMap((at) => informationGains(ensemble, at, 2));
    const most = Math.max(...all.map(worth));
    const best = bestMeasurement(ensemble, 60, 2);
    expect(best && worth(best)).toBeCloseTo(most, 9);
    expect(moments.some((at) => Math.abs(at - (best?.atMin ?? 0)) < 1e-9)).toBe(true);
    expect(best?.costMin).toBe(2);
  });

  it('lies between the moment it may be made and the last', () => {
    const soon = bestMeasurement(ensemble, 40, 0, 90);
    expect(soon?.atMin).toBeGreaterThanOrEqual(40);
    expect(soon?.atMin).toBeLessThanOrEqual(90);
    const unhurried = bestMeasurement(ensemble, 0, 0);
    // Long before anything can be felt nothing is asked, except for the next five minutes.
    expect(unhurried?.atMin).toBeGreaterThanOrEqual(5);
  });

  it('is none where every look costs more than it teaches, or there is no time left', () => {
    expect(bestMeasurement(ensemble, 60, 500)).toBeUndefined();
    expect(bestMeasurement(ensemble, 60, 2, 60)).toBeUndefined();
    expect(bestMeasurement(ensemble, late + 1, 2)).toBeUndefined();
  });
});
