/** Local limits for cooling, chosen in the kitchen. The text that holds where the cook lives decides. */
export const COOLING_RULES = ['us', 'canada', 'australia', 'ukHome', 'ukChill'] as const;
export type CoolingRule = (typeof COOLING_RULES)[number];

/** How this kitchen keeps what is left. */
export interface Keeping {
  readonly rule: CoolingRule;
  /** How deep its boxes are filled, mm, and what one holds, l. */
  readonly boxMm: number;
  readonly boxL: number;
}

/** What is usual in a kitchen that has said nothing. */
export const USUAL_KEEPING: Keeping = { rule: 'us', boxMm: 50, boxL: 1 };
