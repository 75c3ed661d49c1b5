import { type CareStep } from '../cautions';
import { type Oven } from '../larder';
import { type Message, say, tempC } from '../message';

/** Heat as a cook sets it. */
export type PlanHeat =
  | { readonly kind: 'oven'; readonly tempC: number; readonly fan: boolean }
  | { readonly kind: 'simmer'; readonly tempC: number }
  | { readonly kind: 'steamOven'; readonly tempC: number }
  | { readonly kind: 'grill'; readonly tempC: number };

/** Heat modes as offered: an oven with and without fan count as two. */
export const HEAT_MODES = ['still', 'fan', 'simmer', 'steamOven', 'grill'] as const;
export type HeatMode = (typeof HEAT_MODES)[number];

interface Mode {
  /** Where the pot is. */
  readonly place: 'oven' | 'burner' | 'grill';
  /** Kinds of oven that have it; null where it needs none. */
  readonly ovens: readonly Oven['kind'][] | null;
  readonly limitsC: readonly [low: number, high: number];
  readonly usualC: number;
  /** Minutes of preheating; 0 where there is none. */
  readonly warmsMin: number;
  readonly care: CareStep;
  /** The energy it uses; null where nobody meters the fuel. */
  readonly draws: 'oven' | 'burner' | null;
  /** Water held at a temperature is at most just below the boil. */
  readonly underTheBoil: boolean;
  /** The air can be turned down while it braises. */
  readonly turnsDown: boolean;
  /** An open pot dries in it. */
  readonly dries: boolean;
}

/** Everything that depends on how the pot is heated. Preheating times are usual ones. */
export const MODES: Readonly<Record<HeatMode, Mode>> = {
  still: {
    place: 'oven',
    ovens: ['still', 'fan'],
    limitsC: [80, 240],
    usualC: 150,
    warmsMin: 20,
    care: 'potIntoOven',
    draws: 'oven',
    underTheBoil: false,
    turnsDown: true,
    dries: true,
  },
  fan: {
    place: 'oven',
    ovens: ['fan'],
    limitsC: [80, 240],
    usualC: 130,
    warmsMin: 20,
    care: 'potIntoOven',
    draws: 'oven',
    underTheBoil: false,
    turnsDown: true,
    dries: true,
  },
  simmer: {
    place: 'burner',
    ovens: null,
    limitsC: [75, 100],
    usualC: 96,
    warmsMin: 0,
    care: 'potOnStove',
    draws: 'burner',
    underTheBoil: true,
    turnsDown: false,
    dries: true,
  },
  steamOven: {
    place: 'oven',
    ovens: ['steam'],
    limitsC: [80, 130],
    usualC: 100,
    warmsMin: 10,
    care: 'steamOven',
    draws: 'oven',
    underTheBoil: false,
    turnsDown: false,
    dries: false,
  },
  grill: {
    place: 'grill',
    ovens: ['grill'],
    limitsC: [100, 240],
    usualC: 150,
    warmsMin: 35,
    care: 'grill',
    draws: null,
    underTheBoil: false,
    turnsDown: true,
    dries: true,
  },
};

export function heatMode(heat: PlanHeat): HeatMode {
  return heat.kind === 'oven' ? (heat.fan ? 'fan' : 'still') : heat.kind;
}

/** The heat of a mode at a temperature. */
export function heatOf(mode: HeatMode, tempC: number): PlanHeat {
  return mode === 'still' || mode === 'fan' ? { kind: 'oven', tempC, fan: mode === 'fan' } : { kind: mode, tempC };
}

/** Switching modes: an oven keeps its setting with or without fan, anything else starts at its usual one. */
export function heatInstead(heat: PlanHeat, mode: HeatMode): PlanHeat {
  const next = heatOf(mode, MODES[mode].usualC);
  return next.kind === heat.kind ? heatOf(mode, heat.tempC) : next;
}

/** The heat within a sentence: where, how hot, fan or not. */
export function heatSays(heat: PlanHeat): Message {
  return say(`heat.${heatMode(heat)}`, { temp: tempC(heat.tempC) });
}
