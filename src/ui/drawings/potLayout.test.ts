import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { piecesInSection, spreadOut } from './potLayout';
import { checkPlanInput, composePlan, defaultMeat } from '@/core/plan';
import { CUTS } from '@/core/larder';
import { type PlanInput } from '@/core/choices';
import { NOON_MS, OXTAIL_PLAN } from '@/testing/fixtures';
import { english } from '@/testing/words';

const meat = (cutId: string, eaters = 4): PlanInput['meat'] => ({ ...OXTAIL_PLAN.meat, ...defaultMeat(cutId, eaters) });

describe('the pieces in section', () => {
  const planned = CUTS.map((cut): [string, PlanInput] => [cut.id, { ...OXTAIL_PLAN, meat: meat(cut.id) }]).filter(
    ([, input]) => checkPlanInput(input, NOON_MS).length === 0,
  );

  it('covers nearly every cut as it is usually bought', () => {
    expect(planned.length).toBeGreaterThan(CUTS.length * 0.6);
  });

  it.each(planned)('%s lies within the pot, piece beside piece, none through the base', (_, input) => {
    const made = composePlan(input, 0);
    if (!made.ok) return;
    const { pot } = made.plan;
    const boxes = piecesInSection(pot);
    expect(boxes.length).toBeGreaterThan(0);
    for (const b of boxes) {
      expect(b.x).toBeGreaterThanOrEqual(-1);
      expect(b.x + b.w).toBeLessThanOrEqual(pot.lengthMm + 1);
      expect(b.y).toBeGreaterThanOrEqual(0);
      expect(b.h).toBeGreaterThan(0);
    }
    const base = boxes.filter((b) => b.y === 0).sort((a, b) => a.x - b.x);
    base.slice(1).forEach((b, i) => {
      const before = base[i] ?? b;
      expect(b.x).toBeGreaterThanOrEqual(before.x + before.w - 1e-6);
    });
  });

  it('gives every meat of a mixed pot its own part of the base', () => {
    const made = composePlan({ ...OXTAIL_PLAN, also: [{ ...meat('pork_cheek', 2), massKg: 0.5 }] }, 0);
    if (!made.ok) throw new Error(english(made.faults[0]?.says));
    const boxes = piecesInSection(made.plan.pot);
    const [first, second] = made.plan.pot.groups;
    const right = Math.max(...boxes.filter((b) => b.group === first).map((b) => b.x + b.w));
    const left = Math.min(...boxes.filter((b) => b.group === second).map((b) => b.x));
    expect(left).toBeGreaterThanOrEqual(right - 1e-6);
  });
});

describe('labels of levels', () => {
  it('stay in order, apart, and where they belong if there is room', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 300 }), { maxLength: 5 }), (given) => {
        const wanted = [...given].sort((a, b) => a - b);
        const out = spreadOut(wanted, 36);
        out.forEach((y, i) => {
          expect(y).toBeGreaterThanOrEqual(wanted[i] as number);
          if (i > 0) expect(y - (out[i - 1] as number)).toBeGreaterThanOrEqual(36);
        });
      }),
    );
    expect(spreadOut([0, 50, 100], 36)).toEqual([0, 50, 100]);
  });
});
