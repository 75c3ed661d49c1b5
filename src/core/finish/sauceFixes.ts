import { type Thickness } from '../choices';
import { type PotShape } from '../material';
import { SAUCE_SALT } from '../season';
import { doseFor, litresAtSalt, saltTo, type Sauce, SAUCE_KG_L, shownAt } from './sauce';
import { TARGET_THICKNESS, starchFor } from './thicken';
import { dilutionL } from './yields';

/** Fixes for a sauce, fault by fault: amounts for this volume as it is now. */
export interface SauceFixes {
  /** Too salty: unsalted liquid to the tastes-seasoned level, l, and the corn starch to restore its thickness, g. */
  readonly dilute: { readonly litres: number; readonly starchG: number };
  /** Too thin: how far it can be reduced before salt passes the limit, l; corn starch to the wanted thickness, g. */
  readonly thicken: { readonly toL: number; readonly starchG: number };
  /** Too thick: hot liquid to the wanted thickness, l, and its salt share then. */
  readonly thin: { readonly litres: number; readonly saltShare: number };
  /** Greasy: fat on it, l, and what stays after tilting and spooning, and after paper, l. */
  readonly fat: { readonly onL: number; readonly tiltL: number; readonly paperL: number };
  /** First doses for taste, g or ml for all of it. */
  readonly sugarSourG: number;
  readonly sodaG: number;
  readonly sugarBitterG: number;
  readonly butterG: number;
  readonly vinegarMl: number;
  readonly soyMl: number;
  readonly coldWaterMl: number;
  readonly bindG: number;
  /** Flat: salt to the tastes-seasoned level, g; 0 if none. */
  readonly saltG: number;
}

/** First doses per litre, g or ml. Practice; each once, stirred in, tasted after two minutes. */
const DOSE = {
  sugarSour: 4,
  soda: 0.25,
  sugarBitter: 3,
  butter: 10,
  vinegar: 5,
  soy: 5,
  coldWater: 20,
  bind: 3,
} as const;

const TILT_LEAVES = 0.3;
const PAPER_LEAVES = 0.15;
/** Thinned to at most this multiple. */
const MAX_THINNED = 4;

/** Volume to thin a sauce to for a thickness, l; its own if it is not thicker. By bisection. */
function litresAtRung(sauce: Sauce, rung: Thickness, pan: PotShape): number {
  const over = (l: number): boolean => shownAt(sauce, l, pan).viscosity > TARGET_THICKNESS[rung];
  if (!over(sauce.litres)) return sauce.litres;
  let [low, high] = [sauce.litres, sauce.litres * MAX_THINNED];
  for (let i = 0; i < 24; i++) {
    const middle = (low + high) / 2;
    if (over(middle)) low = middle;
    else high = middle;
  }
  return high;
}

/** Fixes for a sauce that should have a thickness. Source of the doses: the finish model, h. */
export function sauceFixes(sauce: Sauce, rung: Thickness, pan: PotShape): SauceFixes {
  const now = shownAt(sauce, sauce.litres, pan);
  const { litres } = sauce;
  const addL = dilutionL(litres, now.saltShare, SAUCE_SALT.aim);
  const thinnedL = litresAtRung(sauce, rung, pan);
  const wanted = litres + addL;
  const starch = starchFor(now.viscosity, sauce.gelatinG / wanted) * wanted - sauce.starchG;
  return {
    dilute: { litres: addL, starchG: addL > 0 ? Math.max(0, starch) : 0 },
    thicken: {
      toL: Math.min(litres, litresAtSalt(sauce, SAUCE_SALT.high)),
      starchG: doseFor(sauce, rung, 'corn'),
    },
    thin: { litres: thinnedL - litres, saltShare: sauce.saltG / 1000 / (thinnedL * SAUCE_KG_L) },
    fat: { onL: sauce.fatL, tiltL: sauce.fatL * TILT_LEAVES, paperL: sauce.fatL * PAPER_LEAVES },
    sugarSourG: DOSE.sugarSour * litres,
    sodaG: DOSE.soda * litres,
    sugarBitterG: DOSE.sugarBitter * litres,
    butterG: DOSE.butter * litres,
    vinegarMl: DOSE.vinegar * litres,
    soyMl: DOSE.soy * litres,
    coldWaterMl: DOSE.coldWater * litres,
    bindG: DOSE.bind * litres,
    saltG: Math.max(0, saltTo(sauce, SAUCE_SALT.aim)),
  };
}
