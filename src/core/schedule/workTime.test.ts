import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type Segment } from './solve';
import { normalQuantile, randomStream } from '../numbers';
import { marginMin, rangeOf, spreadMin } from './workTime';

const hands = (minutes: number): Segment => ({ minutes, hands: true });
const wait = (minutes: number): Segment => ({ minutes, hands: false });
const anyWork = fc.array(fc.record({ minutes: fc.integer({ min: 1, max: 60 }), hands: fc.boolean() }), {
  minLength: 1,
  maxLength: 8,
});

describe('how long work takes, as a range', () => {
  it('adds the minutes of slow hands up, and lets waits even out', () => {
    expect(spreadMin([hands(30), hands(30)])).toBeCloseTo(spreadMin([hands(60)]));
    expect(spreadMin([wait(30), wait(30)])).toBeCloseTo(spreadMin([wait(60)]) / Math.SQRT2);
    expect(spreadMin([])).toBe(0);
  });

  it('lies around the likely minutes, further to the long side', () => {
    expect(rangeOf([hands(60)])).toEqual({ low: 46, high: 78 });
    expect(rangeOf([])).toEqual({ low: 0, high: 0 });
    fc.assert(
      fc.property(anyWork, (work) => {
        const total = work.reduce((sum, s) => sum + s.minutes, 0);
        const { low, high } = rangeOf(work);
        expect(low).toBeLessThanOrEqual(total);
        expect(high).toBeGreaterThanOrEqual(total);
        expect(high - total).toBeGreaterThanOrEqual(total - low - 1);
      }),
    );
  });

  it('asks for a margin that grows with the certainty, shrinks beside one that is kept already, and is never less than none', () => {
    fc.assert(
      fc.property(
        anyWork,
        fc.double({ min: 0.5, max: 0.97, noNaN: true }),
        fc.double({ min: 0, max: 120, noNaN: true }),
        (work, confidence, kept) => {
          const margin = marginMin(work, confidence, kept);
          expect(margin).toBeGreaterThanOrEqual(0);
          expect(marginMin(work, confidence + 0.01, kept)).toBeGreaterThanOrEqual(margin);
          expect(marginMin(work, confidence, kept + 10)).toBeLessThanOrEqual(margin + 1e-9);
        },
      ),
    );
    expect(marginMin([hands(60)], 0.4, 5)).toBe(0);
  });

  it('holds in the share of days it was asked for, told by drawing the days', () => {
    // A forecast with an sd of 25 min next to an hour of hands-on work and half an hour of waits.
    const random = randomStream(7);
    const work = [hands(40), wait(10), wait(20), hands(20)];
    const normal = (): number => normalQuantile(Math.min(1 - 1e-9, Math.max(1e-9, random())));
    for (const confidence of [0.6, 0.9, 0.97]) {
      const kept = normalQuantile(confidence) * 25;
      const all = kept + marginMin(work, confidence, kept);
      let met = 0;
      const days = 20_000;
      for (let i = 0; i < days; i++) {
        const hours = 60 * 0.2 * normal();
        const waits = 10 * 0.15 * normal() + 20 * 0.15 * normal();
        if (25 * normal() + hours + waits <= all) met++;
      }
      expect(met / days).toBeCloseTo(confidence, 2);
    }
  });
});
