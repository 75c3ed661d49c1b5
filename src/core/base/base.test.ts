import { describe, expect, it } from 'vitest';
import { basePlan, type BaseInput, FORGOTTEN, onionMinutes, defaultBase } from './base';
import { GARNISHES } from '../larder';
import { english, WORDS } from '../../testing/words';

const question = (part: Partial<BaseInput['base']> = {}, rest: Partial<BaseInput> = {}): BaseInput => ({
  base: { ...defaultBase(1.6, {}), ...part },
  dustedKg: 0,
  season: { spices: [] },
  searFatL: 0.03,
  sauceL: 0.32,
  gelatinGPerL: 20,
  rung: 'light',
  thickener: 'corn',
  ...rest,
});

describe('the base', () => {
  it('is, where nobody chose, onion, carrot and celery five to three to two, by the weight of the meat', () => {
    const grams = (kg: number) =>
      Object.fromEntries(defaultBase(kg, {}).items.map((i) => [i.id, Math.round(i.kg * 1000)]));
    expect(grams(2)).toEqual({ onion: 400, carrot: 240, celery: 160, garlic: 20 });
    expect(grams(0.5)).toEqual({ onion: 100, carrot: 60, celery: 40, garlic: 5 });
  });

  it('goes in in the cook’s order: onion, carrot and celery, garlic last, then paste', () => {
    expect(basePlan(question()).steps.map((s) => s.id)).toEqual(['onion', 'carrot', 'celery', 'garlic', 'paste']);
  });

  it('takes honest minutes for onion: under ten soft, a quarter hour golden, past half an hour brown', () => {
    expect(onionMinutes(0.3, 'soft')).toBeLessThan(10);
    expect(onionMinutes(0.3, 'golden')).toBeCloseTo(4 + (0.3 * 0.35 * 2.26e6) / 400 / 60, 9);
    expect(onionMinutes(0.3, 'deep')).toBeGreaterThan(30);
    expect(onionMinutes(0, 'deep')).toBe(0);
  });

  it('marks what must not be left: minced garlic, paste, spice, roux, brown onion', () => {
    const plan = basePlan(
      question({ onion: 'deep', thicken: 'roux' }, { season: { spices: [{ id: 'paprika', grams: 10, when: 'fat' }] } }),
    );
    const stay = plan.steps.filter((s) => s.stay).map((s) => s.id);
    expect(stay).toEqual(['onion', 'garlic', 'spice-paprika', 'paste', 'flour']);
    expect(english(plan.steps.find((s) => s.id === 'spice-paprika')?.look)).toContain('off the heat');
  });

  it('lets whole cloves go in early, at no time of their own', () => {
    const items = [{ id: 'garlic', kg: 0.03, fate: 'picked' as const, when: 'start' as const }];
    const [step] = basePlan(question({ items, pasteWhen: 'none' })).steps;
    expect(step?.minutes).toBe(0);
    expect(step?.stay).toBe(false);
  });

  it('adds up its own minutes', () => {
    const plan = basePlan(question());
    expect(plan.minutes.value).toBeCloseTo(
      plan.steps.reduce((sum, s) => sum + s.minutes, 0),
      9,
    );
  });

  it('keeps a spoonful, half or all of the fat, cured pork’s included', () => {
    const cured = { id: 'curedPork', kg: 0.09, fate: 'bite' as const, when: 'start' as const };
    const with_ = (fatKept: 'spoon' | 'half' | 'all'): number =>
      basePlan(question({ fatKept, items: [cured] })).fatKeptL;
    expect(with_('all')).toBeCloseTo(0.03 + (0.09 * 0.4) / 0.9, 9);
    expect(with_('half')).toBeCloseTo(0.035, 9);
    expect(with_('spoon')).toBeCloseTo(0.022, 9);
  });

  it('sends potatoes and mushrooms in late, the slowest first', () => {
    const plan = basePlan(
      question({
        items: [
          { id: 'mushroom', kg: 0.3, fate: 'bite', when: 'late' },
          { id: 'potato', kg: 0.6, fate: 'bite', when: 'late' },
        ],
      }),
    );
    expect(plan.late.map((s) => s.id)).toEqual(['potato', 'mushroom']);
  });

  it('weighs flour for the reduced sauce, worked by hand, and more of it for a brown roux', () => {
    // 8 over 0.6 e^(0.025 × 20) is 8.087; 7.087^(1/2.75) × 4.5 is 9.17 g/l of starch; in 0.32 l 2.93 g.
    expect((basePlan(question({ thicken: 'end' })).flour?.value ?? 0) * 1000).toBeCloseTo(2.93, 1);
    expect((basePlan(question({ thicken: 'early' })).flour?.value ?? 0) * 1000).toBeCloseTo(2.93 / 0.5, 1);
    expect((basePlan(question({ thicken: 'roux' })).flour?.value ?? 0) * 1000).toBeCloseTo(2.93 / 0.33, 1);
    expect(basePlan(question({ thicken: 'none' })).flour).toBeNull();
  });

  it('knows where a forgotten step can still go in', () => {
    for (const id of FORGOTTEN) expect(WORDS.text(`forgotten.${id}.still`).length).toBeGreaterThan(20);
  });
});

describe('the garnish table', () => {
  it('is ordered low to high, and every row can be cut for one fate at least', () => {
    for (const g of GARNISHES) {
      const [low, usual, high] = g.usualGPerKg;
      expect(low, g.id).toBeLessThanOrEqual(usual);
      expect(usual, g.id).toBeLessThanOrEqual(high);
      expect(Object.keys(g.cutMm).length, g.id).toBeGreaterThan(0);
      expect(g.source.length).toBeGreaterThan(0);
    }
  });
});
