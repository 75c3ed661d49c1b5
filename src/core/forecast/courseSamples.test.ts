import { describe, expect, it } from 'vitest';
import { courseSamples, type CourseSamples, sampleAt } from './courseSamples';
import { nominalEnsemble } from './ensemble';
import { etaOf, summarise } from './forecast';
import { placeAt, valueAt } from './places';
import { levelMmAt, litresAt } from './pot';
import { ribsAndShank, shortRibRequest } from '../../testing/fixtures';

const drawn = (part: Parameters<typeof shortRibRequest>[0] = {}) => {
  const ensemble = nominalEnsemble(shortRibRequest(part));
  const forecast = summarise(ensemble);
  return { ensemble, forecast, course: courseSamples(ensemble, forecast) };
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
    const cores = nominal.coreC.map((c) => valueAt(c, placeAt(assembly.grid, course.minutes[30] ?? 0)));
    const last = cores.indexOf(course.coreC[30] ?? 0);
    expect(last).toBeGreaterThanOrEqual(0);
    for (const i of [1, 17, 50]) {
      const place = placeAt(assembly.grid, course.minutes[i] ?? 0);
      expect(course.liquidC[i]).toBe(valueAt(nominal.liquidC, place));
      expect(course.coreC[i]).toBe(valueAt(nominal.coreC[last] ?? [], place));
      expect(course.meanC[i]).toBe(valueAt(nominal.meanC[last] ?? [], place));
      expect(course.meanC[i]).toBeGreaterThan(course.coreC[i] ?? 1000);
      expect(course.litres[i]).toBe(litresAt(ensemble, place));
      expect(course.levelMm[i]).toBe(levelMmAt(ensemble, place));
    }
  });

  it('has the moment before and the moment after the pot was set to a reading, where it is drawn at all', () => {
    const { course } = drawn({
      corrections: [
        { atMin: 31.7, litres: 0.4 },
        { atMin: 9000, litres: 0.3 },
      ],
      horizonMin: 200,
    });
    expect(course.minutes).toHaveLength(75);
    expect([...course.minutes].sort((a, b) => a - b)).toEqual(course.minutes);
    const at = course.minutes.indexOf(31.7);
    expect(course.minutes[at + 1]).toBe(32.7);
    expect(course.litres[at]).toBeGreaterThan(1);
    expect(course.litres[at + 1]).toBeCloseTo(0.4, 1);
    expect(drawn({ corrections: [{ atMin: 0, litres: 0.4 }] }).course.minutes).toHaveLength(74);
  });
});

describe('a moment of it', () => {
  const course: CourseSamples = {
    minutes: [0, 10, 30],
    liquidC: [50, 90, 98],
    coreC: [20, 30, 70],
    meanC: [25, 45, 80],
    levelMm: [60, 58, 50],
    litres: [1.5, 1.4, 1],
  };

  it('lies between the samples on both sides of it', () => {
    const moment = sampleAt(course, 20);
    expect(moment).toEqual({ liquidC: 94, coreC: 50, meanC: 62.5, levelMm: 54, litres: 1.2 });
    expect(sampleAt(course, 2.5).liquidC).toBe(60);
    expect(sampleAt(course, 10).litres).toBe(1.4);
  });

  it('is the start at the start, before it too, and the end from the end on', () => {
    expect(sampleAt(course, 0)).toEqual({ liquidC: 50, coreC: 20, meanC: 25, levelMm: 60, litres: 1.5 });
    expect(sampleAt(course, -5).litres).toBe(1.5);
    expect(sampleAt(course, 30).coreC).toBe(70);
    expect(sampleAt(course, 300)).toEqual({ liquidC: 98, coreC: 70, meanC: 80, levelMm: 50, litres: 1 });
  });
});
