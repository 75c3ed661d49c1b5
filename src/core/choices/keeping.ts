import { type CoolingRule } from '../safety';

/** How this kitchen keeps what is left. */
export interface Keeping {
  readonly rule: CoolingRule;
  /** How deep its boxes are filled, mm, and what one holds, l. */
  readonly boxMm: number;
  readonly boxL: number;
}

/** What is usual in a kitchen that has said nothing. */
export const USUAL_KEEPING: Keeping = { rule: 'us', boxMm: 50, boxL: 1 };
