import { type CookActKind, type CookEvent, type EffectiveEvent, effectiveEvents } from './events';
import { becomes, refusal } from './records';
import { type CookState, type Pointless } from './state';
import { firstStage, type PlanInput } from '../choices';
import { type Message, say } from '../message';

/** Folds a cook's events over its plan, whatever the order in which they arrived. What makes no sense is set beside. */
export function reduceEvents(input: PlanInput, log: readonly CookEvent[]): CookState {
  const events: EffectiveEvent[] = [];
  const pointless: Pointless[] = [];
  let state: CookState = {
    input,
    phase: 'preparing',
    events,
    pointless,
    intoPotMs: undefined,
    offHeatMs: undefined,
    finishedMs: undefined,
    verdict: undefined,
    heat: firstStage(input).heat,
    lid: firstStage(input).lid,
    stages: input.course,
    stageSinceMs: undefined,
    turned: false,
    steps: new Map(),
    timers: new Map(),
    troubles: [],
    hold: undefined,
    counted: undefined,
    servedMs: undefined,
    cooling: undefined,
    lots: [],
  };
  for (const event of effectiveEvents(log)) {
    const why = refusal(state, event.act);
    if (why) pointless.push({ event, why });
    else {
      events.push(event);
      state = { ...state, ...becomes(event, state) };
    }
  }
  return state;
}

/** Records that count from no other. */
const BESIDE: readonly CookActKind[] = ['note', 'step', 'timer', 'trouble', 'put'];

/** Why a record cannot be taken back; undefined when it can. */
export function undoRefusal(state: CookState, eventId: string): Message | undefined {
  const event = state.events.find((e) => e.id === eventId);
  if (!event) return say('refused.takenBack');
  const hangsOnIt = (e: EffectiveEvent): boolean => e.id !== eventId && !BESIDE.includes(e.act.kind);
  if (event.act.kind === 'intoPot' && state.events.some(hangsOnIt)) {
    return say('refused.othersCount');
  }
  if (event.act.kind === 'offHeat' && state.phase === 'finished') {
    return say('refused.undoFinished');
  }
  return undefined;
}
