import { type Figure, input as from } from '../explain/figure';
import { cutSize, type Garnish, garnishById } from '../larder/garnish';
import { spiceById } from '../larder/seasoning';
import { type BaseChoice, type BaseItem, type Seasoning } from '../plan/input';
import { type Choice, type Habits } from '../plan/schools';
import { type Consistency, FLOUR_PER_STARCH, flourFor, type FlourCooking } from '../sauce/thicken';

/** One thing done at the base, in order. */
export interface BaseStep {
  readonly id: string;
  readonly title: string;
  readonly kg: number;
  readonly cutMm: number | undefined;
  readonly minutes: number;
  /** What to stop at. */
  readonly look: string;
  readonly why: string;
  /** Must not be left, nor anything else asked of the cook meanwhile. */
  readonly stay: boolean;
}

export interface BasePlan {
  readonly steps: readonly BaseStep[];
  readonly late: readonly BaseStep[];
  readonly minutes: Figure;
  readonly onion: Figure | null;
  readonly flour: Figure | null;
  readonly fatKeptL: number;
  readonly fatSays: string;
  /** Fat that cured pork gives, l. */
  readonly renderedL: number;
}

export interface BaseQuestion {
  readonly base: BaseChoice;
  readonly season: Pick<Seasoning, 'spices'>;
  /** Fat that went into the sear pan, l. */
  readonly searFatL: number;
  readonly sauceL: number;
  readonly gelatinGPerL: number;
}

const LATENT_JKG = 2.26e6;
/** Share of the onion's weight driven off by the time it looks so, and the heat that can be used without scorching, W. */
const ONION: Readonly<Record<Choice<'onion'>, { share: number; powerW: number; look: string; name: string }>> = {
  soft: { share: 0.1, powerW: 400, look: 'glassy, no colour', name: 'soft' },
  golden: { share: 0.35, powerW: 400, look: 'soft, gold at the edges', name: 'golden' },
  deep: { share: 0.65, powerW: 220, look: 'an even deep brown, jammy', name: 'deep brown' },
};
const ONION_WARMS_MIN = 4;
const ONIONS: readonly string[] = ['onion', 'shallot', 'leek'];
const WHOLE_GARLIC_MM = 12;
/** A spoonful or two: what vegetables need. */
const SPOONFUL_L = 0.022;
/** Share of cured pork belly that runs out as fat. Judgement. */
const RENDER_SHARE = 0.4;
const FAT_KG_L = 0.9;
const PASTE_MIN = 3;
const ROUX_MIN: Readonly<Record<'early' | 'roux', number>> = { early: 2, roux: 8 };
const FLOUR_COOKING: Readonly<Record<'early' | 'roux' | 'end', FlourCooking>> = {
  early: 'white',
  roux: 'brown',
  end: 'white',
};
const TARGET: Consistency = 'light';

/** Honest minutes for an amount of onion: warming, then driving its water off on a heat that does not scorch it. */
export function onionMinutes(kg: number, colour: Choice<'onion'>): number {
  if (kg <= 0) return 0;
  const { share, powerW } = ONION[colour];
  return ONION_WARMS_MIN + (kg * share * LATENT_JKG) / powerW / 60;
}

function panStep(item: BaseItem, garnish: Garnish): BaseStep {
  const pan = garnish.pan ?? { order: 6, minutes: 0, look: 'goes in with the liquid' };
  const cutMm = cutSize(garnish, item.fate);
  const garlic = garnish.id === 'garlic';
  const whole = garlic && cutMm !== undefined && cutMm >= WHOLE_GARLIC_MM;
  return {
    id: garnish.id,
    title: whole ? 'Whole garlic cloves' : garlic ? 'Garlic, minced' : garnish.name,
    kg: item.kg,
    cutMm,
    minutes: whole ? 0 : pan.minutes,
    look: whole ? 'in with the onion: they turn sweet' : pan.look,
    why: garnish.note,
    stay: garlic && !whole,
  };
}

function pasteStep(kg: number, when: Choice<'pasteWhen'>): BaseStep {
  return {
    id: 'paste',
    title: when === 'inStock' ? 'Tomato paste into the stock' : 'Tomato paste',
    kg,
    cutMm: undefined,
    minutes: when === 'inStock' ? 0 : PASTE_MIN,
    look: when === 'inStock' ? 'dissolved' : 'rust-red, sweet smell, catching a little',
    why:
      when === 'beforeWine'
        ? 'Toasted dry it loses its raw edge.'
        : when === 'afterWine'
          ? 'After the wine, because paste in it would hold up a hard reduction.'
          : 'Raw it stays fresh and sharp.',
    stay: when !== 'inStock',
  };
}

