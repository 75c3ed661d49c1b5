import { type Pot } from '@/core/larder';
import { type Words } from '@/words/words';

/** A pot's inside measures in words. */
export function potSize(w: Words, pot: Pick<Pot, 'shape' | 'lengthMm' | 'widthMm' | 'heightMm'>): string {
  const [length, width, height] = [pot.lengthMm, pot.widthMm, pot.heightMm].map((mm) => w.quantity(mm, 'length'));
  return pot.shape === 'round'
    ? w.text('potForm.across', { length: length ?? '', height: height ?? '' })
    : w.text('potForm.byAcross', { length: length ?? '', width: width ?? '', height: height ?? '' });
}
