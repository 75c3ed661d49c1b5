import { describe, expect, it } from 'vitest';
import { nominalEnsemble } from './ensemble';
import { placeAt, valueAt } from './places';
import { contentsAt, levelMmAt, litresAt, litresForLevelAt, steamLPerHourAt } from './pot';
import { WATER_KG_PER_L } from '../heat';
import { levelForLitres, shrunk, vegetablesKgAt } from '../material';
import { ribsAndShank, shortRibRequest } from '../../testing/fixtures';

const pot = () => nominalEnsemble(shortRibRequest({ groups: ribsAndShank() }));

describe('the pot on its likely course', () => {
  it('holds what that course says, between steps too', () => {
    const ensemble = pot();
    const { nominal, assembly } = ensemble;
    const place = placeAt(assembly.grid, 91);
    expect(place % 1).toBeGreaterThan(0.01);
    expect(litresAt(ensemble, place)).toBe(valueAt(nominal.liquidKg, place) / WATER_KG_PER_L);
  });

  it('has meat in it as far shrunk as it has given juice, each cut for itself, and vegetables as they are by then', () => {
    const ensemble = pot();
    const { nominal, assembly, request } = ensemble;
    const place = placeAt(assembly.grid, 151);
    const juice = nominal.juiceFraction.map((j) => valueAt(j, place));
    expect(juice[0]).not.toBe(juice[1]);
    const left = (step: number): number => vegetablesKgAt(request.vegetables, nominal.liquidC, assembly.grid, step);
    expect(contentsAt(ensemble, place)).toEqual(shrunk(assembly.contents, juice, left(Math.round(place))));
    expect(contentsAt(ensemble, -1).vegetablesKg).toBe(left(0));
    expect(contentsAt(ensemble, -1).vegetablesKg).toBeGreaterThan(left(60));
  });

  it('steams away what is gone over the step there, an hour of it', () => {
    const ensemble = pot();
    const { evaporatedKg } = ensemble.nominal;
    const { grid } = ensemble.assembly;
    const at = (step: number): number =>
      (((evaporatedKg[step] ?? 0) - (evaporatedKg[step - 1] ?? 0)) / WATER_KG_PER_L / (grid.stepS[step] ?? 1)) * 3600;
    for (const step of [1, 30, grid.count - 1]) {
      expect(steamLPerHourAt(ensemble, step)).toBeCloseTo(at(step), 12);
      expect(steamLPerHourAt(ensemble, step - 0.3)).toBeCloseTo(at(step), 12);
    }
    expect(steamLPerHourAt(ensemble, 30)).toBeGreaterThan(0.03);
    const first = ((evaporatedKg[0] ?? 0) / WATER_KG_PER_L / (grid.stepS[0] ?? 1)) * 3600;
    expect(steamLPerHourAt(ensemble, -1)).toBeCloseTo(first, 12);
    // An open pot steams several times as much.
    const open = nominalEnsemble(shortRibRequest({ lids: [{ atMin: 0, lid: 'none' }] }));
    expect(steamLPerHourAt(open, 30)).toBeGreaterThan(4 * steamLPerHourAt(ensemble, 30));
  });

  it('stands as high as that leaves room for, and a level stands for what that leaves', () => {
    const ensemble = pot();
    for (const atMin of [0, 40, 151]) {
      const place = placeAt(ensemble.assembly.grid, atMin);
      const mm = levelMmAt(ensemble, place);
      expect(mm).toBeCloseTo(levelForLitres(contentsAt(ensemble, place), litresAt(ensemble, place)) * 1000, 9);
      expect(mm).toBeGreaterThan(20);
      expect(litresForLevelAt(ensemble, place, mm)).toBeCloseTo(litresAt(ensemble, place), 4);
      expect(litresForLevelAt(ensemble, place, mm + 10)).toBeGreaterThan(litresAt(ensemble, place) + 0.2);
    }
  });
});
