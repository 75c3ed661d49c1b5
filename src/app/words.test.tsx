import { renderToStaticMarkup } from 'react-dom/server';
import { describe, expect, it } from 'vitest';
import { actSays, learnedSays, lessonSays } from './cook/recordWords';
import { Scores } from './log/Scores';
import { DECISIONS } from './plan/decisions';
import { sentences } from './plan/sentences';
import { type Lesson } from '@/core/cook';
import { type Unknown } from '@/core/forecast';
import { CUTS } from '@/core/larder';
import { composePlan, usualMeat } from '@/core/plan';
import { NOON_MS, OXTAIL_PLAN } from '@/testing/fixtures';
import { US_WORDS, WORDS } from '@/testing/words';

const lesson = (part: Partial<Lesson>): Lesson => ({
  eventId: 'e',
  shiftMin: 0,
  widthMin: 0,
  about: undefined,
  ready: { p10: 0, p50: 0, p90: 0 },
  ...part,
});
const about = (unknown: Unknown, value: number): Lesson => lesson({ about: { unknown, value, movedSd: 1 } });

describe('records in words', () => {
  it.each([
    [{ kind: 'fork', stage: 'gives' } as const, 'Fork: gives, slides in, won’t twist'],
    [{ kind: 'probe', tempC: 93.04, nearBone: true } as const, 'Probe 93 °C, by the bone'],
    [
      { kind: 'liquid', levelMm: 31, simmering: true, addedL: 0.2, addedTempC: 95 } as const,
      'Liquid 31 mm, bubbling, 200 ml added',
    ],
    [{ kind: 'heat', heat: { kind: 'oven', tempC: 140, fan: true } } as const, 'Oven 140 °C, fan'],
    [{ kind: 'heat', heat: { kind: 'simmer', tempC: 96 } } as const, 'Hob, 96 °C or over'],
    [{ kind: 'lid', lid: 'ajar' } as const, 'Lid ajar'],
  ])('%o reads “%s”', (act, words) => {
    expect(actSays(WORDS, act)).toBe(words);
  });

  it('say how the forecast moved, and how much narrower its window is', () => {
    expect(lessonSays(WORDS, lesson({ shiftMin: -14.2, widthMin: -22 }))).toBe(
      'ready 14 min sooner, window 22 min narrower',
    );
    expect(lessonSays(WORDS, lesson({ shiftMin: 6, widthMin: 0 }))).toBe('ready 6 min later');
    expect(lessonSays(WORDS, lesson({ shiftMin: 0.4 }))).toBe('on track');
    expect(lessonSays(WORDS, undefined)).toBe('');
  });

  it('say what was learned, and nothing when it is too little to say', () => {
    expect(learnedSays(WORDS, about('toughness', 1.08))).toBe('This animal seems about 8 % tougher than most.');
    expect(learnedSays(WORDS, about('ovenOffset', -6.2))).toBe('The oven seems to run 6 °C low.');
    expect(learnedSays(WORDS, about('hold', 0.1))).toBe('');
    expect(learnedSays(WORDS, about('hold', -0.6))).toBe('The simmer seems 0.6 °C cooler than set.');
    expect(learnedSays(US_WORDS, about('hold', 2))).toBe('The simmer seems 4 °F hotter than set.');
    expect(learnedSays(WORDS, about('lidLeak', 1.4))).toContain('40 % more');
    expect(learnedSays(WORDS, about('thickness', 0.95))).toContain('5 % thinner');
    expect(learnedSays(WORDS, lesson({}))).toBe('');
  });
});

describe('a verdict in words', () => {
  const verdict = { tenderness: 4, moisture: 4, sauce: 3, salt: 2, nextTime: '' };

  it('names what was off and, at length, what was right', () => {
    expect(renderToStaticMarkup(<Scores verdict={verdict} />)).toBe('Just right, moist, sauce right, short of salt.');
    expect(renderToStaticMarkup(<Scores verdict={verdict} short />)).toBe('Just right, moist, short of salt.');
  });
});

describe('the eight decisions', () => {
  it('each read as a sentence with a figure once there is a plan', () => {
    const result = composePlan(OXTAIL_PLAN, 64);
    if (!result.ok) throw new Error('no plan');
    const lines = sentences(OXTAIL_PLAN, result.plan, WORDS, NOON_MS);
    for (const decision of DECISIONS) {
      expect(lines[decision].text, decision).not.toContain('–');
      expect(lines[decision].figure, decision).not.toContain('–');
    }
    expect(lines.meat.text).toBe('Oxtail, 2.2 kg');
    expect(lines.serve.text).toBe('4 at the table, 21:00');
  });

  it('speak the cook’s units', () => {
    const result = composePlan(OXTAIL_PLAN, 0);
    if (!result.ok) throw new Error('no plan');
    const lines = sentences(OXTAIL_PLAN, result.plan, US_WORDS, NOON_MS);
    expect(lines.meat.text).toBe('Oxtail, 4 lb 14 oz');
    expect(lines.meat.detail).toContain('1⅞ in thick');
    expect(lines.heat.text).toContain('300 °F');
    expect(actSays(US_WORDS, { kind: 'liquid', levelMm: 31, simmering: true, addedL: 0.2, addedTempC: 95 })).toBe(
      'Liquid 1¼ in, bubbling, 7 fl oz added',
    );
  });

  it('show a dash, never NaN, while a field is empty', () => {
    const empty = {
      ...OXTAIL_PLAN,
      eaters: Number.NaN,
      meat: { ...OXTAIL_PLAN.meat, massKg: Number.NaN },
      serveAtMs: Number.NaN,
    };
    const text = JSON.stringify(sentences(empty, undefined, WORDS, NOON_MS));
    expect(text).not.toContain('NaN');
    expect(text).toContain('–');
  });
});

describe('a new plan', () => {
  it('starts every cut with about enough for the table in whole usual pieces', () => {
    for (const cut of CUTS) {
      const meat = usualMeat(cut.id, 4);
      expect((meat.massKg * 1000) / cut.rawGramsPerServing, cut.id).toBeGreaterThan(3.7);
      expect(Number.isInteger(meat.pieces), cut.id).toBe(true);
      expect(meat.thicknessMm, cut.id).toBeGreaterThan(5);
    }
  });
});
