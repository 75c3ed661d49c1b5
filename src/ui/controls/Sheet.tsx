'use client';

import { type SheetProps } from './SheetSurface';
import { lazyOnIdle } from '../lazy';

const SheetSurface = lazyOnIdle(async () => (await import('./SheetSurface')).SheetSurface);

/** A dialog while it is open. */
export function Sheet({ isOpen, ...plate }: SheetProps & { readonly isOpen: boolean }) {
  return isOpen ? <SheetSurface {...plate} /> : null;
}
