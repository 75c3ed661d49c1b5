import { describe, expect, it } from 'vitest';
import { anchored } from './anchored';
import { placeAt } from './places';
import { type Ensemble, priorEnsemble } from './ensemble';
import { LEVEL_SD_L, type Observation } from './observation';
import { litresAt } from './pot';
import { shortRibRequest } from '../../testing/fixtures';

const plain = priorEnsemble(shortRibRequest(), { particles: 8 });
const standsAt = (ensemble: Ensemble, atMin: number): number =>
  litresAt(ensemble, placeAt(ensemble.assembly.grid, atMin));
const seen = (observations: readonly Observation[], part: Partial<Ensemble> = {}): Ensemble =>
  anchored({ ...plain, observations, ...part });
const level = (atMin: number, litres: number): Observation => ({ kind: 'level', atMin, litres });

describe('the drawn course', () => {
  const usual = standsAt(plain, 90);

  it('stays as it is where no level was read, or one that fits', () => {
    expect(anchored(plain)).toBe(plain);
    const near = seen([level(90, usual - 1.9 * LEVEL_SD_L)]);
    expect(near.request).toBe(plain.request);
    expect(near.nominal).toBe(plain.nominal);
    const cold = seen([{ kind: 'liquidTemp', atMin: 90, tempC: 40 }]);
    expect(cold.nominal).toBe(plain.nominal);
  });

  it('goes on from a level more than two spreads off, above or below, and only its course is another', () => {
    for (const off of [-0.4, 0.4]) {
      const shown = seen([level(90, usual + off)]);
      expect(shown.request.corrections).toEqual([{ atMin: 90, litres: usual + off }]);
      expect(standsAt(shown, 60)).toBeCloseTo(standsAt(plain, 60), 2);
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
    expect(seen(observations, { aside: new Set([0]) }).nominal).toBe(plain.nominal);
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
