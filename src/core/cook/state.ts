import { type CookAct, type StandingEvent, type Verdict } from './events';
import { type Message } from '../message';
import { type HeatStage, type PlanHeat, type PlanInput } from '../choices';
import { type LidKind } from '../larder';

export type CookPhase = 'preparing' | 'braising' | 'offHeat' | 'finished';

/** A record that makes no sense beside the others: it changes nothing, and is shown with the reason. */
export interface Pointless {
  readonly event: StandingEvent;
  readonly why: Message;
}

/** All that follows from the plan and the standing events. */
export interface CookState {
  readonly input: PlanInput;
  readonly phase: CookPhase;
  readonly events: readonly StandingEvent[];
  /** Recorded and not taken back, and yet not standing. */
  readonly pointless: readonly Pointless[];
  readonly intoPotMs: number | undefined;
  readonly offHeatMs: number | undefined;
  readonly finishedMs: number | undefined;
  readonly verdict: Verdict | undefined;
  readonly heat: PlanHeat;
  readonly lid: LidKind;
  /** The stages of heat from the present one on, as records have changed them, and since when that is on. */
  readonly stages: readonly HeatStage[];
  readonly stageSinceMs: number | undefined;
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
