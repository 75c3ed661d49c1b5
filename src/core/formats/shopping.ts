import { cutLabel } from '../larder/cuts';
import { fatById } from '../larder/fats';
import { type Garnish, garnishById } from '../larder/garnish';
import { type Liquid } from '../larder/liquids';
import { herbById, spiceById } from '../larder/seasoning';
import { sideAmounts, sideById } from '../larder/sides';
import { type Plan } from '../plan/plan';

export const AISLES = ['Butcher', 'Greengrocer', 'Dry goods', 'Bottles and cartons', 'From the cupboard'] as const;

export type Aisle = (typeof AISLES)[number];

/** One line of a shopping list: an amount by weight, volume or number. */
export interface ShoppingLine {
  readonly aisle: Aisle;
  readonly name: string;
  readonly amount:
    | { readonly kind: 'mass'; readonly kg: number }
    | { readonly kind: 'volume'; readonly litres: number }
    | { readonly kind: 'count'; readonly count: number; readonly unit: string };
  readonly note: string;
}

const GARNISH_AISLE: Readonly<Record<Garnish['kind'], Aisle>> = {
  aromatic: 'Greengrocer',
  root: 'Greengrocer',
  mushroom: 'Greengrocer',
  fruit: 'Greengrocer',
  pulse: 'Dry goods',
  grain: 'Dry goods',
  seasoning: 'From the cupboard',
  cured: 'Butcher',
};

function liquidAisle(liquid: Liquid): Aisle {
  return liquid.kind === 'seasoning' ? 'From the cupboard' : 'Bottles and cartons';
}

const mass = (aisle: Aisle, name: string, kg: number, note = ''): ShoppingLine => ({
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
    const form = `${String(part.pieces)} ${cut.pieceNoun}${part.pieces === 1 ? '' : 's'}`;
    lines.push(
      mass(
        'Butcher',
        cutLabel(cut),
        gross,
        cut.form === 'cubes' ? 'in one piece, to cut at home' : `${form}; ${part.onBone ? 'on the bone' : 'boneless'}`,
      ),
    );
  }
  for (const item of input.base.items) {
    if (item.kg <= 0) continue;
    const garnish = garnishById(item.id);
    const peeled = garnish.kind === 'aromatic' || garnish.kind === 'root' ? PEEL : 1;
    lines.push(mass(GARNISH_AISLE[garnish.kind], garnish.name, item.kg / peeled));
  }
  if (input.base.pasteWhen !== 'none' && input.base.pasteKg > 0) {
    lines.push(mass('Dry goods', 'Tomato paste', input.base.pasteKg));
  }
  if (plan.base.flour) lines.push(mass('Dry goods', 'Flour', plan.base.flour.value, 'or half as much starch'));
  if (plan.sear.dredge) lines.push(mass('Dry goods', 'Flour, to turn the meat in', plan.sear.dredge.value));
  for (const pour of plan.liquid.pours) {
    if (pour.liquid.id === 'water') continue;
    lines.push({
      aisle: liquidAisle(pour.liquid),
      name: pour.liquid.name,
      amount: { kind: 'volume', litres: pour.pouredL },
      note: '',
    });
  }
  for (const { id, count } of input.liquid.herbs) {
    if (count <= 0) continue;
    const herb = herbById(id);
    lines.push({
      aisle: herb.dried === '' ? 'From the cupboard' : 'Greengrocer',
      name: herb.name,
      amount: { kind: 'count', count, unit: herb.unit },
      note: '',
    });
  }
  for (const spice of input.season.spices) {
    if (spice.grams > 0) lines.push(mass('From the cupboard', spiceById(spice.id).name, spice.grams / 1000));
  }
  lines.push(mass('From the cupboard', 'Salt', plan.salt.toAdd.value, 'weigh it'));
  if (plan.sear.fatL.value > 0) {
    lines.push({
      aisle: 'From the cupboard',
      name: fatById(input.sear.fatId).name,
      amount: { kind: 'volume', litres: plan.sear.fatL.value },
      note: '',
    });
  }
  for (const id of input.day.sides) {
    const side = sideById(id);
    lines.push(
      mass(
        side.steps.some((s) => s.place === 'board' && s.splits) ? 'Greengrocer' : 'Dry goods',
        `For ${side.name.toLowerCase()}`,
        sideAmounts(side, input.eaters).kg,
      ),
    );
  }
  if (plan.prep.strings > 0) {
    lines.push({
      aisle: 'From the cupboard',
      name: 'Kitchen string',
      amount: { kind: 'count', count: plan.prep.strings, unit: 'piece' },
      note: 'half a metre each',
    });
  }
  if (plan.ahead) lines.push(mass('From the cupboard', 'Ice', plan.ahead.cooling.iceKg, 'to cool the pot in'));
  return AISLES.flatMap((aisle) => lines.filter((l) => l.aisle === aisle));
}

/** What is left of vegetables after peeling and topping. */
const PEEL = 0.88;
