import { figure, type Figure, input as from } from '../message';

/** Late liquid goes in this long before the end, min: enough to lose its raw taste. Estimate, no source. */
export const LATE_POUR_MIN = 40;

/** Share of alcohol left after minutes of simmering. Source: retention tests by Augustin and others, 1992. */
const RETENTION: readonly (readonly [minutes: number, left: number])[] = [
  [0, 1],
  [15, 0.4],
  [30, 0.35],
  [60, 0.25],
  [90, 0.2],
  [120, 0.1],
  [150, 0.05],
];

/** Density of ethanol, g/ml. */
const ETHANOL_G_ML = 0.789;

/** Share of alcohol left after `minutes` of simmering: never 0. Log-linear between tests. */
export function alcoholLeft(minutes: number): number {
  const after = RETENTION.findIndex(([m]) => m > minutes);
  if (after < 0) return 0.05;
  const [m0, r0] = RETENTION[Math.max(0, after - 1)] as readonly [number, number];
  const [m1, r1] = RETENTION[after] as readonly [number, number];
  return Math.exp(Math.log(r0) + ((Math.log(r1) - Math.log(r0)) * (minutes - m0)) / (m1 - m0));
}

/** Pure alcohol in `litres` of `share` by volume, g. */
export function alcoholG(litres: number, share: number): number {
  return litres * 1000 * share * ETHANOL_G_ML;
}

/** Alcohol per serving after the pot has simmered `braiseMin` since the wine was reduced; null if none was poured. */
export function alcoholOnThePlate(
  pour: {
    readonly alcoholG: number;
    readonly lateAlcoholG: number;
    readonly wine: { readonly minutes: Figure } | null;
  },
  braiseMin: number,
  eaters: number,
): Figure | null {
  if (pour.alcoholG <= 0) return null;
  const boiled = pour.wine?.minutes.value ?? 0;
  const simmerMin = (Number.isFinite(boiled) ? boiled : 0) + braiseMin;
  const lateShare = pour.lateAlcoholG / pour.alcoholG;
  const left = alcoholLeft(simmerMin) * (1 - lateShare) + alcoholLeft(LATE_POUR_MIN) * lateShare;
  return figure('liquid.alcohol', (pour.alcoholG * left) / eaters / 1000, 'mass', 'practice', [
    from('pureAlcoholIn', pour.alcoholG / 1000, 'mass'),
    from('simmeringAllTold', simmerMin, 'minutes'),
    from('stillThere', left, 'share'),
    from('plates', eaters, 'count'),
  ]);
}
