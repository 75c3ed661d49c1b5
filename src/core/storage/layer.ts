/** A box of braise in a fridge: a layer cooled from above and below. SI units, coefficients in W/m²K. */
export interface LayerInput {
  readonly depthM: number;
  readonly startC: number;
  readonly airC: number;
  readonly topFilm: number;
  readonly bottomFilm: number;
  /** Thin liquid mixes itself: one temperature. Side and base coefficients relative to the top. */
  readonly mixed: boolean;
}

/**
 * Coefficients on a box. Estimates: top bare, covered, in moving air; bottom on a wire rack, on glass, in moving air.
 */
export const BOX_COEFFICIENTS = {
  still: { top: 9, bottom: 8 },
  covered: { top: 4, bottom: 8 },
  fan: { top: 20, bottom: 15 },
} as const;

const HEAT_JM3K = 4e6;
const CONDUCTS = 0.6;
const CELLS = 24;
const STEP_S = 60;
const LONGEST_S = 72 * 3600;

/** When the hottest spot of a layer drops to each temperature, min from the start; Infinity past three days. */
export function layerTimes(q: LayerInput, downTo: readonly number[]): number[] {
  if (q.mixed) {
    const rate = (q.topFilm + q.bottomFilm) / (HEAT_JM3K * q.depthM);
    return downTo.map((t) =>
      t >= q.startC ? 0 : t <= q.airC ? Infinity : Math.log((q.startC - q.airC) / (t - q.airC)) / rate / 60,
    );
  }
  const dx = q.depthM / CELLS;
  const inside = CONDUCTS / dx;
  const edge = (film: number): number => 1 / (1 / film + dx / 2 / CONDUCTS);
  const [top, bottom] = [edge(q.topFilm), edge(q.bottomFilm)];
  const mass = (HEAT_JM3K * dx) / STEP_S;
  const temps = new Float64Array(CELLS).fill(q.startC);
  const work = new Float64Array(CELLS);
  const out = downTo.map((t) => (t >= q.startC ? 0 : Infinity));
  let hotBefore = q.startC;
  for (let seconds = STEP_S; seconds <= LONGEST_S; seconds += STEP_S) {
    for (let i = 0; i < CELLS; i++) {
      const before = i > 0 ? inside : 0;
      const after = i < CELLS - 1 ? inside : 0;
      const out = i === 0 ? top : i === CELLS - 1 ? bottom : 0;
      const diagonal = mass + before + after + out - (i > 0 ? before * (work[i - 1] as number) : 0);
      const right = mass * (temps[i] as number) + out * q.airC + (i > 0 ? before * (temps[i - 1] as number) : 0);
      work[i] = after / diagonal;
      temps[i] = right / diagonal;
    }
    for (let i = CELLS - 2; i >= 0; i--)
      temps[i] = (temps[i] as number) + (work[i] as number) * (temps[i + 1] as number);
    const hot = Math.max(...temps);
    downTo.forEach((t, k) => {
      if (out[k] === Infinity && hot <= t)
        out[k] = (seconds - (STEP_S * (t - hot)) / Math.max(1e-9, hotBefore - hot)) / 60;
    });
    hotBefore = hot;
    if (out.every((t) => t !== Infinity)) break;
  }
  return out;
}

/** Freezing of a flat bag, both sides in air. Source: Pham (1986); within 10% of an enthalpy solution. */
export function freezeMin(thicknessM: number, startC: number, airC: number, film: number, centreC = -10): number {
  const half = thicknessM / 2;
  const water = 0.75;
  const [freezes, density, frozenConducts] = [-1.5, 1050, 1.5];
  const t3 = 1.8 + 0.263 * centreC + 0.105 * airC;
  const first = density * 3600 * (startC - t3);
  const second = density * (water * (1 - freezes / centreC) * 334e3 + 1900 * (t3 - centreC));
  const seconds =
    (half / film) *
    (first / ((startC + t3) / 2 - airC) + second / (t3 - airC)) *
    (1 + (film * half) / (2 * frozenConducts));
  return seconds / 60;
}

/** Reheating in a microwave, min: half of it stirred in. Estimate in the form of a law. */
export function microwaveMin(kg: number, ratedW: number, fromC: number, toC: number): number {
  const share = 0.85;
  const uneven = 1.3;
  return (kg * 3700 * (toC - fromC) * uneven) / (ratedW * share * (1 - Math.exp(-kg / 0.25))) / 60;
}