/** What is done at the base: the order, the minutes, what to stop at, what must not be left. */
export function basePlan(q: BaseQuestion): BasePlan {
  const { base } = q;
  const items = base.items.filter((i) => i.kg > 0).map((item) => ({ item, garnish: garnishById(item.id) }));
  const early = items.filter(({ item }) => item.when === 'start');
  const onionKg = early.reduce((sum, { item }) => (ONIONS.includes(item.id) ? sum + item.kg : sum), 0);
  const cured = early.find(({ garnish }) => garnish.kind === 'cured');
  const renderedL = cured ? (cured.item.kg * RENDER_SHARE) / FAT_KG_L : 0;
  const fatL = q.searFatL + renderedL;
  const kept = base.fatKept === 'all' ? fatL : base.fatKept === 'half' ? fatL / 2 : Math.min(fatL, SPOONFUL_L);

  const inPan = early
    .filter(({ garnish }) => garnish.pan !== undefined)
    .sort((a, b) => (a.garnish.pan?.order ?? 0) - (b.garnish.pan?.order ?? 0));
  const steps: BaseStep[] = inPan.map(({ item, garnish }): BaseStep => {
    const step = panStep(item, garnish);
    if (!ONIONS.includes(item.id) || onionKg <= 0) return step;
    const minutes = (onionMinutes(onionKg, base.onion) * item.kg) / onionKg;
    return {
      ...step,
      minutes,
      look: ONION[base.onion].look,
      why:
        base.onion === 'deep'
          ? 'Low and long: what is called brown in five minutes is scorched. A pinch of salt draws the water that lifts the brown bits.'
          : 'A pinch of salt draws water that lifts the brown bits off the bottom.',
      stay: base.onion === 'deep',
    };
  });
  for (const spice of q.season.spices.filter((s) => s.grams > 0)) {
    const { name, scorches } = spiceById(spice.id);
    steps.push({
      id: `spice-${spice.id}`,
      title: name,
      kg: spice.grams / 1000,
      cutMm: undefined,
      minutes: scorches ? 0.25 : 0.75,
      look: scorches ? 'off the heat, then the liquid at once' : 'smells; not darker',
      why: scorches ? 'It scorches in hot fat and turns bitter.' : 'Warm fat opens it.',
      stay: true,
    });
  }
  if (base.pasteWhen !== 'none' && base.pasteKg > 0) steps.push(pasteStep(base.pasteKg, base.pasteWhen));
  const cooking = base.thicken === 'none' ? undefined : FLOUR_COOKING[base.thicken];
  const flourG = cooking === undefined ? 0 : flourFor(TARGET, q.sauceL, q.gelatinGPerL, cooking);
  if ((base.thicken === 'early' || base.thicken === 'roux') && flourG > 0.5) {
    steps.push({
      id: 'flour',
      title: base.thicken === 'roux' ? 'Brown roux' : 'Flour',
      kg: flourG / 1000,
      cutMm: undefined,
      minutes: ROUX_MIN[base.thicken],
      look: base.thicken === 'roux' ? 'nut-brown, smells of toast' : 'no smell of raw flour, still pale',
      why: 'Stir without a break; then the stock in stages, smooth each time. It sticks and burns.',
      stay: true,
    });
  }
  for (const { item, garnish } of early.filter(({ garnish: g }) => g.pan === undefined)) {
    steps.push({ ...panStep(item, garnish), look: 'goes in with the liquid' });
  }
  const minutes = steps.reduce((sum, s) => sum + s.minutes, 0);
  return {
    steps,
    late: items
      .filter(({ item }) => item.when === 'late')
      .sort((a, b) => (b.garnish.lateMinutes ?? 0) - (a.garnish.lateMinutes ?? 0))
      .map(({ item, garnish }): BaseStep => ({
        ...panStep(item, garnish),
        minutes: garnish.lateMinutes ?? 30,
        look: `${String(garnish.lateMinutes ?? 30)} min before the end`,
        stay: false,
      })),
    minutes: {
      label: 'Base',
      value: minutes,
      as: 'minutes',
      formula: 'Each thing’s minutes in the pan, one after the other; onion by how much water must go.',
      inputs: steps.map((s) => from(s.title, s.minutes, 'minutes')),
      changes: 'How brown the onion, how much of it, what is left out.',
      sure: 'estimate',
    },
    onion:
      onionKg > 0
        ? {
            label: `Onion, ${ONION[base.onion].name}`,
            value: onionMinutes(onionKg, base.onion),
            as: 'minutes',
            range: [onionMinutes(onionKg, base.onion) * 0.8, onionMinutes(onionKg, base.onion) * 1.3],
            formula:
              'Four minutes to warm, then the water that must go times its heat of evaporation, over a heat that does not scorch.',
            inputs: [
              from('onion', onionKg, 'mass'),
              from('of its weight to drive off', ONION[base.onion].share, 'share'),
              from('heat it stands', ONION[base.onion].powerW, 'power'),
            ],
            changes: 'More onion, browner onion. A wide pan lets steam away sooner.',
            sure: 'estimate',
          }
        : null,
    flour:
      flourG > 0.5
        ? {
            label: base.thicken === 'end' ? 'Flour at the end' : 'Flour',
            value: flourG / 1000,
            as: 'mass',
            formula:
              'What brings the reduced sauce, with its gelatin, to a light coat; more when browned, since browning takes from it.',
            inputs: [
              from('sauce', q.sauceL, 'volume'),
              from('gelatin in it', q.gelatinGPerL, 'gramsPerL'),
              from('strength of this flour', cooking === 'brown' ? 0.65 : 1, 'share'),
            ],
            changes: `More gelatin, less sauce. ${String(Math.round(flourG / FLOUR_PER_STARCH))} g of starch does the same.`,
            sure: 'estimate',
          }
        : null,
    fatKeptL: kept,
    fatSays:
      base.fatKept === 'spoon'
        ? 'Pour off the rest, never the brown bits.'
        : base.fatKept === 'half'
          ? 'Pour off half; the rest carries flavour and is lifted at the end.'
          : 'Keep it all; there is more to lift at the end.',
    renderedL,
  };
}

