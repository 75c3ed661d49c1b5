import { type DaySpan } from '@/core/schedule';
import { type Words } from '@/words/words';
import { storedMessage } from '@/core/message';
import { MINUTE_MS } from '@/core/quantity';

/** Approximate width of a text, in the drawing's units. */
export function textWidth(text: string, size: number): number {
  return text.length * size * 0.56;
}

/** Keeps labels, most important first, that overlap none kept before. */
export function withoutCollisions<T extends { readonly x: number; readonly text: string }>(
  labels: readonly T[],
  size: number,
): T[] {
  const kept: T[] = [];
  for (const label of labels) {
    const half = textWidth(label.text, size) / 2;
    const clear = kept.every((k) => Math.abs(k.x - label.x) > half + textWidth(k.text, size) / 2 + 8);
    if (clear) kept.push(label);
  }
  return kept;
}

/** Position of a centred label so that all of it is inside the drawing. */
export function centredWithin(x: number, text: string, size: number, width: number): number {
  const half = textWidth(text, size) / 2;
  return Math.min(Math.max(x, half), width - half);
}

/** The longest wording of a span that fits its width; empty if none does. */
export function fitting(w: Words, span: DaySpan, width: number): string {
  const name = w.say(span.label);
  const short = storedMessage({ code: `${span.label.code}.short` });
  const minutes = w.quantity((span.toMs - span.fromMs) / MINUTE_MS, 'minutes');
  const wordings = [
    ...(span.kind === 'hands' ? [w.text('line.named', { name, minutes })] : []),
    name,
    ...(w.has(short.code) ? [w.say(short)] : []),
  ];
  return wordings.find((text) => textWidth(text, 14) + 16 < width) ?? '';
}

/** Positions of a name in a band of this width, repeated every `pitch` when zoomed in. */
export function labelPositions(width: number, pitch: number, near: boolean): number[] {
  return Array.from({ length: near ? Math.max(1, Math.floor(width / pitch)) : 1 }, (_, i) => i * pitch);
}
