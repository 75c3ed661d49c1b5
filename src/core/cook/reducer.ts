import { type CookEvent, type EffectiveEvent, effectiveEvents } from './events';
import { apply, RECORDS, refusal } from './records';
import { type CookState, type RejectedEvent } from './state';
import { firstStage, type PlanInput } from '../choices';
import { type Message, say } from '../message';

/** Reduces a braise's events over its plan, whatever order they arrived in. Invalid events are collected separately. */
export function reduceEvents(input: PlanInput, log: readonly CookEvent[]): CookState {
  const events: EffectiveEvent[] = [];
  const rejected: RejectedEvent[] = [];
  let state: CookState = {
    input,
    phase: 'preparing',
    events,
    rejected,
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
    if (why) rejected.push({ event, why });
    else {
      events.push(event);
      state = { ...state, ...apply(event, state) };
    }
  }
  return state;
}

/** Why a record cannot be undone; undefined if it can. */
export function validateUndo(state: CookState, eventId: string): Message | undefined {
  const event = state.events.find((e) => e.id === eventId);
  if (!event) return say('refused.takenBack');
  const hangsOnIt = (e: EffectiveEvent): boolean => e.id !== eventId && !RECORDS[e.act.kind].standsAlone;
  if (event.act.kind === 'intoPot' && state.events.some(hangsOnIt)) {
    return say('refused.othersCount');
  }
  if (event.act.kind === 'offHeat' && state.phase === 'finished') {
    return say('refused.undoFinished');
  }
  return undefined;
}
