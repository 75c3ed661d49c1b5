import { type PlacedStep } from '@/core/cook';
import { howOf, type Step, titleOf } from '@/core/steps';
import { type Words } from '@/words/words';
import { ofRow } from '@/core/message';

/** What a step is called, standing alone. */
export function stepTitle(w: Words, step: Step): string {
  return w.title(titleOf(step));
}

/** How it is done, in one line. */
export function stepHow(w: Words, step: Step): string {
  return w.title(howOf(step));
}

/** What a kind of step says of a part of it, where it says anything. */
function ofKind(w: Words, step: Step, part: 'sign' | 'little' | 'much' | 'late'): string | undefined {
  const message = ofRow('step', step.kind, part);
  return w.has(message.code) ? w.title(message) : undefined;
}

/** The sign to stop at, what too little and too much look like, where it can still go in if it was forgotten. */
export function stepSigns(w: Words, step: Step) {
  return {
    sign: step.sign ? w.title(step.sign) : ofKind(w, step, 'sign'),
    little: ofKind(w, step, 'little'),
    much: ofKind(w, step, 'much'),
    late: ofKind(w, step, 'late'),
  };
}

/** The name a step goes by in the records: what to do and of what, not too long. */
export function stepName(w: Words, step: Step): string {
  const what = step.what ? w.title(step.what) : '';
  const name = step.title === null && what !== '' ? `${stepTitle(w, step)}: ${what}` : stepTitle(w, step);
  return name.slice(0, 200).trim();
}

/** Whether a step's own moment has come. */
export const isDue = ({ status }: PlacedStep): boolean => status === 'due';
