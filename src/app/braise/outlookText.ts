import { type Guidance } from '@/core/cook';
import { type Words } from '@/words/words';

/** Above this it is said without a number. */
const NEARLY_ALL = 0.95;

/** What it means for serving time, in one line. */
export function outlookText(w: Words, { outlook }: Guidance, now: number): string {
  const at = w.clockBeside(outlook.serveMs, now);
  if (outlook.served) return w.text('outlook.served', { at });
  if (outlook.dry) return w.text('outlook.dry', { at });
  if (outlook.lateMin >= 1) {
    return w.text('outlook.late', { at, late: w.quantity(outlook.lateMin, 'minutes') });
  }
  return outlook.chance >= 1
    ? w.text('outlook.settled', { at })
    : outlook.chance > NEARLY_ALL
      ? w.text('outlook.sure', { at })
      : w.text('outlook.onTime', { at, chance: w.quantity(Math.round(outlook.chance * 10) / 10, 'evenings') });
}
