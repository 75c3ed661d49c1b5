import { SALTMARSH_ROW } from './kitchen';
import { type PlanHeat, type PlanInput } from '../../core/plan/input';
import { type Pot, type LidKind } from '../../core/larder/vessels';

/** A dish of the demo kitchen, before it is given a day. */
export interface Dish {
  readonly title: string;
  readonly eaters: number;
  readonly cutId: string;
  readonly massKg: number;
  readonly pieces: number;
  readonly thicknessMm: number;
  readonly onBone: boolean;
  readonly potId: string;
  readonly vegetablesKg: number;
  readonly liquidLevel: number;
  readonly heat: PlanHeat;
  readonly lid: LidKind;
}

const oven = (tempC: number, fan = false): PlanHeat => ({ kind: 'oven', tempC, fan });
const simmer: PlanHeat = { kind: 'simmer', tempC: 96 };

const dish = (
  title: string,
  eaters: number,
  meat: readonly [cutId: string, massKg: number, pieces: number, thicknessMm: number, onBone: boolean],
  pot: readonly [potId: string, vegetablesKg: number, liquidLevel: number],
  heat: PlanHeat,
  lid: LidKind = 'heavy',
): Dish => {
  const [cutId, massKg, pieces, thicknessMm, onBone] = meat;
  const [potId, vegetablesKg, liquidLevel] = pot;
  return { title, eaters, cutId, massKg, pieces, thicknessMm, onBone, potId, vegetablesKg, liquidLevel, heat, lid };
};

export const OXTAIL = dish(
  'Oxtail in stout for the harbour supper',
  4,
  ['beef_oxtail', 2.2, 12, 48, true],
  ['demo-wide-30', 0.5, 0.75],
  oven(150),
);

export const SHANKS = dish(
  'Lamb shanks with preserved lemon',
  4,
  ['lamb_shank', 1.6, 4, 65, true],
  ['demo-round-26', 0.4, 0.6],
  oven(155),
);

const CHEEKS = dish(
  'Pork cheeks in cider',
  4,
  ['pork_cheek', 1.0, 12, 28, false],
  ['demo-round-26', 0.35, 0.9],
  oven(150),
);

const DUCK = dish('Duck legs with lentils', 4, ['duck_leg', 1.05, 4, 36, true], ['demo-wide-30', 0.4, 0.6], oven(155));

/** What was cooked in past weeks, newest first: days ago, hour served, and the seed of each pot's hidden truth. */
export const PAST: readonly {
  readonly dish: Dish;
  readonly daysAgo: number;
  readonly hour: number;
  readonly truth: number;
}[] = [
  { dish: CHEEKS, daysAgo: 4, hour: 19, truth: 11 },
  { dish: DUCK, daysAgo: 9, hour: 20, truth: 23 },
  {
    dish: { ...OXTAIL, title: 'Oxtail in stout, first try', massKg: 1.6, pieces: 9, eaters: 3, potId: 'demo-round-26' },
    daysAgo: 17,
    hour: 19,
    truth: 37,
  },
  {
    dish: dish('Rabbit legs with mustard', 4, ['rabbit_leg', 0.86, 4, 34, true], ['demo-wide-30', 0.3, 0.6], oven(150)),
    daysAgo: 24,
    hour: 19,
    truth: 41,
  },
  {
    dish: { ...SHANKS, title: 'Lamb shanks, small pot', massKg: 1.15, pieces: 3, eaters: 3, potId: 'demo-round-26' },
    daysAgo: 31,
    hour: 20,
    truth: 53,
  },
  {
    dish: dish('Pork collar with fennel', 6, ['pork_neck', 1.5, 1, 85, false], ['demo-round-26', 0.5, 0.5], simmer),
    daysAgo: 38,
    hour: 19,
    truth: 67,
  },
];

/** The dish as a plan to be served at `serveAtMs`. */
export function planInput(dish: Dish, serveAtMs: number): PlanInput {
  const pot = SALTMARSH_ROW.pots.find((p) => p.id === dish.potId) as Pot;
  const pan = SALTMARSH_ROW.pans[0] as PlanInput['pan'];
  return {
    title: dish.title,
    eaters: dish.eaters,
    meat: {
      cutId: dish.cutId,
      massKg: dish.massKg,
      pieces: dish.pieces,
      thicknessMm: dish.thicknessMm,
      thicknessMeasured: true,
      onBone: dish.onBone,
    },
    pot,
    pan,
    vegetablesKg: dish.vegetablesKg,
    liquidLevel: dish.liquidLevel,
    heat: dish.heat,
    lid: dish.lid,
    serveAtMs,
    confidence: 0.9,
    altitudeM: SALTMARSH_ROW.altitudeM,
  };
}
