import { type CoolingRule } from '../safety';

/** How this kitchen cools and stores leftovers. */
export interface StorageSettings {
  readonly rule: CoolingRule;
  /** How deep its boxes are filled, mm, and how much one holds, l. */
  readonly boxMm: number;
  readonly boxL: number;
}

/** Settings of a kitchen that has made no choice. */
export const USUAL_KEEPING: StorageSettings = { rule: 'us', boxMm: 50, boxL: 1 };
