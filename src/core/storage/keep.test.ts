import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  coolingWays,
  coolPot,
  contentsOfBraise,
  traceAt,
  HOLD_WAYS,
  keepWarmMethods,
  holdingW,
  potInFridge,
  reheatPot,
  staysHotMin,
} from '.';
import { roundPot } from '../material';
import { shortRibRequest } from '../../testing/fixtures';
import { COOLING_RULES, SAFETY_LIMITS } from '../safety';

const RIBS = contentsOfBraise(shortRibRequest());
const HOLD = { liquidKg: 1.2, startC: 95, minutes: 90, hotC: 57 };

describe('kept warm', () => {
  it('cools fastest under its lid alone, slower in cloth, and not under the limit in a low oven or on a flame', () => {
    const ways = keepWarmMethods(RIBS, HOLD);
    expect(ways.map((h) => h.way)).toEqual([...HOLD_WAYS]);
    const [lid, towels, oven, flame] = ways as [(typeof ways)[0], (typeof ways)[0], (typeof ways)[0], (typeof ways)[0]];
    expect(lid.atPlateC).toBeLessThan(towels.atPlateC);
    expect(towels.atPlateC).toBeLessThan(oven.atPlateC);
    expect(lid.safeMin).toBeLessThan(towels.safeMin);
    expect([oven.safeMin, flame.safeMin]).toEqual([Infinity, Infinity]);
    expect(lid.gained).toBeLessThan(towels.gained);
    expect(towels.gained).toBeLessThan(flame.gained);
    // Cooking on: never more than an hour's cook value at 95 °C per hour.
    for (const h of ways) expect(h.gained).toBeLessThanOrEqual(HOLD.minutes + 1);
    expect(lid.safeRange[0]).toBeLessThan(lid.safeMin);
    expect(lid.safeRange[1]).toBeGreaterThan(lid.safeMin);
  });

  it('is at the limit when it is said to be, and the flame that holds it holds it', () => {
    const lid = keepWarmMethods(RIBS, HOLD)[0];
    if (!lid) throw new Error('no way');
    expect(traceAt(lid.course, lid.course.liquidC, lid.safeMin)).toBeCloseTo(57, 0);
    expect(staysHotMin(RIBS, 1.2, 95, 57)).toBeCloseTo(lid.safeMin, 6);
    expect(holdingW(RIBS, 3, 88)).toBeGreaterThan(holdingW(RIBS, 3, 70));
    const flame = keepWarmMethods(RIBS, { ...HOLD, minutes: 240 })[3];
    expect(flame?.atPlateC).toBeGreaterThan(84);
    expect(flame?.atPlateC).toBeLessThan(92);
  });

  it('lasts longer the more there is of it', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.3, max: 2, noNaN: true }),
        fc.double({ min: 0.1, max: 2, noNaN: true }),
        (l, more) => {
          expect(staysHotMin(RIBS, l + more, 95, 57)).toBeGreaterThanOrEqual(staysHotMin(RIBS, l, 95, 57) - 1);
        },
      ),
      { numRuns: 12 },
    );
  });
});

describe('cooled', () => {
  it('is within every local limit by way of ice water, and would not be if it just stood there', () => {
    for (const rule of COOLING_RULES) {
      const limit = SAFETY_LIMITS[rule];
      const cooled = coolPot(RIBS, 1.2, limit);
      if (rule !== 'ukChill') expect(cooled.safe, rule).toBe(true);
      expect(cooled.standingC).toBeGreaterThan(limit.warm?.tempC ?? limit.cold.tempC);
      expect(cooled.iceKg).toBeGreaterThan(1);
      expect(cooled.iceKg).toBeLessThan(9);
      const stand = coolingWays(RIBS, { liquidKg: 1.2, startC: 85, boxMm: 50, limit }).ways.find(
        (c) => c.way === 'stand',
      );
      expect(stand?.safe).toBe(false);
    }
  });

  it('stays in the ice water longer the more there is of it', () => {
    const most = contentsOfBraise(
      shortRibRequest({
        groups: [
          { massKg: 4.5, pieces: 2, lengthM: 0.24, widthM: 0.12, thicknessM: 0.1, onBone: false, startTempC: 25 },
        ],
        pot: { ...roundPot(0.32, 0.2), massKg: 8, material: 'castIron' },
      }),
    );
    expect(coolPot(most, 4, SAFETY_LIMITS.us).iceMin).toBeGreaterThan(coolPot(RIBS, 1.2, SAFETY_LIMITS.us).iceMin);
  });

  it('in a shallow box is quicker than in a deep one, and hot warms the whole fridge', () => {
    const boxes = (boxMm: number): number =>
      coolingWays(RIBS, { liquidKg: 1.2, startC: 60, boxMm, limit: SAFETY_LIMITS.us }).ways.find(
        (c) => c.way === 'boxes',
      )?.coldMin ?? 0;
    expect(boxes(25)).toBeLessThan(boxes(50));
    expect(boxes(50)).toBeLessThan(boxes(80));
    const [hot, tepid] = [potInFridge(RIBS, 1.2, 85), potInFridge(RIBS, 1.2, 21)];
    expect(hot.airPeakC).toBeGreaterThan(8);
    expect(hot.foodOver5Min).toBeGreaterThan(60);
    expect(tepid.foodOver5Min).toBe(0);
    expect(SAFETY_LIMITS.us.fridgeDays).toBeLessThanOrEqual(4);
  });
});

describe('warmed again', () => {
  it('takes ribs the better part of an hour: heat has to reach their middle, however strong the flame', () => {
    const { minutes, sauceMin, powerW } = reheatPot(RIBS, 0.5, 2400, 74);
    expect(powerW).toBe(600);
    expect(minutes).toBeGreaterThan(30);
    expect(minutes).toBeLessThan(75);
    expect(sauceMin).toBeLessThan(minutes / 2);
    expect(reheatPot(RIBS, 0.5, 250, 74).minutes).toBeGreaterThan(minutes);
    expect(reheatPot(RIBS, 0.5, 2400, 75).minutes).toBeGreaterThanOrEqual(minutes);
  });

  it('takes longer in the oven, whatever the flame would be: all its heat comes through air and iron', () => {
    const { minutes, ovenMin, ovenC } = reheatPot(RIBS, 0.5, 2400, 74);
    expect(ovenC).toBe(160);
    // The reference's ribs take 80 min in half a litre under a lid.
    expect(Math.abs(ovenMin - 80)).toBeLessThan(8);
    expect(ovenMin).toBeGreaterThan(minutes);
    expect(reheatPot(RIBS, 0.5, 250, 74).ovenMin).toBe(ovenMin);
    expect(reheatPot(RIBS, 1, 2400, 74).ovenMin).toBeGreaterThan(ovenMin);
  });
});
