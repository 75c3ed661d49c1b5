import { type CookAct, type CookActKind } from '@/core/cook';

/** How a panel records: at once, or by the sheet of a kind. */
export interface Acting {
  readonly onAct: (kind: CookActKind) => void;
  readonly onRecord: (act: CookAct) => void;
}
