import { describe, expect, it } from 'vitest';
import { anchored } from './anchored';
import { scheduledAt, valueAt } from './timeIndex';
import { type Ensemble, priorEnsemble } from './ensemble';
import { LEVEL_SD_L, type Observation } from './observation';
import { litresAt } from './pot';
import { advance } from './outlier';
import { shortRibRequest } from '../../testing/fixtures';

const plain = priorEnsemble(shortRibRequest(), { particles: 8 });
const standsAt = (ensemble: Ensemble, atMin: number): number =>
  litresAt(ensemble, scheduledAt(ensemble.assembly.grid, atMin));
const seen = (observations: readonly Observation[], part: Partial<Ensemble> = {}): Ensemble =>
  anchored({ ...plain, observations, ...part });
const level = (atMin: number, litres: number): Observation => ({ kind: 'level', atMin, litres });

describe('the drawn course', () => {
  const usual = standsAt(plain, 90);

  it('stays as it is where nothing was read, and is set to no level that fits', () => {
    expect(anchored(plain)).toBe(plain);
    const cold = seen([{ kind: 'liquidTemp', atMin: 90, tempC: 40 }]);
    expect(cold.request).toBe(plain.request);
    const usually = standsAt(cold, 90);
    for (const off of [-0.9, 0.9]) expect(seen([level(90, usually + off * LEVEL_SD_L)]).request).toBe(plain.request);
    for (const off of [-1.1, 1.1])
      expect(seen([level(90, usually + off * LEVEL_SD_L)]).request.corrections).toHaveLength(1);
  });

  it('is that of the kitchen in the middle of those believed in, of the likelier state of the lid', () => {
    const note: Observation = { kind: 'simmering', atMin: 20, simmering: true };
    const only = (i: number): Ensemble =>
      seen([note], { logWeight: plain.logWeight.map((_, j) => (j === i ? 0 : -60)) });
    for (const i of [0, 3, 7]) {
      expect(only(i).nominal.liquidKg).toEqual(plain.courses[i]?.liquidKg);
      expect(only(i).nominal.coreC).toEqual(plain.courses[i]?.coreC);
    }
    expect(plain.ajar[0]).toBe(1);
    // A half-and-half mixture of two: between them.
    const both = seen([note], { logWeight: plain.logWeight.map((_, j) => (j === 3 || j === 7 ? 0 : -60)) });
    const [low = 0, high = 0] = [3, 7]
      .map((i) => valueAt(plain.courses[i]?.liquidKg ?? [], scheduledAt(plain.assembly.grid, 120)))
      .sort((a, b) => a - b);
    const stands = valueAt(both.nominal.liquidKg, scheduledAt(plain.assembly.grid, 120));
    expect(stands).toBeGreaterThan(low);
    expect(stands).toBeLessThan(high);
  });

  it('has learned what the records taught: of a probe that reads cold it shows meat about as cold', () => {
    const start = priorEnsemble(shortRibRequest({ thicknessMeasured: false }), { particles: 256 });
    const core = (of: Ensemble): number => valueAt(of.nominal.coreC[0] ?? [], scheduledAt(of.assembly.grid, 85));
    const read: Observation = { kind: 'probe', atMin: 85, tempC: core(start) - 14, nearBone: false };
    const told = advance(start, start.request, [read]);
    expect(Math.abs(core(anchored(told)) - read.tempC)).toBeLessThan(4);
    expect(core(told)).toBeCloseTo(core(start), 1);
  });

  it('goes on from a level more than two spreads off, above or below, and only its course is another', () => {
    for (const off of [-0.4, 0.4]) {
      const shown = seen([level(90, usual + off)]);
      expect(shown.request.corrections).toEqual([{ atMin: 90, litres: usual + off }]);
      expect(standsAt(shown, 60)).toBeCloseTo(standsAt(seen([level(90, usual)]), 60), 2);
      expect(standsAt(shown, 91)).toBeCloseTo(usual + off, 1);
      expect(Math.sign(standsAt(shown, 150) - standsAt(plain, 150))).toBe(Math.sign(off));
      expect(shown.courses).toBe(plain.courses);
      expect(shown.observations).toHaveLength(1);
    }
  });

  it('judges each level by where those before it have brought the course', () => {
    const dropped = seen([level(90, usual - 0.4)]);
    const on = standsAt(dropped, 120);
    const both = seen([level(90, usual - 0.4), level(120, on)]);
    expect(both.request.corrections).toHaveLength(1);
    const twice = seen([level(120, usual - 0.9), level(90, usual - 0.4)]);
    expect(twice.request.corrections?.map((c) => c.atMin)).toEqual([90, 120]);
  });

  it('takes no account of a level let go of, and does of one the pot was set to', () => {
    const observations = [level(90, usual - 0.4)];
    expect(seen(observations, { aside: new Set([0]) }).request).toBe(plain.request);
    expect(seen(observations, { aside: new Set([0]), corrected: [0] }).request.corrections).toHaveLength(1);
    expect(seen([level(20, 1.2), ...observations], { aside: new Set([0]) }).request.corrections).toHaveLength(1);
  });

  it('is set once to a moment, and keeps what it was set to at others', () => {
    const request = {
      ...plain.request,
      corrections: [
        { atMin: 90, litres: 1.9 },
        { atMin: 30, tempC: 80 },
      ],
    };
    const shown = seen([level(90, 0.3)], { request });
    expect(shown.request.corrections).toEqual([
      { atMin: 30, tempC: 80 },
      { atMin: 90, litres: 0.3 },
    ]);
  });
});
