import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { scheduleDay } from './day';
import { cautionFor } from '../cautions';
import { boilAwayMinutes } from '../liquid';
import { NOON_MS, inOnePlace } from '../../testing/fixtures';
import { english, WORDS } from '../../testing/words';
import { say } from '../message';
import { saying } from '../../testing/saying';
import { MINUTE_MS } from '../quantity';

const work = { prep: 20, sear: 25, base: 16, liquid: 12, finish: 30, plate: 5 };
const twists = { p10: 130, p50: 160, p90: 200 };
type Question = Parameters<typeof scheduleDay>[0];

function day(part: Partial<Question> = {}, more: Partial<Question['work']> = {}) {
  return scheduleDay({
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
      ...inOnePlace('still'),
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

/** When the pan goes on. */
const panOf = (d: ReturnType<typeof day>): number => d.tasks.find((t) => t.id === 'pan')?.fromMs ?? Number.NaN;

describe('the day', () => {
  it('is counted back by hand: 35 min of finishing and plating, 200 in the pot, 53 at the stove', () => {
    const d = day();
    expect((NOON_MS - d.intoPotMs) / MINUTE_MS).toBe(235);
    expect((NOON_MS - panOf(d)) / MINUTE_MS).toBe(235 + 53);
    // Twelve minutes of chopping before the pan is hot; the rest fits the waits of the sear.
    expect((NOON_MS - d.startMs) / MINUTE_MS).toBe(235 + 53 + 12 - 4);
    const chop = d.tasks.find((t) => t.id === 'chop');
    expect(chop?.fromMs).toBeGreaterThan(panOf(d));
    expect(chop?.pieces.reduce((sum, p) => sum + p.toMs - p.fromMs, 0)).toBe(8 * MINUTE_MS);
  });

  it('says how long each task likely takes, the braise by its forecast, and begins earlier to be surer', () => {
    const d = day();
    const range = (id: string) => d.tasks.find((t) => t.id === id)?.rangeMin;
    expect(range('braise')).toEqual({ low: twists.p10, high: twists.p90 });
    // Twelve hands-on minutes at a pace that varies by a fifth: 12 / 1.29 to 12 * 1.29.
    expect(range('meat')).toEqual({ low: 9, high: 16 });
    for (const t of d.tasks) {
      const done = t.pieces.reduce((sum, p) => sum + p.toMs - p.fromMs, 0) / MINUTE_MS;
      expect(t.rangeMin.low, t.id).toBeLessThanOrEqual(done);
      expect(t.rangeMin.high, t.id).toBeGreaterThanOrEqual(done);
    }
    expect(d.handsOnRangeMin.low).toBeLessThan(d.handsOnMinutes);
    expect(d.handsOnRangeMin.high).toBeGreaterThan(d.handsOnMinutes);
    const sure = day({}, { confidence: 0.9 });
    expect((d.startMs - sure.startMs) / MINUTE_MS).toBe(Math.ceil(sure.reserve.handsMin));
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
    expect(english(crowded.conflicts.map((c) => c.says))).toMatch(saying('conflict.sideWaits'));
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
    const early = (meat?.fromMs ?? 0) - 30 * MINUTE_MS;
    const d = day({ fixed: [{ task: 'meat', startMs: early }] });
    expect(d.fixed).toEqual(['meat']);
    expect(d.startMs).toBe(early);
    expect(d.conflicts).toEqual([]);

    const late = day({ fixed: [{ task: 'meat', startMs: (meat?.fromMs ?? 0) + 20 * MINUTE_MS }] });
    expect(late.fixed).toEqual([]);
    expect(late.startMs).toBe(free.startMs);
    expect(late.conflicts.map((c) => c.task)).toEqual(['meat']);
    expect(english(late.conflicts[0]?.says)).toContain('20 min earlier');

    const lift = free.tasks.find((t) => t.id === 'lift');
    const taken = day(
      { fixed: [{ task: 'side-mash-0', startMs: (lift?.fromMs ?? 0) + MINUTE_MS }] },
      { sides: ['mash', 'greens'] },
    );
    expect(english(taken.conflicts[0]?.says)).toMatch(saying('servePanel.cannotWait'));
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
    const stove = day({}, { ...inOnePlace('simmer') }).marks;
    expect(stove.some((m) => m.kind === 'oven')).toBe(false);
    expect(english(stove[0]?.label)).toBe('bubbles');
  });

  it('asks for hot liquid before the pot runs low, and for soft herbs as it is plated', () => {
    const d = day({ topUp: { atMin: 95, litres: 0.31 } }, { lastHerbs: ['dill'] });
    const topUp = d.marks.find((m) => m.id === 'topUp');
    expect(((topUp?.atMs ?? 0) - d.intoPotMs) / MINUTE_MS).toBe(95);
    expect(english(topUp?.why)).toContain('about 310 ml, hot');
    const dill = d.marks.find((m) => m.label.code === 'herb.dill');
    expect((d.serveMs - (dill?.atMs ?? 0)) / MINUTE_MS).toBe(5);
    expect(day().marks.some((m) => m.id === 'topUp')).toBe(false);
  });

  it('tests first when one kitchen in ten would be ready, and turns only what needs it', () => {
    const d = day();
    const test = d.marks.find((m) => m.kind === 'test');
    expect(((test?.atMs ?? 0) - d.intoPotMs) / MINUTE_MS).toBe(130);
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
      expect(english(cautionFor(step, 'us'))).not.toContain(WORDS.text('caution.defer'));
    }
    expect(english(cautionFor('sear', 'us'))).toContain('never water');
    expect(english(cautionFor('liquid', 'us'))).toContain('burner off');
    expect(english(cautionFor('store', 'us'))).toContain('74 °C');
  });
});

/** A day as readable lines: minutes to serving, what, and its message codes. */
function lines(d: ReturnType<typeof scheduleDay>): Record<string, readonly string[]> {
  const to = (ms: number): string => String(Math.round((ms - NOON_MS) / MINUTE_MS));
  const said = (m: { readonly code: string; readonly params?: object | undefined }): string =>
    m.params === undefined ? m.code : `${m.code} ${JSON.stringify(m.params)}`;
  const span = (s: (typeof d.spans)[number]): string =>
    `${to(s.fromMs)}..${to(s.toMs)} ${s.id} ${s.kind} ${said(s.label)}${s.doing ? ` (${said(s.doing)})` : ''}`;
  return {
    spans: d.spans.map(span),
    beside: d.beside.map(span),
    marks: d.marks.map((m) => `${to(m.atMs)} ${m.id} ${m.kind} ${said(m.label)}: ${said(m.why)}`),
    tasks: d.tasks.map(
      (t) =>
        `${to(t.fromMs)}..${to(t.toMs)} ${t.id} ${t.place}${t.burner === undefined ? '' : ` ${String(t.burner)}`} hands ${String(t.handsMinutes)}, ${String(t.rangeMin.low)}–${String(t.rangeMin.high)}`,
    ),
    conflicts: d.conflicts.map((c) => `${to(c.atMs)} ${c.task}: ${said(c.says)}`),
    moments: [d.startMs, panOf(d), d.intoPotMs, d.offHeatByMs, d.ready.p10Ms, d.ready.p50Ms, d.ready.p90Ms].map(to),
  };
}

describe('a whole day, line by line', () => {
  it('in the oven, with a top-up, something late and soft herbs', () => {
    const d = day(
      { topUp: { atMin: 100, litres: 0.3 } },
      {
        looks: [{ atMin: 80 }, { atMin: 120, adds: say('herb.rosemary') }],
        lastHerbs: ['parsley'],
        lateChop: { minutes: 4, neededAtMin: 120 },
      },
    );
    expect(lines(d)).toMatchInlineSnapshot(`
      {
        "beside": [
          "-271..-269 chop-0 hands span.chop",
          "-267..-265 chop-1 hands span.chop",
          "-119..-115 lateChop-0 hands span.chop",
        ],
        "conflicts": [],
        "marks": [
          "-255 oven oven task.light.still: mark.ovenWarms",
          "-155 half turn mark.turn: mark.turn.why",
          "-135 topUp look mark.topUp: mark.topUp.why {"pour":{"as":"volume","value":0.3}}",
          "-115 add-herb.rosemary add herb.rosemary: mark.add.why",
          "-105 test1 test mark.forkTest: mark.firstTest.why",
          "-75 test2 test mark.forkTest: mark.secondTest.why",
          "-5 last-parsley add herb.parsley: mark.softHerb",
        ],
        "moments": [
          "-296",
          "-288",
          "-235",
          "-35",
          "-105",
          "-75",
          "-35",
        ],
        "spans": [
          "-296..-288 prep hands span.prep",
          "-288..-263 sear hands span.sear",
          "-263..-247 base hands span.base",
          "-247..-235 liquid hands span.liquid",
          "-235..-75 braise heat span.braise.still",
          "-75..-35 reserve wait span.reserve",
          "-35..-5 finish hands span.finish",
          "-5..0 plate serve span.plate",
        ],
        "tasks": [
          "-296..-284 meat board hands 12, 9–16",
          "-288..-235 pan burner 1 hands 16, 48–58",
          "-271..-265 chop board hands 4, 3–5",
          "-255..-235 oven oven hands 0, 17–24",
          "-235..-35 braise oven hands 4, 130–200",
          "-119..-115 lateChop board hands 4, 3–5",
          "-35..-22 lift board hands 13, 10–17",
          "-22..-5 reduce burner 1 hands 2, 14–20",
          "-5..0 plate table hands 5, 4–6",
        ],
      }
    `);
  });

  it('on the hob, not turned, with a side and its burner', () => {
    const d = day({ turnAtMin: undefined }, { ...inOnePlace('simmer'), sides: ['boiledPotatoes'] });
    expect(lines(d)).toMatchInlineSnapshot(`
      {
        "beside": [
          "-278..-276 chop-0 hands span.chop",
          "-272..-269 chop-1 hands span.chop",
          "-268..-265 chop-2 hands span.chop",
          "-41..-35 side-boiledPotatoes-0-0 hands side.boiledPotatoes (side.boiledPotatoes.ready)",
          "-34..-7 side-boiledPotatoes-1-0 heat side.boiledPotatoes (side.boiledPotatoes.cook)",
        ],
        "conflicts": [],
        "marks": [
          "-220 simmer look mark.bubbles: mark.bubbles.why",
          "-155 half look mark.level: mark.level.why",
          "-105 test1 test mark.forkTest: mark.firstTest.why",
          "-75 test2 test mark.forkTest: mark.secondTest.why",
        ],
        "moments": [
          "-296",
          "-288",
          "-235",
          "-35",
          "-105",
          "-75",
          "-35",
        ],
        "spans": [
          "-296..-288 prep hands span.prep",
          "-288..-263 sear hands span.sear",
          "-263..-247 base hands span.base",
          "-247..-235 liquid hands span.liquid",
          "-235..-75 braise heat span.braise.simmer",
          "-75..-35 reserve wait span.reserve",
          "-35..-5 finish hands span.finish",
          "-5..0 plate serve span.plate",
        ],
        "tasks": [
          "-296..-284 meat board hands 12, 9–16",
          "-288..-235 pan burner 1 hands 16, 48–58",
          "-278..-265 chop board hands 8, 6–10",
          "-235..-35 braise burner 1 hands 0, 130–200",
          "-41..-35 side-boiledPotatoes-0 board hands 6, 5–8",
          "-35..-22 lift board hands 13, 10–17",
          "-34..-7 side-boiledPotatoes-1 burner 1 hands 2, 23–32",
          "-22..-5 reduce burner 2 hands 2, 14–20",
          "-5..0 plate table hands 5, 4–6",
        ],
      }
    `);
  });

  it('on a grill, with one fork test where the window is narrow', () => {
    const narrow = { p10: 150, p50: 160, p90: 170 };
    const d = day({ ready: narrow }, { ...inOnePlace('grill'), saltAheadHours: 12 });
    expect(lines(d)).toMatchInlineSnapshot(`
      {
        "beside": [
          "-248..-246 chop-0 hands span.chop",
          "-242..-239 chop-1 hands span.chop",
          "-238..-235 chop-2 hands span.chop",
        ],
        "conflicts": [],
        "marks": [
          "-240 oven oven task.light.grill: mark.grillWarms",
          "-125 half turn mark.turn: mark.turn.why",
          "-55 test1 test mark.forkTest: mark.firstTest.why",
        ],
        "moments": [
          "-990",
          "-258",
          "-205",
          "-35",
          "-55",
          "-45",
          "-35",
        ],
        "spans": [
          "-990..-986 salt hands span.salt",
          "-266..-258 prep hands span.prep",
          "-258..-233 sear hands span.sear",
          "-233..-217 base hands span.base",
          "-217..-205 liquid hands span.liquid",
          "-205..-45 braise heat span.braise.grill",
          "-45..-35 reserve wait span.reserve",
          "-35..-5 finish hands span.finish",
          "-5..0 plate serve span.plate",
        ],
        "tasks": [
          "-990..-986 salt board hands 4, 3–5",
          "-266..-254 meat board hands 12, 9–16",
          "-258..-205 pan burner 1 hands 16, 48–58",
          "-248..-235 chop board hands 8, 6–10",
          "-240..-205 oven grill hands 0, 29–42",
          "-205..-35 braise grill hands 0, 150–170",
          "-35..-22 lift board hands 13, 10–17",
          "-22..-5 reduce burner 1 hands 2, 14–20",
          "-5..0 plate table hands 5, 4–6",
        ],
      }
    `);
  });

  it('over two days, cooked ahead', () => {
    const d = day(
      {},
      { ahead: { fridgeByMin: -1200, iceWaterMin: 20, boning: 2, reheatMin: 35 }, batches: [], panHeatsMin: 0 },
    );
    expect(lines(d)).toMatchInlineSnapshot(`
      {
        "beside": [
          "-1464..-1456 chop-0 hands span.chop",
        ],
        "conflicts": [],
        "marks": [
          "-1448 oven oven task.light.still: mark.ovenWarms",
          "-1348 half turn mark.turn: mark.turn.why",
          "-1298 test1 test mark.forkTest: mark.firstTest.why",
          "-1268 test2 test mark.forkTest: mark.secondTest.why",
        ],
        "moments": [
          "-1493",
          "-1481",
          "-1428",
          "-1228",
          "-1298",
          "-1268",
          "-1228",
        ],
        "spans": [
          "-1493..-1481 prep hands span.prep",
          "-1481..-1456 sear hands span.sear",
          "-1456..-1440 base hands span.base",
          "-1440..-1428 liquid hands span.liquid",
          "-1428..-1268 braise heat span.braise.still",
          "-1268..-1228 reserve wait span.reserve",
          "-1228..-1225 lift hands span.lift",
          "-1225..-1200 cool wait span.cool",
          "-1200..-64 fridge wait span.fridge",
          "-64..-40 finish hands span.finishCold",
          "-40..-5 reheat heat span.reheat",
          "-5..0 plate serve span.plate",
        ],
        "tasks": [
          "-1493..-1481 meat board hands 12, 9–16",
          "-1481..-1428 pan burner 1 hands 8, 47–59",
          "-1464..-1456 chop board hands 8, 6–10",
          "-1448..-1428 oven oven hands 0, 17–24",
          "-1428..-1228 braise oven hands 0, 130–200",
          "-1228..-1225 lift board hands 3, 2–4",
          "-1225..-1200 cool board hands 7, 22–28",
          "-64..-57 unfat board hands 7, 5–9",
          "-57..-40 reduce burner 1 hands 2, 14–20",
          "-40..-5 reheat burner 1 hands 4, 32–38",
          "-5..0 plate table hands 5, 4–6",
        ],
      }
    `);
  });

  it('with wishes that cannot be had, each said why', () => {
    const at = (minutes: number): number => NOON_MS + minutes * MINUTE_MS;
    const d = day({
      fixed: [
        { task: 'plate', startMs: at(30) },
        { task: 'chop', startMs: at(-236) },
        { task: 'meat', startMs: at(-400) },
        { task: 'nothing', startMs: at(-10) },
      ],
    });
    expect(lines(d).conflicts).toMatchInlineSnapshot(`
      [
        "30 plate: conflict.cannotWait {"task":{"code":"task.plate"},"earlier":{"as":"minutes","value":35}}",
        "-236 chop: conflict.cannotWait {"task":{"code":"task.chop"},"earlier":{"as":"minutes","value":42}}",
      ]
    `);
    expect(d.fixed).toEqual(['meat']);
  });
});
