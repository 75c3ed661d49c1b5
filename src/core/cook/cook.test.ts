import fc from 'fast-check';
import { type CookState } from './state';
import { describe, expect, it } from 'vitest';
import { mainStage, type PlanInput } from '../choices';
import { actualSpans } from './actualDay';
import { type CookAct, type CookEvent, effectiveEvents } from './events';
import { learnAll, type Update, requestOf } from './learning';
import { outcomeOf } from './outcome';
import { simulatePot } from './simulatedPot';
import { liveForecast, type LiveMoment } from './live';
import { refusal } from './records';
import { reduceEvents, validateUndo } from './reducer';
import { etaOf } from '../forecast';
import { braiseRequest, composePlan, type Plan } from '../plan';
import { type Doneness } from '../tenderness';
import { NOON_MS, OXTAIL_PLAN } from '../../testing/fixtures';
import { english } from '../../testing/words';
import { saying } from '../../testing/saying';
import { MINUTE_MS } from '../quantity';

function planned(): Plan {
  const result = composePlan(OXTAIL_PLAN);
  if (!result.ok) throw new Error(english(result.faults[0]?.says));
  return result.plan;
}

const plan = planned();

const event = (id: string, minutes: number, act: CookEvent['act']): CookEvent => ({
  id,
  cookId: 'c',
  atMs: NOON_MS + minutes * MINUTE_MS,
  act,
});
const log = (...acts: readonly (readonly [minutes: number, act: CookEvent['act']])[]): CookEvent[] =>
  acts.map(([minutes, act], i) => event(`e${String(i)}`, minutes, act));

const LIVE_ACTS: readonly CookAct[] = [
  { kind: 'fork', stage: 'drags' },
  { kind: 'probe', tempC: 88, nearBone: false },
  { kind: 'liquid', levelMm: 30, simmering: true, addedL: 0, addedTempC: 95 },
  { kind: 'turned' },
  { kind: 'lid', lid: 'ajar' },
  { kind: 'heat', heat: { kind: 'oven', tempC: 140, fan: false } },
];

/** This many minutes into a braise with three hours to spare. */
const moment = (atMin: number): LiveMoment => ({
  atMin,
  readyByMin: 400,
  heat: mainStage(OXTAIL_PLAN).heat,
  lid: mainStage(OXTAIL_PLAN).lid,
  plannedLid: mainStage(OXTAIL_PLAN).lid,
  cooking: true,
});

describe('events', () => {
  it('count once, however often they arrive', () => {
    const events = log([0, { kind: 'intoPot' }], [60, { kind: 'turned' }]);
    expect(effectiveEvents([...events, ...events])).toHaveLength(2);
  });

  it('fall to an undo, and stand again when the undo is undone', () => {
    const events = log([0, { kind: 'intoPot' }], [60, { kind: 'turned' }], [61, { kind: 'undo', eventId: 'e1' }]);
    expect(reduceEvents(OXTAIL_PLAN, events).turned).toBe(false);
    const again = [...events, event('e9', 62, { kind: 'undo', eventId: 'e2' })];
    expect(reduceEvents(OXTAIL_PLAN, again).turned).toBe(true);
  });

  it('fold to the same state in whatever order they arrive, undone, doubled and at odds as they may be', () => {
    const by = (device: string, count: number) => ({ by: { device, count } });
    const events: CookEvent[] = [
      ...log(
        [0, { kind: 'intoPot' }],
        [50, { kind: 'fork', stage: 'holds' }],
        [70, { kind: 'turned' }],
        [90, { kind: 'note', text: 'smells good' }],
      ),
      // Two screens at the same moment; before the pot; off the heat twice; a verdict too early.
      { ...event('a1', 80, { kind: 'heat', heat: { kind: 'oven', tempC: 150, fan: false } }), ...by('a', 1) },
      { ...event('b1', 80, { kind: 'heat', heat: { kind: 'oven', tempC: 130, fan: false } }), ...by('b', 1) },
      { ...event('a2', 80, { kind: 'turned' }), ...by('a', 2) },
      event('early', -3, { kind: 'turned' }),
      event('off', 100, { kind: 'offHeat' }),
      event('off2', 100.01, { kind: 'offHeat' }),
      event('done', 99, { kind: 'finished', verdict: { tenderness: 3, moisture: 3, sauce: 3, salt: 3, nextTime: '' } }),
      // Undone by the other screen, and that undone again.
      event('u1', 91, { kind: 'undo', eventId: 'e2' }),
      event('u2', 92, { kind: 'undo', eventId: 'u1' }),
      event('u3', 95, { kind: 'undo', eventId: 'e1' }),
      event('loop1', 96, { kind: 'undo', eventId: 'loop2' }),
      event('loop2', 97, { kind: 'undo', eventId: 'loop1' }),
    ];
    const state = reduceEvents(OXTAIL_PLAN, events);
    expect(state.events.map((e) => e.id)).toEqual(['e0', 'e2', 'a1', 'a2', 'b1', 'e3', 'off']);
    expect(state.heat).toMatchObject({ tempC: 130 });
    expect(state.rejected.map((p) => [p.event.id, p.why.code])).toEqual([
      ['early', 'refused.nothingInPot'],
      ['done', 'refused.notOffHeat'],
      ['off2', 'refused.offHeatAlready'],
    ]);
    fc.assert(
      fc.property(fc.shuffledSubarray(events, { minLength: events.length }), (shuffled) => {
        expect(reduceEvents(OXTAIL_PLAN, shuffled)).toEqual(state);
      }),
    );
  });

  it('that count from a start taken back wait for another', () => {
    const events = log([0, { kind: 'intoPot' }], [50, { kind: 'turned' }], [60, { kind: 'undo', eventId: 'e0' }]);
    const without = reduceEvents(OXTAIL_PLAN, events);
    expect([without.phase, without.rejected.map((p) => p.event.id)]).toEqual(['preparing', ['e1']]);
    const again = reduceEvents(OXTAIL_PLAN, [...events, event('late', 3, { kind: 'intoPot' })]);
    expect([again.phase, again.turned, again.rejected]).toEqual(['braising', true, []]);
  });
});

