import { type LockedTask, type PlanInput } from '@/core/choices';

/** The task locked to `startMs`; the newest lock comes last. */
export function fixing(day: PlanInput['day'], fix: LockedTask): PlanInput['day'] {
  return { ...day, fixed: [...day.fixed.filter((h) => h.task !== fix.task), fix] };
}

/** The task no longer locked. */
export function letGo(day: PlanInput['day'], task: string): PlanInput['day'] {
  return { ...day, fixed: day.fixed.filter((h) => h.task !== task) };
}
