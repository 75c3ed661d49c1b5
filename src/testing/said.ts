import { type Figure, type Message } from '../core/message';
import { WORDS } from './words';

function isFigure(value: object): value is Figure {
  return 'sure' in value && 'inputs' in value;
}

function isMessage(value: object): value is Message {
  return 'code' in value && Object.keys(value).every((key) => key === 'code' || key === 'params');
}

function text(said: unknown, what: string): string {
  if (typeof said !== 'string' || said === '') throw new Error(`Nothing is said of ${what}.`);
  return said;
}

/**
 * Every message anywhere in a value, and of figures the label, formula, what would change them, value, range and every
 * input. Throws if something has no words or a quantity has an unknown measure.
 */
export function saidIn(value: unknown): string[] {
  if (typeof value !== 'object' || value === null) return [];
  if (isMessage(value)) return [text(WORDS.say(value), value.code)];
  if (isFigure(value)) {
    const { id, as, inputs, range = [] } = value;
    return [
      ...(['label', 'formula', 'changes'] as const).map((part) => text(WORDS.about(value, part), id)),
      text(WORDS.text(`sure.${value.sure}`), id),
      ...[value.value, ...range].map((v) => text(WORDS.quantity(v, as), id)),
      ...inputs.flatMap((i) => [text(WORDS.inputLabel(i), i.id), text(WORDS.quantity(i.value, i.as), i.id)]),
    ];
  }
  return Object.values(value).flatMap(saidIn);
}
