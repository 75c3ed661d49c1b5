import { describe, expect, it } from 'vitest';
import { demoScene } from './scene';
import { checkPlanInput } from '@/core/plan';
import { donenessIndex } from '@/core/tenderness';
import { NOON_MS } from '@/testing/fixtures';
import { DAY_MS, HOUR_MS } from '../../core/quantity';

describe('the demo kitchen', () => {
  const { planned, braises } = demoScene(NOON_MS, 'UTC');
  const past = braises.flatMap(({ input, events }) => {
    const last = events.at(-1);
    return last?.act.kind === 'finished' ? [{ input, events, atMs: last.atMs, verdict: last.act.verdict }] : [];
  });

  it('reads like a kitchen: six braises, six lessons, one gone wrong and one long ago', () => {
    expect(past).toHaveLength(6);
    expect(new Set(past.map((p) => p.verdict.nextTime)).size).toBe(6);
    expect(past.filter((p) => NOON_MS - p.atMs > 365 * DAY_MS)).toHaveLength(1);
    const wrong = past.filter((p) => p.verdict.moisture === 1);
    expect(wrong).toHaveLength(1);
  });

  it('has no lesson that its own records deny', () => {
    for (const { input, events, verdict } of past) {
      const found = events.find((e) => e.act.kind === 'fork' && donenessIndex(e.act.stage) >= donenessIndex('twists'));
      const off = events.find((e) => e.act.kind === 'offHeat');
      if (!found || !off) throw new Error(input.title);
      // Left on long after it was tender where the verdict says so, and nowhere else.
      expect(off.atMs - found.atMs > HOUR_MS, input.title).toBe(verdict.tenderness === 5);
    }
  });

  it('has one braise on the fire and a plan that can be braised', () => {
    expect(braises.filter((c) => c.events.every((e) => e.act.kind !== 'finished'))).toHaveLength(1);
    expect(checkPlanInput(planned, NOON_MS)).toEqual([]);
  });
});
