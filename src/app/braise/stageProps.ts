import { type CookAct, type CookActKind, type CookState, type CookView, type Guidance } from '@/core/cook';

/** A braise at a moment, for the panels of its stage. */
export interface StageProps {
  readonly view: CookView;
  readonly state: CookState;
  readonly conducted: Guidance;
  readonly now: number;
  /** Records through the form of a kind. */
  readonly onAct: (kind: CookActKind) => void;
  /** Records at once. */
  readonly onRecord: (act: CookAct) => void;
}
