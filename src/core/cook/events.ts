import { type PlanHeat } from '../choices';
import { type LidKind } from '../larder';
import { type Stage } from '../tenderness';

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
  | { readonly kind: 'note'; readonly text: string }
  | { readonly kind: 'offHeat' }
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

/** One appended fact. Never changed, never deleted: taking it back is another event. */
export interface CookEvent {
  readonly id: string;
  readonly cookId: string;
  readonly atMs: number;
  readonly act: CookAct | { readonly kind: 'undo'; readonly eventId: string };
}

/** An event that stands: recorded and not taken back. */
export interface StandingEvent {
  readonly id: string;
  readonly atMs: number;
  readonly act: CookAct;
}

/**
 * Events that stand, in the order of their moments. The same id twice is one event; an undo may itself be undone;
 * an undo of something unknown does nothing.
 */
export function standingEvents(events: readonly CookEvent[]): StandingEvent[] {
  const byId = new Map<string, CookEvent>();
  for (const event of events) if (!byId.has(event.id)) byId.set(event.id, event);
  const unique = [...byId.values()];
  const undone = new Set<string>();
  for (const event of unique.toReversed()) {
    if (event.act.kind === 'undo' && !undone.has(event.id)) undone.add(event.act.eventId);
  }
  const standing: StandingEvent[] = [];
  for (const event of unique) {
    if (event.act.kind !== 'undo' && !undone.has(event.id)) {
      standing.push({ id: event.id, atMs: event.atMs, act: event.act });
    }
  }
  return standing.sort((a, b) => a.atMs - b.atMs);
}
