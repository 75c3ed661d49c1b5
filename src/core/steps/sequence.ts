import { STEP_KINDS, type StepKind } from './kinds';
import { type Step, type WorkStage } from './step';

/** What a step has of its own, beside its kind. */
export type Part = Partial<Omit<Step, 'id' | 'kind' | 'minutes'>> & { readonly minutes?: number };

/** Steps put one after the other, stage by stage. */
export class Sequence {
  readonly steps: Step[] = [];
  private last: string | undefined;
  /** Done beside the others, and needed by what comes next in line from some point on. */
  private needed: string[] = [];

  constructor(private stage: WorkStage) {}

  begin(stage: WorkStage): void {
    this.stage = stage;
  }

  /** A step that waits for the one before it, and the next for it. */
  then(id: string, kind: StepKind, part: Part = {}): void {
    this.add(id, kind, { after: [...(this.last === undefined ? [] : [this.last]), ...this.needed], ...part });
    this.last = id;
    this.needed = [];
  }

  /** What is done beside the others has to be done before the next in line. */
  needs(...ids: string[]): void {
    const there = ids.filter((id) => this.steps.some((s) => s.id === id));
    this.needed.push(...there);
  }

  /** A step beside the others. */
  add(id: string, kind: StepKind, part: Part = {}): void {
    const row = STEP_KINDS[kind];
    const { minutes: likely = 1, ...rest } = part;
    const [low, high] = row.spread;
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
      record: null,
      aside: null,
      mark: null,
      ...rest,
      id,
      kind,
      minutes: { low: likely * low, likely, high: likely * high },
    });
  }
}
