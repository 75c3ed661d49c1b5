import { type BoxReheating } from '@/core/cook';
import { type Words } from '@/words/words';

/** How to reheat a box, in a sentence; empty where that is not known. */
export function reheatText(w: Words, warmed: BoxReheating | undefined): string {
  if (!warmed) return '';
  const params = {
    hot: { as: 'temperature', value: warmed.toC },
    power: { as: 'power', value: warmed.microwaveW },
    microwave: { as: 'minutes', value: warmed.microwaveMin },
    pan: { as: 'minutes', value: warmed.panMin ?? 0 },
    oven: { as: 'temperature', value: warmed.ovenC },
    inOven: { as: 'minutes', value: warmed.ovenMin ?? 0 },
  } as const;
  return w.text(warmed.panMin === null || warmed.ovenMin === null ? 'shelf.warmBy' : 'shelf.warmByTwo', params);
}
