import { type CareStep } from '../cautions';
import { type Oven } from '../larder';
import { type Message, say, tempC } from '../message';

/** Heat as a cook sets it. */
export type PlanHeat =
  /** An oven is electric unless a gas flame burns in it. */
  | { readonly kind: 'oven'; readonly tempC: number; readonly fan: boolean; readonly burns?: 'gas' | undefined }
  | { readonly kind: 'simmer'; readonly tempC: number }
  /** How much of its air is steam, 0 to 1: full unless said. */
  | { readonly kind: 'steamOven'; readonly tempC: number; readonly humidity?: number | undefined }
  | { readonly kind: 'grill'; readonly tempC: number };

/** Heat modes as offered: an oven with and without fan, and one with a flame in it, count as three. */
export const HEAT_MODES = ['still', 'fan', 'gas', 'simmer', 'steamOven', 'grill'] as const;
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
  gas: {
    place: 'oven',
    ovens: ['gas'],
    limitsC: [80, 240],
    usualC: 150,
    warmsMin: 20,
    care: 'potIntoOven',
    draws: null,
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
  if (heat.kind !== 'oven') return heat.kind;
  return heat.burns === 'gas' ? 'gas' : heat.fan ? 'fan' : 'still';
}

/** The oven of a kitchen that a plan starts with: its first kind, or an ordinary one where it has none. */
export function ownOvenMode(modes: readonly HeatMode[]): HeatMode {
  return modes.find((mode) => MODES[mode].place === 'oven') ?? 'still';
}

/** The heat of a mode at a temperature. */
export function heatOf(mode: HeatMode, tempC: number): PlanHeat {
  if (mode === 'gas') return { kind: 'oven', tempC, fan: false, burns: 'gas' };
  return mode === 'still' || mode === 'fan' ? { kind: 'oven', tempC, fan: mode === 'fan' } : { kind: mode, tempC };
}

/** A steam oven's heat at another humidity, 0 to 1; any other heat as it is. */
export function withHumidity(heat: PlanHeat, humidity: number): PlanHeat {
  if (heat.kind !== 'steamOven') return heat;
  const share = Math.max(0, Math.min(1, humidity));
  return share === 1 ? { kind: heat.kind, tempC: heat.tempC } : { ...heat, humidity: share };
}

/** From this share of steam on hardly anything dries. */
const FULL_OF_STEAM = 0.9;

/** Share of steam in a steam oven's air; 1 where there is none to set. */
export function humidityOf(heat: PlanHeat): number {
  return heat.kind === 'steamOven' ? (heat.humidity ?? 1) : 1;
}

/** Whether an open pot dries in it: anywhere but in air full of steam. */
export function dries(heat: PlanHeat): boolean {
  return MODES[heatMode(heat)].dries || humidityOf(heat) < FULL_OF_STEAM;
}

/** Switching modes: an oven keeps its setting with or without fan, anything else starts at its usual one. */
export function heatInstead(heat: PlanHeat, mode: HeatMode): PlanHeat {
  const next = heatOf(mode, MODES[mode].usualC);
  return next.kind === heat.kind ? heatOf(mode, heat.tempC) : next;
}

/** The heat within a sentence: where, how hot, fan or not. */
export function heatSays(heat: PlanHeat): Message {
  const humidity = humidityOf(heat);
  if (humidity < 1) return say('heat.steamOvenAt', { temp: tempC(heat.tempC), humidity: Math.round(humidity * 100) });
  return say(`heat.${heatMode(heat)}`, { temp: tempC(heat.tempC) });
}
