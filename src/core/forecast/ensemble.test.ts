import { describe, expect, it } from 'vitest';
import {
  AJAR_CHANCE,
  ajarChance,
  type Ensemble,
  follow,
  nominalEnsemble,
  predictionOf,
  priorEnsemble,
} from './ensemble';
import { likelihoodOf, placeRecords, predict } from './likelihood';
import { type Observation } from './observation';
import { scheduledAt } from './timeIndex';
import { requiredCookValue, kitchenPrior, UNKNOWN_COUNT, parametersOf } from './prior';
import { type BraiseRequest } from './request';
import { weights } from './resample';
import { emptyTraces, FAST_CELLS, type SimulationTrace, runInto } from '../heat';
import { shortRibRequest } from '../../testing/fixtures';

const COUNT = 128;
const plan = (part: Partial<BraiseRequest> = {}): Ensemble =>
  priorEnsemble(shortRibRequest(part), { particles: COUNT });
const looked = (atMin: number, part: Partial<BraiseRequest> = {}): BraiseRequest =>
  shortRibRequest({ openings: [{ atMin, seconds: 60 }], ...part });
const fork = (atMin: number, stage: 'holds' | 'drags' | 'gives' | 'twists' | 'falls' | 'strings'): Observation => ({
  kind: 'fork',
  atMin,
  stage,
});

/** Particle `i` run again through what the ensemble says happened. */
function runAnew({ assembly, prior, z, ajar }: Ensemble, i: number): SimulationTrace {
  const [course] = emptyTraces(1, assembly.request.groups.length, assembly.grid.count);
  if (!course) throw new Error('no course');
  const row = i * UNKNOWN_COUNT;
  const setup = assembly.setup(parametersOf(prior, z, row, ajar[i] === 1), requiredCookValue(prior, z, row));
  runInto(setup, assembly.grid, FAST_CELLS, course);
  return course;
}

