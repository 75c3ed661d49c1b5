import { type CareStep } from '../care/cautions';
import { formatTemperature } from '../quantity/format';
import { METRIC, type UnitChoice } from '../quantity/units';

/** Heat as a cook sets it. */
export type PlanHeat =
  | { readonly kind: 'oven'; readonly tempC: number; readonly fan: boolean }
  | { readonly kind: 'simmer'; readonly tempC: number }
  | { readonly kind: 'steamOven'; readonly tempC: number }
  | { readonly kind: 'grill'; readonly tempC: number };

/** Ways to set the heat, as they are offered: an oven's two ways of blowing count as two. */
export const HEAT_MODES = ['still', 'fan', 'simmer', 'steamOven', 'grill'] as const;
export type HeatMode = (typeof HEAT_MODES)[number];

interface Mode {
  /** What holds the pot. */
  readonly place: 'oven' | 'burner' | 'grill';
  readonly limitsC: readonly [low: number, high: number];
  readonly usualC: number;
  /** Minutes before it is hot enough for the pot; 0 where nothing has to warm. */
  readonly warmsMin: number;
  readonly lights: string;
  /** What its temperature is called. */
  readonly setTo: string;
  /** As it stands on the ember line. */
  readonly label: string;
  readonly braises: string;
  readonly care: CareStep;
}

/** Everything that goes by how the pot is heated. Warming times are usual ones. */
export const MODES: Readonly<Record<HeatMode, Mode>> = {
  still: {
    setTo: 'Oven set to',
    label: 'oven',
    place: 'oven',
    limitsC: [80, 240],
    usualC: 150,
    warmsMin: 20,
    lights: 'oven on',
    braises: 'braise in the oven',
    care: 'potIntoOven',
  },
  fan: {
    setTo: 'Oven set to',
    label: 'oven, fan',
    place: 'oven',
    limitsC: [80, 240],
    usualC: 130,
    warmsMin: 20,
    lights: 'oven on',
    braises: 'braise in the oven',
    care: 'potIntoOven',
  },
  simmer: {
    setTo: 'Liquid held at',
    label: 'simmering',
    place: 'burner',
    limitsC: [75, 100],
    usualC: 96,
    warmsMin: 0,
    lights: '',
    braises: 'braise on the stove',
    care: 'potOnStove',
  },
  steamOven: {
    setTo: 'Steam oven set to',
    label: 'steam oven',
    place: 'oven',
    limitsC: [80, 130],
    usualC: 100,
    warmsMin: 10,
    lights: 'steam oven on',
    braises: 'braise in the steam oven',
    care: 'steamOven',
  },
  grill: {
    setTo: 'Grill held at',
    label: 'grill',
    place: 'grill',
    limitsC: [100, 240],
    usualC: 150,
    warmsMin: 35,
    lights: 'light the grill',
    braises: 'braise under the grill’s lid',
    care: 'grill',
  },
};

export function heatMode(heat: PlanHeat): HeatMode {
  return heat.kind === 'oven' ? (heat.fan ? 'fan' : 'still') : heat.kind;
}

/** The heat of a mode at a temperature. */
export function heatOf(mode: HeatMode, tempC: number): PlanHeat {
  return mode === 'still' || mode === 'fan' ? { kind: 'oven', tempC, fan: mode === 'fan' } : { kind: mode, tempC };
}

const NAMES: Readonly<Record<HeatMode, string>> = {
  still: 'oven',
  fan: 'oven',
  simmer: 'stove, held at',
  steamOven: 'steam oven',
  grill: 'covered grill',
};

/** The heat within a sentence, e.g. "oven 150 °C, fan". */
export function heatWithin(heat: PlanHeat, units: UnitChoice = METRIC): string {
  return named(heat, formatTemperature(heat.tempC, units));
}

function named(heat: PlanHeat, temp: string): string {
  const mode = heatMode(heat);
  return `${NAMES[mode]} ${temp}${mode === 'fan' ? ', fan' : ''}`;
}

/** The heat in words, e.g. "Oven 150 °C, fan"; `tempWords` stands in for the temperature where that is not a number yet. */
export function heatWords(heat: PlanHeat, units: UnitChoice = METRIC, tempWords?: string): string {
  const words = named(heat, tempWords ?? formatTemperature(heat.tempC, units));
  return `${words.charAt(0).toUpperCase()}${words.slice(1)}`;
}
