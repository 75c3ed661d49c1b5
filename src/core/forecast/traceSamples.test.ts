import { describe, expect, it } from 'vitest';
import { sampleTrace, type TraceSamples, drySinceMin, lowL, lowMin, sampleAt, toLineL } from './traceSamples';
import { nominalEnsemble } from './ensemble';
import { etaOf, summarise } from './forecast';
import { scheduledAt, valueAt } from './timeIndex';
import { levelMmAt, litresAt, litresForLevelAt } from './pot';
import { ribsAndShank, shortRibRequest } from '../../testing/fixtures';

const drawn = (part: Parameters<typeof shortRibRequest>[0] = {}) => {
  const ensemble = nominalEnsemble(shortRibRequest(part));
  const forecast = summarise(ensemble);
  return { ensemble, forecast, course: sampleTrace(ensemble, forecast) };
};

describe('the drawn course', () => {
  it('has 73 moments at even distances up to a tenth past falling apart, or to the horizon', () => {
    const { forecast, course } = drawn();
    expect(course.minutes).toHaveLength(73);
    expect(course.minutes[0]).toBe(0);
    expect(course.minutes[72]).toBeCloseTo(etaOf(forecast, 'falls').p50 * 1.1, 6);
    expect(course.minutes[36]).toBeCloseTo(etaOf(forecast, 'falls').p50 * 0.55, 6);
    const cut = drawn({ horizonMin: 200 });
    expect(cut.course.minutes.at(-1)).toBe(200);
    const off = drawn({ heats: [{ atMin: 0, heat: { kind: 'off' } }] });
    expect(off.course.minutes.at(-1)).toBe(off.forecast.horizonMin);
  });

  it('is the course without surprises at each, of the group that is last', () => {
    const { ensemble, course } = drawn({ groups: ribsAndShank() });
    const { nominal, assembly } = ensemble;
    const cores = nominal.coreC.map((c) => valueAt(c, scheduledAt(assembly.grid, course.minutes[30] ?? 0)));
    const last = cores.indexOf(course.coreC[30] ?? 0);
    expect(last).toBeGreaterThanOrEqual(0);
    for (const i of [1, 17, 50]) {
      const place = scheduledAt(assembly.grid, course.minutes[i] ?? 0);
      expect(course.liquidC[i]).toBe(valueAt(nominal.liquidC, place));
      expect(course.coreC[i]).toBe(valueAt(nominal.coreC[last] ?? [], place));
      expect(course.meanC[i]).toBe(valueAt(nominal.meanC[last] ?? [], place));
      expect(course.meanC[i]).toBeGreaterThan(course.coreC[i] ?? 1000);
      expect(course.litres[i]).toBe(litresAt(ensemble, place));
      expect(course.levelMm[i]).toBe(levelMmAt(ensemble, place));
    }
  });

  it('knows what would stand in the pot at its line: more as the meat shrinks', () => {
    const { ensemble, course } = drawn();
    expect(course.lineL[0]).toBeCloseTo(ensemble.request.liquidL, 1);
    for (const i of [0, 20, 40, 60]) {
      const place = scheduledAt(ensemble.assembly.grid, course.minutes[i] ?? 0);
      expect(course.lineL[i]).toBe(litresForLevelAt(ensemble, place, ensemble.assembly.levelM * 1000));
    }
    expect(course.lineL[60]).toBeGreaterThan((course.lineL[0] ?? 0) + 0.1);
  });

  it('jumps where something is poured in, or the pot is set to a reading: it is there at once', () => {
    const { course, ensemble } = drawn({
      corrections: [
        { atMin: 31.7, litres: 0.4 },
        { atMin: 9000, litres: 0.3 },
      ],
      topUps: [
        { atMin: 31.7, litres: 0.3, tempC: 20 },
        { atMin: 90, litres: 0.5, tempC: 95 },
        { atMin: 0, litres: 0.1, tempC: 95 },
      ],
      horizonMin: 200,
    });
    expect(course.minutes).toHaveLength(77);
    expect([...course.minutes].sort((a, b) => a - b)).toEqual(course.minutes);
    const now = (atMin: number) => sampleAt(course, atMin);
    expect(now(31.6).litres).toBeGreaterThan(1.1);
    expect(now(31.7).litres).toBeCloseTo(0.7, 2);
    expect(now(32.2).litres).toBeCloseTo(0.7, 1);
    expect(now(31.7).liquidC).toBeLessThan(now(31.6).liquidC - 5);
    expect(now(31.7).levelMm).toBeLessThan(now(31.6).levelMm - 10);
    expect(now(90).litres - now(89.9).litres).toBeCloseTo(0.5, 2);
    // Nor is the next reading compared with a ramp in between.
    expect(litresAt(ensemble, scheduledAt(ensemble.assembly.grid, 90.5))).toBeCloseTo(now(90).litres, 1);
  });
});

