import { hourOn } from '@/calendar/calendar';
import { type PlanInput } from '@/core/choices';
import { type KitchenTools, startPlan } from '@/core/plan';

const SUPPER_HOUR = 19;

/** Where a new plan starts: oxtail for four under that `title`, the kitchen's own way. */
export function newPlan(kitchen: KitchenTools, title: string, nowMs: number, timeZone: string): PlanInput {
  const begun = startPlan(kitchen, {
    title,
    cutId: 'beef_oxtail',
    eaters: 4,
    serveAtMs: hourOn(nowMs, 1, SUPPER_HOUR, timeZone),
  });
  return {
    ...begun,
    liquid: {
      ...begun.liquid,
      parts: begun.liquid.parts.map((p) => (p.id === 'redWine' ? { ...p, id: 'stout' } : p)),
      reduce: 'none',
    },
  };
}
