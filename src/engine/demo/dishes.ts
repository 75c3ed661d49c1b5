import { SALTMARSH_ROW } from './kitchen';
import { BRAISE_STYLES, withStyle } from '../../core/styles';
import { type BaseItem, type PlanHeat, type PlanInput, type ResultId, singleStageSchedule } from '../../core/choices';
import { type Verdict } from '../../core/cook';
import { startPlan } from '../../core/plan';
import { type LidKind, type Pot } from '../../core/larder';

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
  readonly kindId: string;
  readonly liquidLevel: number;
  readonly heat: PlanHeat;
  readonly lid: LidKind;
  readonly result: ResultId;
  /** What this cook does differently from the style. */
  readonly change?: (input: PlanInput) => PlanInput;
}

const oven = (tempC: number, fan = false): PlanHeat => ({ kind: 'oven', tempC, fan });
const simmer: PlanHeat = { kind: 'simmer', tempC: 96 };

const dish = (
  title: string,
  eaters: number,
  meat: readonly [cutId: string, massKg: number, pieces: number, thicknessMm: number, onBone: boolean],
  pot: readonly [potId: string, kindId: string, liquidLevel: number],
  heat: PlanHeat,
  change?: (input: PlanInput) => PlanInput,
): Dish => {
  const [cutId, massKg, pieces, thicknessMm, onBone] = meat;
  const [potId, kindId, liquidLevel] = pot;
  return {
    title,
    eaters,
    cutId,
    massKg,
    pieces,
    thicknessMm,
    onBone,
    potId,
    kindId,
    liquidLevel,
    heat,
    lid: 'heavy',
    result: 'tender',
    ...(change ? { change } : {}),
  };
};

const pouring =
  (from: string, to: string) =>
  (input: PlanInput): PlanInput => ({
    ...input,
    liquid: { ...input.liquid, parts: input.liquid.parts.map((p) => (p.id === from ? { ...p, id: to } : p)) },
  });

const withItems =
  (items: readonly BaseItem[]) =>
  (input: PlanInput): PlanInput => ({ ...input, base: { ...input.base, items } });

export const OXTAIL = dish(
  'Oxtail in stout for the harbour supper',
  4,
  ['beef_oxtail', 2.2, 12, 48, true],
  ['demo-wide-30', 'ale-prune', 0.75],
  oven(150),
  pouring('darkAle', 'stout'),
);

export const SHANKS = dish(
  'Lamb shanks with preserved lemon',
  4,
  ['lamb_shank', 1.6, 4, 65, true],
  ['demo-round-26', 'green-lemon', 0.6],
  oven(155),
  (input) => ({ ...input, day: { ...input.day, sides: ['boiledPotatoes', 'greens'] } }),
);

const CHEEKS = dish(
  'Pork cheeks in cider',
  4,
  ['pork_cheek', 1.0, 12, 28, false],
  ['demo-round-26', 'cider-mustard', 0.9],
  oven(150),
);

const DUCK = dish(
  'Duck legs with lentils',
  4,
  ['duck_leg', 1.05, 4, 36, true],
  ['demo-wide-30', 'lentil-stock', 0.7],
  oven(155),
);

/** A past braise: when it was, the seed of its pot's hidden truth, what its cook did and thought of it. */
export interface PastBraise {
  readonly dish: Dish;
  /** Boxes of it in the freezer. */
  readonly frozenBoxes?: number;
  readonly daysAgo: number;
  readonly hour: number;
  readonly truth: number;
  /** Minutes it stayed on the heat after it was fork-tender; two if omitted. */
  readonly leftOnMin?: number;
  readonly verdict: Verdict;
}

