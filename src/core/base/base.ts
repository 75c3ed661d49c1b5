import { figure, type Figure, input as from, type Message, minutes as time, nameOf, say, ofRow } from '../message';
import { cutSize, type Garnish, garnishById, spiceById } from '../larder';
import { baseIngredientId } from '../custom';
import {
  type BaseChoice,
  type BaseItem,
  type KitchenDefaults,
  type Seasoning,
  type TechniqueOption,
  type Thickness,
} from '../choices';
import { gramsFor, STRENGTH, type Thickener } from '../finish';

/** One step of making the base, in order. */
export interface BaseStep {
  readonly id: string;
  readonly title: Message;
  readonly kg: number;
  readonly cutMm: number | undefined;
  readonly minutes: number;
  /** What to stop at. */
  readonly look: Message;
  readonly why: Message | undefined;
  /** Must not be left, and nothing else asks for the cook meanwhile. */
  readonly stay: boolean;
}

export interface BasePlan {
  readonly steps: readonly BaseStep[];
  readonly late: readonly BaseStep[];
  readonly minutes: Figure;
  readonly onion: Figure | null;
  readonly flour: Figure | null;
  readonly fatKeptL: number;
  readonly fatSays: Message;
  /** Fat rendered from cured pork, l. */
  readonly renderedL: number;
}

export interface BaseInput {
  readonly base: BaseChoice;
  /** Flour dusted over the browned meat, kg; 0 if none. */
  readonly dustedKg: number;
  readonly season: Pick<Seasoning, 'spices'>;
  /** Fat that went into the sear pan, l. */
  readonly searFatL: number;
  readonly sauceL: number;
  readonly gelatinGPerL: number;
  /** Target thickness of the sauce, and what thickens it at the end. */
  readonly rung: Thickness;
  readonly thickener: Thickener;
}

const LATENT_JKG = 2.26e6;
/**
 * Share of the onion's weight driven off by the time it looks like that, and the heat it takes without scorching, W.
 */
const ONION: Readonly<Record<TechniqueOption<'onion'>, { share: number; powerW: number }>> = {
  soft: { share: 0.1, powerW: 400 },
  golden: { share: 0.35, powerW: 400 },
  deep: { share: 0.65, powerW: 220 },
};
const ONION_WARMS_MIN = 4;
const ONIONS: readonly string[] = ['onion', 'shallot', 'leek'];
const WHOLE_GARLIC_MM = 12;
/** A spoonful or two: what vegetables need. */
const SPOONFUL_L = 0.022;
/** Share of cured pork belly that renders as fat. Estimate, no source. */
const RENDER_SHARE = 0.4;
const FAT_KG_L = 0.9;
const PASTE_MIN = 3;
const ROUX_MIN: Readonly<Record<'early' | 'roux', number>> = { early: 2, roux: 8 };
const FLOUR_COOKED: Readonly<Record<'early' | 'roux', Thickener>> = {
  early: 'flourWhite',
  roux: 'flourBrown',
};

/** Realistic minutes for an amount of onion: warming, then driving its water off on a heat that does not scorch it. */
export function onionMinutes(kg: number, colour: TechniqueOption<'onion'>): number {
  if (kg <= 0) return 0;
  const { share, powerW } = ONION[colour];
  return ONION_WARMS_MIN + (kg * share * LATENT_JKG) / powerW / 60;
}

const WITH_THE_LIQUID = say('look.withTheLiquid');

function panStep(item: BaseItem, garnish: Garnish): BaseStep {
  const cutMm = cutSize(garnish, item.fate);
  const garlic = baseIngredientId(garnish.id) === 'garlic';
  const whole = garlic && cutMm !== undefined && cutMm >= WHOLE_GARLIC_MM;
  return {
    id: garnish.id,
    title: garlic ? say(whole ? 'base.garlicWhole' : 'base.garlicMinced') : nameOf('garnish', garnish.id),
    kg: item.kg,
    cutMm,
    minutes: whole ? 0 : (garnish.pan?.minutes ?? 0),
    look: whole ? say('look.wholeGarlic') : garnish.pan ? ofRow('garnish', garnish.id, 'look') : WITH_THE_LIQUID,
    why: garnish.noted ? ofRow('garnish', garnish.id, 'note') : undefined,
    stay: garlic && !whole,
  };
}

const LATE_PASTE_MIN = 45;
const DUST_MIN = 2;
/** Browning separately, a pan at a time. */
const APART = { panKg: 0.25, minutesEach: 10 } as const;
/** What was browned separately only has to soak up sauce; roots still have to soften. Estimate, no source. */
const FOLDED_IN_MIN = 5;
/** Simmering time for ingredients without a row, min. */
const LATE_MIN = 30;

