import { type BraiseRequest, NO_INTERVENTIONS } from '../core/forecast';
import { cutById, type LidKind, type Pot } from '../core/larder';
import { roundPot, usualVegetables } from '../core/material';
import { type HeatMode, mainStage, MODES, type PlanHeat, type PlanInput, singleStageSchedule } from '../core/choices';
import { USUAL_KEEPING } from '../core/choices';
import { say } from '../core/message';
import { type DayPlan } from '../core/schedule';
import { type KitchenTools, startPlan } from '../core/plan';
import { HOUR_MS } from '../core/quantity';

/** A Tuesday noon in UTC: the current time in tests. */
export const NOON_MS = Date.UTC(2026, 2, 10, 12, 0);

/** The kitchen of the tests. */
export const TEST_KITCHEN: KitchenTools = {
  ovens: [{ kind: 'still' }],
  altitudeM: 0,
  keeping: USUAL_KEEPING,
  pots: [
    {
      id: 'wide',
      name: 'Wide casserole, 30 cm',
      shape: 'round',
      lengthMm: 300,
      widthMm: 300,
      heightMm: 110,
      massKg: 6.2,
      material: 'castIron',
      lids: ['heavy'],
    },
    {
      id: 'round',
      name: 'Round casserole, 26 cm',
      shape: 'round',
      lengthMm: 260,
      widthMm: 260,
      heightMm: 122,
      massKg: 5.1,
      material: 'castIron',
      lids: ['heavy'],
    },
  ],
  pans: [
    {
      id: 'pan',
      name: 'Iron pan, 28 cm',
      shape: 'round',
      lengthMm: 280,
      widthMm: 280,
      massKg: 2.5,
      material: 'castIron',
    },
  ],
  burners: [{ id: 'burner', name: 'Large burner', kind: 'gas', powerW: 2600 }],
  habits: {},
};

const STARTED = startPlan(TEST_KITCHEN, {
  title: 'Oxtail in stout',
  cutId: 'beef_oxtail',
  eaters: 4,
  serveAtMs: NOON_MS + 9 * HOUR_MS,
  meat: {
    cutId: 'beef_oxtail',
    massKg: 2.2,
    grossKg: null,
    pieces: 12,
    thicknessMm: 48,
    thicknessMeasured: true,
    onBone: true,
    pricePerKg: null,
  },
});

/** Oxtail for four, to be served nine hours after `NOON_MS`. */
export const OXTAIL_PLAN: PlanInput = {
  ...STARTED,
  liquid: { ...STARTED.liquid, level: 0.75, parts: [{ id: 'stout', litres: 0.5, when: 'start' }], reduce: 'none' },
};

/** A plan's input as version 1 stored it. */
export const FIRST_INPUT = {
  title: 'Lamb shanks as they were',
  eaters: 4,
  meat: { cutId: 'lamb_shank', massKg: 1.6, pieces: 4, thicknessMm: 65, thicknessMeasured: true, onBone: true },
  pot: { id: 'r', name: 'Round casserole', diameterMm: 260, heightMm: 122, massKg: 5, material: 'castIron' },
  pan: { id: 'f', name: 'Frying pan', diameterMm: 280 },
  vegetablesKg: 0.4,
  liquidLevel: 0.6,
  heat: { kind: 'oven', tempC: 155, fan: false },
  lid: 'heavy',
  serveAtMs: NOON_MS + 9 * HOUR_MS,
  confidence: 0.9,
  altitudeM: 0,
} as const;

/** Short ribs in a 26 cm pot at 150 °C, simmering when they go in. */
export function shortRibRequest(part: Partial<BraiseRequest> = {}): BraiseRequest {
  return {
    cut: cutById('beef_short_rib_english'),
    groups: [
      {
        massKg: 1.8,
        pieces: 6,
        lengthM: 0.1,
        widthM: 0.055,
        thicknessM: 0.05,
        onBone: true,
        startTempC: 25,
        submergedFraction: 0.75,
      },
    ],
    pot: { ...roundPot(0.26, 0.16), massKg: 5, material: 'castIron' },
    liquidL: 1.25,
    liquidTempC: 96,
    ...NO_INTERVENTIONS,
    vegetables: usualVegetables(0.3),
    heats: [{ atMin: 0, heat: { kind: 'oven', tempC: 150, fan: false } }],
    lids: [{ atMin: 0, lid: 'heavy' }],
    thicknessMeasured: true,
    altitudeM: 0,
    seed: 7,
    ...part,
  };
}

/** Those ribs and two slices of shank, colder and half out of the liquid. */
export function ribsAndShank(): BraiseRequest['groups'] {
  return [
    ...shortRibRequest().groups,
    {
      cut: cutById('beef_shank_cross'),
      massKg: 0.8,
      pieces: 2,
      lengthM: 0.11,
      widthM: 0.1,
      thicknessM: 0.04,
      onBone: true,
      startTempC: 8,
      submergedFraction: 0.5,
    },
  ];
}

/** The plan at one heat, under one lid, throughout. */
export function heated(input: PlanInput, heat: PlanHeat, lid: LidKind = mainStage(input).lid): PlanInput {
  return { ...input, course: singleStageSchedule(heat, lid) };
}

/** A round pot like this one, with this width and, if given, this depth. */
export function wide(pot: Pot, acrossMm: number, heightMm = pot.heightMm): Pot {
  return { ...pot, shape: 'round', lengthMm: acrossMm, widthMm: acrossMm, heightMm };
}

/** A day's braise in one place throughout. */
export function inOnePlace(mode: HeatMode): Pick<DayPlan, 'heat' | 'place' | 'stages' | 'bare'> {
  const { place, warmsMin } = MODES[mode];
  const stage = { fromMin: 0, heat: mode, place, warmsMin, says: say('change.heat', { heat: say('task.gone') }) };
  return { heat: mode, place, stages: [stage], bare: undefined };
}
