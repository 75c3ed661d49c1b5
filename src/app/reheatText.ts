import { type BoxWarmed } from '@/core/cook';
import { type Words } from '@/words/words';

/** How a box is warmed again, in a sentence; nothing where that is not known. */
export function warmSays(w: Words, warmed: BoxWarmed | undefined): string {
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
