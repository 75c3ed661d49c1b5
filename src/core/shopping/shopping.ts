import { sidesOf } from '../choices';
import { type Garnish, garnishById, herbById, type Liquid, sideAmounts, sideById } from '../larder';
import { type Message, nameOf, noun, say, ofRow } from '../message';
import { enriching, type Plan } from '../plan';

export const AISLES = ['butcher', 'greengrocer', 'dry', 'bottles', 'cupboard'] as const;

export type Aisle = (typeof AISLES)[number];

/** One line of a shopping list: an amount by weight, volume or number. */
export interface ShoppingLine {
  readonly aisle: Aisle;
  readonly name: Message;
  readonly amount:
    | { readonly kind: 'mass'; readonly kg: number }
    | { readonly kind: 'volume'; readonly litres: number }
    | { readonly kind: 'count'; readonly count: number; readonly unit: string };
  readonly note: Message | undefined;
}

const GARNISH_AISLE: Readonly<Record<Garnish['kind'], Aisle>> = {
  aromatic: 'greengrocer',
  root: 'greengrocer',
  vegetable: 'greengrocer',
  leaf: 'greengrocer',
  nut: 'dry',
  mushroom: 'greengrocer',
  fruit: 'greengrocer',
  pulse: 'dry',
  grain: 'dry',
  seasoning: 'cupboard',
  cured: 'butcher',
};

function liquidAisle(liquid: Liquid): Aisle {
  return liquid.kind === 'seasoning' ? 'cupboard' : 'bottles';
}

const mass = (aisle: Aisle, name: Message, kg: number, note?: Message): ShoppingLine => ({
  aisle,
  name,
  amount: { kind: 'mass', kg },
  note,
});

/** Everything a plan needs, by aisle, in amounts to buy: meat as the butcher weighs it, vegetables before peeling. */
export function shoppingList(plan: Plan): ShoppingLine[] {
  const { input } = plan;
  const lines: ShoppingLine[] = [];
  for (const { cut, part } of plan.parts) {
    const trim = (cut.trimLoss[0] + cut.trimLoss[1]) / 2;
    const gross = part.grossKg ?? part.massKg / (1 - trim);
    lines.push(
      mass(
        'butcher',
        ofRow('cut', cut.id, 'full'),
        gross,
        cut.form === 'cubes'
          ? say('shop.onePiece')
          : say(part.onBone ? 'shop.onBone' : 'shop.boneless', {
              pieces: part.pieces,
              noun: noun(cut.pieceNoun, part.pieces),
            }),
      ),
    );
  }
  for (const item of [...input.base.items, ...(input.prepare.filling?.items ?? [])]) {
    if (item.kg <= 0) continue;
    const garnish = garnishById(item.id);
    const peeled = garnish.kind === 'aromatic' || garnish.kind === 'root' ? PEEL : 1;
    lines.push(mass(GARNISH_AISLE[garnish.kind], nameOf('garnish', item.id), item.kg / peeled));
  }
  if (input.base.pasteWhen !== 'none' && input.base.pasteKg > 0) {
    lines.push(mass('dry', say('base.paste'), input.base.pasteKg));
  }
  if (plan.base.flour) {
    const { thicken } = input.base;
    const by = thicken === 'end' ? input.finish.thickener : 'flourWhite';
    // Butter-flour paste and roux are half butter.
    const grams = plan.base.flour.value;
    const buttered = by === 'kneaded' || by === 'flourBlond';
    lines.push(mass('dry', nameOf('thickener', buttered ? 'flourWhite' : by), by === 'kneaded' ? grams / 2 : grams));
    if (buttered) lines.push(mass('cupboard', say('shop.enrich.butter'), by === 'kneaded' ? grams / 2 : grams));
  }
  const enrich = enriching(input);
  if (enrich?.unit === 'mass') lines.push(mass('cupboard', say(`shop.enrich.${enrich.id}`), enrich.amount));
  else if (enrich) {
    lines.push({
      aisle: 'bottles',
      name: say(`shop.enrich.${enrich.id}`),
      amount: { kind: 'volume', litres: enrich.amount },
      note: undefined,
    });
  }
  if (plan.sear.dredge) lines.push(mass('dry', say('shop.dredge'), plan.sear.dredge.value));
  for (const pour of [...plan.liquid.pours, ...plan.liquid.late]) {
    if (pour.liquid.id === 'water') continue;
    lines.push({
      aisle: liquidAisle(pour.liquid),
      name: nameOf('liquid', pour.liquid.id),
      amount: { kind: 'volume', litres: pour.pouredL },
      note: undefined,
    });
  }
  for (const { id, count } of input.liquid.herbs) {
    if (count <= 0) continue;
    const herb = herbById(id);
    lines.push({
      aisle: !herb.dried ? 'cupboard' : 'greengrocer',
      name: nameOf('herb', id),
      amount: { kind: 'count', count, unit: herb.unit },
      note: undefined,
    });
  }
  for (const spice of input.season.spices) {
    if (spice.grams > 0) lines.push(mass('cupboard', nameOf('spice', spice.id), spice.grams / 1000));
  }
  lines.push(mass('cupboard', say('shop.salt'), plan.salt.toAdd.value, say('shop.weighIt')));
  if (plan.sear.fatL.value > 0) {
    lines.push({
      aisle: 'cupboard',
      name: nameOf('fat', input.sear.fatId),
      amount: { kind: 'volume', litres: plan.sear.fatL.value },
      note: undefined,
    });
  }
  for (const id of sidesOf(input)) {
    const side = sideById(id);
    lines.push(
      mass(
        side.steps.some((s) => s.place === 'board' && s.splits) ? 'greengrocer' : 'dry',
        ofRow('side', id, 'buy'),
        sideAmounts(side, input.eaters).kg,
      ),
    );
  }
  if (plan.prep.strings > 0) {
    lines.push({
      aisle: 'cupboard',
      name: say('shop.string'),
      amount: { kind: 'count', count: plan.prep.strings, unit: 'piece' },
      note: say('shop.stringLength'),
    });
  }
  if (plan.ahead) lines.push(mass('cupboard', say('shop.ice'), plan.ahead.cooling.iceKg, say('shop.toCool')));
  return AISLES.flatMap((aisle) => lines.filter((l) => l.aisle === aisle));
}

/** Share of vegetables left after peeling and trimming. */
const PEEL = 0.88;
