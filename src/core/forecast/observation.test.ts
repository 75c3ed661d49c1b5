import { describe, expect, it } from 'vitest';
import { chanceBy } from './forecast';
import { stageChances } from './forkLaw';
import { logLikelihood, type Observation, type Prediction, probeLaw, sigmasOff } from './observation';
import { kitchenPrior } from './prior';
import { normalCdf } from '../numbers';
import { cutById } from '../larder';
import { shortRibRequest } from '../../testing/fixtures';

const CUT = cutById('beef_oxtail');
const HERE: Prediction = { progress: 1, coreC: 80, liquidC: 95, boilC: 100, litres: 0.8 };

describe('a probe', () => {
  it('reads a little of the liquid along its stem, and is doubted twice as much beside the bone', () => {
    const plain = probeLaw(HERE, false);
    expect(plain.mean).toBeCloseTo(80 + 0.04 * 15, 12);
    expect(plain.sd).toBeCloseTo(Math.hypot(1, 0.9), 12);
    expect(probeLaw(HERE, true)).toEqual({ mean: plain.mean, sd: 2 * plain.sd });
  });

  it('beside the bone, a reading far off speaks less against a kitchen', () => {
    const against = (nearBone: boolean): number => {
      const at = (tempC: number): number => logLikelihood(CUT, { kind: 'probe', atMin: 60, tempC, nearBone }, HERE);
      return at(80) - at(90);
    };
    expect(against(true)).toBeLessThan(against(false) * 0.6);
  });
});

describe('a fork test', () => {
  const { gives, twists } = CUT.cookValue;

  it('names the stage it is between as often as not, and one beside it about as often from its edge', () => {
    const [, , before = 0, after = 0] = stageChances(CUT, 1);
    expect(before).toBeGreaterThan(0.4);
    expect(before + after).toBeGreaterThan(0.9);
    const [, , within = 0] = stageChances(CUT, Math.sqrt(gives / twists));
    expect(within).toBeGreaterThan(before);
    expect(stageChances(CUT, 0.8).reduce((a, b) => a + b)).toBeCloseTo(1, 6);
  });

  it('that goes wrong is still likelier near than far', () => {
    const chances = stageChances(CUT, 0.2);
    chances.slice(1).forEach((c, i) => {
      expect(c).toBeLessThan(chances[i] as number);
    });
  });
});

describe('bubbles', () => {
  it('say as much either way four degrees under the boil', () => {
    const said = (simmering: boolean, liquidC: number): number =>
      logLikelihood(CUT, { kind: 'simmering', atMin: 30, simmering }, { ...HERE, liquidC });
    expect(said(true, 96)).toBeCloseTo(said(false, 96), 6);
    expect(said(true, 99)).toBeGreaterThan(said(false, 99) + 2);
  });
});

