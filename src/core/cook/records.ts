import { type CookAct, type CookActKind, type EffectiveEvent } from './events';
import { applyBoxOutcome, newStoredBatch } from './storedBatches';
import { type CookState } from './state';
import {
  type BraiseRequest,
  contentsAt,
  type Ensemble,
  litresForLevelAt,
  type Observation,
  placeAt,
} from '../forecast';
import { type Message, say } from '../message';
import { afterRecord, OPEN_SECONDS } from '../plan';
import { type HeatStage } from '../choices';
import { type DayMark } from '../schedule';
import { MINUTE_MS } from '../quantity';
import { SAFETY_LIMITS } from '../safety';

type ActOf<K extends CookActKind> = Extract<CookAct, { kind: K }>;

/** What a record adds to what the engine knows has happened to the pot. */
type Happened = Partial<Pick<BraiseRequest, 'turnsAtMin' | 'topUps'>>;

/** All the core knows of a kind of record. */
interface RecordRule<K extends CookActKind> {
  /** Why it makes no sense as things stand; undefined when it does. */
  readonly refusal: (state: CookState, act: ActOf<K>) => Message | undefined;
  /** What stands once it was recorded. */
  readonly becomes?: (act: ActOf<K>, atMs: number, state: CookState, eventId: string) => Partial<CookState>;
  /** How long it leaves the pot open, s. */
  readonly openSeconds: number;
  /** Whether it moves the forecast: it changes what the pot does, or says something about it. */
  readonly movesForecast: boolean;
  /** What it adds to the braise as it has gone, `atMin` after the pieces met the liquid. */
  readonly happened?: (act: ActOf<K>, atMin: number) => Happened;
  /** What it lets the ensemble learn. */
  readonly observed?: (act: ActOf<K>, atMin: number, ensemble: Ensemble) => Observation[];
  /** How it is marked on the day's line; left out where it is not. */
  readonly mark?: DayMark['kind'];
}

const always = (): undefined => undefined;

const oncePotted = (state: CookState): Message | undefined =>
  state.intoPotMs === undefined ? say('refused.nothingInPot') : undefined;

const offHeatFirst = (state: CookState): Message | undefined =>
  state.offHeatMs === undefined ? say('refused.notOffHeat') : undefined;

/** What can still be recorded once it was said how it came out: what is left over goes on. */
export const ALLOWED_AFTER_FINISH: readonly CookActKind[] = [
  'served',
  'cooling',
  'cooled',
  'stored',
  'box',
  'note',
  'step',
  'trouble',
  'timer',
];

/** Where the stages of heat stand once heat or lid was changed at `atMs`. */
function staged(state: CookState, change: Partial<Pick<HeatStage, 'heat' | 'lid'>>, atMs: number): Partial<CookState> {
  const { stages, moved } = afterRecord(state.stages, change);
  const now = stages[0];
  return { ...change, ...(now && { heat: now.heat, lid: now.lid }), stages, ...(moved && { stageSinceMs: atMs }) };
}

