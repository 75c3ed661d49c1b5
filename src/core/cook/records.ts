import { type CookAct, type CookActKind, type EffectiveEvent } from './events';
import { applyBoxOutcome, newStoredBatch } from './storedBatches';
import { type CookState } from './state';
import {
  type BraiseRequest,
  contentsAt,
  type Ensemble,
  litresForLevelAt,
  type Observation,
  scheduledAt,
} from '../forecast';
import { type Message, say } from '../message';
import { afterRecord, type HeatPhase, OPEN_SECONDS } from '../choices';
import { type DayMark } from '../schedule';
import { MINUTE_MS } from '../quantity';
import { SAFETY_LIMITS } from '../safety';

type ActOf<K extends CookActKind> = Extract<CookAct, { kind: K }>;

/** What a record adds to the engine's history of the pot. */
type EngineHistory = Partial<Pick<BraiseRequest, 'turnsAtMin' | 'topUps'>>;

/** Everything the core knows about a kind of record. */
interface RecordRule<K extends CookActKind> {
  /** Why it is not possible in this state; undefined if it is. */
  readonly validate: (state: CookState, act: ActOf<K>) => Message | undefined;
  /** The state after it. */
  readonly apply?: (act: ActOf<K>, atMs: number, state: CookState, eventId: string) => Partial<CookState>;
  /** How long it leaves the pot open, s. */
  readonly openSeconds: number;
  /** Whether it changes the forecast: it changes what the pot does, or says something about it. */
  readonly movesForecast: boolean;
  /** Whether it can still be recorded after the verdict: leftovers, and what belongs to no moment. */
  readonly afterFinish: boolean;
  /** Whether it means something without the meat in the pot, so that the start can be undone beside it. */
  readonly standsAlone: boolean;
  /** What it adds to the engine's history, `atMin` after the meat met the liquid. */
  readonly happened?: (act: ActOf<K>, atMin: number) => EngineHistory;
  /** The observation the ensemble learns from. */
  readonly observed?: (act: ActOf<K>, atMin: number, ensemble: Ensemble) => Observation[];
  /** Its mark on the timeline; omitted if none. */
  readonly mark?: DayMark['kind'];
}

const always = (): undefined => undefined;

const oncePotted = (state: CookState): Message | undefined =>
  state.intoPotMs === undefined ? say('refused.nothingInPot') : undefined;

const offHeatFirst = (state: CookState): Message | undefined =>
  state.offHeatMs === undefined ? say('refused.notOffHeat') : undefined;

/** The heat phases after heat or lid was changed at `atMs`. */
function staged(state: CookState, change: Partial<Pick<HeatPhase, 'heat' | 'lid'>>, atMs: number): Partial<CookState> {
  const { stages, moved } = afterRecord(state.stages, change);
  const now = stages[0];
  return { ...change, ...(now && { heat: now.heat, lid: now.lid }), stages, ...(moved && { stageSinceMs: atMs }) };
}

