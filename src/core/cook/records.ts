import { type CookAct, type CookActKind } from './events';
import { type CookState } from './state';
import { type BraiseRequest, contentsAt, type Ensemble, litresForLevelAt, type Observation, stepAt } from '../forecast';
import { type Message, say } from '../message';
import { afterRecord, OPEN_SECONDS } from '../plan';
import { type HeatStage } from '../choices';
import { type DayMark } from '../schedule';

type ActOf<K extends CookActKind> = Extract<CookAct, { kind: K }>;

/** What a record adds to what the engine knows has happened to the pot. */
type Happened = Partial<Pick<BraiseRequest, 'turnsAtMin' | 'topUps'>>;

/** All the core knows of a kind of record. */
interface RecordRule<K extends CookActKind> {
  /** Why it makes no sense as things stand; undefined when it does. */
  readonly refusal: (state: CookState) => Message | undefined;
  /** What stands once it was recorded. */
  readonly becomes?: (act: ActOf<K>, atMs: number, state: CookState) => Partial<CookState>;
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
      const step = stepAt(ensemble.assembly.grid, atMin);
      const rimMm = contentsAt(ensemble, step).pot.heightM * 1000;
      const marked = levelMm > 0 && levelMm <= rimMm;
      return [
        { kind: 'simmering', atMin, simmering },
        ...(marked ? [{ kind: 'level' as const, atMin, litres: litresForLevelAt(ensemble, step, levelMm) }] : []),
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
  note: { refusal: always, openSeconds: 0, movesForecast: false },
  offHeat: {
    refusal: (state) =>
      oncePotted(state) ?? (state.offHeatMs === undefined ? undefined : say('refused.offHeatAlready')),
    becomes: (_, offHeatMs) => ({ offHeatMs, phase: 'offHeat' }),
    openSeconds: 0,
    movesForecast: false,
  },
  finished: {
    refusal: (state) => (state.offHeatMs === undefined ? say('refused.notOffHeat') : undefined),
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
export function becomes(act: CookAct, atMs: number, state: CookState): Partial<CookState> {
  return ruleOf(act).becomes?.(act, atMs, state) ?? {};
}

/** Why an act makes no sense as things stand; undefined when it does. */
export function refusal(state: CookState, act: CookAct): Message | undefined {
  if (state.phase === 'finished') return say('refused.finished');
  return RECORDS[act.kind].refusal(state);
}

/** What an act adds to the braise as it has gone. */
export function happenedBy(act: CookAct, atMin: number): Happened {
  return ruleOf(act).happened?.(act, atMin) ?? {};
}

/** What an act lets the ensemble learn. */
export function observedBy(act: CookAct, atMin: number, ensemble: Ensemble): Observation[] {
  return ruleOf(act).observed?.(act, atMin, ensemble) ?? [];
}
