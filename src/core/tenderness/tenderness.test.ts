import { describe, expect, it } from 'vitest';
import { equilibriumJuice } from './juice';
import { stageAt, stageIndex, STAGES, stageThresholds } from './stages';
import { CUTS, cutById } from '../larder/cuts';
import { WORDS } from '../../testing/words';

describe('stages of the fork', () => {
  it('come in one order for every cut', () => {
    for (const cut of CUTS) {
      const thresholds = stageThresholds(cut);
      expect(thresholds, cut.id).toEqual([...thresholds].sort((a, b) => a - b));
      expect(new Set(thresholds).size, cut.id).toBe(5);
    }
  });

  it('need more from a tougher animal', () => {
    const cut = cutById('beef_cheek');
    expect(stageAt(cut, cut.cookValue.twists)).toBe('twists');
    expect(stageAt(cut, cut.cookValue.twists, 1.2)).toBe('gives');
    expect(stageAt(cut, 0)).toBe('holds');
    expect(stageAt(cut, 1e6)).toBe('strings');
  });

  it('each have a word and a feel of their own', () => {
    expect(new Set(STAGES.map((s) => WORDS.name('stage', s))).size).toBe(6);
    expect(new Set(STAGES.map((s) => WORDS.text(`stage.${s}.feel`))).size).toBe(6);
    STAGES.forEach((s, i) => {
      expect(stageIndex(s)).toBe(i);
    });
  });
});

describe('the larder', () => {
  it('has plausible rows, each with its source and how sure it is', () => {
    for (const cut of CUTS) {
      const { water, protein, fat, ash } = cut.composition;
      expect(water + protein + fat + ash, cut.id).toBeGreaterThan(0.95);
      expect(water + protein + fat + ash, cut.id).toBeLessThan(1.01);
      expect(cut.boneFraction > 0, cut.id).toBe(cut.bone !== 'no');
      expect(cut.source.length).toBeGreaterThan(20);
      expect(['high', 'medium', 'low']).toContain(cut.confidence);
      expect(cut.trimLoss[0]).toBeLessThanOrEqual(cut.trimLoss[1]);
    }
    expect(new Set(CUTS.map((c) => c.id)).size).toBe(39);
    expect(() => cutById('unicorn')).toThrow(RangeError);
  });
});

describe('juice', () => {
  it('is half gone at 58 °C, nearly all at 80, never more than there is', () => {
    expect(equilibriumJuice(58, 0.36)).toBeCloseTo(0.18, 9);
    expect(equilibriumJuice(60, 0.36) / 0.36).toBeCloseTo(0.56, 2);
    expect(equilibriumJuice(80, 0.36) / 0.36).toBeCloseTo(0.94, 2);
    expect(equilibriumJuice(120, 0.36)).toBeLessThan(0.36);
  });
});
