import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { MODES } from '../choices';
import { layOutDay } from './day';
import { cautionFor } from '../cautions';
import { boilAwayMinutes } from '../liquid';
import { NOON_MS } from '../../testing/fixtures';
import { english, WORDS } from '../../testing/words';

const MIN_MS = 60_000;
const work = { prep: 20, sear: 25, base: 16, liquid: 12, finish: 30, plate: 5 };
const twists = { p10: 130, p50: 160, p90: 200 };
type Question = Parameters<typeof layOutDay>[0];

function day(part: Partial<Question> = {}, more: Partial<Question['work']> = {}) {
  return layOutDay({
    serveMs: NOON_MS,
    ready: twists,
    work: {
      work,
      chopMin: 8,
      lateChop: undefined,
      batches: [
        { minutes: 10, recoverMinutes: 1 },
        { minutes: 10, recoverMinutes: 1 },
      ],
      panHeatsMin: 4,
      baseSteps: [
        { minutes: 14, stay: false },
        { minutes: 2, stay: true },
      ],
      wineMin: 5,
      likelyMin: (part.ready ?? twists).p50,
      readyMin: (part.ready ?? twists).p90,
      confidence: 0.5,
      looks: [],
      heat: 'still',
      place: 'oven',
      warmsMin: MODES.still.warmsMin,
      reduceMin: 15,
      lastHerbs: [],
      sides: [],
      eaters: 4,
      saltAheadHours: undefined,
      ahead: undefined,
      ...more,
    },
    target: 'twists',
    turnAtMin: 80,
    topUp: undefined,
    resources: { cooks: 1, burners: 2, ovens: 1 },
    fixed: [],
    ...part,
  });
}

