import { ALLERGEN_NAMES, type Avoided, DIET_NAMES, type Dietary, type HiddenSource } from '../larder/allergens';
import { type Cut } from '../larder/cuts';
import { fatById } from '../larder/fats';
import { garnishById } from '../larder/garnish';
import { liquidById } from '../larder/liquids';
import { sideById } from '../larder/sides';
import { herbById, spiceById } from '../larder/seasoning';
import { type PlanInput } from '../plan/input';

/** Something in the pot that somebody may not eat. */
export interface Concern {
  readonly avoided: Avoided;
  readonly name: string;
  /** What brings it. */
  readonly sources: readonly string[];
  /** What may bring it, with why. */
  readonly hidden: readonly string[];
  /** Somebody at this table avoids it. */
  readonly conflict: boolean;
}

export interface TableCare {
  readonly concerns: readonly Concern[];
  /** Sentences for those at this table who avoid something that is in the pot. */
  readonly conflicts: readonly string[];
  /** Everything small and hard or stringy that could choke. */
  readonly chokeables: readonly string[];
}

interface Ingredient extends Dietary {
  readonly name: string;
}

const nameOf = (avoided: Avoided): string =>
  avoided in ALLERGEN_NAMES
    ? ALLERGEN_NAMES[avoided as keyof typeof ALLERGEN_NAMES]
    : DIET_NAMES[avoided as keyof typeof DIET_NAMES];

function ingredients(input: PlanInput): Ingredient[] {
  const { base, liquid, season, sear } = input;
  const list: Ingredient[] = [
    ...base.items.filter((i) => i.kg > 0).map((i) => garnishById(i.id)),
    ...liquid.parts.filter((p) => p.litres > 0).map((p) => liquidById(p.id)),
    liquidById(liquid.fillerId),
    ...liquid.herbs.filter((h) => h.count > 0).map((h) => herbById(h.id)),
    ...season.spices.filter((s) => s.grams > 0).map((s) => spiceById(s.id)),
  ];
  if (sear.depth !== 'none') list.push(fatById(sear.fatId));
  for (const id of input.day.sides) list.push({ ...sideById(id), hidden: [] });
  const flour = base.thicken !== 'none' || sear.dredge === 'floured' || season.when === 'flour';
  if (flour) list.push({ name: 'Flour', allergens: ['gluten'], hidden: [] });
  if (base.thicken === 'end') {
    list.push({
      name: 'Thickening at the end',
      allergens: [],
      hidden: [{ avoided: 'milk', why: 'kneaded butter is milk; starch in water is not' }],
    });
  }
  return list;
}

/** What of this pot somebody may not eat, hidden sources and chokeables included. Labels decide; this only reminds. */
export function tableCare(input: PlanInput, cuts: readonly Cut[], strings: number): TableCare {
  const list = ingredients(input);
  const sources = new Map<Avoided, { sure: string[]; hidden: string[] }>();
  const note = (avoided: Avoided, sure: string | undefined, hidden?: string): void => {
    const row = sources.get(avoided) ?? { sure: [], hidden: [] };
    if (sure !== undefined && !row.sure.includes(sure)) row.sure.push(sure);
    if (hidden !== undefined && !row.hidden.includes(hidden)) row.hidden.push(hidden);
    sources.set(avoided, row);
  };
  for (const item of list) {
    for (const allergen of item.allergens) note(allergen, item.name);
    for (const { avoided, why } of item.hidden satisfies readonly HiddenSource[]) {
      if (why.startsWith('it is ')) note(avoided, item.name);
      else note(avoided, undefined, `${item.name}: ${why}`);
    }
  }
  for (const { id, litres } of input.liquid.parts) {
    if (litres > 0 && liquidById(id).alcohol > 0) note('alcohol', liquidById(id).name);
  }
  for (const cut of cuts) {
    if (cut.species === 'pork') note('pork', cut.name);
    if (cut.species === 'beef' || cut.species === 'veal') note('beef', cut.name);
  }
  const milk = sources.get('milk');
  if (milk)
    milk.sure.forEach((s) => {
      note('milkWithMeat', s);
    });
  const concerns = [...sources].map(([avoided, { sure, hidden }]): Concern => ({
    avoided,
    name: nameOf(avoided),
    sources: sure,
    hidden,
    conflict: input.avoid.includes(avoided),
  }));
  const conflicts = concerns
    .filter((c) => c.conflict)
    .map((c) =>
      c.sources.length > 0
        ? `Somebody here avoids ${c.name}, and ${c.sources.join(', ')} ${c.sources.length === 1 ? 'brings' : 'bring'} it${c.avoided === 'alcohol' ? '; some always stays' : ''}.`
        : `Somebody here avoids ${c.name}. Read the label: ${c.hidden.join('; ')}.`,
    );
  const chokeables = [
    ...cuts.filter((c) => c.boneFraction > 0).map((c) => `bone chips of the ${c.name.toLowerCase()}`),
    ...(strings > 0 ? [`${String(strings)} ${strings === 1 ? 'string' : 'strings'}`] : []),
    ...input.liquid.herbs
      .filter((h) => h.count > 0 && herbById(h.id).choke)
      .map((h) => `${String(h.count)} × ${herbById(h.id).name.toLowerCase()}`),
    ...input.base.items.flatMap((i) => (i.kg > 0 ? (garnishById(i.id).choke ?? []) : [])),
  ];
  return { concerns, conflicts, chokeables };
}
