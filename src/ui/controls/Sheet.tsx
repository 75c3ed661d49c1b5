'use client';

import { type SheetProps } from './SheetPlate';
import { late } from '../late';

const SheetPlate = late(async () => (await import('./SheetPlate')).SheetPlate);

/** A dialog while it is open. */
export function Sheet({ isOpen, ...plate }: SheetProps & { readonly isOpen: boolean }) {
  return isOpen ? <SheetPlate {...plate} /> : null;
}