/** One line for each kind of record; a new kind without one does not compile. */
export const RECORDS: { readonly [K in CookActKind]: RecordRule<K> } = {
  intoPot: {
    refusal: (state) => (state.intoPotMs === undefined ? undefined : say('refused.inPotAlready')),
    becomes: (_, intoPotMs) => ({ intoPotMs, stageSinceMs: intoPotMs, phase: 'braising' }),
    openSeconds: 0,
    movesForecast: false,
  },
  fork: {
    refusal: oncePotted,
    openSeconds: OPEN_SECONDS.fork,
    movesForecast: true,
    observed: ({ stage }, atMin) => [{ kind: 'fork', atMin, stage }],
    mark: 'test',
  },
  probe: {
    refusal: oncePotted,
    openSeconds: 45,
    movesForecast: true,
    observed: ({ tempC, nearBone }, atMin) => [{ kind: 'probe', atMin, tempC, nearBone }],
  },
  liquid: {
    refusal: oncePotted,
    openSeconds: 40,
    movesForecast: true,
    happened: ({ addedL, addedTempC }, atMin) =>
      addedL > 0 ? { topUps: [{ atMin, litres: addedL, tempC: addedTempC }] } : {},
    observed: ({ levelMm, simmering }, atMin, ensemble) => {
      const place = placeAt(ensemble.assembly.grid, atMin);
      const rimMm = contentsAt(ensemble, place).pot.heightM * 1000;
      const marked = levelMm <= rimMm;
      return [
        { kind: 'simmering', atMin, simmering },
        ...(marked ? [{ kind: 'level' as const, atMin, litres: litresForLevelAt(ensemble, place, levelMm) }] : []),
      ];
    },
    mark: 'look',
  },
  turned: {
    refusal: oncePotted,
    becomes: () => ({ turned: true }),
    openSeconds: OPEN_SECONDS.turned,
    movesForecast: true,
    happened: (_, atMin) => ({ turnsAtMin: [atMin] }),
    mark: 'turn',
  },
  lid: {
    refusal: oncePotted,
    becomes: ({ lid }, atMs, state) => staged(state, { lid }, atMs),
    openSeconds: 20,
    movesForecast: true,
  },
  heat: {
    refusal: oncePotted,
    becomes: ({ heat }, atMs, state) => staged(state, { heat }, atMs),
    openSeconds: 0,
    movesForecast: true,
  },
  step: {
    refusal: (state, { step }) => (state.steps.has(step) ? say('refused.stepDone') : undefined),
    becomes: ({ step, how }, atMs, state) => ({ steps: new Map(state.steps).set(step, { how, atMs }) }),
    openSeconds: 0,
    movesForecast: false,
  },
  timer: {
    refusal: (state, { timer, minutes }) =>
      minutes === 0 && !state.timers.has(timer) ? say('refused.noTimer') : undefined,
    becomes: ({ timer, name, minutes }, atMs, state) => {
      const timers = new Map(state.timers);
      if (minutes === 0) timers.delete(timer);
      else timers.set(timer, { name, setMs: atMs, endsMs: atMs + minutes * MINUTE_MS });
      return { timers };
    },
    openSeconds: 0,
    movesForecast: false,
  },
  trouble: {
    refusal: always,
    becomes: ({ trouble }, atMs, state, id) => ({
      troubles: [...state.troubles, { id: trouble, eventId: id, atMs }],
    }),
    openSeconds: 0,
    movesForecast: false,
  },
  note: { refusal: always, openSeconds: 0, movesForecast: false },
  offHeat: {
    refusal: (state) =>
      oncePotted(state) ?? (state.offHeatMs === undefined ? undefined : say('refused.offHeatAlready')),
    becomes: (_, offHeatMs) => ({ offHeatMs, phase: 'offHeat' }),
    openSeconds: 0,
    movesForecast: false,
  },
  hold: {
    refusal: offHeatFirst,
    becomes: ({ way }, atMs) => ({ hold: { way, atMs } }),
    openSeconds: 0,
    movesForecast: false,
  },
  sauce: { refusal: offHeatFirst, openSeconds: 0, movesForecast: false },
  aim: { refusal: offHeatFirst, openSeconds: 0, movesForecast: false },
  put: { refusal: always, openSeconds: 0, movesForecast: false },
  counted: {
    refusal: offHeatFirst,
    becomes: ({ out }) => ({ counted: out }),
    openSeconds: 0,
    movesForecast: false,
  },
  served: {
    refusal: (state) =>
      offHeatFirst(state) ?? (state.servedMs === undefined ? undefined : say('refused.servedAlready')),
    becomes: (_, servedMs) => ({ servedMs }),
    openSeconds: 0,
    movesForecast: false,
  },
  cooling: {
    refusal: offHeatFirst,
    becomes: ({ way }, atMs) => ({ cooling: { way, atMs } }),
    openSeconds: 0,
    movesForecast: false,
  },
  cooled: { refusal: offHeatFirst, openSeconds: 0, movesForecast: false },
  stored: {
    refusal: offHeatFirst,
    becomes: (act, atMs, state, id) => ({
      lots: [
        ...state.lots,
        newStoredBatch(
          id,
          act,
          atMs,
          state.servedMs ?? state.offHeatMs ?? atMs,
          SAFETY_LIMITS[state.input.keeping.rule],
        ),
      ],
    }),
    openSeconds: 0,
    movesForecast: false,
  },
  box: {
    refusal: (state, { lot, count, fate }) => {
      const known = state.lots.find((l) => l.id === lot);
      return known && applyBoxOutcome(known, fate, count, 0) ? undefined : say('refused.noBox');
    },
    becomes: ({ lot, count, fate }, atMs, state) => ({
      lots: state.lots.map((l) => (l.id === lot ? (applyBoxOutcome(l, fate, count, atMs) ?? l) : l)),
    }),
    openSeconds: 0,
    movesForecast: false,
  },
  finished: {
    refusal: offHeatFirst,
    becomes: ({ verdict }, finishedMs) => ({ finishedMs, verdict, phase: 'finished' }),
    openSeconds: 0,
    movesForecast: false,
  },
};

/** The rule for an act, which it fits by its kind. */
function ruleOf<K extends CookActKind>(act: ActOf<K>): RecordRule<K> {
  return RECORDS[act.kind];
}

/** What stands once an act was recorded. */
export function becomes({ id, act, atMs }: EffectiveEvent, state: CookState): Partial<CookState> {
  return ruleOf(act).becomes?.(act, atMs, state, id) ?? {};
}

/** Why an act makes no sense as things stand; undefined when it does. */
export function refusal(state: CookState, act: CookAct): Message | undefined {
  if (state.phase === 'finished' && !ALLOWED_AFTER_FINISH.includes(act.kind)) return say('refused.finished');
  return ruleOf(act).refusal(state, act);
}

/** What an act adds to the braise as it has gone. */
export function toEngineHistory(act: CookAct, atMin: number): Happened {
  return ruleOf(act).happened?.(act, atMin) ?? {};
}

/** What an act lets the ensemble learn. */
export function observedBy(act: CookAct, atMin: number, ensemble: Ensemble): Observation[] {
  return ruleOf(act).observed?.(act, atMin, ensemble) ?? [];
}