describe('what brings it back to its line', () => {
  it('is what it lacks, and never less than is worth the lid', () => {
    expect(toLineL({ litres: 0.3, lineL: 0.9 })).toBeCloseTo(0.6, 12);
    expect(toLineL({ litres: 0.85, lineL: 0.9 })).toBe(0.1);
    expect(toLineL({ litres: 1.2, lineL: 0.9 })).toBe(0.1);
  });
});

describe('when there is too little in the pot', () => {
  const course = (litres: readonly number[]): TraceSamples => {
    const flat = litres.map(() => 1);
    return {
      minutes: litres.map((_, i) => 10 * i),
      litres,
      lineL: flat,
      steamLPerHour: flat,
      liquidC: flat,
      coreC: flat,
      meanC: flat,
      levelMm: flat,
    };
  };

  it('is the minute at which it falls there, between two samples', () => {
    expect(lowMin(course([1, 0.5, 0.2, 0.1]), 0)).toBeCloseTo(10 + (10 * 0.25) / 0.3, 9);
    expect(lowMin(course([1, 0.5, 0.2, 0.1]), 12)).toBeCloseTo(10 + (10 * 0.25) / 0.3, 9);
  });

  it('is now where it is there already, and the next time after it was poured full', () => {
    expect(lowMin(course([1, 0.5, 0.2, 0.1]), 19)).toBe(19);
    expect(lowMin(course([0.1, 0.1]), 0)).toBe(0);
    expect(lowMin(course([0.2, 0.1, 1, 0.3, 0.2]), 20)).toBeCloseTo(35, 9);
  });

  it('is three quarters of the line where the line itself is low: what was poured is not too little', () => {
    const packed = { ...course([0.2, 0.18, 0.14]), lineL: [0.2, 0.21, 0.22] };
    expect(lowL(course([1]))).toBe(0.25);
    expect(lowL(packed)).toBeCloseTo(0.15, 12);
    expect(lowMin(packed, 0)).toBeCloseTo(10 + (10 * 0.03) / 0.04, 9);
  });

  it('is dry since it fell to a twentieth of a litre, the last time it did', () => {
    expect(drySinceMin(course([1, 0.5, 0.06]), 20)).toBeUndefined();
    expect(drySinceMin(course([1, 0.25, 0, 0]), 10)).toBeUndefined();
    expect(drySinceMin(course([1, 0.25, 0, 0]), 25)).toBeCloseTo(18, 9);
    expect(drySinceMin(course([0.25, 0, 0.45, 0, 0]), 45)).toBeCloseTo(20 + (10 * 0.4) / 0.45, 9);
    expect(drySinceMin(course([0, 0, 0]), 15)).toBe(0);
    expect(drySinceMin(course([0, 0, 0.45]), 20)).toBeUndefined();
  });

  it('is not to come where it never falls so far', () => {
    expect(lowMin(course([1, 0.8, 0.26]), 0)).toBeUndefined();
    expect(lowMin(course([0.1, 0.2, 0.8, 0.7]), 25)).toBeUndefined();
  });
});

describe('a moment of it', () => {
  const course: TraceSamples = {
    minutes: [0, 10, 30],
    liquidC: [50, 90, 98],
    coreC: [20, 30, 70],
    meanC: [25, 45, 80],
    levelMm: [60, 58, 50],
    litres: [1.5, 1.4, 1],
    lineL: [1.5, 1.5, 2],
    steamLPerHour: [0.5, 0.25, 0.125],
  };

  it('lies between the samples on both sides of it', () => {
    const moment = sampleAt(course, 20);
    expect(moment).toEqual({
      liquidC: 94,
      coreC: 50,
      meanC: 62.5,
      levelMm: 54,
      litres: 1.2,
      lineL: 1.75,
      steamLPerHour: 0.1875,
    });
    expect(sampleAt(course, 2.5).liquidC).toBe(60);
    expect(sampleAt(course, 10).litres).toBe(1.4);
  });

  it('is the start at the start, before it too, and the end from the end on', () => {
    expect(sampleAt(course, 0)).toEqual({
      liquidC: 50,
      coreC: 20,
      meanC: 25,
      levelMm: 60,
      litres: 1.5,
      lineL: 1.5,
      steamLPerHour: 0.5,
    });
    expect(sampleAt(course, -5).litres).toBe(1.5);
    expect(sampleAt(course, 30).coreC).toBe(70);
    expect(sampleAt(course, 300)).toEqual({
      liquidC: 98,
      coreC: 70,
      meanC: 80,
      levelMm: 50,
      litres: 1,
      lineL: 2,
      steamLPerHour: 0.125,
    });
  });
});
