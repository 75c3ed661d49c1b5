import { type PlanInput } from '@/core/plan/input';
import { type Held } from '@/core/schedule/day';

/** The task begun at `startMs` by wish of the cook, the newest wish last. */
export function holding(day: PlanInput['day'], hold: Held): PlanInput['day'] {
  return { ...day, held: [...day.held.filter((h) => h.task !== hold.task), hold] };
}

/** The task no longer held to a moment. */
export function letGo(day: PlanInput['day'], task: string): PlanInput['day'] {
  return { ...day, held: day.held.filter((h) => h.task !== task) };
}
