import { USUAL_AHEAD_MS } from './cookAhead';
import { rescheduleInput } from './reschedule';
import { LIMITS, type PlanInput } from '../choices';
import { makePlan, type Plan } from './plan';
import { type Alternative } from './alternatives';
import { listParam, type Message, minutes, nameOf, say } from '../message';
import { type Day, scheduleDay } from '../schedule';
import { MINUTE_MS } from '../quantity';

const FIVE_MIN_MS = 5 * MINUTE_MS;
const QUICK_PARTICLES = 128;

/**
 * The nearest days without a conflict, each scheduled: a later serving time, a lock released, another person, another
 * burner, one side fewer, the day before. Empty if there is no conflict, or if no single change resolves it. Only days
 * that can still be started at `nowMs`.
 */
export function scheduleFixes(plan: Plan, nowMs: number): Alternative[] {
  const { input, day, dayQuestion } = plan;
  if (day.conflicts.length === 0) return [];
  const label = (task: string): Message => day.tasks.find((t) => t.id === task)?.label ?? say('task.gone');
  const inConflict = new Set(day.conflicts.map((c) => c.task));
  const wishes = input.day.fixed.filter((h) => inConflict.has(h.task) && !day.fixed.includes(h.task));
  const changes: { readonly says: Message; readonly day: PlanInput['day']; readonly serveAtMs?: number }[] = [
    ...wishes.flatMap((fix) => {
      const free = day.tasks.find((t) => t.id === fix.task);
      const later = free ? Math.ceil((fix.startMs - free.fromMs) / FIVE_MIN_MS) * FIVE_MIN_MS : 0;
      return later > 0
        ? [
            {
              says: say('dayWay.later', { by: minutes(later / MINUTE_MS) }),
              day: input.day,
              serveAtMs: input.serveAtMs + later,
            },
          ]
        : [];
    }),
    ...wishes.map((fix) => ({
      says: say('dayWay.letGo', { task: label(fix.task) }),
      day: { ...input.day, fixed: input.day.fixed.filter((h) => h !== fix) },
    })),
    ...(wishes.length > 1
      ? [
          {
            says: say('dayWay.letAllGo', { tasks: listParam(wishes.map((h) => label(h.task))) }),
            day: { ...input.day, fixed: input.day.fixed.filter((h) => !wishes.includes(h)) },
          },
        ]
      : []),
    ...(input.day.cooks < LIMITS.cooks[1]
      ? [{ says: say('dayWay.cook'), day: { ...input.day, cooks: input.day.cooks + 1 } }]
      : []),
    ...(input.day.burners < LIMITS.burners[1]
      ? [{ says: say('dayWay.burner'), day: { ...input.day, burners: input.day.burners + 1 } }]
      : []),
    ...input.day.sides.map((id) => ({
      says: say('dayWay.without', { side: nameOf('side', id) }),
      day: { ...input.day, sides: input.day.sides.filter((s) => s !== id) },
    })),
  ];
  const before = input.day.ahead === null ? aheadWay(input, nowMs) : [];
  const laidAnew = changes.flatMap((change): Alternative[] => {
    const changed = { ...input, day: change.day, serveAtMs: change.serveAtMs ?? input.serveAtMs };
    const laid: Day = scheduleDay(rescheduleInput(dayQuestion, changed));
    return laid.conflicts.length === 0 && laid.startMs >= nowMs
      ? [{ says: change.says, input: changed, startMs: laid.startMs }]
      : [];
  });
  return [...laidAnew, ...before];
}

/** The day before, if that leaves the evening free of conflicts. Forecast anew, with cooling and reheating. */
function aheadWay(input: PlanInput, nowMs: number): Alternative[] {
  const changed = { ...input, day: { ...input.day, ahead: { fridgeByMs: input.serveAtMs - USUAL_AHEAD_MS } } };
  const made = makePlan(changed, { nowMs, particles: QUICK_PARTICLES });
  return made.ok && made.plan.day.conflicts.length === 0
    ? [{ says: say('dayWay.dayBefore'), input: changed, startMs: made.plan.day.startMs }]
    : [];
}
