import { type Fixed, type PlanInput } from '@/core/choices';

/** The task begun at `startMs` by wish of the cook, the newest wish last. */
export function fixing(day: PlanInput['day'], fix: Fixed): PlanInput['day'] {
  return { ...day, fixed: [...day.fixed.filter((h) => h.task !== fix.task), fix] };
}

/** The task no longer fixed to a moment. */
export function letGo(day: PlanInput['day'], task: string): PlanInput['day'] {
  return { ...day, fixed: day.fixed.filter((h) => h.task !== task) };
}
