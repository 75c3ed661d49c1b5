import { describe, expect, it } from 'vitest';
import { burnerKWh, ENERGY_SD, ovenKWh } from './energy';
import { ROOM_C } from '../material';

describe('the energy of an oven', () => {
  const over = 150 - ROOM_C;

  it('is what its body, its walls and the pot take up', () => {
    expect(ovenKWh(150, 0, 0)).toBeCloseTo((6000 * over) / 3.6e6, 9);
    expect(ovenKWh(150, 60, 0) - ovenKWh(150, 0, 0)).toBeCloseTo((2.8 * over * 3600) / 3.6e6, 9);
    expect(ovenKWh(150, 60, 7.2e5) - ovenKWh(150, 60, 0)).toBeCloseTo(0.2, 9);
  });

  it('warms no body that is as hot already, and loses nothing to a warmer room', () => {
    expect(ovenKWh(150, 60, 0, 150)).toBeCloseTo((2.8 * over * 3600) / 3.6e6, 9);
    expect(ovenKWh(150, 60, 0, 180)).toBe(ovenKWh(150, 60, 0, 150));
    expect(ovenKWh(ROOM_C - 5, 60, 3.6e6)).toBeCloseTo(1, 9);
  });

  it('is known less well than that of a burner, which draws more than it puts in', () => {
    expect(burnerKWh(1.8e6, 0.5)).toBeCloseTo(1, 9);
    expect(ENERGY_SD.oven).toBeGreaterThan(ENERGY_SD.burner);
  });
});