/** A step that was forgotten: where it can still go in, and what changes. */
export interface Forgotten {
  readonly id: string;
  readonly what: string;
  readonly still: string;
  readonly changes: string;
}

export const FORGOTTEN: readonly Forgotten[] = [
  {
    id: 'paste',
    what: 'Tomato paste',
    still: 'Fry it by itself in a spoonful of fat until rust-red, then stir it in, up to an hour before the end.',
    changes: 'Nothing much; raw into the pot it stays sharp.',
  },
  {
    id: 'garlic',
    what: 'Garlic',
    still: 'Slice it, warm it in oil for a minute, add oil and all.',
    changes: 'Brighter and more forward than garlic cooked from the start.',
  },
  {
    id: 'bay',
    what: 'Bay and woody herbs',
    still: 'Any time up to an hour before the end, tied.',
    changes: 'Fainter; do not double them.',
  },
  {
    id: 'flour',
    what: 'Flour',
    still: 'Knead with the same weight of butter and whisk in at the end, or starch in cold water.',
    changes: 'None: the volume is known by then, so it is surer.',
  },
  {
    id: 'salt',
    what: 'Salt on the meat',
    still: 'Season the sauce once it is reduced, and the meat as it is lifted out.',
    changes: 'The middle of thick pieces stays a little bland.',
  },
  {
    id: 'wine',
    what: 'Reducing the wine',
    still: 'Boil wine down by itself in a small pan, then add it.',
    changes: 'Poured in raw it stays harsh; the pot cannot boil it off under a lid.',
  },
  {
    id: 'sear',
    what: 'The sear',
    still: 'Lid off for the last 45 min, tops out of the liquid, or ten minutes in a hot oven on a tray.',
    changes: 'Colour, and some of the flavour; the brown bits in the sauce are missing.',
  },
  {
    id: 'onion',
    what: 'Onion',
    still: 'Soften it apart until golden and add it half way.',
    changes: 'Nothing if it is cooked first; raw it stays crunchy for an hour.',
  },
  {
    id: 'soak',
    what: 'Soaking the beans',
    still: 'Not in this pot: cooked beans from a tin, rinsed, 20 min before the end.',
    changes: 'Texture only. Dry beans never go into a slow pot.',
  },
];

/** Our amounts of the usual base for so much meat, as a kitchen likes it. */
export function usualBase(meatKg: number, habits: Habits, style: 'dark' | 'pale' = 'dark'): BaseChoice {
  const kg = (gPerKg: number): number => Math.round((gPerKg * meatKg) / 5) * 0.005;
  return {
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
