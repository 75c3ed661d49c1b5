import { type PlanHeat, type Thickness } from '../choices';
import { type LidKind } from '../larder';
import { type SauceAddition } from '../finish';
import { type CoolMethod, type HoldMethod } from '../storage';
import { type Doneness } from '../tenderness';
import { type BoxOutcome, type StorePlace } from './storedBatches';
import { type ProblemId } from './problemIds';

/** What a cook can record while the pot is on. */
export type CookAct =
  | { readonly kind: 'intoPot' }
  | { readonly kind: 'fork'; readonly stage: Doneness }
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
  /** A step of the plan that no other record covers: done, by its sign or by the clock, or skipped. */
  | { readonly kind: 'step'; readonly step: string; readonly name: string; readonly how: 'done' | 'skipped' }
  /** A timer of this many minutes from now; 0 stops it. */
  | { readonly kind: 'timer'; readonly timer: string; readonly name: string; readonly minutes: number }
  /** A problem: what helps becomes a step of the day. */
  | { readonly kind: 'trouble'; readonly trouble: ProblemId }
  | { readonly kind: 'note'; readonly text: string }
  | { readonly kind: 'offHeat' }
  /** Kept warm like this from now on; with its temperature if measured. */
  | { readonly kind: 'hold'; readonly way: HoldMethod; readonly tempC?: number | undefined }
  /** The amount of sauce, and its observed thickness; null if not checked. */
  | { readonly kind: 'sauce'; readonly litres: number; readonly rung: Thickness | null }
  /** The volume the sauce is to be reduced to. */
  | { readonly kind: 'aim'; readonly litres: number }
  /** This many grams or millilitres of an addition went in, or fat came off. */
  | { readonly kind: 'put'; readonly thing: SauceAddition; readonly amount: number }
  /** Pieces counted out of the pot, in the order in which the plan counts them in. */
  | { readonly kind: 'counted'; readonly out: readonly number[] }
  /** Served. */
  | { readonly kind: 'served' }
  /** Leftovers start cooling in this way. */
  | { readonly kind: 'cooling'; readonly way: CoolMethod }
  /** The hottest spot was measured during cooling. */
  | { readonly kind: 'cooled'; readonly tempC: number }
  /** This many boxes of this weight each were stored. */
  | { readonly kind: 'stored'; readonly boxes: number; readonly grams: number; readonly place: StorePlace }
  /** What became of stored boxes. */
  | { readonly kind: 'box'; readonly lot: string; readonly count: number; readonly fate: BoxOutcome }
  | { readonly kind: 'finished'; readonly verdict: Verdict };

/**
 * How it turned out, each from 1 to 5: just right is 4 for tenderness (5 falls apart), 5 for moisture, 3 for sauce and
 * salt.
 */
export interface Verdict {
  readonly tenderness: number;
  readonly moisture: number;
  readonly sauce: number;
  readonly salt: number;
  readonly nextTime: string;
}

export type CookActKind = CookAct['kind'];

/** Who made a record: the device, and how many it had made before. */
export interface DeviceSequence {
  readonly device: string;
  readonly count: number;
}

/** One appended event. Never changed, never deleted: undoing it is another event. */
export interface CookEvent {
  readonly id: string;
  readonly cookId: string;
  /** When it happened, on the kitchen's clock. */
  readonly atMs: number;
  readonly act: CookAct | { readonly kind: 'undo'; readonly eventId: string };
  /** Missing in records from before devices were identified. */
  readonly by?: DeviceSequence;
}

/** An event in effect: recorded and not undone. */
export interface EffectiveEvent {
  readonly id: string;
  readonly atMs: number;
  readonly act: CookAct;
}

/** Ids of undone events. An undo may itself be undone; undoing what does not exist does nothing. */
function takenBack(events: ReadonlyMap<string, CookEvent>): ReadonlySet<string> {
  const undosOf = new Map<string, string[]>();
  for (const { id, act } of events.values()) {
    if (act.kind === 'undo') undosOf.set(act.eventId, [...(undosOf.get(act.eventId) ?? []), id]);
  }
  const known = new Map<string, boolean>();
  const isTaken = (id: string): boolean => {
    const before = known.get(id);
    if (before !== undefined) return before;
    // Guard against undo cycles, whatever a file may say.
    known.set(id, false);
    const taken = (undosOf.get(id) ?? []).some((undo) => !isTaken(undo));
    known.set(id, taken);
    return taken;
  };
  return new Set([...events.keys()].sort().filter(isTaken));
}

/** By time; ties between devices by device, within a device by its count, without one by id. */
function inOrder(a: CookEvent, b: CookEvent): number {
  const [one, other] = [a.by?.device ?? '', b.by?.device ?? ''];
  return (
    a.atMs - b.atMs ||
    (one < other ? -1 : one > other ? 1 : 0) ||
    (a.by?.count ?? 0) - (b.by?.count ?? 0) ||
    (a.id < b.id ? -1 : a.id > b.id ? 1 : 0)
  );
}

/** Events not undone, in order of time, whatever order they arrived in. The same id twice is one event. */
export function effectiveEvents(events: readonly CookEvent[]): EffectiveEvent[] {
  const byId = new Map<string, CookEvent>();
  for (const event of events) if (!byId.has(event.id)) byId.set(event.id, event);
  const taken = takenBack(byId);
  return [...byId.values()]
    .sort(inOrder)
    .flatMap(({ id, atMs, act }) => (act.kind === 'undo' || taken.has(id) ? [] : [{ id, atMs, act }]));
}
