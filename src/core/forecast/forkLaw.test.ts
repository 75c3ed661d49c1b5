import { describe, expect, it } from 'vitest';
import { type Ensemble, priorEnsemble } from './ensemble';
import { crossingMin } from './forecast';
import { findingChances, stageChances } from './forkLaw';
import { slowest } from './horizon';
import { predict } from './likelihood';
import { advance } from './outlier';
import { type BraiseRequest } from './request';
import { scheduledAt } from './timeIndex';
import { type SimulationTrace } from '../heat';
import { CUTS, cutById } from '../larder';
import { randomStream } from '../numbers';
import { DONENESS_STAGES } from '../tenderness';
import { shortRibRequest } from '../../testing/fixtures';
import { readReference3 } from '../../testing/reference3';
import { rounds } from '../../testing/soak';

const { thresholds, rows } = readReference3().forkLaw;

describe('the chances of what a fork finds', () => {
  it.each(rows)('at $progress of done are those worked out elsewhere', ({ progress, chances }) => {
    findingChances(thresholds, progress).forEach((chance, k) => {
      expect(Math.abs(chance - (chances[k] ?? Number.NaN))).toBeLessThan(1e-6);
    });
  });

  it('add up to one, and none is nil however far off', () => {
    for (const progress of [0, 1e-6, 0.2, 1, 5, 1e6]) {
      const chances = stageChances(cutById('lamb_shank'), progress);
      expect(chances.reduce((a, b) => a + b)).toBeCloseTo(1, 6);
      for (const chance of chances) expect(chance).toBeGreaterThan(0);
    }
  });

  it('have each stronger finding speak for meat that is further on, near and far', () => {
    for (const cut of CUTS) {
      let before = stageChances(cut, 0.02);
      for (let progress = 0.0225; progress < 60; progress *= 1.12) {
        const now = stageChances(cut, progress);
        // How much likelier each finding has become rises from finding to finding.
        const risen = now.map((chance, k) => Math.log(chance / (before[k] as number)));
        risen.slice(1).forEach((gain, k) => {
          expect(gain, `${cut.id} at ${String(progress)}`).toBeGreaterThan((risen[k] as number) - 2e-4);
        });
        before = now;
      }
    }
  });
});

/** For each finding at a moment, the share of weight that is tender by each particle's own time; times ascending. */
function tenderBy(ensemble: Ensemble, atMin: number): readonly (readonly number[])[] {
  const { request, assembly, courses, demand, logWeight, count } = ensemble;
  const place = scheduledAt(assembly.grid, atMin);
  const times = Array.from({ length: count }, (_, i) =>
    crossingMin(
      slowest(courses[i] as SimulationTrace, request),
      assembly.grid.endS,
      request.cut.cookValue.twists * (demand[i] as number),
    ),
  );
  const order = times.map((_, i) => i).sort((a, b) => (times[a] as number) - (times[b] as number));
  const chances = Array.from({ length: count }, (_, i) =>
    stageChances(request.cut, predict(ensemble, courses[i] as SimulationTrace, demand[i] as number, place).progress),
  );
  return DONENESS_STAGES.map((_, k) => {
    const weight = order.map((i) => Math.exp(logWeight[i] as number) * (chances[i]?.[k] ?? 0));
    const all = weight.reduce((a, b) => a + b, 0);
    let sum = 0;
    return weight.map((w) => (sum += w) / all);
  });
}

describe('a stronger finding', () => {
  const random = randomStream(29);
  const some = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;
  const braise = (): BraiseRequest => {
    const cut = some(CUTS);
    const base = shortRibRequest();
    return shortRibRequest({
      cut,
      groups: base.groups.map((g) => ({
        ...g,
        onBone: cut.bone !== 'no' && g.onBone,
        thicknessM: cut.sizeMm.thickness / 1000,
      })),
      heats: [{ atMin: 0, heat: { kind: 'oven', tempC: 120 + 60 * random(), fan: random() < 0.5 } }],
      lids: [{ atMin: 0, lid: some(['heavy', 'light', 'foil', 'ajar', 'none'] as const) }],
    });
  };

  it('never makes tender later likelier, after any finding before it', () => {
    let neighbours = 0;
    for (let n = 0; n < rounds(25, 3000); n++) {
      let ensemble = priorEnsemble(braise(), { particles: 128 });
      const earlier = Math.floor(random() * 3);
      let atMin = 40 + 60 * random();
      for (let e = 0; e < earlier; e++) {
        ensemble = advance(ensemble, ensemble.request, [
          ...ensemble.observations,
          { kind: 'fork', atMin, stage: some(DONENESS_STAGES) },
        ]);
        atMin += 10 + 40 * random();
      }
      const byFinding = tenderBy(ensemble, atMin);
      byFinding.slice(1).forEach((stronger, k) => {
        const weaker = byFinding[k] ?? [];
        neighbours++;
        stronger.forEach((share, i) => {
          expect(share - (weaker[i] as number), `braise ${String(n)}, finding ${String(k + 1)}`).toBeGreaterThan(-1e-6);
        });
      });
    }
    expect(neighbours).toBe(5 * rounds(25, 3000));
  });
});
