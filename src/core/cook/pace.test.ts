import { describe, expect, it } from 'vitest';
import { paceFrom } from './pace';

describe('the pace of a pan', () => {
  it('is what it is said to be before anything was browned, and half believed after one face', () => {
    expect(paceFrom([]).factor).toBe(1);
    expect(Math.log(paceFrom([1.5]).factor)).toBeCloseTo(Math.log(1.5) / 2, 9);
    expect(paceFrom([1.5, 1.5, 1.5]).factor).toBeGreaterThan(paceFrom([1.5]).factor);
    expect(paceFrom([1.5, 1.5]).logSd).toBeLessThan(paceFrom([1.5]).logSd);
  });

  it('does not believe a face that was recorded long after or all at once', () => {
    expect(paceFrom([0.05, 20]).factor).toBe(1);
  });
});
