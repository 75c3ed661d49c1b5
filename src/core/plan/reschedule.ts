import { fridgeByMin } from './cookAhead';
import { type PlanInput } from '../choices';
import { type DayQuestion } from '../schedule';

/** The question of a plan's day as it stands after changes to the plate time, the hands, the stove, the sides or what is fixed. */
export function rescheduleInput(question: DayQuestion, input: Pick<PlanInput, 'serveAtMs' | 'day'>): DayQuestion {
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
