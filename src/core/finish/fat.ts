import { type SkimMethod } from '../choices';

interface FatLaw {
  /** Share of the risen fat that stays, and the thinnest layer it can remove, mm over the surface; or a fixed ml. */
  readonly leaves: number;
  readonly layerMm?: number;
  readonly leastMl?: number;
  readonly minutes: number;
  /** Liquid removed with it, ml per ml of fat. */
  readonly broth: number;
}

/** Estimates throughout, no source. */
export const FAT_LAWS: Readonly<Record<SkimMethod, FatLaw>> = {
  spoon: { leaves: 0.5, layerMm: 1, minutes: 4, broth: 0.5 },
  tilt: { leaves: 0.3, layerMm: 0.5, minutes: 4, broth: 0.5 },
  ice: { leaves: 0.3, layerMm: 0.4, minutes: 5, broth: 0.5 },
  paper: { leaves: 0.15, layerMm: 0.15, minutes: 2, broth: 0.5 },
  jug: { leaves: 1, leastMl: 8, minutes: 6, broth: 0.05 },
  chill: { leaves: 0.02, minutes: 0, broth: 0.02 },
  leave: { leaves: 1, minutes: 0, broth: 0 },
};

/** Fat droplets in a liquid: median by volume, m, and log-standard deviation. */
export const DROPS = {
  simmered: { medianM: 500e-6, logSd: 0.9 },
  boiledHard: { medianM: 100e-6, logSd: 1 },
  blended: { medianM: 20e-6, logSd: 0.8 },
} as const;

const LIGHTER_KGM3 = 90;
const GRAVITY = 9.81;

/** Standard normal distribution function at `u`; within 1e-7. Source: Abramowitz and Stegun 7.1.26 by way of erf. */
function below(u: number): number {
  const x = Math.abs(u) / Math.SQRT2;
  const t = 1 / (1 + 0.3275911 * x);
  const erf =
    1 -
    ((((1.061405429 * t - 1.453152027) * t + 1.421413741) * t - 0.284496736) * t + 0.254829592) * t * Math.exp(-x * x);
  return u >= 0 ? (1 + erf) / 2 : (1 - erf) / 2;
}

/**
 * Share of the fat that has risen through `depthM` of still liquid in `seconds`. Source: Stokes, droplets log-normal by
 * volume.
 */
export function fatRisen(q: {
  readonly seconds: number;
  readonly depthM: number;
  readonly viscosityPaS: number;
  readonly drops: { readonly medianM: number; readonly logSd: number };
}): number {
  const { medianM, logSd: spread } = q.drops;
  const through = Math.sqrt((18 * q.viscosityPaS * q.depthM) / (GRAVITY * LIGHTER_KGM3 * q.seconds));
  const u = Math.log(through / medianM) / spread;
  return below(-u) + (medianM / through) ** 2 * Math.exp(2 * spread * spread) * below(u - 2 * spread);
}

/** Fat that stays, ml, if `fatMl` is spread over `areaM2` and this share of it has risen. */
export function fatLeftMl(fatMl: number, risenShare: number, areaM2: number, way: SkimMethod): number {
  const { leaves, layerMm, leastMl } = FAT_LAWS[way];
  const risen = fatMl * risenShare;
  const least = leastMl ?? (layerMm === undefined ? Infinity : layerMm * areaM2 * 1000);
  const stays = Math.min(risen * leaves, least);
  return stays + (fatMl - risen);
}
