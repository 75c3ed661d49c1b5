import { type ReadLine, type Role, type Recognised } from '@/core/intake';
import { CUTS, FATS, GARNISHES, HERBS, liquidById, LIQUIDS, SPICES } from '@/core/larder';
import { type Dimension } from '@/core/quantity';
import { type Message, say, ofRow } from '@/core/message';
import { type Option } from '@/ui/controls/options';

import { type Words } from '@/words/words';

/** A line as the cook has resolved it: what it is, "leave" to leave it out, empty while undecided. */
export interface Settled {
  readonly text: string;
  readonly choice: string;
  readonly amount: number;
  readonly pieces: number | undefined;
  readonly assumed: readonly Message[];
}

export const LEAVE = 'leave';

const key = (kind: Role, id: string): string => `${kind}:${id}`;

/** A line's starting state, as parsed. */
export function resolvedFrom(line: ReadLine): Settled {
  return {
    text: line.text,
    choice: line.taken ? key(line.taken.role, line.taken.id) : '',
    amount: line.taken?.amount ?? Number.NaN,
    pieces: line.taken?.pieces,
    assumed: line.assumed,
  };
}

/** Everything a line can be, in sections. */
export function choices(w: Words): readonly { readonly title: string; readonly options: readonly Option[] }[] {
  const rows = (table: 'garnish' | 'liquid' | 'herb' | 'spice' | 'fat', all: readonly { readonly id: string }[]) =>
    all.map(({ id }) => ({ id: key(table, id), label: w.label(table, id) }));
  return [
    {
      title: w.text('settle.meat'),
      options: CUTS.map((c) => ({ id: key('cut', c.id), label: w.title(ofRow('cut', c.id, 'full')) })),
    },
    { title: w.text('settle.garnish'), options: rows('garnish', GARNISHES) },
    { title: w.text('settle.liquid'), options: rows('liquid', LIQUIDS) },
    { title: w.text('settle.herb'), options: rows('herb', HERBS) },
    { title: w.text('settle.spice'), options: rows('spice', SPICES) },
    { title: w.text('settle.fat'), options: rows('fat', FATS) },
    {
      title: w.text('settle.else'),
      options: [
        ...(['salt', 'paste', 'flour'] as const).map((role) => ({
          id: key(role, ''),
          label: w.text(`settle.${role}`),
        })),
        { id: LEAVE, label: w.text('settle.leave') },
      ],
    },
  ];
}

const roleOf = (choice: string): Role | undefined =>
  choice === '' || choice === LEAVE ? undefined : (choice.split(':')[0] as Role);

const idOf = (choice: string): string => choice.split(':')[1] ?? '';

/** The unit for the amount of a choice; undefined where none is needed. */
export function measureOf(choice: string): Dimension | 'grams' | 'count' | undefined {
  switch (roleOf(choice)) {
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

/** Stock and water fill the pot up to its own level, whatever amount the recipe gives. */
export function fillsUp(choice: string): boolean {
  return roleOf(choice) === 'liquid' && ['stock', 'water'].includes(liquidById(idOf(choice)).kind);
}

/** What is still missing on a line; undefined if nothing. Salt and spice to taste need no amount. */
export function openOn(line: Settled): Message | undefined {
  if (line.choice === '') return say('settle.notUnderstood');
  const measure = measureOf(line.choice);
  const needed = measure === 'mass' || measure === 'volume' || measure === 'count';
  return needed && !(line.amount > 0) ? say('settle.howMuch') : undefined;
}

/** The lines as the core takes them, without those left out or to taste. */
export function takenOf(lines: readonly Settled[]): Recognised[] {
  return lines.flatMap((line): Recognised[] => {
    const role = roleOf(line.choice);
    if (!role) return [];
    return [
      {
        role,
        id: idOf(line.choice),
        amount: line.amount,
        ...(line.pieces === undefined ? {} : { pieces: line.pieces }),
      },
    ];
  });
}
