import { fridgeByMin } from './cookAhead';
import { type PlanInput } from '../choices';
import { type DayInput } from '../schedule';

/** The input of a plan's day after changes to serving time, people, stove, sides or locked tasks. */
export function rescheduleInput(question: DayInput, input: Pick<PlanInput, 'serveAtMs' | 'day'>): DayInput {
  const { cooks, burners, sides, fixed, ahead } = input.day;
  const { work } = question;
  return {
    ...question,
    serveMs: input.serveAtMs,
    resources: { ...question.resources, cooks, burners },
    work: {
      ...work,
      sides,
      ahead: work.ahead && ahead ? { ...work.ahead, fridgeByMin: fridgeByMin(input, ahead) } : undefined,
    },
    fixed,
  };
}
