import { type CareStep } from '../cautions';
import { type Message, say, tempC } from '../message';

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
  readonly care: CareStep;
  /** What pays for it; null where nobody meters the fuel. */
  readonly draws: 'oven' | 'burner' | null;
  /** Water that is held hot can be no hotter than just under its boil. */
  readonly underTheBoil: boolean;
}

/** Everything that goes by how the pot is heated. Warming times are usual ones. */
export const MODES: Readonly<Record<HeatMode, Mode>> = {
  still: {
    place: 'oven',
    limitsC: [80, 240],
    usualC: 150,
    warmsMin: 20,
    care: 'potIntoOven',
    draws: 'oven',
    underTheBoil: false,
  },
  fan: {
    place: 'oven',
    limitsC: [80, 240],
    usualC: 130,
    warmsMin: 20,
    care: 'potIntoOven',
    draws: 'oven',
    underTheBoil: false,
  },
  simmer: {
    place: 'burner',
    limitsC: [75, 100],
    usualC: 96,
    warmsMin: 0,
    care: 'potOnStove',
    draws: 'burner',
    underTheBoil: true,
  },
  steamOven: {
    place: 'oven',
    limitsC: [80, 130],
    usualC: 100,
    warmsMin: 10,
    care: 'steamOven',
    draws: 'oven',
    underTheBoil: false,
  },
  grill: {
    place: 'grill',
    limitsC: [100, 240],
    usualC: 150,
    warmsMin: 35,
    care: 'grill',
    draws: null,
    underTheBoil: false,
  },
};

export function heatMode(heat: PlanHeat): HeatMode {
  return heat.kind === 'oven' ? (heat.fan ? 'fan' : 'still') : heat.kind;
}

/** The heat of a mode at a temperature. */
export function heatOf(mode: HeatMode, tempC: number): PlanHeat {
  return mode === 'still' || mode === 'fan' ? { kind: 'oven', tempC, fan: mode === 'fan' } : { kind: mode, tempC };
}

/** Another mode instead: an oven keeps its setting whether it blows or not, anything else begins at its usual one. */
export function heatInstead(heat: PlanHeat, mode: HeatMode): PlanHeat {
  const next = heatOf(mode, MODES[mode].usualC);
  return next.kind === heat.kind ? heatOf(mode, heat.tempC) : next;
}

/** The heat within a sentence: where, how hot, and whether a fan blows. */
export function heatSays(heat: PlanHeat): Message {
  return say(`heat.${heatMode(heat)}`, { temp: tempC(heat.tempC) });
}
