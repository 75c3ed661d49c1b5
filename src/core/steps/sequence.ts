import { STEP_KINDS, type StepKind } from './kinds';
import { type Step, type WorkPhase } from './step';
import { STEP_RECORDS } from './stepRecords';
import { type StepId, stepKeyOf } from './stepId';

/** What a step has of its own, in addition to its kind. */
export type Part = Partial<Omit<Step, 'id' | 'kind' | 'minutes' | 'record'>> & { readonly minutes?: number };

/** Steps in order, phase by phase. */
export class Sequence {
  readonly steps: Step[] = [];
  private last: StepId | undefined;
  /** Done alongside, and needed by a later step in the main order. */
  private needed: StepId[] = [];

  constructor(private stage: WorkPhase) {}

  begin(stage: WorkPhase): void {
    this.stage = stage;
  }

  /** A step that waits for the one before it, and the next for it. */
  then(id: StepId, kind: StepKind, part: Part = {}): void {
    this.add(id, kind, { after: [...(this.last === undefined ? [] : [this.last]), ...this.needed], ...part });
    this.last = id;
    this.needed = [];
  }

  /** Side work has to be done before the next main step. */
  needs(...ids: StepId[]): void {
    const there = ids.filter((id) => this.steps.some((s) => s.id === id));
    this.needed.push(...there);
  }

  /** A side step. */
  add(id: StepId, kind: StepKind, part: Part = {}): void {
    const row = STEP_KINDS[kind];
    const { minutes: likely = 1, ...rest } = part;
    const [low, high] = row.rangeShares;
    this.steps.push({
      title: null,
      how: null,
      what: null,
      sign: null,
      hands: row.hands,
      stay: row.stay,
      place: row.place,
      care: row.care,
      stage: this.stage,
      after: [],
      due: { kind: 'next' },
      record: STEP_RECORDS[stepKeyOf(id)] ?? null,
      aside: null,
      mark: null,
      ...rest,
      id,
      kind,
      minutes: { low: likely * low, likely, high: likely * high },
    });
  }
}