/** Minutes before the end at which a late ingredient goes in. */
export function lateMinutes({ id, when }: Pick<BaseItem, 'id' | 'when'>): number {
  const { kind, lateMinutes: raw } = garnishById(id);
  if (when !== 'apart') return raw ?? LATE_MIN;
  return kind === 'root' ? (raw ?? LATE_MIN) * 0.6 : FOLDED_IN_MIN;
}

/** Browned by itself in the pan, in as many batches as it takes, and set aside. */
function apartStep(item: BaseItem, garnish: Garnish): BaseStep {
  const goes = Math.ceil(item.kg / APART.panKg);
  return {
    id: `apart-${garnish.id}`,
    title: say('base.apart', { thing: nameOf('garnish', garnish.id), goes }),
    kg: item.kg,
    cutMm: cutSize(garnish, item.fate),
    minutes: goes * APART.minutesEach,
    look: say('look.apart'),
    why: say('base.apart.why'),
    stay: false,
  };
}

const spiceStep = ({ id, grams }: Seasoning['spices'][number]): Pick<BaseStep, 'id' | 'title' | 'kg' | 'cutMm'> => ({
  id: `spice-${id}`,
  title: nameOf('spice', id),
  kg: grams / 1000,
  cutMm: undefined,
});

type PasteWhen = Exclude<TechniqueOption<'pasteWhen'>, 'none'>;

const PASTE_WHY: Readonly<Record<PasteWhen, Message>> = {
  beforeWine: say('base.paste.beforeWine'),
  afterWine: say('base.paste.afterWine'),
  inStock: say('base.paste.inStock'),
  late: say('base.paste.late'),
};

function pasteStep(kg: number, when: PasteWhen): BaseStep {
  const raw = when === 'inStock' || when === 'late';
  return {
    id: 'paste',
    title: say(raw ? 'base.pasteInStock' : 'base.paste'),
    kg,
    cutMm: undefined,
    minutes: when === 'late' ? LATE_PASTE_MIN : raw ? 0 : PASTE_MIN,
    look: say(raw ? 'look.dissolved' : 'look.rustRed'),
    why: PASTE_WHY[when],
    stay: !raw,
  };
}

