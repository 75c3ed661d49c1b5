import { type Role } from '@/core/intake/lexicon';
import { type ReadLine, type Taken } from '@/core/intake/recipe';
import { CUTS, cutLabel } from '@/core/larder/cuts';
import { FATS } from '@/core/larder/fats';
import { GARNISHES } from '@/core/larder/garnish';
import { LIQUIDS, liquidById } from '@/core/larder/liquids';
import { HERBS, SPICES } from '@/core/larder/seasoning';
import { type Dimension } from '@/core/quantity/units';

/** A line as the cook has it: what it is, "leave" where it stays out, empty where nobody has said yet. */
export interface Settled {
  readonly text: string;
  readonly choice: string;
  readonly amount: number;
  readonly pieces: number | undefined;
  readonly assumed: string;
}

export const LEAVE = 'leave';

const key = (kind: Role, id: string): string => `${kind}:${id}`;

/** Where a line begins, as it was read. */
export function settledFrom(line: ReadLine): Settled {
  return {
    text: line.text,
    choice: line.taken ? key(line.taken.kind, line.taken.id) : '',
    amount: line.taken?.amount ?? Number.NaN,
    pieces: line.taken?.pieces,
    assumed: line.assumed,
  };
}

/** Everything a line can be, in sections. */
export const CHOICES = [
  { title: 'Meat', options: CUTS.map((c) => ({ id: key('cut', c.id), label: cutLabel(c) })) },
  { title: 'Vegetables and more', options: GARNISHES.map((g) => ({ id: key('garnish', g.id), label: g.name })) },
  { title: 'Liquids', options: LIQUIDS.map((l) => ({ id: key('liquid', l.id), label: l.name })) },
  { title: 'Herbs', options: HERBS.map((h) => ({ id: key('herb', h.id), label: h.name })) },
  { title: 'Spices', options: SPICES.map((s) => ({ id: key('spice', s.id), label: s.name })) },
  { title: 'Fat to sear in', options: FATS.map((f) => ({ id: key('fat', f.id), label: f.name })) },
  {
    title: 'Else',
    options: [
      { id: key('salt', ''), label: 'Salt on the meat' },
      { id: key('paste', ''), label: 'Tomato paste' },
      { id: key('flour', ''), label: 'Flour to thicken with' },
      { id: LEAVE, label: 'Leave it out of the plan' },
    ],
  },
];

const kindOf = (choice: string): Role | undefined =>
  choice === '' || choice === LEAVE ? undefined : (choice.split(':')[0] as Role);

const idOf = (choice: string): string => choice.split(':')[1] ?? '';

/** What the amount of a choice is measured in; undefined where none is needed. */
export function measureOf(choice: string): Dimension | 'grams' | 'count' | undefined {
  switch (kindOf(choice)) {
    case 'cut':
    case 'garnish':
    case 'paste':
      return 'mass';
    case 'liquid':
      return fillsUp(choice) ? undefined : 'volume';
    case 'spice':
    case 'salt':
      return 'grams';
    case 'herb':
      return 'count';
    default:
      return undefined;
  }
}

/** Stock and water fill up to the pot's own level, whatever amount the recipe has. */
export function fillsUp(choice: string): boolean {
  return kindOf(choice) === 'liquid' && ['stock', 'water'].includes(liquidById(idOf(choice)).kind);
}

/** What is still open on a line; empty where nothing is. Salt and spice to taste need no amount. */
export function openOn(line: Settled): string {
  if (line.choice === '') return 'Not understood: say what it is, or leave it out.';
  const measure = measureOf(line.choice);
  const needed = measure === 'mass' || measure === 'volume' || measure === 'count';
  return needed && !(line.amount > 0) ? 'How much of it?' : '';
}

/** The lines as the core takes them; what is left out, or to taste, is not among them. */
export function takenOf(lines: readonly Settled[]): Taken[] {
  return lines.flatMap((line): Taken[] => {
    const kind = kindOf(line.choice);
    if (!kind) return [];
    return [
      {
        kind,
        id: idOf(line.choice),
        amount: line.amount,
        ...(line.pieces === undefined ? {} : { pieces: line.pieces }),
      },
    ];
  });
}
