/** Mass fractions of a food; they need not add up to exactly 1, the rest is ignored. */
export interface Composition {
  readonly water: number;
  readonly protein: number;
  readonly fat: number;
  readonly ash: number;
  readonly carb?: number;
}

type Component = keyof Composition;
type Quadratic = readonly [number, number, number];

interface ComponentLaw {
  readonly conductivity: Quadratic;
  readonly density: Quadratic;
  readonly specificHeat: Quadratic;
}

/** Source: Choi & Okos (1986), quadratic fits in °C, valid from -40 to 150 °C. */
const COMPONENT_LAWS: Readonly<Record<Component, ComponentLaw>> = {
  water: {
    conductivity: [0.57109, 1.7625e-3, -6.7036e-6],
    density: [997.18, 3.1439e-3, -3.7574e-3],
    specificHeat: [4176.2, -9.0864e-2, 5.4731e-3],
  },
  protein: {
    conductivity: [0.17881, 1.1958e-3, -2.7178e-6],
    density: [1329.9, -0.5184, 0],
    specificHeat: [2008.2, 1.2089, -1.3129e-3],
  },
  fat: {
    conductivity: [0.18071, -2.7604e-4, -1.7749e-7],
    density: [925.59, -0.41757, 0],
    specificHeat: [1984.2, 1.4733, -4.8008e-3],
  },
  ash: {
    conductivity: [0.32962, 1.4011e-3, -2.9069e-6],
    density: [2423.8, -0.28063, 0],
    specificHeat: [1092.6, 1.8896, -3.6817e-3],
  },
  carb: {
    conductivity: [0.20141, 1.3874e-3, -4.3312e-6],
    density: [1599.1, -0.31046, 0],
    specificHeat: [1548.8, 1.9625, -5.9399e-3],
  },
};

const COMPONENTS: readonly Component[] = ['water', 'protein', 'fat', 'ash', 'carb'];

/** Weight of the parallel model in the Krischer mean; matches lean beef at 40 °C (0.483 W/mK). Estimate, no source. */
const PARALLEL_SHARE = 0.6;

/** Properties are evaluated at this temperature: it changes the slowest quarter's time by less than 1%. */
export const PROPERTY_TEMP_C = 60;

const at = (law: Quadratic, tempC: number): number => law[0] + law[1] * tempC + law[2] * tempC * tempC;

export interface PureProperties {
  readonly conductivityWMK: number;
  readonly densityKgM3: number;
  readonly specificHeatJKgK: number;
}

/** Conductivity W/mK, density kg/m³ and specific heat J/kgK of one pure component at `tempC`. Source: Choi & Okos (1986). */
export function componentProperties(component: Component, tempC: number): PureProperties {
  const law = COMPONENT_LAWS[component];
  return {
    conductivityWMK: at(law.conductivity, tempC),
    densityKgM3: at(law.density, tempC),
    specificHeatJKgK: at(law.specificHeat, tempC),
  };
}

export interface MixtureProperties extends PureProperties {
  readonly parallelWMK: number;
  readonly seriesWMK: number;
}

/**
 * Properties of a mixture at `tempC`: specific heat by mass, density by volume, conductivity as the
 * Krischer mean of the parallel and series bounds.
 */
export function mixtureProperties(composition: Composition, tempC: number = PROPERTY_TEMP_C): MixtureProperties {
  let specificHeat = 0;
  let specificVolume = 0;
  for (const component of COMPONENTS) {
    const fraction = composition[component] ?? 0;
    const pure = componentProperties(component, tempC);
    specificHeat += fraction * pure.specificHeatJKgK;
    specificVolume += fraction / pure.densityKgM3;
  }
  const density = 1 / specificVolume;
  let parallel = 0;
  let resistance = 0;
  for (const component of COMPONENTS) {
    const pure = componentProperties(component, tempC);
    const share = ((composition[component] ?? 0) * density) / pure.densityKgM3;
    parallel += share * pure.conductivityWMK;
    resistance += share / pure.conductivityWMK;
  }
  const series = 1 / resistance;
  return {
    conductivityWMK: 1 / (PARALLEL_SHARE / parallel + (1 - PARALLEL_SHARE) / series),
    densityKgM3: density,
    specificHeatJKgK: specificHeat,
    parallelWMK: parallel,
    seriesWMK: series,
  };
}
