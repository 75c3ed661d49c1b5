import { describe, expect, it } from 'vitest';
import { begun, moved, partsChanged, type PlanHistory } from './planHistory';
import { type PlanInput } from '@/core/choices';
import { OXTAIL_PLAN } from '@/testing/fixtures';

const change = (history: PlanHistory, part: Partial<PlanInput>, atMs: number): PlanHistory =>
  moved(history, { kind: 'change', part, atMs });

describe('steps of a plan', () => {
  it('are taken back and done again one by one', () => {
    let h = change(begun(OXTAIL_PLAN), { eaters: 6 }, 0);
    h = change(h, { lie: 'upright' }, 100);
    h = moved(h, { kind: 'undo' });
    expect(h.input).toEqual({ ...OXTAIL_PLAN, eaters: 6 });
    h = moved(h, { kind: 'undo' });
    expect(h.input).toBe(OXTAIL_PLAN);
    expect(moved(h, { kind: 'undo' })).toBe(h);
    h = moved(moved(h, { kind: 'redo' }), { kind: 'redo' });
    expect(h.input).toEqual({ ...OXTAIL_PLAN, eaters: 6, lie: 'upright' });
    expect(moved(h, { kind: 'redo' })).toBe(h);
  });

  it('are one while the same field is typed, and another after a rest or an undo', () => {
    let h = begun(OXTAIL_PLAN);
    for (const [i, title] of ['O', 'Ox', 'Oxt'].entries()) h = change(h, { title }, i * 300);
    expect(h.past).toEqual([OXTAIL_PLAN]);
    h = change(h, { title: 'Oxtail' }, 5000);
    expect(h.past).toHaveLength(2);
    h = moved(h, { kind: 'undo' });
    h = change(h, { title: 'Ox' }, 5100);
    expect(h.past.map((p) => p.title)).toEqual([OXTAIL_PLAN.title, 'Oxt']);
    expect(h.future).toEqual([]);
  });

  it('are none where nothing changes, and those of another plan are forgotten', () => {
    const h = begun(OXTAIL_PLAN);
    expect(change(h, { course: OXTAIL_PLAN.course.map((x) => ({ ...x })) }, 0)).toBe(h);
    const other = { ...OXTAIL_PLAN, title: 'Other' };
    expect(moved(change(h, { eaters: 6 }, 0), { kind: 'open', input: other })).toEqual(begun(other));
  });

  it('go on top of what is found unsaved after the plan was opened', () => {
    const unsaved = { ...OXTAIL_PLAN, eaters: 7, title: 'Harbour oxtail' };
    expect(moved(begun(OXTAIL_PLAN), { kind: 'found', input: unsaved, atMs: 0 })).toEqual(begun(unsaved));
    const typed = change(change(begun(OXTAIL_PLAN), { title: 'Oxtails' }, 0), { lie: 'upright' }, 10);
    const both = moved(typed, { kind: 'found', input: unsaved, atMs: 20 });
    expect(both.input).toEqual({ ...unsaved, title: 'Oxtails', lie: 'upright' });
    expect(moved(both, { kind: 'undo' }).input).toEqual(unsaved);
  });

  it('say in which parts they differ, an emptied field too', () => {
    expect(partsChanged(OXTAIL_PLAN, { ...OXTAIL_PLAN, eaters: Number.NaN, lie: 'upright' })).toEqual([
      'eaters',
      'lie',
    ]);
    expect(partsChanged({ ...OXTAIL_PLAN, eaters: Number.NaN }, { ...OXTAIL_PLAN, eaters: Number.NaN })).toEqual([]);
  });
});
