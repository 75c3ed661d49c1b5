import { type CookAct, type CookEvent, type StandingEvent, standingEvents, type Verdict } from './events';
import { type Message, say } from '../message';
import { type PlanHeat, type PlanInput } from '../choices';
import { type LidKind } from '../larder';

export type CookPhase = 'preparing' | 'braising' | 'offHeat' | 'finished';

/** All that follows from the plan and the standing events. */
export interface CookState {
  readonly input: PlanInput;
  readonly phase: CookPhase;
  readonly events: readonly StandingEvent[];
  readonly intoPotMs: number | undefined;
  readonly offHeatMs: number | undefined;
  readonly finishedMs: number | undefined;
  readonly verdict: Verdict | undefined;
  readonly heat: PlanHeat;
  readonly lid: LidKind;
  readonly turned: boolean;
}

type ActOf<K extends CookAct['kind']> = Extract<CookAct, { kind: K }>;

/** Standing events of one kind, oldest first. */
export function eventsOf<K extends CookAct['kind']>(
  events: readonly StandingEvent[],
  kind: K,
): (StandingEvent & { readonly act: ActOf<K> })[] {
  return events.filter((e): e is StandingEvent & { readonly act: ActOf<K> } => e.act.kind === kind);
}

/** Folds a cook's events over its plan. */
export function foldCook(input: PlanInput, log: readonly CookEvent[]): CookState {
  const events = standingEvents(log);
  const intoPotMs = eventsOf(events, 'intoPot')[0]?.atMs;
  const offHeatMs = eventsOf(events, 'offHeat').at(-1)?.atMs;
  const finished = eventsOf(events, 'finished').at(-1);
  const phase: CookPhase = finished
    ? 'finished'
    : offHeatMs !== undefined
      ? 'offHeat'
      : intoPotMs !== undefined
        ? 'braising'
        : 'preparing';
  return {
    input,
    phase,
    events,
    intoPotMs,
    offHeatMs,
    finishedMs: finished?.atMs,
    verdict: finished?.act.verdict,
    heat: eventsOf(events, 'heat').at(-1)?.act.heat ?? input.heat,
    lid: eventsOf(events, 'lid').at(-1)?.act.lid ?? input.lid,
    turned: eventsOf(events, 'turned').length > 0,
  };
}

/** Why a record cannot be taken back; undefined when it can. */
export function undoRefusal(state: CookState, eventId: string): Message | undefined {
  const event = state.events.find((e) => e.id === eventId);
  if (!event) return say('refused.takenBack');
  const hangsOnIt = (e: StandingEvent): boolean => e.id !== eventId && e.act.kind !== 'note';
  if (event.act.kind === 'intoPot' && state.events.some(hangsOnIt)) {
    return say('refused.othersCount');
  }
  if (event.act.kind === 'offHeat' && state.phase === 'finished') {
    return say('refused.undoFinished');
  }
  return undefined;
}