/** Past braises, newest first: six evenings, six lessons, one of them gone wrong and one long ago. */
export const PAST: readonly PastBraise[] = [
  {
    dish: CHEEKS,
    daysAgo: 4,
    frozenBoxes: 2,
    hour: 19,
    truth: 11,
    verdict: {
      tenderness: 4,
      moisture: 4,
      sauce: 3,
      salt: 2,
      nextTime: 'Salt the sauce after the mustard, not before: it ate some of it.',
    },
  },
  {
    dish: DUCK,
    daysAgo: 9,
    hour: 20,
    truth: 23,
    verdict: {
      tenderness: 4,
      moisture: 4,
      sauce: 4,
      salt: 3,
      nextTime: 'Lentils in ten minutes later; the skin could crisp under the grill meanwhile.',
    },
  },
  {
    dish: { ...OXTAIL, title: 'Oxtail in stout, first try', massKg: 1.6, pieces: 9, eaters: 3, potId: 'demo-round-26' },
    daysAgo: 17,
    hour: 19,
    truth: 37,
    verdict: {
      tenderness: 4,
      moisture: 4,
      sauce: 2,
      salt: 3,
      nextTime: 'A tough old tail: an hour longer than most. Make it the day before when guests come.',
    },
  },
  {
    dish: dish(
      'Rabbit legs with mustard',
      4,
      ['rabbit_leg', 0.86, 4, 34, true],
      ['demo-wide-30', 'cider-mustard', 0.6],
      oven(150),
    ),
    daysAgo: 24,
    hour: 19,
    truth: 41,
    leftOnMin: 75,
    verdict: {
      tenderness: 5,
      moisture: 1,
      sauce: 3,
      salt: 3,
      nextTime: 'Gone wrong: it was tender, and stayed on the heat for over an hour more. Rabbit waits for nobody.',
    },
  },
  {
    dish: {
      ...SHANKS,
      title: 'Lamb shanks, three of them',
      massKg: 1.15,
      pieces: 3,
      eaters: 3,
      potId: 'demo-round-26',
    },
    daysAgo: 31,
    hour: 20,
    truth: 53,
    verdict: {
      tenderness: 4,
      moisture: 4,
      sauce: 3,
      salt: 4,
      nextTime: 'Preserved lemon is salty enough: no salt on the meat at all.',
    },
  },
  {
    dish: dish(
      'Pork collar with fennel',
      6,
      ['pork_neck', 1.5, 1, 85, false],
      ['demo-round-26', 'root-herb', 0.5],
      simmer,
      withItems([
        { id: 'onion', kg: 0.2, fate: 'melt', when: 'start' },
        { id: 'fennel', kg: 0.35, fate: 'bite', when: 'start' },
        { id: 'garlic', kg: 0.02, fate: 'melt', when: 'start' },
      ]),
    ),
    daysAgo: 402,
    hour: 19,
    truth: 67,
    verdict: {
      tenderness: 4,
      moisture: 3,
      sauce: 2,
      salt: 3,
      nextTime: 'Half the stock: it swam, and the sauce never came together.',
    },
  },
];

/** The dish as a plan to be served at `serveAtMs`. */
export function planInput(dish: Dish, serveAtMs: number): PlanInput {
  const pot = SALTMARSH_ROW.pots.find((p) => p.id === dish.potId) as Pot;
  const kind = BRAISE_STYLES.find((p) => p.id === dish.kindId);
  const begun = startPlan(SALTMARSH_ROW, {
    title: dish.title,
    cutId: dish.cutId,
    eaters: dish.eaters,
    serveAtMs,
    meat: {
      cutId: dish.cutId,
      massKg: dish.massKg,
      grossKg: null,
      pieces: dish.pieces,
      thicknessMm: dish.thicknessMm,
      thicknessMeasured: true,
      onBone: dish.onBone,
      pricePerKg: null,
    },
  });
  const based = kind ? withStyle(begun, kind) : begun;
  const input: PlanInput = {
    ...based,
    pot,
    course: singleStageSchedule(dish.heat, dish.lid),
    result: dish.result,
    liquid: { ...based.liquid, level: dish.liquidLevel },
  };
  return dish.change ? dish.change(input) : input;
}
