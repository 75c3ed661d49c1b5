import { describe, expect, it } from 'vitest';
import { nominalEnsemble } from './ensemble';
import { scheduledAt, valueAt } from './timeIndex';
import { contentsAt, levelMmAt, litresAt, litresForLevelAt, steamLPerHourAt } from './pot';
import { WATER_KG_PER_L } from '../heat';
import { levelForLitres, shrunk, vegetablesKgAt } from '../material';
import { ribsAndShank, shortRibRequest } from '../../testing/fixtures';

const pot = () => nominalEnsemble(shortRibRequest({ groups: ribsAndShank() }));

describe('the pot on its likely course', () => {
  it('holds what that course says, between steps too', () => {
    const ensemble = pot();
    const { nominal, assembly } = ensemble;
    const place = scheduledAt(assembly.grid, 91);
    expect(place % 1).toBeGreaterThan(0.01);
    expect(litresAt(ensemble, place)).toBe(valueAt(nominal.liquidKg, place) / WATER_KG_PER_L);
  });

  it('has meat in it as far shrunk as it has given juice, each cut for itself, and vegetables as they are by then', () => {
    const ensemble = pot();
    const { nominal, assembly, request } = ensemble;
    const place = scheduledAt(assembly.grid, 151);
    const juice = nominal.juiceFraction.map((j) => valueAt(j, place));
    expect(juice[0]).not.toBe(juice[1]);
    const left = (step: number): number => vegetablesKgAt(request.vegetables, nominal.liquidC, assembly.grid, step);
    expect(contentsAt(ensemble, place)).toEqual(shrunk(assembly.contents, juice, left(Math.round(place))));
    expect(contentsAt(ensemble, -1).vegetablesKg).toBe(left(0));
    expect(contentsAt(ensemble, -1).vegetablesKg).toBeGreaterThan(left(60));
  });

  it('steams away what goes in the ten minutes from there on under its lid, an hour of it', () => {
    const looked = nominalEnsemble(shortRibRequest({ openings: [{ atMin: 60, seconds: 120 }] }));
    const { evaporatedKg } = looked.nominal;
    const { grid } = looked.assembly;
    const goneL = (fromMin: number, toMin: number): number =>
      (valueAt(evaporatedKg, scheduledAt(grid, toMin)) - valueAt(evaporatedKg, scheduledAt(grid, fromMin))) /
      WATER_KG_PER_L;
    const at = (atMin: number): number => steamLPerHourAt(looked, scheduledAt(grid, atMin));
    expect(Math.abs(at(80) / (goneL(80, 90) * 6) - 1)).toBeLessThan(0.15);
    // While the lid is off far more is lost: that is not its usual rate.
    expect(goneL(60, 62) * 30).toBeGreaterThan(4 * at(60));
    expect(at(60.5)).toBeLessThan(1.2 * at(50));
    expect(at(30)).toBeGreaterThan(0.02);
    expect(steamLPerHourAt(looked, -1)).toBeGreaterThan(0);
    const end = grid.count - 1;
    const last = ((evaporatedKg[end] ?? 0) - (evaporatedKg[end - 1] ?? 0)) / WATER_KG_PER_L / (grid.stepS[end] ?? 1);
    expect(steamLPerHourAt(looked, end)).toBeCloseTo(last * 3600, 9);
    // An open pot loses several times as much.
    const open = nominalEnsemble(shortRibRequest({ lids: [{ atMin: 0, lid: 'none' }] }));
    expect(steamLPerHourAt(open, 30)).toBeGreaterThan(4 * at(30));
  });

  it('stands as high as that leaves room for, and a level stands for what that leaves', () => {
    const ensemble = pot();
    for (const atMin of [0, 40, 151]) {
      const place = scheduledAt(ensemble.assembly.grid, atMin);
      const mm = levelMmAt(ensemble, place);
      expect(mm).toBeCloseTo(levelForLitres(contentsAt(ensemble, place), litresAt(ensemble, place)) * 1000, 9);
      expect(mm).toBeGreaterThan(20);
      expect(litresForLevelAt(ensemble, place, mm)).toBeCloseTo(litresAt(ensemble, place), 4);
      expect(litresForLevelAt(ensemble, place, mm + 10)).toBeGreaterThan(litresAt(ensemble, place) + 0.2);
    }
  });
});