describe('what a record says of a kitchen', () => {
  const seen: Readonly<Record<'probe' | 'bone' | 'liquidTemp' | 'level', (off: number) => Observation>> = {
    probe: (off) => ({ kind: 'probe', atMin: 60, tempC: 80.6 + off * Math.hypot(1, 0.9), nearBone: false }),
    bone: (off) => ({ kind: 'probe', atMin: 60, tempC: 80.6 + off * 2 * Math.hypot(1, 0.9), nearBone: true }),
    liquidTemp: (off) => ({ kind: 'liquidTemp', atMin: 60, tempC: 95 + 1.5 * off }),
    level: (off) => ({ kind: 'level', atMin: 60, litres: 0.8 + 0.08 * off }),
  };
  /** A bell with the tails of four degrees of freedom. */
  const bell = (off: number): number => -2.5 * Math.log(1 + (off * off) / 4);

  it('falls off as a bell with heavy tails, in spreads of what was read', () => {
    for (const off of [-4, -0.5, 0, 1, 3]) {
      const said = (kind: keyof typeof seen): number => logLikelihood(CUT, seen[kind](off), HERE);
      expect(said('probe')).toBeCloseTo(bell(off) - Math.log(Math.hypot(1, 0.9)), 9);
      expect(said('bone')).toBeCloseTo(bell(off) - Math.log(2 * Math.hypot(1, 0.9)), 9);
      expect(said('liquidTemp')).toBeCloseTo(bell(off), 9);
      expect(said('level')).toBeCloseTo(bell(off), 9);
      expect(sigmasOff(seen.liquidTemp(off), HERE)).toBeCloseTo(Math.abs(off), 9);
      expect(sigmasOff(seen.level(off), HERE)).toBeCloseTo(Math.abs(off), 9);
      expect(sigmasOff(seen.probe(off), HERE)).toBeCloseTo(Math.abs(off), 9);
      expect(sigmasOff(seen.bone(off), HERE)).toBeCloseTo(Math.abs(off), 9);
    }
  });

  it('is what a fork or an eye would say there, three in a hundred of them mistaken', () => {
    const fork: Observation = { kind: 'fork', atMin: 60, stage: 'gives' };
    expect(logLikelihood(CUT, fork, HERE)).toBe(Math.log(stageChances(CUT, 1)[2] ?? 0));
    for (const liquidC of [90, 95, 97.2, 100]) {
      const chance = normalCdf((liquidC - 96) / 1.5);
      const said = (simmering: boolean): number =>
        Math.exp(logLikelihood(CUT, { kind: 'simmering', atMin: 60, simmering }, { ...HERE, liquidC }));
      expect(said(true)).toBeCloseTo(0.97 * chance + 0.015, 9);
      expect(said(true) + said(false)).toBeCloseTo(1, 9);
    }
    expect(sigmasOff(fork, HERE)).toBeUndefined();
    expect(sigmasOff({ kind: 'simmering', atMin: 60, simmering: false }, HERE)).toBeUndefined();
  });

  it('of a fork is never that it cannot be', () => {
    for (const progress of [0, 1e-12, 1e6]) {
      for (const chance of stageChances(CUT, progress)) expect(chance).toBeGreaterThan(0);
    }
    expect(stageChances(CUT, 0)[0]).toBeCloseTo(1, 6);
    expect(stageChances(CUT, 1e6)[5]).toBeCloseTo(1, 6);
  });
});

describe('the chance by a moment', () => {
  /** Ready at minute 1 in one particle of a hundred, at minute 2 in two, and so on. */
  const forecast = { readyPercentiles: Array.from({ length: 99 }, (_, i) => i + 1) };

  it('is the percentile of that moment, to the hundredth and between two of them', () => {
    expect(chanceBy(forecast, 0.5)).toBe(0);
    expect(chanceBy(forecast, 1)).toBe(0.01);
    expect(chanceBy(forecast, 50)).toBeCloseTo(0.5, 12);
    expect(chanceBy(forecast, 50.5)).toBeCloseTo(0.505, 12);
    expect(chanceBy(forecast, 98)).toBeCloseTo(0.98, 12);
    expect(chanceBy(forecast, 500)).toBe(0.99);
  });
});

describe('what a kitchen does not know', () => {
  it('is as docs/model.md has it', () => {
    const sd = (part: object): Record<string, number> =>
      Object.fromEntries(Object.entries(kitchenPrior(shortRibRequest(part))).map(([name, law]) => [name, law.sd]));
    expect(sd({})).toMatchObject({
      model: 0.08,
      piece: 0.06,
      ovenOffset: 8,
      ovenFilm: 0.2,
      liquidFilm: 0.3,
      topFilm: 0.4,
      liquidStart: 3,
      meatStart: 4,
      hold: 1.5,
    });
    expect(sd({ thicknessMeasured: true }).thickness).toBe(0.06);
    expect(sd({ thicknessMeasured: false }).thickness).toBe(0.15);
  });
});
