import { type CoolingRule } from '../choices';

/** From which temperature a clock runs, and what has to be reached within how many minutes of it. °C. */
export interface CoolingLimit {
  readonly fromC: number;
  readonly warm: { readonly tempC: number; readonly min: number } | null;
  readonly cold: { readonly tempC: number; readonly min: number };
  /** Under this food that is kept warm is not safe, and the clock runs. */
  readonly hotC: number;
  /** Through and through when it is warmed again. */
  readonly reheatC: number;
}

/** Sources: FDA Food Code 3-501.14; Canada, Australia and New Zealand food standards; UK guidance for homes and for cook-chill. */
export const COOLING_LIMITS: Readonly<Record<CoolingRule, CoolingLimit>> = {
  us: { fromC: 57, warm: { tempC: 21, min: 120 }, cold: { tempC: 5, min: 360 }, hotC: 57, reheatC: 74 },
  canada: { fromC: 60, warm: { tempC: 20, min: 120 }, cold: { tempC: 4, min: 360 }, hotC: 60, reheatC: 74 },
  australia: { fromC: 60, warm: { tempC: 21, min: 120 }, cold: { tempC: 5, min: 360 }, hotC: 60, reheatC: 75 },
  ukHome: { fromC: 63, warm: null, cold: { tempC: 8, min: 90 }, hotC: 63, reheatC: 75 },
  ukChill: { fromC: 70, warm: null, cold: { tempC: 3, min: 90 }, hotC: 63, reheatC: 75 },
};

/** Kept cold at 5 °C or under, days; frozen, for taste, months. Kitchen practice; local guidance decides. */
export const KEEPS = { fridgeDays: 3, freezerMonths: 3 } as const;

/** What may be warm when it goes into a fridge beside other food, °C. */
export const FRIDGE_FROM_C = 21;
