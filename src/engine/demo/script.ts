import { randomUUID } from 'node:crypto';
import { type NewEvent } from '../../contract/cook';
import { type CookAct, simulatePot, type Verdict } from '../../core/cook';
import { type BraiseRequest, readyEta } from '../../core/forecast';
import { OPEN_SECONDS, type PlanInput } from '../../core/choices';
import { braiseRequest, composePlan, type Plan, plannedRequest } from '../../core/plan';
import { donenessIndex } from '../../core/tenderness';
import { MINUTE_MS } from '../../core/quantity';

const RETEST_MIN = 15;
const TESTS_AT_MAX = 12;
const OFF_AFTER_MIN = 2;
/** Leftovers are cooled, boxed and judged this long after serving. */
const COOLED_AFTER_MIN = 35;
const BOXED_AFTER_MIN = 80;
const VERDICT_AFTER_MIN = 90;

export function planFor(input: PlanInput): Plan {
  const result = composePlan(input);
  if (!result.ok)
    throw new Error(`The demo plan “${input.title}” cannot be cooked: ${result.faults[0]?.says.code ?? ''}`);
  return result.plan;
}

const record = (atMs: number, act: CookAct): NewEvent => ({ id: randomUUID(), atMs: Math.round(atMs), act });

/**
 * What a cook would have recorded of a pot with hidden truth, from `intoPotMs` until fork-tender or `untilMs`: turned
 * at half time, tested from the low estimate on, off the heat some time after it was found. Every check costs the pot
 * heat.
 */
export function recordsOf(
  plan: Plan,
  truth: number,
  intoPotMs: number,
  untilMs: number,
  leftOnMin = OFF_AFTER_MIN,
): NewEvent[] {
  let request: BraiseRequest = braiseRequest(plan.input);
  const eta = readyEta(plan.forecast);
  const events = [record(intoPotMs, { kind: 'intoPot' })];
  const at = (minutes: number): number => intoPotMs + minutes * MINUTE_MS;
  const { turnMin } = plannedRequest(plan.input).looks;
  if (turnMin !== undefined && at(turnMin) < untilMs) {
    events.push(record(at(turnMin), { kind: 'turned' }));
    request = { ...request, turnsAtMin: [turnMin], openings: [{ atMin: turnMin, seconds: OPEN_SECONDS.turned }] };
  }
  let testMin = Math.round(eta.p10);
  for (let test = 0; test < TESTS_AT_MAX && at(testMin) < untilMs; test++) {
    const stage = simulatePot(request, truth).donenessAt(testMin);
    events.push(record(at(testMin), { kind: 'fork', stage }));
    if (donenessIndex(stage) >= donenessIndex(plan.forecast.target)) {
      events.push(record(at(testMin + leftOnMin), { kind: 'offHeat' }));
      break;
    }
    request = { ...request, openings: [...request.openings, { atMin: testMin, seconds: OPEN_SECONDS.fork }] };
    testMin += RETEST_MIN;
  }
  return events;
}

/** A finished braise: its records and its cook's verdict. */
export function finishedRecords(
  plan: Plan,
  truth: number,
  verdict: Verdict,
  leftOnMin = OFF_AFTER_MIN,
  frozenBoxes = 0,
): NewEvent[] {
  const late = ((truth * 7) % 13) - 4;
  const intoPotMs = plan.day.intoPotMs + late * MINUTE_MS;
  const events = recordsOf(plan, truth, intoPotMs, Infinity, leftOnMin);
  const off = events.at(-1);
  if (!off) return events;
  const servedMs = off.atMs + (plan.work.finish + plan.work.plate) * MINUTE_MS;
  const after = (minutes: number): number => servedMs + minutes * MINUTE_MS;
  const kept: NewEvent[] =
    frozenBoxes === 0
      ? []
      : [
          record(after(COOLED_AFTER_MIN), { kind: 'cooling', way: 'ice' }),
          record(after(BOXED_AFTER_MIN), { kind: 'stored', boxes: frozenBoxes, grams: 380, place: 'freezer' }),
        ];
  return [
    ...events,
    record(servedMs, { kind: 'served' }),
    ...kept,
    record(after(VERDICT_AFTER_MIN), { kind: 'finished', verdict }),
  ];
}