describe('a cook’s state', () => {
  it('goes from preparing to the log', () => {
    const verdict = { tenderness: 5, moisture: 4, sauce: 3, salt: 3, nextTime: 'more prunes' };
    const all = log(
      [0, { kind: 'intoPot' }],
      [180, { kind: 'fork', stage: 'twists' }],
      [181, { kind: 'offHeat' }],
      [210, { kind: 'finished', verdict }],
    );
    const phases = [0, 1, 2, 3, 4].map((n) => reduceEvents(OXTAIL_PLAN, all.slice(0, n)).phase);
    expect(phases).toEqual(['preparing', 'braising', 'braising', 'offHeat', 'finished']);
    expect(reduceEvents(OXTAIL_PLAN, all).verdict).toEqual(verdict);
  });

  it('refuses, with a sentence, what makes no sense yet', () => {
    const empty = reduceEvents(OXTAIL_PLAN, []);
    for (const act of LIVE_ACTS) expect(english(refusal(empty, act))).toContain('Nothing is in the pot yet');
    const on = reduceEvents(OXTAIL_PLAN, log([0, { kind: 'intoPot' }]));
    expect(english(refusal(on, { kind: 'intoPot' }))).toContain('already');
    for (const act of LIVE_ACTS) expect(refusal(on, act)).toBeUndefined();
    const verdict = { tenderness: 5, moisture: 5, sauce: 3, salt: 3, nextTime: '' };
    expect(english(refusal(on, { kind: 'finished', verdict }))).toContain('off the heat first');
  });

  it('does not let the start be taken back under records that count from it', () => {
    const on = reduceEvents(OXTAIL_PLAN, log([0, { kind: 'intoPot' }], [60, { kind: 'turned' }]));
    expect(english(validateUndo(on, 'e0'))).toMatch(saying('refused.othersCount'));
    expect(validateUndo(on, 'e1')).toBeUndefined();
    expect(english(validateUndo(on, 'nonsense'))).toContain('already');
  });

  it('lets coming off the heat be taken back until it was said how it came out', () => {
    const verdict = { tenderness: 4, moisture: 5, sauce: 3, salt: 3, nextTime: '' };
    const acts = [
      [0, { kind: 'intoPot' }],
      [181, { kind: 'offHeat' }],
      [190, { kind: 'served' }],
      [210, { kind: 'finished', verdict }],
    ] as const;
    const off = reduceEvents(OXTAIL_PLAN, log(...acts.slice(0, 3)));
    expect(validateUndo(off, 'e1')).toBeUndefined();
    const finished = reduceEvents(OXTAIL_PLAN, log(...acts));
    expect(validateUndo(finished, 'e1')?.code).toBe('refused.undoFinished');
    expect(validateUndo(finished, 'e3')).toBeUndefined();
  });

  it('is scored by when the fork found it, else by when it came off the heat', () => {
    const verdict = { tenderness: 4, moisture: 5, sauce: 3, salt: 3, nextTime: '' };
    const end = [
      [181, { kind: 'offHeat' }],
      [210, { kind: 'finished', verdict }],
    ] as const;
    const took = (...acts: readonly (readonly [number, CookAct])[]) =>
      outcomeOf(reduceEvents(OXTAIL_PLAN, log([0, { kind: 'intoPot' }], ...acts, ...end)))?.actualMin;
    expect(took()).toBe(181);
    expect(took([150, { kind: 'fork', stage: 'gives' }])).toBe(181);
    expect(took([150, { kind: 'fork', stage: 'gives' }], [170, { kind: 'fork', stage: 'twists' }])).toBe(170);
  });
});

