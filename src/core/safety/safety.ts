import { minutes, type Params, type Quantity, tempC } from '../message';

/** Local cooling limits, chosen in the kitchen. The rules where the cook lives decide. */
export const COOLING_RULES = ['us', 'canada', 'australia', 'ukHome', 'ukChill'] as const;
export type CoolingRule = (typeof COOLING_RULES)[number];

/** The temperature at which the clock starts, and what must be reached within how many minutes. °C. */
export interface CoolingLimit {
  readonly fromC: number;
  readonly warm: { readonly tempC: number; readonly min: number } | null;
  readonly cold: { readonly tempC: number; readonly min: number };
  /** Below this, food kept warm is in the danger zone, and the clock runs. */
  readonly hotC: number;
  /** In the middle of the thickest piece when reheated. */
  readonly reheatC: number;
}

/** Every food-safety figure set by a kitchen's country rule. */
export interface SafetyLimits extends CoolingLimit {
  /** Longest total time out for raw meat, or cooked food neither hot nor cooling, min. */
  readonly outMin: number;
  /** The same in a hot room, min. */
  readonly outHotMin: number;
  /** Use by, days in the fridge after cooking. */
  readonly fridgeDays: number;
  /** Raw meat must pass from one temperature to the other within this time, °C and min. */
  readonly slow: { readonly fromC: number; readonly toC: number; readonly min: number };
}

/** Practice where a country's rule is silent; local guidance decides. */
const SHARED = {
  outMin: 120,
  outHotMin: 60,
  fridgeDays: 3,
  slow: { fromC: 5, toC: 60, min: 240 },
} as const;

/** UK advice for homes: cooled within one to two hours, eaten within two days. */
const UK = { outMin: 90, outHotMin: 60, fridgeDays: 2 } as const;

/** Sources: FDA Food Code 3-501.14; Canada, Australia and New Zealand food standards; UK guidance for homes and for cook-chill. */
export const SAFETY_LIMITS: Readonly<Record<CoolingRule, SafetyLimits>> = {
  us: { ...SHARED, fromC: 57, warm: { tempC: 21, min: 120 }, cold: { tempC: 5, min: 360 }, hotC: 57, reheatC: 74 },
  canada: { ...SHARED, fromC: 60, warm: { tempC: 20, min: 120 }, cold: { tempC: 4, min: 360 }, hotC: 60, reheatC: 74 },
  australia: {
    ...SHARED,
    fromC: 60,
    warm: { tempC: 21, min: 120 },
    cold: { tempC: 5, min: 360 },
    hotC: 60,
    reheatC: 75,
  },
  ukHome: { ...SHARED, ...UK, fromC: 63, warm: null, cold: { tempC: 8, min: 90 }, hotC: 63, reheatC: 75 },
  ukChill: { ...SHARED, ...UK, fromC: 70, warm: null, cold: { tempC: 3, min: 90 }, hotC: 63, reheatC: 75 },
};

/** Best before, months in the freezer: a matter of taste, whatever the country. Practice. */
export const FREEZER_MONTHS = 3;

type SafetyParam =
  | 'out'
  | 'outHot'
  | 'days'
  | 'reheat'
  | 'hot'
  | 'clock'
  | 'warm'
  | 'warmIn'
  | 'cold'
  | 'coldIn'
  | 'slowFrom'
  | 'slowTo'
  | 'slowIn';

/** The safety figures of a rule as message parameters; a one-stage rule gives its only stage twice. */
export function safetyParams(rule: CoolingRule): Readonly<Record<SafetyParam, Quantity | number>> & Params {
  const { fromC, warm, cold, hotC, reheatC, outMin, outHotMin, fridgeDays, slow } = SAFETY_LIMITS[rule];
  const first = warm ?? cold;
  return {
    out: minutes(outMin),
    outHot: minutes(outHotMin),
    days: fridgeDays,
    reheat: tempC(reheatC),
    hot: tempC(hotC),
    clock: tempC(fromC),
    warm: tempC(first.tempC),
    warmIn: minutes(first.min),
    cold: tempC(cold.tempC),
    coldIn: minutes(cold.min),
    slowFrom: tempC(slow.fromC),
    slowTo: tempC(slow.toC),
    slowIn: minutes(slow.min),
  };
}
