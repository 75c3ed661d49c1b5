import { describe, expect, it } from 'vitest';
import { buyPlan, cutDoubt, cutsFor, rawPerPersonKg, trotterKg } from './buy';
import { cutById, CUTS } from '../larder';
import { type MeatPart, RESULTS } from '../choices';
import { english } from '../../testing/words';

const part = (cutId: string, massKg: number, more: Partial<MeatPart> = {}): MeatPart => ({
  cutId,
  massKg,
  grossKg: null,
  pieces: 4,
  thicknessMm: cutById(cutId).sizeMm.thickness,
  thicknessMeasured: true,
  onBone: cutById(cutId).bone !== 'no',
  pricePerKg: null,
  ...more,
});
const of = (p: MeatPart) => ({ cut: cutById(p.cutId), part: p });

describe('what to buy', () => {
  it('goes from eaters to trimmed weight to the butcher’s, worked by hand', () => {
    const plan = buyPlan([of(part('lamb_shank', 1.6))], 4, 'usual', 0.7);
    // 400 g a serving; 2 to 6% is trimmed off.
    expect(plan.wanted.value).toBeCloseTo(1.6, 9);
    expect(plan.toBuy.value).toBeCloseTo(1.6 / 0.96, 9);
    expect(plan.toBuy.range?.[0]).toBeCloseTo(1.6 / 0.98, 9);
    expect(plan.toBuy.range?.[1]).toBeCloseTo(1.6 / 0.94, 9);
    expect(plan.edible.value).toBeCloseTo(1.6 * 0.68, 9);
    expect(plan.served.value).toBeCloseTo(0.175, 9);
    expect(plan.plates.value).toBeCloseTo(4, 9);
  });

  it('wants more for the hungry and for meat on the bone', () => {
    const cut = cutById('chicken_thigh');
    expect(rawPerPersonKg(cut, false, 'usual')).toBeLessThan(rawPerPersonKg(cut, true, 'usual'));
    expect(rawPerPersonKg(cut, true, 'hearty')).toBeCloseTo(rawPerPersonKg(cut, true, 'usual') * 1.3, 12);
  });

  it('prices a plate by what was paid at the counter, bone and trim included', () => {
    const priced = part('lamb_shank', 1.6, { grossKg: 1.7, pricePerKg: 12 });
    expect(buyPlan([of(priced)], 4, 'usual', 0.7).pricePerPlate?.value).toBeCloseTo((1.7 * 12) / 4, 9);
    expect(buyPlan([of(part('lamb_shank', 1.6))], 4, 'usual', 0.7).pricePerPlate).toBeNull();
  });

  it('compares on and off the bone where the cut is sold both ways', () => {
    const plan = buyPlan([of(part('chicken_thigh', 1.2, { pricePerKg: 10 }))], 4, 'usual', 0.7);
    expect(english(plan.other?.says)).toMatch(/\d+ g.*11\.90/);
    expect(buyPlan([of(part('beef_cheek', 1.2))], 4, 'usual', 0.7).other).toBeNull();
  });

  it('shares the table between mixed meats as they are weighed', () => {
    const mixed = [of(part('beef_chuck_cubes', 0.8)), of(part('pork_shoulder_cubes', 0.4))];
    expect(buyPlan(mixed, 6, 'usual', 0.7).wanted.value).toBeCloseTo((6 * (2 * 0.23 + 0.21)) / 3, 9);
  });
});

describe('cuts for a result', () => {
  it('slices come from lean even joints, never from cubes or oxtail', () => {
    const ids = cutsFor('slices').map((a) => a.cut.id);
    expect(ids[0]).toBe('beef_round');
    expect(ids).not.toContain('beef_oxtail');
    expect(ids).not.toContain('beef_chuck_cubes');
  });

  it('shreds come from fat and fibrous shoulders, not from lean round', () => {
    const ids = cutsFor('shreds').map((a) => a.cut.id);
    expect(ids.slice(0, 8)).toContain('pork_shoulder');
    expect(ids).not.toContain('beef_round');
    expect(english(cutDoubt('beef_round', 'shreds'))).toContain('dry');
    expect(english(cutDoubt('beef_round', 'slices'))).toBe('');
  });

  it('has something of every species for a tender plate, each with a reason', () => {
    for (const result of RESULTS) {
      for (const a of cutsFor(result)) expect(english(a.why).length).toBeGreaterThan(5);
    }
    expect(new Set(cutsFor('tender').map((a) => a.cut.species)).size).toBe(new Set(CUTS.map((c) => c.species)).size);
    expect(cutsFor('tender', 'lamb').every((a) => a.cut.species === 'lamb')).toBe(true);
  });
});

describe('a trotter', () => {
  it('goes with meat poor in gelatin, not with oxtail', () => {
    expect(trotterKg([of(part('beef_round', 1.5))])).toBeGreaterThan(0);
    expect(trotterKg([of(part('beef_oxtail', 1.5))])).toBe(0);
  });
});
