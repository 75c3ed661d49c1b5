import { type Finishing, type FinishStep, finishSteps } from '../plan';
import { type Step, STEP_KINDS, stepAbout, stepId } from '../steps';
import { type ScheduledStep, type StepStatus } from './scheduledStep';
import { type CookState } from './state';
import { ruleOf } from './stepRules';
import { problemNow, type ProblemFigures } from './problem';
import { type ProblemId } from './problemIds';

/** Done or skipped steps, by what was recorded. */
export type DoneSteps = ReadonlyMap<string, { readonly how: 'done' | 'skipped'; readonly atMs: number }>;

/** Records that do steps: which of `steps` each did, and when. */
export function doneBy(steps: readonly Step[], state: CookState): DoneSteps {
  const out = new Map(state.steps);
  for (const { id } of steps) {
    const atMs = out.has(id) ? undefined : ruleOf(id).doneMs?.(state, stepAbout(id));
    if (atMs !== undefined) out.set(id, { how: 'done', atMs });
  }
  return out;
}

/** Finishing has started: it is no longer kept warm. */
export const finishBegun = (steps: readonly Step[], done: DoneSteps): boolean =>
  steps.some((s) => s.stage === 'finish' && s.id !== 'hold' && done.has(s.id));

/** Steps inferred done because a dependent step is done. */
export function inferDoneSteps(steps: readonly Step[], done: DoneSteps): ReadonlySet<string> {
  const byId = new Map<string, Step>(steps.map((s) => [s.id, s]));
  const passed = new Set<string>();
  const mark = (id: string): void => {
    for (const before of byId.get(id)?.after ?? []) {
      // A step with a record of its own is done only once recorded.
      if (passed.has(before) || byId.get(before)?.record != null) continue;
      passed.add(before);
      mark(before);
    }
  };
  for (const id of done.keys()) mark(id);
  // With the meat in the pot, nothing more is prepared, browned or softened for it.
  if (done.has('meatBack')) {
    for (const s of steps) if (['ready', 'sear', 'base', 'liquid'].includes(s.stage)) passed.add(s.id);
  }
  if (done.has('offHeat')) for (const s of steps) if (s.stage === 'braise') passed.add(s.id);
  if (finishBegun(steps, done)) passed.add('hold');
  if (done.has('served')) for (const s of steps) if (['finish', 'serve'].includes(s.stage)) passed.add(s.id);
  if (done.has('verdict')) for (const s of steps) if (ruleOf(s.id).afterVerdict !== true) passed.add(s.id);
  // Where nothing had to be cooled, nothing is stored; what is stored was cooled.
  if (done.get('cool')?.how === 'skipped') passed.add('portion');
  if (done.has('portion')) passed.add('cool');
  return passed;
}

/** Reported problems as steps of the day. */
export function troublesOf(
  state: CookState,
  figures: ProblemFigures,
): { readonly id: ProblemId; readonly placed: ScheduledStep }[] {
  return state.troubles.map(({ id, eventId, atMs }) => {
    const problemId = stepId('trouble', eventId);
    const was = state.steps.get(problemId);
    const { says: title, step: how, care, do: what } = problemNow(id, figures);
    const step: Step = {
      id: problemId,
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

/** Steps after which a sauce goes on the heat. */
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

/** The finish of the actual pot instead of the planned one: amounts, and reducing where it has become necessary. */
export function withFinish(steps: readonly Step[], finishing: Finishing): readonly Step[] {
  const now = finishSteps(finishing);
  const says = new Map<string, FinishStep>(now.map((s) => [stepId('finish', s.part), s]));
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
  const id = stepId('finish', boil.part);
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
    minutes: { low: boil.minutes * row.rangeShares[0], likely: boil.minutes, high: boil.minutes * row.rangeShares[1] },
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

/** A range of minutes moved to another middle. */
function asLikely(minutes: Step['minutes'], likely: number): Step['minutes'] {
  const by = Math.max(0.25, likely) / minutes.likely;
  return { low: minutes.low * by, likely: minutes.likely * by, high: minutes.high * by };
}

/** Minutes of finishing and plating still to do, one after the other. */
export function finishLeftMin(steps: readonly Step[], closed: (id: string) => boolean): number {
  return steps.reduce(
    (sum, s) =>
      ((s.stage === 'finish' && s.id !== 'hold') || s.id === 'plate' || s.id === 'softHerbs') && !closed(s.id)
        ? sum + s.minutes.likely
        : sum,
    0,
  );
}
