import { listParam, type Message, nameOf, say, ofRow } from '../message';
import {
  type Avoided,
  type Cut,
  type Dietary,
  fatById,
  garnishById,
  herbById,
  liquidById,
  sideById,
  spiceById,
} from '../larder';
import { ENRICHMENTS, type PlanInput, sidesOf, THICKENER_ALLERGENS } from '../choices';

/** Something in the pot that a diner may not eat. */
export interface DietaryConcern {
  readonly avoided: Avoided;
  /** The ingredients that contain it. */
  readonly sources: readonly Message[];
  /** The ingredients that may contain it, with why. */
  readonly hidden: readonly Message[];
  /** A diner avoids it. */
  readonly conflict: boolean;
}

export interface DietaryReport {
  readonly concerns: readonly DietaryConcern[];
  /** Concerns for the diners of this meal. */
  readonly conflicts: readonly Message[];
  /** Anything small and hard or stringy that someone could choke on. */
  readonly chokeables: readonly Message[];
}

interface Ingredient extends Dietary {
  readonly name: Message;
}

const named = (name: Message, { brings, hidden }: Dietary): Ingredient => ({ name, brings, hidden });

function ingredients(input: PlanInput): Ingredient[] {
  const { base, liquid, season, sear } = input;
  const { thickener, enrich } = input.finish;
  const thickened: readonly Avoided[] = base.thicken === 'end' ? THICKENER_ALLERGENS[thickener] : [];
  const byFlour = base.thicken === 'end' ? thickened.includes('gluten') : base.thicken !== 'none';
  const flour = byFlour || sear.dredge !== 'bare' || season.when === 'flour';
  const besideFlour = thickened.filter((a) => a !== 'gluten');
  const filling = input.prepare.filling?.items ?? [];
  return [
    ...[...base.items, ...filling]
      .filter((i) => i.kg > 0)
      .map((i) => named(nameOf('garnish', i.id), garnishById(i.id))),
    ...liquid.parts.filter((p) => p.litres > 0).map((p) => named(nameOf('liquid', p.id), liquidById(p.id))),
    ...(liquid.fill ? [named(nameOf('liquid', liquid.fillerId), liquidById(liquid.fillerId))] : []),
    ...liquid.herbs.filter((h) => h.count > 0).map((h) => named(nameOf('herb', h.id), herbById(h.id))),
    ...season.spices.filter((s) => s.grams > 0).map((s) => named(nameOf('spice', s.id), spiceById(s.id))),
    ...(sear.depth === 'none' ? [] : [named(nameOf('fat', sear.fatId), fatById(sear.fatId))]),
    ...sidesOf(input).map((id) => named(nameOf('side', id), sideById(id))),
    ...(flour
      ? [
          named(say('ingredient.flour'), {
            brings: ['gluten'],
            hidden: [{ avoided: 'lupin', why: 'flourLupin' }],
          }),
        ]
      : []),
    ...(besideFlour.length > 0 ? [named(nameOf('thickener', thickener), { brings: besideFlour, hidden: [] })] : []),
    ...(enrich === 'none'
      ? []
      : [named(say(`shop.enrich.${enrich}`), { brings: ENRICHMENTS[enrich].brings, hidden: [] })]),
  ];
}

/** The ingredients that certainly or possibly contain something; each listed once. */
function sourcesOf(
  input: PlanInput,
  cuts: readonly Cut[],
): ReadonlyMap<Avoided, Pick<DietaryConcern, 'sources' | 'hidden'>> {
  const found = new Map<Avoided, { sources: Message[]; hidden: Message[] }>();
  const row = (avoided: Avoided): { sources: Message[]; hidden: Message[] } => {
    const known = found.get(avoided) ?? { sources: [], hidden: [] };
    found.set(avoided, known);
    return known;
  };
  const once = (list: Message[], message: Message): void => {
    if (!list.some((m) => JSON.stringify(m) === JSON.stringify(message))) list.push(message);
  };
  for (const { name, brings, hidden } of ingredients(input)) {
    for (const avoided of brings) once(row(avoided).sources, name);
    for (const { avoided, why } of hidden) {
      once(row(avoided).hidden, say('table.hidden', { name, why: nameOf('hidden', why) }));
    }
  }
  for (const { id, litres } of input.liquid.parts) {
    if (litres > 0 && liquidById(id).alcohol > 0) once(row('alcohol').sources, nameOf('liquid', id));
  }
  for (const cut of cuts) {
    if (cut.species === 'pork' || cut.species === 'boar') once(row('pork').sources, nameOf('cut', cut.id));
    if (cut.species === 'beef' || cut.species === 'veal') once(row('beef').sources, nameOf('cut', cut.id));
  }
  for (const source of found.get('milk')?.sources ?? []) once(row('milkWithMeat').sources, source);
  return found;
}

function conflictOf({ avoided, sources, hidden }: DietaryConcern): Message {
  const name = nameOf('avoid', avoided);
  if (sources.length === 0) return say('table.mayBring', { avoided: name, hidden: listParam(hidden, 'semicolon') });
  return say(avoided === 'alcohol' ? 'table.bringsAlcohol' : 'table.brings', {
    avoided: name,
    sources: listParam(sources, 'comma'),
    count: sources.length,
  });
}

/**
 * What in this pot somebody may not eat, hidden sources and choking hazards included. Labels decide; this only reminds.
 */
export function dietaryReport(input: PlanInput, cuts: readonly Cut[], strings: number): DietaryReport {
  const concerns = [...sourcesOf(input, cuts)].map(([avoided, found]): DietaryConcern => ({
    avoided,
    ...found,
    conflict: input.avoid.includes(avoided),
  }));
  return {
    concerns,
    conflicts: concerns.filter((c) => c.conflict).map(conflictOf),
    chokeables: [
      ...cuts.filter((c) => c.boneFraction > 0).map((c) => say('choke.boneChips', { cut: nameOf('cut', c.id) })),
      ...(strings > 0 ? [say('choke.strings', { strings })] : []),
      ...input.liquid.herbs
        .filter((h) => h.count > 0 && herbById(h.id).choke)
        .map((h) => say('choke.herb', { count: h.count, herb: nameOf('herb', h.id) })),
      ...[...input.base.items, ...(input.prepare.filling?.items ?? [])]
        .filter((i) => i.kg > 0 && garnishById(i.id).chokes)
        .map((i) => ofRow('garnish', i.id, 'choke')),
    ],
  };
}