/** The base step by step: order, minutes, what to stop at, what must not be left. */
export function basePlan(q: BaseInput): BasePlan {
  const { base } = q;
  const items = base.items.filter((i) => i.kg > 0).map((item) => ({ item, garnish: garnishById(item.id) }));
  const early = items.filter(({ item }) => item.when === 'start');
  const onionKg = early.reduce(
    (sum, { item }) => (ONIONS.includes(baseIngredientId(item.id)) ? sum + item.kg : sum),
    0,
  );
  const cured = early.find(({ garnish }) => garnish.kind === 'cured');
  const renderedL = cured ? (cured.item.kg * RENDER_SHARE) / FAT_KG_L : 0;
  const fatL = q.searFatL + renderedL;
  const kept = base.fatKept === 'all' ? fatL : base.fatKept === 'half' ? fatL / 2 : Math.min(fatL, SPOONFUL_L);

  const inPan = early
    .filter(({ garnish }) => garnish.pan !== undefined)
    .sort((a, b) => (a.garnish.pan?.order ?? 0) - (b.garnish.pan?.order ?? 0));
  const dust: BaseStep[] =
    q.dustedKg > 0
      ? [
          {
            id: 'dust',
            title: say('base.dust'),
            kg: q.dustedKg,
            cutMm: undefined,
            minutes: DUST_MIN,
            look: say('look.dust'),
            why: say('base.flourStir'),
            stay: true,
          },
        ]
      : [];
  const apart = items.filter(({ item }) => item.when === 'apart');
  const inTheBase = inPan.map(({ item, garnish }): BaseStep => {
    const step = panStep(item, garnish);
    if (!ONIONS.includes(baseIngredientId(item.id)) || onionKg <= 0) return step;
    const minutes = (onionMinutes(onionKg, base.onion) * item.kg) / onionKg;
    return {
      ...step,
      minutes,
      look: say(`look.onion.${base.onion}`),
      why: say(base.onion === 'deep' ? 'base.onionDeep' : 'base.onionSalt'),
      stay: base.onion === 'deep',
    };
  });
  const cures = (step: BaseStep): boolean => garnishById(step.id).kind === 'cured';
  const steps: BaseStep[] = [
    ...dust,
    ...inTheBase.filter(cures),
    ...apart.map(({ item, garnish }) => apartStep(item, garnish)),
    ...inTheBase.filter((s) => !cures(s)),
  ];
  const spices = q.season.spices.filter((s) => s.grams > 0);
  for (const spice of spices.filter((s) => s.when === 'fat')) {
    const { scorches } = spiceById(spice.id);
    steps.push({
      ...spiceStep(spice),
      minutes: scorches ? 0.25 : 0.75,
      look: say(scorches ? 'look.spiceOffHeat' : 'look.spiceSmells'),
      why: say(scorches ? 'base.spiceScorches' : 'base.spiceOpens'),
      stay: true,
    });
  }
  const paste = base.pasteWhen !== 'none' && base.pasteKg > 0 ? [pasteStep(base.pasteKg, base.pasteWhen)] : [];
  if (base.pasteWhen !== 'late') steps.push(...paste);
  const by = base.thicken === 'none' ? undefined : base.thicken === 'end' ? q.thickener : FLOUR_COOKED[base.thicken];
  const flourG = by === undefined ? 0 : gramsFor(q.rung, q.sauceL, q.gelatinGPerL, by);
  if ((base.thicken === 'early' || base.thicken === 'roux') && flourG > 0.5) {
    steps.push({
      id: 'flour',
      title: say(base.thicken === 'roux' ? 'base.roux' : 'ingredient.flour'),
      kg: flourG / 1000,
      cutMm: undefined,
      minutes: ROUX_MIN[base.thicken],
      look: say(base.thicken === 'roux' ? 'look.roux' : 'look.flour'),
      why: say('base.flourStir'),
      stay: true,
    });
  }
  for (const { item, garnish } of early.filter(({ garnish: g }) => g.pan === undefined)) {
    steps.push({ ...panStep(item, garnish), look: WITH_THE_LIQUID });
  }
  for (const spice of spices.filter((s) => s.when === 'liquid')) {
    steps.push({ ...spiceStep(spice), minutes: 0, look: WITH_THE_LIQUID, why: undefined, stay: false });
  }
  const minutes = steps.reduce((sum, s) => sum + s.minutes, 0);
  const beforeTheEnd = (step: BaseStep, before: number): BaseStep => ({
    ...step,
    minutes: before,
    look: say('look.beforeTheEnd', { time: time(before) }),
    stay: false,
  });
  return {
    steps,
    late: [
      ...(base.pasteWhen === 'late' ? paste.map((p) => beforeTheEnd(p, p.minutes)) : []),
      ...items
        .filter(({ item }) => item.when !== 'start')
        .map(({ item, garnish }) =>
          beforeTheEnd({ ...panStep(item, garnish), title: nameOf('garnish', garnish.id) }, lateMinutes(item)),
        ),
    ].sort((a, b) => b.minutes - a.minutes),
    minutes: figure(
      'base.minutes',
      minutes,
      'minutes',
      'estimate',
      steps.map((s) => from('step', s.minutes, 'minutes', { step: s.title })),
    ),
    onion:
      onionKg > 0
        ? figure(
            'base.onion',
            onionMinutes(onionKg, base.onion),
            'minutes',
            'estimate',
            [
              from('onion', onionKg, 'mass'),
              from('ofItsWeightToDriveOff', ONION[base.onion].share, 'share'),
              from('heatItStands', ONION[base.onion].powerW, 'power'),
            ],
            {
              range: [onionMinutes(onionKg, base.onion) * 0.8, onionMinutes(onionKg, base.onion) * 1.3],
              params: { colour: base.onion },
            },
          )
        : null,
    flour:
      flourG > 0.5
        ? figure(
            'base.flour',
            flourG / 1000,
            'mass',
            'estimate',
            [
              from('sauce', q.sauceL, 'volume'),
              from('gelatinInIt', q.gelatinGPerL, 'gramsPerL'),
              from('strengthOfThis', by === undefined ? 1 : STRENGTH[by], 'share'),
            ],
            {
              params: { when: base.thicken, by: by ?? 'corn', rung: nameOf('rung', q.rung) },
            },
          )
        : null,
    fatKeptL: kept,
    fatSays: say(`base.fat.${base.fatKept}`),
    renderedL,
  };
}

/** Steps that can be forgotten and made up for: the words say how, and what changes. */
export const FORGOTTEN = ['paste', 'garlic', 'bay', 'flour', 'salt', 'wine', 'sear', 'onion', 'soak'] as const;

/** Our amounts of the usual base for this much meat, in a kitchen's usual style. */
export function defaultBase(meatKg: number, habits: KitchenDefaults, style: 'dark' | 'pale' = 'dark'): BaseChoice {
  const kg = (gPerKg: number): number => Math.round((gPerKg * meatKg) / 5) * 0.005;
  return {
    lies: 'among',
    items: [
      { id: 'onion', kg: kg(200), fate: 'melt', when: 'start' },
      { id: 'carrot', kg: kg(120), fate: 'melt', when: 'start' },
      { id: 'celery', kg: kg(80), fate: 'melt', when: 'start' },
      { id: 'garlic', kg: kg(10), fate: 'melt', when: 'start' },
    ],
    onion: habits.onion ?? 'golden',
    fatKept: habits.fatKept ?? 'spoon',
    pasteKg: style === 'dark' ? kg(20) : 0,
    pasteWhen: style === 'dark' ? (habits.pasteWhen ?? 'beforeWine') : 'none',
    thicken: habits.thicken ?? 'none',
  };
}
