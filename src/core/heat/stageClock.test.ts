import { describe, expect, it } from 'vitest';
import { type RunPhase, type StageEnd } from './phase';
import { AS_EXPECTED, potPhase } from './sources';
import { StageClock } from './stageClock';
import { SEA_LEVEL_PA } from './water';

const SHELL = {
  spanM: 0.26,
  rimM: 0.8,
  baseM2: 0.05,
  wetSideM2: 0.04,
  drySideM2: 0.04,
  wallAboveLiquidM: 0.05,
  wallThicknessM: 0.003,
  material: 'castIron',
  pressurePa: SEA_LEVEL_PA,
  heightM: 0.1,
  innerFilmWM2K: 200,
  liquidTransfer: 1,
} as const;

/** Phases that end so, told apart by burner power: 100 W, 200 W and on. */
function stages(...ends: (StageEnd | undefined)[]): RunPhase[] {
  return ends.map((until, i) => ({
    phases: [false, true].map((turned) =>
      potPhase({ kind: 'power', powerW: 100 * (i + 1) }, 'heavy', turned, SHELL, AS_EXPECTED),
    ),
    until,
  }));
}

const on = (clock: StageClock, key = 0): number => clock.phase(key).powerW / 100;

describe('which stage of heat is on', () => {
  it('is the only one there is, under each state of lid and turning', () => {
    const clock = new StageClock(stages(undefined), new Float64Array(1), 20);
    expect(clock.advance(1e6, 100, 0)).toBe(false);
    expect([on(clock), clock.phase(0).exposureScale, clock.phase(1).exposureScale]).toEqual([1, 1, 0.5]);
  });

  it('goes on by the clock, at the moment itself and past several at once', () => {
    const made = (): StageClock =>
      new StageClock(
        stages({ kind: 'clock', atS: 600 }, { kind: 'clock', atS: 900 }, undefined),
        new Float64Array(1),
        90,
      );
    const clock = made();
    expect([clock.advance(599, 90, 1), on(clock)]).toEqual([false, 1]);
    expect([clock.advance(600, 90, 1), on(clock)]).toEqual([true, 2]);
    expect([clock.advance(840, 90, 1), on(clock)]).toEqual([false, 2]);
    expect([clock.advance(900, 90, 1), on(clock)]).toEqual([true, 3]);
    const late = made();
    expect([late.advance(2000, 90, 1), on(late)]).toEqual([true, 3]);
  });

  it('ends so long after it began, whenever that was', () => {
    const clock = new StageClock(
      stages({ kind: 'clock', atS: 700 }, { kind: 'elapsed', seconds: 300 }, undefined),
      new Float64Array(1),
      90,
    );
    clock.advance(700, 90, 1);
    expect([clock.advance(999, 90, 1), on(clock)]).toEqual([false, 2]);
    expect([clock.advance(1000, 90, 1), on(clock)]).toEqual([true, 3]);
  });

  it('ends when the liquid comes to a heat, from below or from above', () => {
    const until: StageEnd = { kind: 'liquid', tempC: 80 };
    const up = new StageClock(stages(until, undefined), new Float64Array(1), 20);
    expect([up.advance(60, 79, 1), up.advance(120, 80, 1), on(up)]).toEqual([false, true, 2]);
    const down = new StageClock(stages(until, undefined), new Float64Array(1), 95);
    expect([down.advance(60, 81, 1), down.advance(120, 80, 1), on(down)]).toEqual([false, true, 2]);
    // The side is decided when the phase begins, not when the pot began.
    const later = new StageClock(stages({ kind: 'clock', atS: 100 }, until, undefined), new Float64Array(1), 20);
    expect([later.advance(100, 95, 1), on(later)]).toEqual([true, 2]);
    expect([later.advance(160, 85, 1), later.advance(220, 79, 1), on(later)]).toEqual([false, true, 3]);
  });

  it('ends when so much is left', () => {
    const clock = new StageClock(stages({ kind: 'level', liquidKg: 0.5 }, undefined), new Float64Array(1), 90);
    expect([clock.advance(60, 90, 0.51), clock.advance(120, 90, 0.5), on(clock)]).toEqual([false, true, 2]);
  });

  it('ends when every size class has cooked as far as is wanted of it', () => {
    const slow = Float64Array.of(12, 5);
    const clock = new StageClock(stages({ kind: 'cookValue', minutes: [10, 20] }, undefined), slow, 90);
    expect(clock.advance(60, 90, 1)).toBe(false);
    slow[1] = 20;
    expect([clock.advance(120, 90, 1), on(clock)]).toEqual([true, 2]);
    const unasked = new StageClock(stages({ kind: 'cookValue', minutes: [10] }, undefined), slow, 90);
    expect(unasked.advance(60, 90, 1)).toBe(false);
  });

  it('keeps a change by the clock though a stage before it has not come to its end', () => {
    const clock = new StageClock(
      stages({ kind: 'liquid', tempC: 99 }, { kind: 'clock', atS: 900 }, { kind: 'level', liquidKg: 0.1 }, undefined),
      new Float64Array(1),
      20,
    );
    expect([clock.advance(600, 50, 1), on(clock)]).toEqual([false, 1]);
    expect([clock.advance(900, 60, 1), on(clock)]).toEqual([true, 3]);
    expect([clock.advance(960, 60, 1), on(clock)]).toEqual([false, 3]);
    expect([clock.advance(1200, 60, 0.05), on(clock)]).toEqual([true, 4]);
    expect([clock.advance(9000, 20, 0), on(clock)]).toEqual([false, 4]);
  });
});