describe('the day', () => {
  it('is counted back by hand: 35 min of finishing and plating, 200 in the pot, 53 at the stove', () => {
    const d = day();
    expect((NOON_MS - d.intoPotMs) / MIN_MS).toBe(235);
    expect((NOON_MS - d.lightBurnerMs) / MIN_MS).toBe(235 + 53);
    // Twelve minutes at the board before the pan is hot; the chopping goes into the waits of the sear.
    expect((NOON_MS - d.startMs) / MIN_MS).toBe(235 + 53 + 12 - 4);
    const chop = d.tasks.find((t) => t.id === 'chop');
    expect(chop?.fromMs).toBeGreaterThan(d.lightBurnerMs);
    expect(chop?.pieces.reduce((sum, p) => sum + p.toMs - p.fromMs, 0)).toBe(8 * MIN_MS);
  });

  it('says how long each task likely takes, the braise by its forecast, and begins earlier to be surer', () => {
    const d = day();
    const range = (id: string) => d.tasks.find((t) => t.id === id)?.rangeMin;
    expect(range('braise')).toEqual({ low: twists.p10, high: twists.p90 });
    // Twelve minutes of hands at a pace that varies by a fifth: 12 / 1.29 to 12 * 1.29.
    expect(range('meat')).toEqual({ low: 9, high: 16 });
    for (const t of d.tasks) {
      const done = t.pieces.reduce((sum, p) => sum + p.toMs - p.fromMs, 0) / MIN_MS;
      expect(t.rangeMin.low, t.id).toBeLessThanOrEqual(done);
      expect(t.rangeMin.high, t.id).toBeGreaterThanOrEqual(done);
    }
    expect(d.handsOnRangeMin.low).toBeLessThan(d.handsOnMinutes);
    expect(d.handsOnRangeMin.high).toBeGreaterThan(d.handsOnMinutes);
    const sure = day({}, { confidence: 0.9 });
    expect((d.startMs - sure.startMs) / MIN_MS).toBe(Math.ceil(sure.reserve.handsMin));
  });

  it('has no overlap in the braise itself and ends at the plate, whatever the forecast', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 30, max: 300 }),
        fc.integer({ min: 1, max: 90 }),
        fc.integer({ min: 1, max: 90 }),
        (p10, a, b) => {
          const { spans } = day({ ready: { p10, p50: p10 + a, p90: p10 + a + b } });
          spans.slice(1).forEach((s, i) => {
            expect(s.fromMs).toBeGreaterThanOrEqual(spans[i]?.toMs ?? 0);
          });
          expect(spans.every((s) => s.toMs > s.fromMs)).toBe(true);
          expect(spans.at(-1)?.toMs).toBe(NOON_MS);
        },
      ),
    );
  });

  it('lays side dishes beside it and says which would have to stand too long', () => {
    const d = day({}, { sides: ['mash', 'greens'] });
    expect(d.tasks.filter((t) => t.id.startsWith('side-'))).toHaveLength(4);
    expect(d.beside.some((s) => s.label.code === 'side.mash')).toBe(true);
    expect(d.conflicts).toEqual([]);
    const crowded = day({ resources: { cooks: 1, burners: 1, ovens: 1 } }, { sides: ['pasta', 'greens'] });
    expect(english(crowded.conflicts.map((c) => c.says))).toMatch(/would be done \d+ min before the plates/);
  });

  it('gives every pot on the stove a burner of its own, and no more burners than there are', () => {
    const d = day({ resources: { cooks: 1, burners: 3, ovens: 1 } }, { sides: ['mash', 'greens', 'rice'] });
    const onStove = d.tasks.filter((t) => t.place === 'burner');
    for (const a of onStove) {
      expect(a.burner).toBeGreaterThanOrEqual(1);
      expect(a.burner).toBeLessThanOrEqual(3);
      for (const b of onStove) {
        if (a !== b && a.fromMs < b.toMs && b.fromMs < a.toMs) expect(a.burner, `${a.id} ${b.id}`).not.toBe(b.burner);
      }
    }
    expect(d.tasks.find((t) => t.id === 'meat')?.burner).toBeUndefined();
  });

  it('fixes a task to the moment the cook wants, and says why it cannot fix another', () => {
    const free = day();
    const meat = free.tasks.find((t) => t.id === 'meat');
    const early = (meat?.fromMs ?? 0) - 30 * MIN_MS;
    const d = day({ fixed: [{ task: 'meat', startMs: early }] });
    expect(d.fixed).toEqual(['meat']);
    expect(d.startMs).toBe(early);
    expect(d.conflicts).toEqual([]);

    const late = day({ fixed: [{ task: 'meat', startMs: (meat?.fromMs ?? 0) + 20 * MIN_MS }] });
    expect(late.fixed).toEqual([]);
    expect(late.startMs).toBe(free.startMs);
    expect(late.conflicts.map((c) => c.task)).toEqual(['meat']);
    expect(english(late.conflicts[0]?.says)).toContain('20 min earlier');

    const lift = free.tasks.find((t) => t.id === 'lift');
    const taken = day(
      { fixed: [{ task: 'side-mash-0', startMs: (lift?.fromMs ?? 0) + MIN_MS }] },
      { sides: ['mash', 'greens'] },
    );
    expect(english(taken.conflicts[0]?.says)).toMatch(/cannot/);
  });

  it('takes no notice of a wish for a task that is not there', () => {
    const d = day({ fixed: [{ task: 'side-mash-0', startMs: NOON_MS }] });
    expect(d).toEqual(day());
  });

  it('starts later with a second cook', () => {
    const two = day({ resources: { cooks: 2, burners: 2, ovens: 1 } });
    expect(two.startMs).toBeGreaterThanOrEqual(day().startMs);
  });

  it('has the oven on before the pot goes in, and asks for bubbles on the stove instead', () => {
    const oven = day().marks.find((m) => m.kind === 'oven');
    expect(oven?.atMs).toBeLessThan(day().intoPotMs);
    const stove = day({}, { heat: 'simmer', place: 'burner', warmsMin: 0 }).marks;
    expect(stove.some((m) => m.kind === 'oven')).toBe(false);
    expect(english(stove[0]?.label)).toBe('bubbles');
  });

  it('asks for hot liquid before the pot runs low, and for soft herbs as it is plated', () => {
    const d = day({ topUp: { atMin: 95, litres: 0.31 } }, { lastHerbs: ['dill'] });
    const topUp = d.marks.find((m) => m.id === 'topUp');
    expect(((topUp?.atMs ?? 0) - d.intoPotMs) / MIN_MS).toBe(95);
    expect(english(topUp?.why)).toContain('about 310 ml, hot');
    const dill = d.marks.find((m) => m.label.code === 'herb.dill');
    expect((d.serveMs - (dill?.atMs ?? 0)) / MIN_MS).toBe(5);
    expect(day().marks.some((m) => m.id === 'topUp')).toBe(false);
  });

  it('tests first when one kitchen in ten would be ready, and turns only what needs it', () => {
    const d = day();
    const test = d.marks.find((m) => m.kind === 'test');
    expect(((test?.atMs ?? 0) - d.intoPotMs) / MIN_MS).toBe(130);
    expect(d.marks.some((m) => m.kind === 'turn')).toBe(true);
    expect(day({ turnAtMin: undefined }).marks.some((m) => m.kind === 'turn')).toBe(false);
  });
});

describe('around it', () => {
  it('reduces about 1.6 litres an hour with a kilowatt that arrives', () => {
    expect(boilAwayMinutes(1, 1000, 0)).toBeCloseTo(36, 0);
    expect(boilAwayMinutes(-1, 1000, 0)).toBe(0);
  });

  it('ends every caution by deferring to local guidance', () => {
    for (const step of [
      'rawMeat',
      'sear',
      'liquid',
      'potIntoOven',
      'potOnStove',
      'open',
      'finish',
      'serve',
      'store',
    ] as const) {
      expect(english(cautionFor(step)).endsWith(WORDS.text('caution.defer'))).toBe(true);
    }
    expect(english(cautionFor('sear'))).toContain('never water');
    expect(english(cautionFor('liquid'))).toContain('Burner off');
    expect(english(cautionFor('store'))).toContain('74 °C');
  });
});