/** One row for each kind of record; a new kind without one does not compile. */
export const RECORDS: { readonly [K in CookActKind]: RecordRule<K> } = {
  intoPot: {
    validate: (state) => (state.intoPotMs === undefined ? undefined : say('refused.inPotAlready')),
    apply: (_, intoPotMs) => ({ intoPotMs, stageSinceMs: intoPotMs, phase: 'braising' }),
    openSeconds: 0,
    movesForecast: false,
    afterFinish: false,
    standsAlone: false,
  },
  fork: {
    validate: oncePotted,
    openSeconds: OPEN_SECONDS.fork,
    movesForecast: true,
    afterFinish: false,
    standsAlone: false,
    observed: ({ stage }, atMin) => [{ kind: 'fork', atMin, stage }],
    mark: 'test',
  },
  probe: {
    validate: oncePotted,
    openSeconds: 45,
    movesForecast: true,
    afterFinish: false,
    standsAlone: false,
    observed: ({ tempC, nearBone }, atMin) => [{ kind: 'probe', atMin, tempC, nearBone }],
  },
  liquid: {
    validate: oncePotted,
    openSeconds: 40,
    movesForecast: true,
    afterFinish: false,
    standsAlone: false,
    happened: ({ addedL, addedTempC }, atMin) =>
      addedL > 0 ? { topUps: [{ atMin, litres: addedL, tempC: addedTempC }] } : {},
    observed: ({ levelMm, simmering }, atMin, ensemble) => {
      const place = scheduledAt(ensemble.assembly.grid, atMin);
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
    validate: oncePotted,
    apply: () => ({ turned: true }),
    openSeconds: OPEN_SECONDS.turned,
    movesForecast: true,
    afterFinish: false,
    standsAlone: false,
    happened: (_, atMin) => ({ turnsAtMin: [atMin] }),
    mark: 'turn',
  },
  lid: {
    validate: oncePotted,
    apply: ({ lid }, atMs, state) => staged(state, { lid }, atMs),
    openSeconds: 20,
    movesForecast: true,
    afterFinish: false,
    standsAlone: false,
  },
  heat: {
    validate: oncePotted,
    apply: ({ heat }, atMs, state) => staged(state, { heat }, atMs),
    openSeconds: 0,
    movesForecast: true,
    afterFinish: false,
    standsAlone: false,
  },
  step: {
    validate: (state, { step }) => (state.steps.has(step) ? say('refused.stepDone') : undefined),
    apply: ({ step, how }, atMs, state) => ({ steps: new Map(state.steps).set(step, { how, atMs }) }),
    openSeconds: 0,
    movesForecast: false,
    afterFinish: true,
    standsAlone: true,
  },
  timer: {
    validate: (state, { timer, minutes }) =>
      minutes === 0 && !state.timers.has(timer) ? say('refused.noTimer') : undefined,
    apply: ({ timer, name, minutes }, atMs, state) => {
      const timers = new Map(state.timers);
      if (minutes === 0) timers.delete(timer);
      else timers.set(timer, { name, setMs: atMs, endsMs: atMs + minutes * MINUTE_MS });
      return { timers };
    },
    openSeconds: 0,
    movesForecast: false,
    afterFinish: true,
    standsAlone: true,
  },
  trouble: {
    validate: always,
    apply: ({ trouble }, atMs, state, id) => ({
      troubles: [...state.troubles, { id: trouble, eventId: id, atMs }],
    }),
    openSeconds: 0,
    movesForecast: false,
    afterFinish: true,
    standsAlone: true,
  },
  note: { validate: always, openSeconds: 0, movesForecast: false, afterFinish: true, standsAlone: true },
  offHeat: {
    validate: (state) =>
      oncePotted(state) ?? (state.offHeatMs === undefined ? undefined : say('refused.offHeatAlready')),
    apply: (_, offHeatMs) => ({ offHeatMs, phase: 'offHeat' }),
    openSeconds: 0,
    movesForecast: false,
    afterFinish: false,
    standsAlone: false,
  },
  hold: {
    validate: offHeatFirst,
    apply: ({ way }, atMs) => ({ hold: { way, atMs } }),
    openSeconds: 0,
    movesForecast: false,
    afterFinish: false,
    standsAlone: false,
  },
  sauce: { validate: offHeatFirst, openSeconds: 0, movesForecast: false, afterFinish: false, standsAlone: false },
  aim: { validate: offHeatFirst, openSeconds: 0, movesForecast: false, afterFinish: false, standsAlone: false },
  put: { validate: always, openSeconds: 0, movesForecast: false, afterFinish: false, standsAlone: true },
  counted: {
    validate: offHeatFirst,
    apply: ({ out }) => ({ counted: out }),
    openSeconds: 0,
    movesForecast: false,
    afterFinish: false,
    standsAlone: false,
  },
  served: {
    validate: (state) =>
      offHeatFirst(state) ?? (state.servedMs === undefined ? undefined : say('refused.servedAlready')),
    apply: (_, servedMs) => ({ servedMs }),
    openSeconds: 0,
    movesForecast: false,
    afterFinish: true,
    standsAlone: false,
  },
  cooling: {
    validate: offHeatFirst,
    apply: ({ way }, atMs) => ({ cooling: { way, atMs } }),
    openSeconds: 0,
    movesForecast: false,
    afterFinish: true,
    standsAlone: false,
  },
  cooled: { validate: offHeatFirst, openSeconds: 0, movesForecast: false, afterFinish: true, standsAlone: false },
  stored: {
    validate: offHeatFirst,
    apply: (act, atMs, state, id) => ({
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
    afterFinish: true,
    standsAlone: false,
  },
  box: {
    validate: (state, { lot, count, fate }) => {
      const known = state.lots.find((l) => l.id === lot);
      return known && applyBoxOutcome(known, fate, count, 0) ? undefined : say('refused.noBox');
    },
    apply: ({ lot, count, fate }, atMs, state) => ({
      lots: state.lots.map((l) => (l.id === lot ? (applyBoxOutcome(l, fate, count, atMs) ?? l) : l)),
    }),
    openSeconds: 0,
    movesForecast: false,
    afterFinish: true,
    standsAlone: false,
  },
  finished: {
    validate: offHeatFirst,
    apply: ({ verdict }, finishedMs) => ({ finishedMs, verdict, phase: 'finished' }),
    openSeconds: 0,
    movesForecast: false,
    afterFinish: false,
    standsAlone: false,
  },
};

/** The rule for an act, typed by its kind. */
function ruleOf<K extends CookActKind>(act: ActOf<K>): RecordRule<K> {
  return RECORDS[act.kind];
}

/** The state after an act. */
export function apply({ id, act, atMs }: EffectiveEvent, state: CookState): Partial<CookState> {
  return ruleOf(act).apply?.(act, atMs, state, id) ?? {};
}

/** Whether a kind of record can still be made after the verdict. */
export const canFollowFinish = (kind: CookActKind): boolean => RECORDS[kind].afterFinish;

/** Why an act is not possible in this state; undefined if it is. */
export function refusal(state: CookState, act: CookAct): Message | undefined {
  if (state.phase === 'finished' && !canFollowFinish(act.kind)) return say('refused.finished');
  return ruleOf(act).validate(state, act);
}

/** What an act adds to the engine's history. */
export function toEngineHistory(act: CookAct, atMin: number): EngineHistory {
  return ruleOf(act).happened?.(act, atMin) ?? {};
}

/** The observation the ensemble learns from an act. */
export function observedBy(act: CookAct, atMin: number, ensemble: Ensemble): Observation[] {
  return ruleOf(act).observed?.(act, atMin, ensemble) ?? [];
}
