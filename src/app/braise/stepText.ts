import { type ScheduledStep } from '@/core/cook';
import { howOf, type Step, titleOf } from '@/core/steps';
import { type Words } from '@/words/words';
import { ofRow } from '@/core/message';

/** A step's title on its own. */
export function stepTitle(w: Words, step: Step): string {
  return w.title(titleOf(step));
}

/** How it is done, in one line. */
export function stepHow(w: Words, step: Step): string {
  return w.title(howOf(step));
}

/** The text a kind of step has for one of its parts, if any. */
function ofKind(w: Words, step: Step, part: 'sign' | 'little' | 'much' | 'late'): string | undefined {
  const message = ofRow('step', step.kind, part);
  return w.has(message.code) ? w.title(message) : undefined;
}

/** The sign to stop at, too little, too much, and where a forgotten step can still be made up for. */
export function stepSigns(w: Words, step: Step) {
  return {
    sign: step.sign ? w.title(step.sign) : ofKind(w, step, 'sign'),
    little: ofKind(w, step, 'little'),
    much: ofKind(w, step, 'much'),
    late: ofKind(w, step, 'late'),
  };
}

/** The name of a step in the records: act and object, kept short. */
export function stepName(w: Words, step: Step): string {
  const what = step.what ? w.title(step.what) : '';
  const name = step.title === null && what !== '' ? `${stepTitle(w, step)}: ${what}` : stepTitle(w, step);
  return name.slice(0, 200).trim();
}

/** Whether a step is due. */
export const isDue = ({ status }: ScheduledStep): boolean => status === 'due';
