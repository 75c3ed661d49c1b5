import { type Thickness } from '../choices';
import { type PotShape } from '../material';
import { SAUCE_SALT } from '../season';
import { doseFor, litresAtSalt, saltTo, type Sauce, SAUCE_KG_L, shownAt } from './sauce';
import { RUNG_AIM, starchFor } from './thicken';
import { dilutionL } from './yields';

/** What would set a sauce right, fault by fault: amounts for this much of it, as it stands. */
export interface Rescues {
  /** Too salty: unsalted liquid to what tastes seasoned, l, and the corn starch that makes it as thick again, g. */
  readonly dilute: { readonly litres: number; readonly starchG: number };
  /** Too thin: how far it can boil down before salt is over the limit, l; corn starch to the rung wanted, g. */
  readonly thicken: { readonly toL: number; readonly starchG: number };
  /** Too thick: hot liquid to the rung wanted, l, and the salt it has then, as a share. */
  readonly thin: { readonly litres: number; readonly saltShare: number };
  /** Greasy: fat on it, l, and what stays after tilting and spooning, and after paper, l. */
  readonly fat: { readonly onL: number; readonly tiltL: number; readonly paperL: number };
  /** First doses of taste, g or ml for all of it. */
  readonly sugarSourG: number;
  readonly sodaG: number;
  readonly sugarBitterG: number;
  readonly butterG: number;
  readonly vinegarMl: number;
  readonly soyMl: number;
  readonly coldWaterMl: number;
  readonly bindG: number;
  /** Flat: salt to what tastes seasoned, g; nought where it is. */
  readonly saltG: number;
}

/** First doses for each litre, g or ml. Kitchen practice; each once, stirred, tasted after two minutes. */
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
/** Thinned to at most so many times itself. */
const MAX_THINNED = 4;

/** Litres to which a sauce is thinned to come down to a rung; itself where it is not over it. Halves the interval. */
function litresAtRung(sauce: Sauce, rung: Thickness, pan: PotShape): number {
  const over = (l: number): boolean => shownAt(sauce, l, pan).viscosity > RUNG_AIM[rung];
  if (!over(sauce.litres)) return sauce.litres;
  let [low, high] = [sauce.litres, sauce.litres * MAX_THINNED];
  for (let i = 0; i < 24; i++) {
    const middle = (low + high) / 2;
    if (over(middle)) low = middle;
    else high = middle;
  }
  return high;
}

/** Rescues for a sauce that is wanted on a rung. Source of the doses: the finish model, h. */
export function sauceFixes(sauce: Sauce, rung: Thickness, pan: PotShape): Rescues {
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
