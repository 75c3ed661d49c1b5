import { describe, expect, it } from 'vitest';
import { equilibriumJuice } from './juice';
import { cookRate, tabulatedCookRate } from './cookValue';
import { donenessAt, donenessIndex, DONENESS_STAGES, donenessThresholds, TARGETS } from './stages';
import { cutById, CUTS, SOURCES } from '../larder';
import { WORDS } from '../../testing/words';

describe('cook value', () => {
  it('counts a minute at 95 °C as one, and tenfold for 27 K', () => {
    expect(cookRate(95)).toBeCloseTo(1, 9);
    expect(cookRate(122) / cookRate(95)).toBeCloseTo(8.4, 0);
    expect(cookRate(95) / cookRate(68)).toBeCloseTo(11.7, 0);
  });

  it('worked by hand at 85 °C: 95 kJ/mol over R, between 358.15 and 368.15 K', () => {
    expect(cookRate(85)).toBeCloseTo(Math.exp((-95000 / 8.314462) * (1 / 358.15 - 1 / 368.15)), 6);
  });

  it('hardly counts under the gate: half of it at 52 °C, a tenth or so four degrees below', () => {
    const free = (tempC: number): number => Math.exp((-95000 / 8.314462) * (1 / (tempC + 273.15) - 1 / 368.15));
    expect(cookRate(52) / free(52)).toBeCloseTo(0.5, 9);
    expect(cookRate(48) / free(48)).toBeCloseTo(1 / (1 + Math.exp(2)), 9);
    expect(cookRate(56) / free(56)).toBeCloseTo(1 / (1 + Math.exp(-2)), 9);
  });

  it('comes out of its table as it does exactly, at any temperature, and stays put beyond its ends', () => {
    for (let tempC = 60.013; tempC < 130; tempC += 0.37) {
      expect(tabulatedCookRate(tempC) / cookRate(tempC)).toBeCloseTo(1, 5);
    }
    for (const tempC of [0.05, 12.34, 40, 51.99]) {
      expect(Math.abs(tabulatedCookRate(tempC) / cookRate(tempC) - 1)).toBeLessThan(3e-4);
    }
    expect(tabulatedCookRate(0)).toBe(0);
    expect(tabulatedCookRate(-20)).toBe(0);
    expect(tabulatedCookRate(0.001)).toBeGreaterThan(0);
    expect(tabulatedCookRate(130)).toBe(cookRate(130));
    expect(tabulatedCookRate(129.999) / cookRate(129.999)).toBeCloseTo(1, 5);
    expect(tabulatedCookRate(180)).toBe(cookRate(130));
  });
});

describe('stages of the fork', () => {
  it('begin for oxtail where its row says, the first at 35 % of the third', () => {
    const cut = cutById('beef_oxtail');
    const { gives, twists, falls, strings } = cut.cookValue;
    expect(donenessThresholds(cut)).toEqual([0.35 * twists, gives, twists, falls, strings]);
    expect(donenessAt(cut, 0.34 * twists)).toBe('holds');
    expect(donenessAt(cut, 0.36 * twists)).toBe('drags');
    expect(TARGETS).toEqual({ gives: { until: 'falls' }, twists: { until: 'strings' }, falls: { until: 'strings' } });
  });

  it('come in one order for every cut', () => {
    for (const cut of CUTS) {
      const thresholds = donenessThresholds(cut);
      expect(thresholds, cut.id).toEqual([...thresholds].sort((a, b) => a - b));
      expect(new Set(thresholds).size, cut.id).toBe(5);
    }
  });

  it('need more from a tougher animal', () => {
    const cut = cutById('beef_cheek');
    expect(donenessAt(cut, cut.cookValue.twists)).toBe('twists');
    expect(donenessAt(cut, cut.cookValue.twists, 1.2)).toBe('gives');
    expect(donenessAt(cut, 0)).toBe('holds');
    expect(donenessAt(cut, 1e6)).toBe('strings');
  });

  it('each have a word and a feel of their own', () => {
    expect(new Set(DONENESS_STAGES.map((s) => WORDS.name('stage', s))).size).toBe(6);
    expect(new Set(DONENESS_STAGES.map((s) => WORDS.text(`stage.${s}.feel`))).size).toBe(6);
    DONENESS_STAGES.forEach((s, i) => {
      expect(donenessIndex(s)).toBe(i);
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
      expect(SOURCES[cut.source].length).toBeGreaterThan(20);
      expect(['high', 'medium', 'low']).toContain(cut.confidence);
      expect(cut.trimLoss[0]).toBeLessThanOrEqual(cut.trimLoss[1]);
    }
    expect(new Set(CUTS.map((c) => c.id)).size).toBe(66);
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
