import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { COOLING_LIMIT, coolPot, reheatPot } from './cooling';
import { assemble, type BraiseRequest, NO_SURPRISES } from '../forecast';
import { FAST_CELLS, type Heat, PLAIN_STEPS, runBraise } from '../heat';
import { type LidKind } from '../larder';
import { roundPot } from '../material';
import { shortRibRequest } from '../../testing/fixtures';

/** Four litres with a crumb of meat in it, as the model's own figures have it. */
const FOUR_LITRES = shortRibRequest({
  groups: [{ massKg: 0.03, pieces: 1, lengthM: 0.04, widthM: 0.03, thicknessM: 0.025, onBone: false, startTempC: 95 }],
  liquidL: 4,
  liquidTempC: 95,
  vegetables: [],
});

/** Hours until the liquid has come down to `tempC`. */
function hoursTo(tempC: number, heat: Heat, lid: LidKind, request: BraiseRequest = FOUR_LITRES): number {
  const assembly = assemble(
    { ...request, heats: [{ atMin: 0, heat }], lids: [{ atMin: 0, lid }] },
    12 * 60,
    PLAIN_STEPS,
    [],
  );
  const { liquidC } = runBraise(assembly.setup(NO_SURPRISES), assembly.grid, FAST_CELLS);
  const step = liquidC.findIndex((t) => t <= tempC);
  return (assembly.grid.endS[step] as number) / 3600;
}

describe('a pot that cools', () => {
  it('takes as long as the law of cooling says', () => {
    expect(Math.abs(hoursTo(21, { kind: 'iceWater', stirred: false }, 'heavy') - 1.05)).toBeLessThan(0.15);
    expect(hoursTo(5, { kind: 'iceWater', stirred: false }, 'heavy')).toBeGreaterThan(1.9);
    expect(hoursTo(5, { kind: 'iceWater', stirred: false }, 'heavy')).toBeLessThan(2.3);
    expect(Math.abs(hoursTo(21, { kind: 'iceWater', stirred: true }, 'heavy') - 0.5)).toBeLessThan(0.08);
    // Half as full as this tall pot is, the wall above the liquid cools it too.
    expect(hoursTo(57, { kind: 'off' }, 'heavy')).toBeGreaterThan(1.7);
    expect(hoursTo(57, { kind: 'off' }, 'heavy')).toBeLessThan(3.5);
    expect(hoursTo(57, { kind: 'off' }, 'none')).toBeLessThan(hoursTo(57, { kind: 'off' }, 'heavy'));
  });

  it('is cold in time by way of ice water, and would not be if it just stood there', () => {
    const cooling = coolPot(shortRibRequest(), 1.2);
    expect(cooling.safe).toBe(true);
    expect(cooling.warmMin).toBeLessThanOrEqual(COOLING_LIMIT.warmMin);
    expect(cooling.coldMin).toBeLessThanOrEqual(COOLING_LIMIT.coldMin);
    expect(cooling.standingC).toBeGreaterThan(COOLING_LIMIT.warmC + 10);
    expect(cooling.iceKg).toBeGreaterThan(2);
    expect(cooling.iceKg).toBeLessThan(8);
  });

  it('stays in the ice water longer the more there is of it, until it is within the limit', () => {
    const most = shortRibRequest({
      groups: [{ massKg: 4.5, pieces: 2, lengthM: 0.24, widthM: 0.12, thicknessM: 0.1, onBone: false, startTempC: 25 }],
      pot: { ...roundPot(0.32, 0.2), massKg: 8, material: 'castIron' },
    });
    const big = coolPot(most, 4);
    expect(big.iceMin).toBeGreaterThan(coolPot(shortRibRequest(), 1.2).iceMin);
    if (!big.safe) expect(big.handoverC).toBe(COOLING_LIMIT.coldC);
  });

  it('is never slower with less liquid in it', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.3, max: 2, noNaN: true }),
        fc.double({ min: 0.1, max: 1, noNaN: true }),
        (l, more) => {
          const less = coolPot(shortRibRequest(), l);
          const full = coolPot(shortRibRequest(), l + more);
          if (less.handoverC === full.handoverC) expect(less.iceMin).toBeLessThanOrEqual(full.iceMin + 2);
        },
      ),
      { numRuns: 8 },
    );
  });
});

describe('warming it again', () => {
  it('takes ribs 50 mm thick the better part of an hour: heat has to reach their middle', () => {
    const { minutes, powerW } = reheatPot(shortRibRequest(), 0.5, 2400);
    expect(powerW).toBe(600);
    expect(minutes).toBeGreaterThan(30);
    expect(minutes).toBeLessThan(70);
  });

  it('waits for the middle of a thick piece, however strong the flame', () => {
    const thick = shortRibRequest({
      groups: [{ massKg: 1.8, pieces: 1, lengthM: 0.2, widthM: 0.1, thicknessM: 0.09, onBone: false, startTempC: 25 }],
    });
    expect(reheatPot(thick, 0.5, 2400).minutes).toBeGreaterThan(60);
    expect(reheatPot(shortRibRequest(), 0.5, 200).minutes).toBeGreaterThan(
      reheatPot(shortRibRequest(), 0.5, 600).minutes,
    );
  });
});
