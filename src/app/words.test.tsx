import { renderToStaticMarkup } from 'react-dom/server';
import { describe, expect, it } from 'vitest';
import { actText, learnedText, updateText } from './braise/recordText';
import { Scores } from './log/Scores';
import { DECISIONS } from './plan/decisions';
import { sentences } from './plan/decisionSummaries';
import { type Update } from '@/core/cook';
import { type LatentParameter } from '@/core/forecast';
import { CUTS } from '@/core/larder';
import { composePlan, defaultMeat } from '@/core/plan';
import { NOON_MS, OXTAIL_PLAN } from '@/testing/fixtures';
import { US_WORDS, WORDS } from '@/testing/words';

const lesson = (part: Partial<Update>): Update => ({
  eventId: 'e',
  shiftMin: 0,
  widthMin: 0,
  about: undefined,
  ready: { p10: 0, p50: 0, p90: 0 },
  ...part,
});
const about = (unknown: LatentParameter, value: number): Update => lesson({ about: { unknown, value, movedSd: 1 } });

describe('records in words', () => {
  it.each([
    [{ kind: 'fork', stage: 'gives' } as const, /^Fork: gives\b.*slides/],
    [{ kind: 'probe', tempC: 93.04, nearBone: true } as const, /^Probe 93 °C.*bone/],
    [{ kind: 'liquid', levelMm: 31, simmering: true, addedL: 0.2, addedTempC: 95 } as const, /^Liquid 31 mm.*200 ml/],
    [{ kind: 'heat', heat: { kind: 'oven', tempC: 140, fan: true } } as const, /140 °C, fan/],
    [{ kind: 'heat', heat: { kind: 'simmer', tempC: 96 } } as const, /96 °C/],
    [{ kind: 'lid', lid: 'ajar' } as const, /^Lid ajar$/],
  ])('%o reads %s', (act, words) => {
    expect(actText(WORDS, act)).toMatch(words);
  });

  it('say how the forecast moved, and how much narrower its window is', () => {
    expect(updateText(WORDS, lesson({ shiftMin: -14.2, widthMin: -22 }))).toBe(
      WORDS.text('lesson.surer', { moved: 'ready 14 min sooner', by: '22 min' }),
    );
    expect(updateText(WORDS, lesson({ shiftMin: 6, widthMin: 0 }))).toBe('ready 6 min later');
    expect(updateText(WORDS, lesson({ shiftMin: 0.4 }))).toBe('on track');
    expect(updateText(WORDS, undefined)).toBe('');
  });

  it('say what was learned, and nothing when it is too little to say', () => {
    expect(learnedText(WORDS, about('toughness', 1.08))).toBe(WORDS.text('learned.toughness.more', { by: '8%' }));
    expect(learnedText(WORDS, about('ovenOffset', -6.2))).toBe(WORDS.text('learned.ovenOffset.less', { by: '6 °C' }));
    expect(learnedText(WORDS, about('hold', 0.1))).toBe('');
    expect(learnedText(WORDS, about('hold', -0.6))).toBe(WORDS.text('learned.hold.less', { by: '0.6 °C' }));
    expect(learnedText(US_WORDS, about('hold', 2))).toBe(US_WORDS.text('learned.hold.more', { by: '4 °F' }));
    expect(learnedText(WORDS, about('lidLeak', 1.4))).toContain('40%');
    expect(learnedText(WORDS, about('thickness', 0.95))).toContain('5%');
    expect(learnedText(WORDS, lesson({}))).toBe('');
  });
});

describe('a verdict in words', () => {
  const verdict = { tenderness: 4, moisture: 4, sauce: 3, salt: 2, nextTime: '' };

  it('names what was off and, at length, what was right', () => {
    expect(renderToStaticMarkup(<Scores verdict={verdict} />)).toBe('Just right, moist, sauce right, needs salt.');
    expect(renderToStaticMarkup(<Scores verdict={verdict} short />)).toBe('Just right, moist, needs salt.');
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
    expect(lines.serve.text).toBe(WORDS.text('sentence.table', { eaters: '4', at: '21:00' }));
  });

  it('speak the cook’s units', () => {
    const result = composePlan(OXTAIL_PLAN, 0);
    if (!result.ok) throw new Error('no plan');
    const lines = sentences(OXTAIL_PLAN, result.plan, US_WORDS, NOON_MS);
    expect(lines.meat.text).toBe('Oxtail, 4 lb 14 oz');
    expect(lines.meat.detail).toContain('1⅞ in thick');
    expect(lines.heat.text).toContain('300 °F');
    expect(actText(US_WORDS, { kind: 'liquid', levelMm: 31, simmering: true, addedL: 0.2, addedTempC: 95 })).toMatch(
      /1¼ in.*7 fl oz/,
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
      const meat = defaultMeat(cut.id, 4);
      expect((meat.massKg * 1000) / cut.rawGramsPerServing, cut.id).toBeGreaterThan(3.7);
      expect(Number.isInteger(meat.pieces), cut.id).toBe(true);
      expect(meat.thicknessMm, cut.id).toBeGreaterThan(5);
    }
  });
});