/** Holds for every ensemble: each particle is what its normals say, run through everything that happened. */
function isSound(ensemble: Ensemble): void {
  const { count, prior, z, demand, courses, logLikelihood, observations, aside } = ensemble;
  const seen = placeRecords(ensemble, observations, aside);
  expect(z).toHaveLength(count * UNKNOWN_COUNT);
  expect(weights(ensemble).reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
  for (let i = 0; i < count; i += 5) {
    const anew = runAnew(ensemble, i);
    expect(demand[i]).toBe(requiredCookValue(prior, z, i * UNKNOWN_COUNT));
    expect(courses[i]?.liquidC).toEqual(anew.liquidC);
    expect(courses[i]?.slowCookValue).toEqual(anew.slowCookValue);
    expect(logLikelihood[i]).toBeCloseTo(likelihoodOf(ensemble, seen, anew)(demand[i] ?? 0), 9);
  }
}
const ajarCount = (ensemble: Ensemble): number => ensemble.ajar.reduce((a, b) => a + b, 0);
const litresAt = (ensemble: Ensemble, atMin: number): number => predictionOf(ensemble, COUNT - 1, atMin).litres;

describe('the forecast before anything was recorded', () => {
  it('is so many kitchens of the law, each run, the same for the same seed', () => {
    const ensemble = plan();
    isSound(ensemble);
    expect(ensemble.count).toBe(COUNT);
    expect(ensemble.observations).toEqual([]);
    expect(ensemble.renewals).toBe(0);
    expect(plan().z).toEqual(ensemble.z);
    expect(plan({ seed: 8 }).z).not.toEqual(ensemble.z);
    expect(priorEnsemble(shortRibRequest()).count).toBe(512);
  });

  it('follows the law it is given', () => {
    const usual = kitchenPrior(shortRibRequest());
    const prior = { ...usual, hand: { mean: 0.2, sd: 0.01 } };
    const ensemble = priorEnsemble(shortRibRequest(), { particles: COUNT, prior });
    const mean = (d: Float64Array): number => d.reduce((a, b) => a + Math.log(b), 0) / d.length;
    expect(mean(ensemble.demand) - mean(plan().demand)).toBeCloseTo(0.2, 1);
    expect(ensemble.prior).toBe(prior);
  });

  it('gives an eighth of them a lid that does not sit, and each of those less weight', () => {
    const ensemble = plan();
    expect([...ensemble.ajar].lastIndexOf(1)).toBe(COUNT / 8 - 1);
    expect(ajarCount(ensemble)).toBe(COUNT / 8);
    expect(Math.exp(ensemble.logWeight[0] ?? 0)).toBeCloseTo((AJAR_CHANCE * COUNT) / (COUNT / 8), 9);
    expect(Math.exp(ensemble.logWeight[COUNT - 1] ?? 0)).toBeCloseTo(((1 - AJAR_CHANCE) * COUNT) / (COUNT * 0.875), 9);
    expect(ajarChance(ensemble)).toBeCloseTo(AJAR_CHANCE, 9);
    // Under these, more is lost as steam.
    const mean = (from: number, to: number): number =>
      Array.from({ length: to - from }, (_, k) => predictionOf(ensemble, from + k, 90).litres).reduce(
        (x, y) => x + y,
        0,
      ) /
      (to - from);
    expect(mean(0, COUNT / 8)).toBeLessThan(mean(COUNT / 8, COUNT) - 0.1);
  });

  it('does not ask whether a lid sits that is not meant to, nor with few kitchens', () => {
    for (const none of [plan({ lids: [{ atMin: 0, lid: 'none' }] }), plan({ lids: [{ atMin: 0, lid: 'ajar' }] })]) {
      expect(ajarCount(none)).toBe(0);
      expect(none.logWeight.every((w) => w === 0)).toBe(true);
      expect(ajarChance(none)).toBe(0);
    }
    const few = priorEnsemble(shortRibRequest(), { particles: 7 });
    expect([ajarCount(few), few.logWeight[0]]).toEqual([0, 0]);
    expect(ajarCount(priorEnsemble(shortRibRequest(), { particles: 8 }))).toBe(1);
  });

  it('is the one course without surprises where speed is all', () => {
    const ensemble = nominalEnsemble(shortRibRequest());
    isSound(ensemble);
    expect(ensemble.count).toBe(1);
    expect(ensemble.courses[0]).toBe(ensemble.nominal);
    expect([...ensemble.demand, ...ensemble.logWeight, ...ensemble.logLikelihood, ...ensemble.ajar]).toEqual([
      1, 0, 0, 0,
    ]);
    expect([ensemble.renewals, ensemble.corrected, ensemble.aside.size]).toEqual([0, [], 0]);
  });
});

describe('what happens on the way', () => {
  it('is what every kitchen goes through, with as much weight as before', () => {
    const ensemble = plan();
    const off = shortRibRequest({ heats: [...shortRibRequest().heats, { atMin: 60, heat: { kind: 'off' } }] });
    const after = follow(ensemble, off, []);
    isSound(after);
    expect(after.request).toBe(off);
    expect(after.logWeight).toBe(ensemble.logWeight);
    expect(after.z).toBe(ensemble.z);
    expect(after.courses[3]?.liquidC.at(-1)).toBeLessThan(60);
    expect(after.renewals).toBe(0);
  });
});

describe('a record that fits', () => {
  it('weighs each kitchen by how well it explains it, and draws none anew', () => {
    const ensemble = plan();
    const seen: Observation[] = [{ kind: 'probe', atMin: 40, tempC: 62, nearBone: false }];
    const mean = weights(ensemble).reduce((sum, w, i) => sum + w * predictionOf(ensemble, i, 40).coreC, 0);
    const first = follow(ensemble, shortRibRequest(), [{ ...seen[0], tempC: mean } as Observation]);
    isSound(first);
    expect(first.renewals).toBe(0);
    expect(first.z).toEqual(ensemble.z);
    first.logWeight.forEach((w, i) => {
      expect(w).toBeCloseTo((ensemble.logWeight[i] ?? 0) + (first.logLikelihood[i] ?? 0), 9);
    });
    const usual = litresAt(first, 45);
    const both = follow(first, shortRibRequest(), [...first.observations, { kind: 'level', atMin: 45, litres: usual }]);
    isSound(both);
    both.logWeight.forEach((w, i) => {
      expect(w - (first.logWeight[i] ?? 0)).toBeCloseTo(
        (both.logLikelihood[i] ?? 0) - (first.logLikelihood[i] ?? 0),
        6,
      );
    });
  });
});

describe('a record that surprises', () => {
  it('draws kitchens anew: copies move, every one is run, and weights make good what was guessed', () => {
    const ensemble = plan();
    const after = follow(ensemble, looked(120), [fork(120, 'twists')]);
    isSound(after);
    expect(after.renewals).toBe(1);
    const rows = (e: Ensemble): string[] =>
      Array.from({ length: COUNT }, (_, i) => e.z.subarray(i * UNKNOWN_COUNT + 4, (i + 1) * UNKNOWN_COUNT).join());
    const parents = new Set(rows(ensemble));
    const children = rows(after);
    const moved = children.filter((r) => !parents.has(r));
    expect(moved.length).toBeGreaterThan(10);
    expect(moved.length).toBeLessThan(COUNT - 10);
    expect(new Set(children).size).toBeGreaterThan(0.5 * COUNT);
    // All recorded within the time that explains them, weighted without resampling.
    const w = ensemble.logWeight.map((x, i) => {
      const seen = placeRecords(after, after.observations, after.aside);
      return (
        x + likelihoodOf(after, seen, runAnew({ ...ensemble, assembly: after.assembly }, i))(ensemble.demand[i] ?? 0)
      );
    });
    const mean = (e: Pick<Ensemble, 'logWeight' | 'demand'>): number =>
      weights(e).reduce((sum, x, i) => sum + x * Math.log(e.demand[i] ?? 0), 0);
    expect(mean(after)).toBeLessThan(mean(ensemble) - 0.15);
    expect(mean(after)).toBeCloseTo(mean({ logWeight: w, demand: ensemble.demand }), 1);
  });

  it('moves what the meat demands without a run, unless that steers the heat', () => {
    const steered = shortRibRequest({
      heats: [
        {
          atMin: 0,
          heat: { kind: 'oven', tempC: 150, fan: false },
          then: { after: { kind: 'stage', stage: 'gives' }, heat: { kind: 'oven', tempC: 110, fan: false } },
        },
      ],
    });
    const demands = (e: Ensemble): Set<number> => new Set(e.demand);
    const both = [shortRibRequest(), steered].map((request) => {
      const before = priorEnsemble(request, { particles: COUNT });
      const after = follow(before, { ...request, openings: [{ atMin: 120, seconds: 60 }] }, [fork(120, 'twists')]);
      isSound(after);
      expect(after.renewals).toBe(1);
      const known = demands(before);
      return [...after.demand].filter((d) => known.has(d)).length / COUNT;
    });
    expect(both[0]).toBeLessThan(0.2);
    expect(both[1]).toBeGreaterThan(0.2);
  });

  it('keeps an eighth for either state of the lid, until one is as good as ruled out', () => {
    const ensemble = plan();
    const twice = follow(ensemble, looked(120), [fork(120, 'twists')]);
    expect(ajarCount(twice)).toBe(COUNT / 8);
    const less: Observation = { kind: 'level', atMin: 90, litres: litresAt(ensemble, 90) - 0.3 };
    const more = follow(ensemble, shortRibRequest(), [less]);
    isSound(more);
    expect(more.renewals).toBe(1);
    expect(ajarChance(more)).toBeGreaterThan(0.2);
    expect(Math.abs(ajarCount(more) - COUNT * ajarChance(more))).toBeLessThan(4);
    const believing = (state: number): Ensemble => ({
      ...ensemble,
      logWeight: ensemble.logWeight.map((w, i) => w + (ensemble.ajar[i] === state ? 0 : -20)),
    });
    for (const state of [0, 1]) {
      const sure = follow(believing(state), looked(120), [fork(120, 'twists')]);
      isSound(sure);
      expect(sure.renewals).toBe(1);
      expect(ajarCount(sure)).toBe(state * COUNT);
    }
    const mostly = ensemble.logWeight.map((w, i) => w + (ensemble.ajar[i] === 1 ? 0 : -12));
    expect(ajarCount(follow({ ...ensemble, logWeight: mostly }, looked(120), [fork(120, 'twists')]))).toBe(
      COUNT - COUNT / 8,
    );
  });
});

describe('what a kitchen predicts', () => {
  it('is read off its own course, for its own meat', () => {
    const ensemble = plan();
    const { courses, demand, assembly } = ensemble;
    const [course] = courses;
    const byHand = course && predict(ensemble, course, demand[0] ?? 0, scheduledAt(assembly.grid, 77.3));
    expect(predictionOf(ensemble, 0, 77.3)).toEqual(byHand);
    expect(predictionOf(ensemble, 1, 77.3)).not.toEqual(byHand);
  });
});
