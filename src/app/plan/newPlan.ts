import { type PlanInput } from '@/core/plan/input';
import { type KitchenTools, startPlan } from '@/core/plan/start';

const DAY_MS = 86_400_000;
const SUPPER_HOUR = 19;

/** Supper time tomorrow as the server's clock has it. */
function tomorrowSupper(nowMs: number): number {
  const date = new Date(nowMs + DAY_MS);
  date.setHours(SUPPER_HOUR, 0, 0, 0);
  return date.getTime();
}

/** Where a new plan starts: oxtail for four, the kitchen's own way. */
export function newPlan(kitchen: KitchenTools, nowMs: number): PlanInput {
  const begun = startPlan(kitchen, {
    title: 'Oxtail in stout',
    cutId: 'beef_oxtail',
    eaters: 4,
    serveAtMs: tomorrowSupper(nowMs),
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
