import { type PlanHeat, type Thickness } from '../choices';
import { type LidKind } from '../larder';
import { type PutThing } from '../finish';
import { type CoolMethod, type HoldMethod } from '../keep';
import { type Stage } from '../tenderness';
import { type BoxOutcome, type StorePlace } from './storedBatches';
import { type ProblemId } from './problemIds';

/** What a cook can tell the app while the pot is on. */
export type CookAct =
  | { readonly kind: 'intoPot' }
  | { readonly kind: 'fork'; readonly stage: Stage }
  | { readonly kind: 'probe'; readonly tempC: number; readonly nearBone: boolean }
  | {
      readonly kind: 'liquid';
      readonly levelMm: number;
      readonly simmering: boolean;
      readonly addedL: number;
      readonly addedTempC: number;
    }
  | { readonly kind: 'turned' }
  | { readonly kind: 'lid'; readonly lid: LidKind }
  | { readonly kind: 'heat'; readonly heat: PlanHeat }
  /** A step of the plan that no other record is: done, by its sign or by the clock, or left out. */
  | { readonly kind: 'step'; readonly step: string; readonly name: string; readonly how: 'done' | 'skipped' }
  /** A timer of so many minutes from now; none stops it. */
  | { readonly kind: 'timer'; readonly timer: string; readonly name: string; readonly minutes: number }
  /** Something is wrong: what helps becomes a step of the day. */
  | { readonly kind: 'trouble'; readonly trouble: ProblemId }
  | { readonly kind: 'note'; readonly text: string }
  | { readonly kind: 'offHeat' }
  /** Kept warm in this way from now on; as hot as it was measured, where it was. */
  | { readonly kind: 'hold'; readonly way: HoldMethod; readonly tempC?: number | undefined }
  /** So much sauce there is, and how thick it was found; null where that was not looked at. */
  | { readonly kind: 'sauce'; readonly litres: number; readonly rung: Thickness | null }
  /** What the sauce is to be boiled down to. */
  | { readonly kind: 'aim'; readonly litres: number }
  /** So many grams or millilitres of a thing went in; fat came off. */
  | { readonly kind: 'put'; readonly thing: PutThing; readonly amount: number }
  /** Counted out of the pot, in the order in which the plan counts in. */
  | { readonly kind: 'counted'; readonly out: readonly number[] }
  /** On the table. */
  | { readonly kind: 'served' }
  /** What is left begins to cool in this way. */
  | { readonly kind: 'cooling'; readonly way: CoolMethod }
  /** Its hottest spot was measured while it cooled. */
  | { readonly kind: 'cooled'; readonly tempC: number }
  /** So many boxes of so much each put away. */
  | { readonly kind: 'stored'; readonly boxes: number; readonly grams: number; readonly place: StorePlace }
  /** What became of boxes that were put away. */
  | { readonly kind: 'box'; readonly lot: string; readonly count: number; readonly fate: BoxOutcome }
  | { readonly kind: 'finished'; readonly verdict: Verdict };

/** How it came out, each from 1 to 5: right is 4 for tenderness (5 falls apart), 5 for moisture, 3 for sauce and salt. */
export interface Verdict {
  readonly tenderness: number;
  readonly moisture: number;
  readonly sauce: number;
  readonly salt: number;
  readonly nextTime: string;
}

export type CookActKind = CookAct['kind'];

/** Who made a record: which device, and how many it had made before. */
export interface Maker {
  readonly device: string;
  readonly count: number;
}

/** One appended fact. Never changed, never deleted: taking it back is another event. */
export interface CookEvent {
  readonly id: string;
  readonly cookId: string;
  /** When it is said to have happened, by the kitchen's clock. */
  readonly atMs: number;
  readonly act: CookAct | { readonly kind: 'undo'; readonly eventId: string };
  /** Left out of what was recorded before devices said so. */
  readonly by?: Maker;
}

/** An event that stands: recorded and not taken back. */
export interface EffectiveEvent {
  readonly id: string;
  readonly atMs: number;
  readonly act: CookAct;
}

/** Which records are taken back. Taking back may itself be taken back; taking back what is not there does nothing. */
function takenBack(events: ReadonlyMap<string, CookEvent>): ReadonlySet<string> {
  const undosOf = new Map<string, string[]>();
  for (const { id, act } of events.values()) {
    if (act.kind === 'undo') undosOf.set(act.eventId, [...(undosOf.get(act.eventId) ?? []), id]);
  }
  const known = new Map<string, boolean>();
  const isTaken = (id: string): boolean => {
    const before = known.get(id);
    if (before !== undefined) return before;
    // Nothing takes itself back, whatever a file may say.
    known.set(id, false);
    const taken = (undosOf.get(id) ?? []).some((undo) => !isTaken(undo));
    known.set(id, taken);
    return taken;
  };
  return new Set([...events.keys()].sort().filter(isTaken));
}

/** By moment; what two devices recorded at the same by device, what one did by its count, what none says by its id. */
function inOrder(a: CookEvent, b: CookEvent): number {
  const [one, other] = [a.by?.device ?? '', b.by?.device ?? ''];
  return (
    a.atMs - b.atMs ||
    (one < other ? -1 : one > other ? 1 : 0) ||
    (a.by?.count ?? 0) - (b.by?.count ?? 0) ||
    (a.id < b.id ? -1 : a.id > b.id ? 1 : 0)
  );
}

/**
 * Events not taken back, in the order of their moments: the same whatever the order in which they arrived. The same id twice
 * is one event.
 */
export function effectiveEvents(events: readonly CookEvent[]): EffectiveEvent[] {
  const byId = new Map<string, CookEvent>();
  for (const event of events) if (!byId.has(event.id)) byId.set(event.id, event);
  const taken = takenBack(byId);
  return [...byId.values()]
    .sort(inOrder)
    .flatMap(({ id, atMs, act }) => (act.kind === 'undo' || taken.has(id) ? [] : [{ id, atMs, act }]));
}
