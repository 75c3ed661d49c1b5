import { type Finishing, finishSteps } from '../plan';
import { type Step, STEP_KINDS } from '../steps';
import { type PlacedStep, type StepStatus } from './placed';
import { type CookState, eventsOf } from './state';
import { problemNow, type ProblemFigures } from './problem';
import { type ProblemId } from './problemIds';

/** Records that do steps: what each step was done by, and when. */
export function doneBy(
  state: CookState,
): ReadonlyMap<string, { readonly how: 'done' | 'skipped'; readonly atMs: number }> {
  const out = new Map(state.steps);
  const put = (id: string, atMs: number | undefined): void => {
    if (atMs !== undefined && !out.has(id)) out.set(id, { how: 'done', atMs });
  };
  put('meatBack', state.intoPotMs);
  put('turn', eventsOf(state.events, 'turned')[0]?.atMs);
  put('offHeat', state.offHeatMs);
  put('hold', state.hold?.atMs);
  put('countOut', eventsOf(state.events, 'counted').at(-1)?.atMs);
  put('served', state.servedMs);
  put(state.input.day.ahead ? 'coolAhead' : 'cool', state.cooling?.atMs);
  put('portion', state.lots[0]?.storedMs);
  put('verdict', state.finishedMs);
  const gone = state.input.course.length - state.stages.length;
  for (let i = 1; i <= gone; i++) put(`heat-${String(i)}`, state.stageSinceMs);
  return out;
}

/** What goes on when it was said how it came out. */
export const LEFT_OVER: readonly string[] = ['cool', 'portion'];

/** A hand was laid on the finish: it is no longer kept warm. */
export const finishBegun = (steps: readonly Step[], done: ReturnType<typeof doneBy>): boolean =>
  steps.some((s) => s.stage === 'finish' && s.id !== 'hold' && done.has(s.id));

/** Steps that must be behind because what waits for them was done. */
export function inferDoneSteps(steps: readonly Step[], done: ReturnType<typeof doneBy>): ReadonlySet<string> {
  const byId = new Map(steps.map((s) => [s.id, s]));
  const passed = new Set<string>();
  const mark = (id: string): void => {
    for (const before of byId.get(id)?.after ?? []) {
      // What is a record of its own is behind once it is recorded, not before.
      if (passed.has(before) || byId.get(before)?.record != null) continue;
      passed.add(before);
      mark(before);
    }
  };
  for (const id of done.keys()) mark(id);
  // With the meat in the pot nothing is got ready, browned or softened for it any more.
  if (done.has('meatBack')) {
    for (const s of steps) if (['ready', 'sear', 'base', 'liquid'].includes(s.stage)) passed.add(s.id);
  }
  if (done.has('offHeat')) for (const s of steps) if (s.stage === 'braise') passed.add(s.id);
  if (finishBegun(steps, done)) passed.add('hold');
  if (done.has('served')) for (const s of steps) if (['finish', 'serve'].includes(s.stage)) passed.add(s.id);
  if (done.has('verdict')) for (const s of steps) if (!LEFT_OVER.includes(s.id)) passed.add(s.id);
  // Where there was nothing to cool, nothing is put away; put away, it was cooled.
  if (done.get('cool')?.how === 'skipped') passed.add('portion');
  if (done.has('portion')) passed.add('cool');
  return passed;
}

/** Troubles that were told of, as steps of the day. */
export function troublesOf(
  state: CookState,
  figures: ProblemFigures,
): { readonly id: ProblemId; readonly placed: PlacedStep }[] {
  return state.troubles.map(({ id, eventId, atMs }) => {
    const stepId = `trouble-${eventId}`;
    const was = state.steps.get(stepId);
    const { says: title, step: how, care, do: what } = problemNow(id, figures);
    const step: Step = {
      id: stepId,
      kind: 'trouble',
      stage:
        state.intoPotMs === undefined
          ? 'ready'
          : state.offHeatMs === undefined
            ? 'braise'
            : state.servedMs === undefined
              ? 'finish'
              : 'store',
      title,
      how,
      what,
      sign: null,
      minutes: { low: 1, likely: 5, high: 15 },
      hands: 'all',
      stay: true,
      place: 'pot',
      after: [],
      due: { kind: 'at', ms: atMs },
      care,
      record: null,
      mark: null,
      aside: null,
    };
    const isBehind = state.finishedMs !== undefined && atMs < state.finishedMs;
    const status: StepStatus = was?.how ?? (isBehind ? 'passed' : 'due');
    return { id, placed: { step, status, atMs: was?.atMs ?? atMs, why: null } };
  });
}

/** Steps after which a sauce comes onto the fire. */
const BEFORE_FIRE: readonly Step['kind'][] = [
  'liftOut',
  'countOut',
  'marrowOut',
  'vegOut',
  'strain',
  'press',
  'blend',
  'defat',
  'fatOffCold',
];

/** The finish as the pot really stands, in the place of the planned one: amounts, and boiling down where it has become necessary. */
export function withFinish(steps: readonly Step[], finishing: Finishing): readonly Step[] {
  const now = finishSteps(finishing);
  const says = new Map(now.map((s) => [`finish-${s.says.code}`, s]));
  const told = steps.map((s): Step => {
    const found = says.get(s.id);
    return found ? { ...s, how: found.says, minutes: asLikely(s.minutes, found.minutes) } : s;
  });
  const boil = now.find((s) => s.work === 'reduce');
  if (!boil || told.some((s) => s.kind === 'reduce')) return told;
  const before = told.findLastIndex((s) => s.stage === 'finish' && BEFORE_FIRE.includes(s.kind));
  const model = told[before] ?? told.find((s) => s.id === 'hold');
  if (!model) return told;
  const row = STEP_KINDS.reduce;
  const id = `finish-${boil.says.code}`;
  const step: Step = {
    ...model,
    id,
    kind: 'reduce',
    how: boil.says,
    what: null,
    sign: null,
    record: null,
    hands: row.hands,
    stay: row.stay,
    place: row.place,
    care: row.care,
    due: { kind: 'next' },
    after: [before < 0 ? 'offHeat' : model.id],
    minutes: { low: boil.minutes * row.spread[0], likely: boil.minutes, high: boil.minutes * row.spread[1] },
  };
  const last = step.after[0];
  const at = before < 0 ? told.findIndex((s) => s.id === 'hold') : before;
  return [
    ...told.slice(0, at + 1),
    step,
    ...told
      .slice(at + 1)
      .map((s) => (s.id !== 'hold' && last !== undefined && s.after.includes(last) ? { ...s, after: [id] } : s)),
  ];
}

/** A spread of minutes about another middle. */
function asLikely(minutes: Step['minutes'], likely: number): Step['minutes'] {
  const by = Math.max(0.25, likely) / minutes.likely;
  return { low: minutes.low * by, likely: minutes.likely * by, high: minutes.high * by };
}

/** Minutes of the finish and plating that are still to do, one after the other. */
export function finishLeftMin(steps: readonly Step[], closed: (id: string) => boolean): number {
  return steps.reduce(
    (sum, s) =>
      ((s.stage === 'finish' && s.id !== 'hold') || s.id === 'plate' || s.id === 'softHerbs') && !closed(s.id)
        ? sum + s.minutes.likely
        : sum,
    0,
  );
}