describe('a braise in stages', () => {
  const oven = { kind: 'oven', tempC: 150, fan: false } as const;
  const hob = { kind: 'simmer', tempC: 96 } as const;
  const input: PlanInput = {
    ...OXTAIL_PLAN,
    course: [
      { heat: hob, lid: 'heavy', until: { kind: 'minutes', minutes: 15 } },
      { heat: oven, lid: 'heavy', until: { kind: 'before', minutes: 45 } },
      { heat: oven, lid: 'none', until: { kind: 'end' } },
    ],
  };
  const heats = (state: CookState, from = 0): (readonly [number, string])[] =>
    requestOf(state, state.events, from).heats.map((h) => [Math.round(h.atMin), h.heat.kind] as const);

  it('stands on the hob until somebody moves it, however late that is', () => {
    const on = reduceEvents(input, log([0, { kind: 'intoPot' }]));
    expect([on.heat, on.lid, on.stages.length]).toEqual([hob, 'heavy', 3]);
    expect(heats(on).slice(0, 2)).toEqual([
      [0, 'simmer'],
      [15, 'oven'],
    ]);
    // At forty minutes nothing has been recorded, so nothing has moved.
    expect(heats(on, 40)[1]).toEqual([40, 'oven']);
    const moved = reduceEvents(input, log([0, { kind: 'intoPot' }], [32, { kind: 'heat', heat: oven }]));
    expect([moved.heat, moved.lid, moved.stages.length]).toEqual([oven, 'heavy', 2]);
    expect(heats(moved).slice(0, 2)).toEqual([
      [0, 'simmer'],
      [32, 'oven'],
    ]);
  });

  it('keeps its later stages when the heat is another than was planned', () => {
    const cooler = { ...oven, tempC: 130 };
    const state = reduceEvents(
      input,
      log([0, { kind: 'intoPot' }], [16, { kind: 'heat', heat: oven }], [60, { kind: 'heat', heat: cooler }]),
    );
    expect(state.stages.map((s) => [s.heat.tempC, s.lid])).toEqual([
      [130, 'heavy'],
      [130, 'none'],
    ]);
    const { lids } = requestOf(state);
    expect(lids.at(-1)?.lid).toBe('none');
    expect(lids.at(-1)?.atMin).toBeGreaterThan(60);
  });
});

