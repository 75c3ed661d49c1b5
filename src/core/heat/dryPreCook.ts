import { type DryingLaw, dryingLaw, lookUp, STILL_MASS_TRANSFER } from './drying';
import { type Shells } from './shells';
import { latentHeatJKg } from './water';
import { JUICE_TIME_S, tabulatedJuiceShare } from '../tenderness';

/** A stretch in air before the pieces meet the liquid. */
export interface HeatingStage {
  readonly seconds: number;
  readonly tempC: number;
  readonly filmWM2K: number;
}

/** Length of a step in air, s; the last step of a stretch is the remainder. */
const BARE_STEP_S = 60;
/** Vapour pressure in a smoker or a low oven, Pa. Estimate, 1500 to 3000. */
const BARE_VAPOUR_PA = 2000;
/**
 * Drying leaves a crust the next water must pass: its resistance grows by 1/`CRUST` per kg/m². Chosen so that in air of
 * 115 °C the surface leaves the wet bulb (51 °C) within the hour and stays at 70 to 80 °C for hours, as cooks find the
 * middle of a brisket stalled. An estimate, good to a factor of two.
 */
const CRUST = 2e-8;
/** No more than this share of the meat can dry off. */
const MAX_DRIED = 0.5;
const NEWTON_STEPS = 4;

/** Step lengths for these stretches, s. */
export function dryPreCookDurations(stages: readonly HeatingStage[]): number[] {
  return [...new Set(stages.map((s) => bareStepS(s)))];
}

function bareStepS({ seconds }: HeatingStage): number {
  return seconds / Math.max(1, Math.ceil(seconds / BARE_STEP_S));
}

/** State of the pieces as they go from the air into the pot. Arrays by body. */
export interface DryPreCookResult {
  /** Heat absorbed, J. */
  readonly heatJ: number;
  /** Share of the edible mass lost as vapour and drip, which never reaches the pot. */
  readonly lost: Float64Array;
  /** Cook value of the slowest quarter, min. */
  readonly slow: Float64Array;
}

/** The pieces of one size class in air: their mass, and how much can leave as juice. */
interface BareBody {
  readonly edibleKg: number;
  readonly maxJuiceFraction: number;
}

/** The surface of one size class: heat and vapour through it, linearised about its temperature. */
class Surface {
  private tempC: number;
  private driedKgM2 = 0;
  /** The coefficient and surroundings equivalent to air and evaporation together. */
  film = 0;
  surroundingsC = 0;

  constructor(
    private readonly law: DryingLaw,
    private readonly pressurePa: number,
    private readonly resistance: number,
    startC: number,
  ) {
    this.tempC = startC;
  }

  /** Finds the surface temperature between `stage` and a shell at `cellC`. */
  settle(stage: HeatingStage, cellC: number, canDry: boolean): void {
    const transfer = canDry ? this.pressurePa / (1 / STILL_MASS_TRANSFER + this.driedKgM2 / CRUST) : 0;
    let temp = this.tempC;
    let net = 0;
    for (let i = 0; i < NEWTON_STEPS; i++) {
      const latent = latentHeatJKg(temp);
      const drive = lookUp(this.law.drive, temp);
      const steamW = drive > 0 ? transfer * drive * latent : 0;
      const steamSlope = drive > 0 ? transfer * lookUp(this.law.slope, temp) * latent : 0;
      net = stage.filmWM2K * (stage.tempC - temp) - steamW;
      this.film = stage.filmWM2K + steamSlope;
      this.surroundingsC = temp + net / this.film;
      temp -= (net - (temp - cellC) / this.resistance) / -(this.film + 1 / this.resistance);
    }
    this.tempC = temp;
  }

  /** Accounts for drying in a step in which the meat absorbed `meatW` W through `areaM2`; returns the vapour in kg. */
  dry(stage: HeatingStage, meatW: number, cellC: number, areaM2: number, stepS: number): number {
    const surfaceC = cellC + (meatW * this.resistance) / areaM2;
    const steamW = Math.max(0, stage.filmWM2K * (stage.tempC - surfaceC) * areaM2 - meatW);
    const kg = (steamW * stepS) / latentHeatJKg(surfaceC);
    this.driedKgM2 += kg / areaM2;
    return kg;
  }
}

/**
 * Takes the pieces through air, at the wet bulb while their surface is wet, and leaves `shells` as the pot meets them.
 * `lengthOf` gives the index of a step length in `shells`. `afterStep`, if given, is called after every step.
 */
export function runDryPreCook(
  shells: Shells,
  cells: number,
  setups: readonly BareBody[],
  stages: readonly HeatingStage[],
  pressurePa: number,
  lengthOf: (stepS: number) => number,
  afterStep?: (stepS: number) => void,
): DryPreCookResult {
  const bodies = setups.length;
  const vapourKg = new Float64Array(bodies);
  const juice = new Float64Array(bodies);
  const slow = new Float64Array(bodies);
  if (stages.length === 0) return { heatJ: 0, lost: juice, slow };
  const law = dryingLaw(pressurePa, BARE_VAPOUR_PA);
  const surfaces = setups.map(
    (_, g) => new Surface(law, pressurePa, shells.outerResistance[g] as number, shells.mean[g] as number),
  );
  let heatJ = 0;
  for (const stage of stages) {
    const stepS = bareStepS(stage);
    const length = lengthOf(stepS);
    const settling = 1 - Math.exp(-stepS / JUICE_TIME_S);
    for (let left = Math.round(stage.seconds / stepS); left > 0; left--) {
      for (let g = 0; g < bodies; g++) {
        const surface = surfaces[g] as Surface;
        const setup = setups[g] as BareBody;
        const outer = g * cells + cells - 1;
        surface.settle(stage, shells.temp[outer] as number, (vapourKg[g] as number) < MAX_DRIED * setup.edibleKg);
        shells.forward(g, length, 1 / surface.film);
        shells.backward(g, length, surface.surroundingsC);
        const cellC = shells.temp[outer] as number;
        const meatW = (shells.film[g] as number) * (surface.surroundingsC - cellC);
        heatJ += meatW * stepS;
        vapourKg[g] = (vapourKg[g] as number) + surface.dry(stage, meatW, cellC, shells.surfaceM2[g] as number, stepS);
        const rest = tabulatedJuiceShare(shells.mean[g] as number) * setup.maxJuiceFraction - (juice[g] as number);
        if (rest > 0) juice[g] = (juice[g] as number) + rest * settling;
        slow[g] = (slow[g] as number) + (shells.slowCookRate(g) * stepS) / 60;
      }
      afterStep?.(stepS);
    }
  }
  const lost = juice.map((x, g) => Math.max(x, (vapourKg[g] as number) / (setups[g] as BareBody).edibleKg));
  return { heatJ, lost, slow };
}
