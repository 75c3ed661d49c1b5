import { describe, expect, it } from 'vitest';
import { cookView, isBehind, type ViewedCook } from './views';
import { type CookEvent } from '../core/cook';
import { NOON_MS, OXTAIL_PLAN } from '../testing/fixtures';
import { MINUTE_MS } from '../core/quantity';

const event = (i: number, act: CookEvent['act']): CookEvent => ({
  id: `e${String(i)}`,
  cookId: 'c',
  atMs: NOON_MS + i * 30 * MINUTE_MS,
  act,
});
const EVENTS: readonly CookEvent[] = [
  event(0, { kind: 'intoPot' }),
  event(4, { kind: 'fork', stage: 'holds' }),
  event(5, { kind: 'fork', stage: 'drags' }),
  event(6, { kind: 'note', text: 'smells right' }),
];
const cook = (events: readonly CookEvent[], id = 'c'): ViewedCook => ({
  id,
  planId: null,
  input: OXTAIL_PLAN,
  createdAtMs: NOON_MS,
  events,
  begun: null,
});
const at = NOON_MS + 185 * MINUTE_MS;
const forecast = (c: ViewedCook, nowMs = at) => cookView(c, nowMs).live.forecast;

describe('what is remembered of a cook', () => {
  it('is three steps at most, however many records, and gives what working it all out anew would', () => {
    const grown = EVENTS.map((_, i) => forecast(cook(EVENTS.slice(0, i + 1))));
    expect(globalThis.evenEmberForecasts?.steps.get('c')?.length).toBe(3);
    globalThis.evenEmberForecasts = undefined;
    expect(forecast(cook(EVENTS))).toEqual(grown.at(-1));
    const [, earlier] = grown;
    const undone = [...EVENTS, event(7, { kind: 'undo', eventId: 'e5' })];
    const after = forecast(cook(undone));
    expect(after).toEqual(earlier);
  });

  it('is come to turn by turn where much was recorded, and is the same then', () => {
    globalThis.evenEmberForecasts = undefined;
    let turns = 0;
    while (turns < 20 && isBehind(cook(EVENTS), -1)) turns++;
    expect(turns).toBe(EVENTS.length - 1);
    const inTurns = forecast(cook(EVENTS));
    globalThis.evenEmberForecasts = undefined;
    expect(forecast(cook(EVENTS))).toEqual(inTurns);
    expect(isBehind(cook(EVENTS), 0)).toBe(false);
  });

  it('is one view a minute, and a new one when something was recorded', () => {
    const view = cookView(cook(EVENTS.slice(0, 1)), at);
    expect(cookView(cook(EVENTS.slice(0, 1)), at + 1000)).toBe(view);
    expect(cookView(cook(EVENTS.slice(0, 1)), at + MINUTE_MS)).not.toBe(view);
    expect(cookView(cook(EVENTS.slice(0, 2)), at).events).toHaveLength(2);
  });
});
