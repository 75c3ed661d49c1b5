import { type Recognised } from './recipe';
import { bonelessKg } from '../buy';
import { type Fate, garnishById, liquidById } from '../larder';
import { type BaseItem, LIMITS, type MeatPart, type PlanHeat, type PlanInput, withHeat } from '../choices';
import { type KitchenTools, startPlan, defaultMeat } from '../plan';

/** What a cook has resolved of a recipe. */
export interface ResolvedRecipe {
  readonly title: string;
  readonly eaters: number;
  readonly heat: PlanHeat | undefined;
  readonly taken: readonly Recognised[];
}

/** Amounts of the same ingredient added up. */
function summed(taken: readonly Recognised[], role: Recognised['role']): Map<string, number> {
  const out = new Map<string, number>();
  for (const t of taken) {
    if (t.role === role && Number.isFinite(t.amount)) out.set(t.id, (out.get(t.id) ?? 0) + t.amount);
  }
  return out;
}

const FATES_BY_KIND: Readonly<Partial<Record<string, readonly Fate[]>>> = { aromatic: ['melt'], seasoning: ['melt'] };

/** An amount of a garnish, with its usual cut and usual time to go in. */
export function baseItem(id: string, kg: number): BaseItem {
  const { kind, cutMm, lateMinutes } = garnishById(id);
  const suits = Object.keys(cutMm) as Fate[];
  const wanted = FATES_BY_KIND[kind] ?? ['bite'];
  return {
    id,
    kg: Math.round(kg * 1000) / 1000,
    fate: wanted.find((f) => suits.includes(f)) ?? suits[0] ?? 'bite',
    when: lateMinutes === undefined ? 'start' : 'late',
  };
}

function meatOf(taken: Recognised, eaters: number): MeatPart {
  const usual = defaultMeat(taken.id, eaters, Number.isFinite(taken.amount) ? taken.amount : undefined);
  return taken.pieces === undefined ? usual : { ...usual, pieces: Math.max(1, taken.pieces) };
}

/**
 * A plan from a resolved recipe: its meat, its measured ingredients, its heat. Everything else is as this kitchen
 * usually does it; stock and water fill up to the level the pot needs, whatever amount the recipe gave. Throws
 * `RangeError` if there is no meat.
 */
export function planFromRecipe(recipe: ResolvedRecipe, kitchen: KitchenTools, serveAtMs: number): PlanInput {
  const { taken, eaters } = recipe;
  const cuts = taken.filter((t) => t.role === 'cut');
  const [first] = cuts;
  if (!first) throw new RangeError('A braise needs meat.');
  const meat = meatOf(first, eaters);
  const begun = startPlan(kitchen, { title: recipe.title, cutId: meat.cutId, eaters, serveAtMs, meat });
  const also = cuts.slice(1, LIMITS.meats[1]).map((t) => meatOf(t, eaters));
  const liquids = summed(taken, 'liquid');
  const filling = [...liquids.keys()].filter((id) => ['stock', 'water'].includes(liquidById(id).kind));
  const stock = filling.find((id) => liquidById(id).kind === 'stock') ?? filling[0];
  const saltG = summed(taken, 'salt').get('');
  const edibleKg = bonelessKg([meat, ...also]);
  const fat = taken.find((t) => t.role === 'fat');
  const cap = (limit: readonly [number, number], value: number): number =>
    Math.min(limit[1], Math.max(limit[0], value));
  return {
    ...begun,
    also,
    course: recipe.heat ? withHeat(begun, recipe.heat).course : begun.course,
    season: {
      ...begun.season,
      gramsPerKg:
        saltG === undefined ? begun.season.gramsPerKg : Math.round(cap(LIMITS.saltGPerKg, saltG / edibleKg) * 10) / 10,
      spices: [...summed(taken, 'spice')].map(([id, grams]) => ({
        id,
        grams: Math.round(grams * 10) / 10,
        when: 'fat' as const,
      })),
    },
    sear: { ...begun.sear, fatId: fat?.id ?? begun.sear.fatId },
    base: {
      ...begun.base,
      items: [...summed(taken, 'garnish')].map(([id, kg]) => baseItem(id, kg)),
      pasteKg: Math.round((summed(taken, 'paste').get('') ?? 0) * 1000) / 1000,
      thicken: taken.some((t) => t.role === 'flour') ? 'early' : begun.base.thicken,
    },
    liquid: {
      ...begun.liquid,
      parts: [...liquids]
        .filter(([id]) => !filling.includes(id))
        .map(([id, litres]) => ({ id, litres: Math.round(litres * 1000) / 1000, when: 'start' as const })),
      fillerId: stock ?? begun.liquid.fillerId,
      herbs: [...summed(taken, 'herb')].map(([id, count]) => ({ id, count: Math.round(count) })),
    },
  };
}