describe('following a cook', () => {
  it('puts every act into the engine’s request', () => {
    const state = reduceEvents(
      OXTAIL_PLAN,
      log(
        [0, { kind: 'intoPot' }],
        [60, { kind: 'turned' }],
        [61, { kind: 'fork', stage: 'holds' }],
        [90, { kind: 'liquid', levelMm: 20, simmering: false, addedL: 0.2, addedTempC: 20 }],
        [100, { kind: 'heat', heat: { kind: 'simmer', tempC: 96 } }],
        [110, { kind: 'lid', lid: 'ajar' }],
      ),
    );
    const request = requestOf(state);
    expect(request.turnsAtMin).toEqual([60]);
    expect(request.openings).toEqual([
      { atMin: 60, seconds: 90 },
      { atMin: 90, seconds: 40 },
      { atMin: 110, seconds: 20 },
    ]);
    expect(request.topUps).toEqual([{ atMin: 90, litres: 0.2, tempC: 20 }]);
    expect(request.heats.map((h) => [h.atMin, h.heat.kind])).toEqual([
      [0, 'oven'],
      [100, 'simmer'],
    ]);
    expect(request.lids.map((l) => l.lid)).toEqual(['heavy', 'ajar']);
  });

  it('says what each record taught', () => {
    const taught = (stage: Doneness): readonly Update[] => {
      const did = log([0, { kind: 'intoPot' }], [150, { kind: 'fork', stage }], [151, { kind: 'note', text: 'hm' }]);
      return learnAll(reduceEvents(OXTAIL_PLAN, did), { particles: 256 }).lessons;
    };
    const lessons = taught('drags');
    expect(lessons).toHaveLength(1);
    expect(lessons[0]?.shiftMin).toBeGreaterThan(5);
    expect(lessons[0]?.about?.unknown).toBe('toughness');
    expect(lessons[0]?.about?.value).toBeGreaterThan(1);
    // A pot is hardly ever this far behind unless its lid does not fit.
    const far = taught('holds')[0]?.about;
    expect(far?.unknown).toBe('lidAjar');
    expect(far?.value).toBeGreaterThan(0.3);
  });

  it('waits for cold liquid that was poured in, and for heat turned down', () => {
    const eta = (...acts: readonly (readonly [number, CookEvent['act']])[]): number =>
      etaOf(
        liveForecast(
          learnAll(reduceEvents(OXTAIL_PLAN, log([0, { kind: 'intoPot' }], ...acts)), { particles: 128 }),
          plan.finishBy,
          moment(100),
        ).forecast,
        'twists',
      ).p50;
    const plain = eta();
    expect(eta([90, { kind: 'heat', heat: { kind: 'oven', tempC: 100, fan: false } }])).toBeGreaterThan(plain + 20);
    expect(eta([90, { kind: 'liquid', levelMm: 30, simmering: true, addedL: 1, addedTempC: 20 }])).toBeGreaterThan(
      plain + 5,
    );
  });
});

describe('a braise that was forgotten', () => {
  it('is summed up as it stood at the forecast’s end, at no more cost than any other', () => {
    const week = 7 * 24 * 60;
    const events = log(
      [0, { kind: 'intoPot' }],
      [week, { kind: 'fork', stage: 'strings' }],
      [week, { kind: 'offHeat' }],
    );
    const state = reduceEvents(OXTAIL_PLAN, events);
    const learnt = learnAll(state, { particles: 32 });
    expect(learnt.lessons).toEqual([]);
    const steps = learnt.ensemble.assembly.grid.count;
    expect(steps).toBe(
      learnAll(reduceEvents(OXTAIL_PLAN, events.slice(0, 1)), { particles: 32 }).ensemble.assembly.grid.count,
    );
    const live = liveForecast(learnt, plan.finishBy, { ...moment(week), cooking: true });
    expect([live.mostInformative, live.heatOptions]).toEqual([undefined, []]);
    expect(live.finished).toEqual(
      liveForecast(learnt, plan.finishBy, { ...moment(live.forecast.horizonMin), cooking: true }).finished,
    );
  });
});

describe('the line of the day', () => {
  it('shows a finished braise as it went', () => {
    const verdict = { tenderness: 5, moisture: 4, sauce: 3, salt: 3, nextTime: '' };
    const state = reduceEvents(
      OXTAIL_PLAN,
      log([0, { kind: 'intoPot' }], [200, { kind: 'offHeat' }], [230, { kind: 'finished', verdict }]),
    );
    expect(actualSpans(plan.day, state, NOON_MS + 230 * MINUTE_MS).map((s) => (s.toMs - s.fromMs) / MINUTE_MS)).toEqual(
      [(plan.day.intoPotMs - plan.day.startMs) / MINUTE_MS, 200, 30],
    );
  });
});

describe('a hidden pot', () => {
  it('passes the stages in order and tells the same truth for the same seed', () => {
    const request = braiseRequest(OXTAIL_PLAN);
    const pot = simulatePot(request, 3);
    expect(simulatePot(request, 3).twistsMin).toBe(pot.twistsMin);
    expect(pot.donenessAt(5)).toBe('holds');
    expect(pot.donenessAt(pot.twistsMin - 2)).toBe('gives');
    expect(pot.donenessAt(pot.twistsMin + 2)).toBe('twists');
    expect(pot.coreC(120)).toBeGreaterThan(pot.coreC(20));
    expect(pot.liquidC(120)).toBeGreaterThan(90);
  });
});
