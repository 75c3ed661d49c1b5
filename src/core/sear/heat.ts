import { ROOM_C } from '../material';
/**
 * Heat budget of a hot pan against wet meat. The pan is one lump: burner in, losses to the room and heat into the meat
 * out. Meat takes heat through the thin film of fat under it; while juice reaches its surface that surface stays at 100
 * °C. Heat beyond what is conducted inward boils juice off; if less arrives, juice collects and the meat stews. The pan
 * temperature at which the two balance is the threshold.
 */
export interface PanHeat {
  /** Heat capacity of the pan, J/K. */
  readonly heatJK: number;
  readonly floorM2: number;
  /** Burner power, W. */
  readonly powerW: number;
  readonly startC: number;
}

/** What lies in the pan. */
export interface PanLoad {
  readonly contactM2: number;
  /** Surface water left on the meat, kg/m²: patted dry or straight from the packet. */
  readonly surfaceWaterKgM2: number;
  readonly minutes: number;
}

/** How a side goes. */
export interface SearTrace {
  /** Lowest pan temperature, °C. */
  readonly lowestC: number;
  /** Pan temperature when the side is done, °C. */
  readonly endC: number;
  /** Share of the side's time in which nothing browns: below `BROWNS_C`, or with water still on the surface. */
  readonly coolShare: number;
}

/**
 * Heat-transfer coefficient of the fat film between pan and meat, W/m²K. Order of magnitude from pan-frying studies; an
 * estimate.
 */
const CONTACT_FILM_WM2K = 400;
/** A forming crust reduces contact: it falls to half in this time, s. Estimate, no source. */
const CRUST_TIME_S = 240;
/** Convection and radiation from a hot pan, W/m²K of base area, sides included. */
const PAN_LOSS_WM2K = 25;
const WET_SURFACE_C = 100;
const LATENT_JKG = 2.26e6;
/**
 * Below this the pan no longer boils juice off as fast as meat releases it: conduction takes all. Follows from the
 * film.
 */
export const BROWNS_C = 150;
export const STEAMS_C = 130;
export const DRIED_KG_M2 = 0.02;
export const WET_KG_M2 = 0.3;
const STEP_S = 2;

function lossW(pan: PanHeat, tempC: number): number {
  return PAN_LOSS_WM2K * pan.floorM2 * 2 * (tempC - ROOM_C);
}

/** The pan through one side of one batch. */
export function searCourse(pan: PanHeat, load: PanLoad): SearTrace {
  let temp = pan.startC;
  let water = load.surfaceWaterKgM2;
  let lowest = temp;
  let cool = 0;
  const steps = Math.max(1, Math.round((load.minutes * 60) / STEP_S));
  for (let i = 0; i < steps; i++) {
    const film = CONTACT_FILM_WM2K / (1 + (i * STEP_S) / CRUST_TIME_S);
    const flux = Math.max(0, film * (temp - WET_SURFACE_C));
    const drying = Math.min((water * LATENT_JKG) / STEP_S, flux);
    water -= (drying * STEP_S) / LATENT_JKG;
    const extra = water > 0 ? drying : 0;
    temp += ((pan.powerW - lossW(pan, temp) - load.contactM2 * (flux + extra)) * STEP_S) / pan.heatJK;
    lowest = Math.min(lowest, temp);
    if (temp < BROWNS_C || water > 0) cool++;
  }
  return { lowestC: lowest, endC: temp, coolShare: cool / steps };
}

/** Minutes an empty pan takes from one temperature to a higher one; Infinity if the burner cannot. */
export function heatingMinutes(pan: Omit<PanHeat, 'startC'>, fromC: number, toC: number): number {
  let temp = fromC;
  for (let second = 0; second < 3600; second += STEP_S) {
    if (temp >= toC) return second / 60;
    temp += ((pan.powerW - lossW({ ...pan, startC: temp }, temp)) * STEP_S) / pan.heatJK;
  }
  return Infinity;
}

export type SearVerdict = 'sears' | 'labours' | 'steams';

/** The budget's verdict on a side. */
export function searVerdict(course: Pick<SearTrace, 'lowestC' | 'coolShare'>): SearVerdict {
  if (course.lowestC < STEAMS_C) return 'steams';
  return course.coolShare > 0.25 ? 'labours' : 'sears';
}
