import { NOON_MS } from './fixtures';
import {
  type BaseItem,
  type FinishChoice,
  type HeatPhase,
  type LiquidChoice,
  type MeatPart,
  type PlanHeat,
  type PlanInput,
  USUAL_KEEPING,
  singleStageSchedule,
} from '../core/choices';
import { type Pot } from '../core/larder';
import { customId } from '../core/custom';
import { type KitchenTools, startPlan, defaultMeat } from '../core/plan';
import { HOUR_MS } from '../core/quantity';

const pot = (id: string, name: string, of: Omit<Pot, 'id' | 'name'>): Pot => ({ id, name, ...of });

/** The pots of a kitchen that has one of every shape and material. */
export const POTS = {
  round: pot('round', 'Round casserole', {
    shape: 'round',
    lengthMm: 280,
    widthMm: 280,
    heightMm: 125,
    massKg: 5.4,
    material: 'castIron',
    lids: ['heavy'],
  }),
  oval: pot('oval', 'Oval casserole', {
    shape: 'oval',
    lengthMm: 330,
    widthMm: 260,
    heightMm: 130,
    massKg: 6.4,
    material: 'castIron',
    lids: ['heavy'],
  }),
  tray: pot('tray', 'Roasting pan', {
    shape: 'rectangle',
    lengthMm: 400,
    widthMm: 290,
    heightMm: 90,
    massKg: 2.4,
    material: 'steel',
    lids: [],
  }),
  tall: pot('tall', 'Tall stockpot', {
    shape: 'round',
    lengthMm: 260,
    widthMm: 260,
    heightMm: 200,
    massKg: 2.6,
    material: 'steel',
    lids: ['light'],
  }),
  clay: pot('clay', 'Clay pot', {
    shape: 'round',
    lengthMm: 270,
    widthMm: 270,
    heightMm: 120,
    massKg: 3.4,
    material: 'ceramic',
    lids: ['light'],
  }),
} as const;

const KITCHEN: KitchenTools = {
  ovens: [{ kind: 'still' }],
  altitudeM: 0,
  keeping: USUAL_KEEPING,
  pots: Object.values(POTS),
  pans: [
    { id: 'pan', name: 'Iron pan', shape: 'round', lengthMm: 280, widthMm: 280, massKg: 2.5, material: 'castIron' },
  ],
  burners: [
    { id: 'large', name: 'Large burner', kind: 'gas', powerW: 3000 },
    { id: 'small', name: 'Small burner', kind: 'gas', powerW: 1400 },
  ],
  habits: {},
};

const END = { kind: 'end' } as const;
const oven = (tempC: number, fan = false): PlanHeat => ({ kind: 'oven', tempC, fan });
const hob = (tempC = 96): PlanHeat => ({ kind: 'simmer', tempC });
const stage = (heat: PlanHeat, lid: HeatPhase['lid'], until: HeatPhase['until'] = END): HeatPhase => ({
  heat,
  lid,
  until,
});
const item = (id: string, kg: number, fate: BaseItem['fate'] = 'melt', when: BaseItem['when'] = 'start'): BaseItem => ({
  id,
  kg,
  fate,
  when,
});
const poured = (id: string, litres: number, when: 'start' | 'late' = 'start') => ({ id, litres, when });

const FILLING = [
  { id: 'breadcrumbsDry', kg: 0.08 },
  { id: 'cheeseHard', kg: 0.06 },
  { id: 'hamDry', kg: 0.06 },
  { id: 'pineNut', kg: 0.04 },
];

const OWN_CUT = customId({ table: 'cut', like: 'beef_chuck_cubes', name: 'buffalo shoulder', tough: 130 });
const OWN_GARNISH = customId({
  table: 'garnish',
  like: 'squash',
  name: 'Lydia’s pumpkin',
  salt: 2,
  brings: ['celery'],
});
const OWN_LIQUID = customId({ table: 'liquid', like: 'redWine', name: 'plum wine 1.5', sugar: 60, alcohol: 11 });
const OWN_SPICE = customId({ table: 'spice', like: 'cumin', name: 'loomi ~ dust' });

interface Said {
  readonly eaters?: number;
  readonly meat?: Partial<MeatPart>;
  readonly also?: readonly MeatPart[];
  readonly pot?: Pot;
  readonly course?: readonly HeatPhase[];
  readonly items?: readonly BaseItem[];
  readonly base?: Partial<PlanInput['base']>;
  readonly liquid?: Partial<LiquidChoice>;
  readonly finish?: Partial<FinishChoice>;
  readonly sear?: Partial<PlanInput['sear']>;
  readonly season?: Partial<PlanInput['season']>;
  readonly rest?: Partial<PlanInput>;
}

