import { describe, expect, it } from 'vitest';
import { type Ensemble, predictionOf, priorEnsemble } from './ensemble';
import { type Observation, sigmasOff } from './observation';
import { advance } from './outlier';
import { shortRibRequest } from '../../testing/fixtures';

const request = shortRibRequest();
const start = priorEnsemble(request, { particles: 256 });
const litresAt = (atMin: number): number => predictionOf(start, 100, atMin).litres;

/** The ensemble after each of these records, in turn. */
function after(...seen: Observation[]): Ensemble {
  return seen.reduce((ensemble, _, i) => advance(ensemble, request, seen.slice(0, i + 1)), start);
}

const level = (atMin: number, litres: number): Observation => ({ kind: 'level', atMin, litres });
const fits = (atMin: number): Observation => level(atMin, litresAt(atMin));
const warm: Observation = { kind: 'liquidTemp', atMin: 40, tempC: 99 };
const drags: Observation = { kind: 'fork', atMin: 90, stage: 'drags' };

describe('records that nothing explains', () => {
  it('are none where all fits', () => {
    const all = after(fits(30), warm, drags, fits(100));
    expect([all.corrected, [...all.aside], all.surprise]).toEqual([[], [], undefined]);
    expect(all.request.corrections ?? []).toEqual([]);
  });

  it('begin at three standard deviations from what even the best particle predicts', () => {
    const most = Math.max(...Array.from({ length: start.count }, (_, i) => predictionOf(start, i, 60).litres));
    // A depth read with a spoon is good to about this, l.
    const sd = 1 / (sigmasOff(level(60, 1), { ...predictionOf(start, 0, 60), litres: 2 }) ?? Number.NaN);
    expect(after(level(60, most + 2.8 * sd)).surprise).toBeUndefined();
    expect(after(level(60, most + 3.2 * sd)).surprise).toBe('unexplained');
  });

  it('set the pot to what was read; those of their kind before them no longer speak, others still do', () => {
    const odd = after(fits(30), warm, level(60, 0.1));
    expect(odd.surprise).toBe('unexplained');
    expect(odd.corrected).toEqual([2]);
    expect([...odd.aside].sort()).toEqual([0, 2]);
    expect(odd.request.corrections).toEqual([{ atMin: 60, litres: 0.1 }]);
    expect(odd.observations).toHaveLength(3);
    // The temperature reading still counts.
    expect(Math.min(...odd.logLikelihood)).toBeLessThan(0);
  });

  it('hold while what follows fits them, and are no longer a surprise', () => {
    const odd = after(fits(30), level(60, 0.1));
    const then = predictionOf(odd, 100, 80).litres;
    const followed = after(fits(30), level(60, 0.1), level(80, then));
    expect(followed.surprise).toBeUndefined();
    expect(followed.corrected).toEqual([1]);
    expect([...followed.aside].sort()).toEqual([0, 1]);
    // Nor does a record of another kind change that.
    const forked = after(fits(30), level(60, 0.1), drags);
    expect([forked.surprise, forked.corrected]).toEqual([undefined, [1]]);
    expect(Math.min(...forked.logLikelihood)).toBeLessThan(-0.01);
  });

  it('are let go of when the next of their kind fits only without them, and those before them speak again', () => {
    const gone = after(fits(30), level(60, 0.1), fits(80));
    expect(gone.surprise).toBe('letGo');
    expect(gone.corrected).toEqual([]);
    expect([...gone.aside]).toEqual([1]);
    expect(gone.request.corrections ?? []).toEqual([]);
    // A rejected reading stays rejected when another is not explained.
    const again = after(fits(30), level(60, 0.1), fits(80), level(100, 0.05));
    expect(again.surprise).toBe('unexplained');
    expect(again.corrected).toEqual([3]);
    expect([...again.aside].sort()).toEqual([0, 1, 2, 3]);
  });

  it('are believed anew where the next of their kind fits neither way', () => {
    const twice = after(level(60, 0.1), level(80, 2.5));
    expect(twice.surprise).toBe('unexplained');
    expect(twice.corrected).toEqual([0, 1]);
    expect(twice.request.corrections).toEqual([
      { atMin: 60, litres: 0.1 },
      { atMin: 80, litres: 2.5 },
    ]);
  });

  it('are kept apart by kind: a heat that nothing explains leaves a level as it was taken', () => {
    const both = after(level(60, 0.1), { kind: 'liquidTemp', atMin: 70, tempC: 40 });
    expect(both.surprise).toBe('unexplained');
    expect(both.corrected).toEqual([0, 1]);
    expect(both.request.corrections).toEqual([
      { atMin: 60, litres: 0.1 },
      { atMin: 70, tempC: 40 },
    ]);
    expect([...both.aside].sort()).toEqual([0, 1]);
  });

  it('are let go of by kind: a level that was mistyped takes no heat with it', () => {
    const odd: Observation[] = [level(60, 0.1), { kind: 'liquidTemp', atMin: 62, tempC: 40 }];
    // The level has to fit a pot that was cooled at 62 minutes.
    const cooled = after(odd[1] as Observation);
    const gone = after(...odd, level(80, predictionOf(cooled, 100, 80).litres));
    expect(gone.surprise).toBe('letGo');
    expect(gone.corrected).toEqual([1]);
    expect([...gone.aside].sort()).toEqual([0, 1]);
    expect(gone.request.corrections).toEqual([{ atMin: 62, tempC: 40 }]);
  });

  it('that were let go of stay so when something else is not explained, and those before them go on speaking', () => {
    const cold: Observation = { kind: 'liquidTemp', atMin: 90, tempC: 40 };
    const again = after(fits(30), level(60, 0.1), fits(80), cold);
    expect(again.surprise).toBe('unexplained');
    expect(again.corrected).toEqual([3]);
    expect([...again.aside].sort()).toEqual([1, 3]);
  });

  it('silence those before them only as long as they hold themselves', () => {
    const cold: Observation = { kind: 'liquidTemp', atMin: 65, tempC: 40 };
    const cooled = after(fits(30), cold);
    const odd = after(fits(30), level(60, 0.1), cold);
    expect([...odd.aside].sort()).toEqual([0, 1, 2]);
    const gone = after(fits(30), level(60, 0.1), cold, level(80, predictionOf(cooled, 100, 80).litres));
    expect(gone.surprise).toBe('letGo');
    expect([...gone.aside].sort()).toEqual([1, 2]);
  });

  it('are what only a kitchen explains that hardly counts', () => {
    const litres = Array.from({ length: start.count }, (_, i) => predictionOf(start, i, 60).litres);
    const full = litres.indexOf(Math.max(...litres));
    const over = level(60, (litres[full] ?? 0) + 0.22);
    expect(advance(start, request, [over]).surprise).toBeUndefined();
    const none = start.logWeight.map((w, i) => ((litres[i] ?? 0) > (litres[full] ?? 0) - 0.2 ? w - 40 : w));
    expect(advance({ ...start, logWeight: none }, request, [over]).surprise).toBe('unexplained');
  });

  it('are followed by as many kitchens of the same law as before', () => {
    const prior = { ...start.prior, hand: { mean: 0.3, sd: 0.05 } };
    const own = priorEnsemble(request, { particles: 64, prior });
    const odd = advance(own, request, [level(60, 0.1)]);
    expect(odd.surprise).toBe('unexplained');
    expect(odd.count).toBe(64);
    expect(odd.prior).toBe(prior);
    const mean = odd.demand.reduce((a, b) => a + Math.log(b), 0) / 64;
    expect(mean).toBeGreaterThan(0.2);
  });

  it('are never what a fork feels, nor is the pot set to what a probe reads: it is said to be far off', () => {
    const forked = after({ kind: 'fork', atMin: 30, stage: 'strings' });
    expect([forked.surprise, forked.corrected]).toEqual([undefined, []]);
    const probed = after({ kind: 'probe', atMin: 90, tempC: 30, nearBone: false });
    expect([probed.surprise, probed.corrected, probed.aside.size]).toEqual(['farOff', [], 0]);
    const near: Observation = { kind: 'probe', atMin: 90, tempC: predictionOf(start, 100, 90).coreC, nearBone: false };
    expect(after(near).surprise).toBeUndefined();
    // Once a fork test has said otherwise, a reading that only odd particles explain is an outlier too.
    const cold: Observation = { kind: 'probe', atMin: 121, tempC: 76, nearBone: false };
    const tender: Observation[] = [
      { kind: 'fork', atMin: 100, stage: 'gives' },
      { kind: 'fork', atMin: 120, stage: 'twists' },
    ];
    expect(after(...tender, cold).surprise).toBe('farOff');
    expect(after(...tender, { ...cold, tempC: 96 }).surprise).toBeUndefined();
  });

  it('do not come from the braise going on without a record', () => {
    const odd = after(level(60, 0.1));
    const on = advance(odd, { ...request, openings: [{ atMin: 100, seconds: 60 }] }, odd.observations);
    expect(on.surprise).toBeUndefined();
    expect(on.corrected).toEqual([0]);
    expect(on.request.corrections).toEqual([{ atMin: 60, litres: 0.1 }]);
  });
});