function braise(title: string, cutId: string, said: Said): PlanInput {
  const eaters = said.eaters ?? 4;
  const begun = startPlan(
    { ...KITCHEN, pots: [said.pot ?? POTS.round] },
    {
      title,
      cutId,
      eaters,
      serveAtMs: NOON_MS + 40 * HOUR_MS,
      meat: { ...defaultMeat(cutId, eaters), ...said.meat },
    },
  );
  return {
    ...begun,
    also: said.also ?? [],
    course: said.course ?? begun.course,
    base: { ...begun.base, ...(said.items && { items: said.items }), ...said.base },
    liquid: { ...begun.liquid, ...said.liquid },
    finish: { ...begun.finish, ...said.finish },
    sear: { ...begun.sear, ...said.sear },
    season: { ...begun.season, ...said.season },
    ...said.rest,
  };
}

/** Braises as cooks describe them, which together use everything a plan can have. */
export const BRAISES: readonly PlanInput[] = [
  braise('Sunday chuck in red wine', 'beef_chuck_roast', { eaters: 6, pot: POTS.oval }),
  braise('Short ribs, hob then oven', 'beef_short_rib_english', {
    pot: POTS.oval,
    course: [stage(hob(), 'heavy', { kind: 'minutes', minutes: 20 }), stage(oven(150), 'heavy')],
    base: { thicken: 'end' },
    finish: { thickener: 'kneaded', rung: 'light' },
  }),
  braise('Shin on the bone in white wine', 'veal_shank', {
    pot: POTS.oval,
    liquid: { parts: [poured('whiteWine', 0.3), poured('cannedTomato', 0.3)], fillerId: 'stockVeal' },
    finish: { solids: 'leave', reduce: false },
  }),
  braise('Flank rolled with a filling', 'beef_flank', {
    meat: { massKg: 0.9, pieces: 1 },
    rest: {
      prepare: { temper: 'none', tie: 'auto', filling: { rolls: 8, items: FILLING } },
      result: 'slices',
    },
    base: { thicken: 'end' },
    finish: { thickener: 'flourWhite', rung: 'coats' },
  }),
  braise('As much onion as meat, with paprika', 'beef_chuck_cubes', {
    pot: POTS.tall,
    items: [item('onion', 0.9), item('garlic', 0.015)],
    course: singleStageSchedule(hob(), 'light'),
    season: {
      spices: [
        { id: 'paprika', grams: 25, when: 'fat' },
        { id: 'caraway', grams: 3, when: 'fat' },
      ],
    },
    liquid: { parts: [], level: 0.6, fillerId: 'stockUnsalted' },
  }),
  braise('Diced lamb with peas', 'lamb_shoulder_cubes', {
    items: [
      item('onion', 0.2),
      item('carrot', 0.2, 'bite'),
      item('potato', 0.5, 'bite', 'late'),
      item('peas', 0.25, 'bite', 'late'),
    ],
    base: { thicken: 'early', pasteKg: 0, pasteWhen: 'none' },
    liquid: { parts: [], level: 1.02 },
  }),
  braise('Beef in wine with bacon and mushrooms', 'beef_shank_cubes', {
    items: [
      item('onion', 0.25),
      item('carrot', 0.15),
      item('curedPork', 0.15, 'bite'),
      item('mushroom', 0.3, 'bite', 'late'),
    ],
    liquid: { parts: [poured('redWine', 0.75)], reduce: 'half', level: 1.02, fillerId: 'stockUnsalted' },
  }),
  braise('Shoulder pulled into its sauce, with pasta', 'pork_shoulder', {
    eaters: 6,
    pot: POTS.oval,
    rest: { result: 'shreds' },
    liquid: { parts: [poured('cannedTomato', 0.8), poured('whiteWine', 0.2)] },
    finish: { meat: 'shred', solids: 'blend', reduce: false, toss: 'pasta' },
  }),
  braise('Brisket smoked bare, then in its juice', 'beef_brisket_point', {
    eaters: 6,
    pot: POTS.tray,
    rest: { bare: { minutes: 180, tempC: 115, smoke: true } },
    course: singleStageSchedule(oven(140), 'tightFoil'),
    sear: { depth: 'none' },
    liquid: { parts: [poured('darkAle', 0.33)], level: 0.35 },
  }),
  braise('Thighs in cream, the lid off at the end', 'chicken_thigh', {
    pot: POTS.tray,
    course: [stage(oven(170, true), 'foil', { kind: 'stage', stage: 'gives' }), stage(oven(180, true), 'none')],
    liquid: { parts: [poured('whiteWine', 0.15)], level: 0.5, fillerId: 'stockChicken' },
    finish: { enrich: 'cream', solids: 'leave', reduce: false },
  }),
  braise('Rabbit with mustard and sour cream', 'rabbit_leg', {
    pot: POTS.clay,
    items: [item('shallot', 0.2), item('mustardGrain', 0.05)],
    course: singleStageSchedule(oven(150), 'light'),
    liquid: { parts: [poured('whiteWine', 0.25)], fillerId: 'stockChicken' },
    finish: { enrich: 'sourCream', solids: 'leave', reduce: false },
  }),
  braise('Boar with juniper and cranberries', 'boar_shoulder_cubes', {
    items: [item('onion', 0.2), item('celeriac', 0.2), item('cranberries', 0.15, 'bite', 'late')],
    liquid: {
      parts: [poured('redWine', 0.5)],
      level: 1.02,
      herbs: [
        { id: 'juniper', count: 8 },
        { id: 'bay', count: 2 },
      ],
    },
    finish: { solids: 'press', reduce: true },
  }),
  braise('Cheeks in port until 600 ml is left', 'beef_cheek', {
    eaters: 5,
    pot: POTS.oval,
    course: [
      stage(oven(150), 'heavy', { kind: 'before', minutes: 90 }),
      stage(oven(160), 'none', { kind: 'left', litres: 0.6 }),
      stage(oven(140), 'heavy'),
    ],
    liquid: { parts: [poured('port', 0.3)], level: 0.7 },
    finish: { reduce: false, solids: 'strain' },
  }),
  braise('Belly in soy and star anise, poured by measure', 'pork_belly', {
    pot: POTS.clay,
    course: singleStageSchedule(hob(), 'light'),
    items: [item('ginger', 0.03, 'picked'), item('springOnion', 0.08, 'strained'), item('sugar', 0.03)],
    season: { gramsPerKg: 0 },
    liquid: {
      fill: false,
      parts: [poured('soySauce', 0.08), poured('riceWineYellow', 0.15), poured('water', 0.6)],
      herbs: [{ id: 'starAnise', count: 2 }],
      reduce: 'none',
    },
    base: { pasteKg: 0, pasteWhen: 'none' },
  }),
  braise('Goat in coconut, not browned', 'goat_shoulder', {
    pot: POTS.tall,
    course: singleStageSchedule(hob(), 'light'),
    sear: { depth: 'none' },
    items: [item('onion', 0.25), item('curryPasteIndian', 0.06), item('ginger', 0.02)],
    liquid: { parts: [poured('coconutMilk', 0.4)], fillerId: 'water', level: 0.9 },
    base: { pasteKg: 0, pasteWhen: 'none' },
  }),
  braise('Drumsticks in cider with apples', 'turkey_drumstick', {
    pot: POTS.oval,
    liquid: { parts: [poured('cider', 0.4)], fillerId: 'stockChicken' },
    items: [item('onion', 0.2), item('appleDessert', 0.3, 'bite', 'late')],
    finish: { solids: 'lift' },
  }),
  braise('Venison, the oven lowered after an hour', 'venison_shoulder', {
    course: [stage(oven(165), 'heavy', { kind: 'minutes', minutes: 60 }), stage(oven(145), 'heavy')],
    liquid: { parts: [poured('redWine', 0.4)], level: 1.02 },
    base: { thicken: 'roux' },
  }),
  braise('Leg of lamb by the spoon', 'lamb_leg', {
    eaters: 6,
    meat: { massKg: 1.7, thicknessMm: 84 },
    pot: POTS.oval,
    rest: { result: 'shreds' },
    course: singleStageSchedule(oven(130), 'tightFoil'),
    liquid: { parts: [poured('whiteWine', 0.3)], level: 0.4 },
    finish: { meat: 'boned' },
  }),
  braise('Veal in a white sauce, not browned', 'veal_shoulder_cubes', {
    sear: { depth: 'none' },
    items: [item('onionPearl', 0.2, 'bite'), item('mushroom', 0.2, 'bite', 'late'), item('celery', 0.08)],
    liquid: { parts: [poured('whiteWine', 0.15)], fillerId: 'stockVeal', level: 1.02 },
    base: { thicken: 'end', pasteKg: 0, pasteWhen: 'none' },
    finish: { thickener: 'flourBlond', rung: 'coats', enrich: 'cream' },
  }),
  braise('Tripe in tomato', 'beef_tripe', {
    pot: POTS.tall,
    course: singleStageSchedule(hob(), 'light'),
    sear: { depth: 'none' },
    liquid: { parts: [poured('cannedTomato', 0.6), poured('whiteWine', 0.2)], level: 0.95 },
  }),
  braise('Goose legs over red cabbage', 'goose_leg', {
    pot: POTS.tray,
    course: [stage(oven(160), 'foil', { kind: 'before', minutes: 30 }), stage(oven(180), 'none')],
    items: [item('cabbageRed', 0.7, 'bite'), item('appleCooking', 0.2, 'bite'), item('redcurrantJelly', 0.05)],
    liquid: { parts: [poured('redWine', 0.2)], level: 0.5, fillerId: 'stockDuck' },
    base: { pasteKg: 0, pasteWhen: 'none' },
    finish: { reduce: false, solids: 'leave' },
  }),
  braise('Boned short rib in wheat beer, with dumplings', 'beef_short_rib_cubes', {
    liquid: { parts: [poured('beerWheat', 0.5)], level: 1.02 },
    rest: { day: { cooks: 1, burners: 2, sides: ['dumplings'], fixed: [], ahead: null } },
  }),
  braise('A foot beside the roast', 'beef_brisket_flat', {
    eaters: 6,
    pot: POTS.oval,
    also: [{ ...defaultMeat('pork_trotter', 1, 0.4), pieces: 1 }],
    rest: { result: 'slices' },
  }),
  braise('Tongue, simmered and sliced', 'beef_tongue', {
    eaters: 5,
    pot: POTS.tall,
    course: singleStageSchedule(hob(98), 'light'),
    sear: { depth: 'none' },
    liquid: { parts: [], fillerId: 'water', level: 1.02 },
    base: { pasteKg: 0, pasteWhen: 'none' },
    rest: { result: 'slices' },
    finish: { reduce: false, solids: 'strain' },
  }),
  braise('Guinea fowl in the steam oven', 'guinea_fowl_leg', {
    pot: POTS.tray,
    course: singleStageSchedule({ kind: 'steamOven', tempC: 100 }, 'none'),
    liquid: { parts: [poured('whiteWine', 0.2)], level: 0.5, fillerId: 'stockChicken' },
  }),
  braise('Hare, the vegetables blended in', 'hare_leg', {
    pot: POTS.oval,
    liquid: { parts: [poured('redWine', 0.5)], fillerId: 'stockGame', reduce: 'half' },
    finish: { solids: 'blend', reduce: true, enrich: 'butter' },
  }),
  braise('Cured hock with sauerkraut, under the grill’s lid, a day ahead', 'pork_ham_hock_cured', {
    pot: POTS.oval,
    meat: { massKg: 2, pieces: 2 },
    course: singleStageSchedule({ kind: 'grill', tempC: 150 }, 'heavy'),
    items: [item('onion', 0.2), item('sauerkraut', 0.6, 'bite')],
    liquid: { parts: [poured('cider', 0.33)], fillerId: 'stockUnsalted', level: 0.5 },
    season: { gramsPerKg: 0 },
    base: { pasteKg: 0, pasteWhen: 'none' },
    finish: { meat: 'boned', reduce: false, solids: 'leave' },
    rest: {
      day: { cooks: 2, burners: 2, sides: [], fixed: [], ahead: { fridgeByMs: NOON_MS + 20 * HOUR_MS } },
    },
  }),
  braise('Ribs on a bed, in two layers, falling off the bone', 'pork_spare_rib', {
    pot: POTS.oval,
    items: [item('fennel', 0.4, 'bite'), item('onion', 0.3)],
    base: { lies: 'under' },
    season: {
      spices: [
        { id: 'fennelSeed', grams: 3, when: 'meat' },
        { id: 'blackPepper', grams: 2, when: 'end' },
      ],
    },
    rest: { result: 'falls', lie: 'stacked' },
    finish: { reduce: false, solids: 'leave' },
  }),
  braise('Cheeks with bacon, mushrooms browned apart, a second wine late', 'beef_cheek', {
    items: [
      item('onion', 0.25),
      item('baconUnsmoked', 0.12, 'bite'),
      item('mushroomBrown', 0.3, 'bite', 'apart'),
      item('carrot', 0.3, 'bite', 'apart'),
    ],
    sear: { dredge: 'afterSear' },
    base: { pasteWhen: 'late', pasteKg: 0.03 },
    liquid: { parts: [poured('redWine', 0.4), poured('marsala', 0.08, 'late')] },
    season: { spices: [{ id: 'paprika', grams: 5, when: 'liquid' }] },
  }),
  braise('A neighbour’s pumpkin and her plum wine, with a cut the list does not have', OWN_CUT, {
    items: [item(OWN_GARNISH, 0.4, 'bite', 'late'), item('onion', 0.2)],
    liquid: { parts: [poured(OWN_LIQUID, 0.2)] },
    season: { spices: [{ id: OWN_SPICE, grams: 4, when: 'fat' }] },
  }),
];
