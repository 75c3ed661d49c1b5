/** Tables of the larder to which a cook can add. */
export const OWN_TABLES = ['garnish', 'liquid', 'spice', 'cut'] as const;
export type OwnTable = (typeof OWN_TABLES)[number];

/**
 * Something the tables do not have: what it is called, which row it behaves like, and what is known of it besides. Its id
 * says all of that, so that a plan which names it needs nothing else.
 */
export interface CustomIngredient {
  readonly table: OwnTable;
  readonly like: string;
  readonly name: string;
  /** Grams of salt and of sugar a kilogram or litre. */
  readonly salt?: number;
  readonly sugar?: number;
  /** Water it gives up, percent of its weight. */
  readonly water?: number;
  /** Alcohol, percent by volume. */
  readonly alcohol?: number;
  /** Cook value it needs beside its like, percent. */
  readonly tough?: number;
  /** What it surely brings; left out where its like is to be believed. */
  readonly brings?: readonly string[];
}

const FIGURES = ['salt', 'sugar', 'water', 'alcohol', 'tough'] as const;

/** Within which each figure of a thing of one's own may lie. */
export const CUSTOM_LIMITS: Readonly<Record<(typeof FIGURES)[number], readonly [low: number, high: number]>> = {
  salt: [0, 300],
  sugar: [0, 900],
  water: [0, 95],
  alcohol: [0, 60],
  tough: [40, 250],
};
export const OWN_NAME_MAX = 40;

const MARK = 'own';
const written = (text: string): string => encodeURIComponent(text).replaceAll('.', '%2E').replaceAll('~', '%7E');

/** The id of a thing of one's own. Figures are rounded to whole ones. */
export function customId({ table, like, name, brings, ...figures }: CustomIngredient): string {
  const known = FIGURES.flatMap((f) => (figures[f] === undefined ? [] : [`${f}=${String(Math.round(figures[f]))}`]));
  const allergens = brings === undefined ? [] : [`brings=${brings.join('+')}`];
  return [MARK, table, like, written(name), ...known, ...allergens].join('~');
}

const read = new Map<string, CustomIngredient | undefined>();

function parsed(id: string): CustomIngredient | undefined {
  const [mark, tableText, like, nameText, ...rest] = id.split('~');
  const table = OWN_TABLES.find((t) => t === tableText);
  if (mark !== MARK || table === undefined || !like || !nameText) return undefined;
  let name: string;
  try {
    name = decodeURIComponent(nameText);
  } catch {
    return undefined;
  }
  if (name.trim() === '' || name.length > OWN_NAME_MAX) return undefined;
  const figures: Partial<Record<(typeof FIGURES)[number], number>> = {};
  let brings: string[] | undefined;
  for (const part of rest) {
    const [key, value] = part.split('=');
    const figure = FIGURES.find((f) => f === key);
    if (figure !== undefined) {
      const [low, high] = CUSTOM_LIMITS[figure];
      const number = Number(value);
      if (!(number >= low && number <= high)) return undefined;
      figures[figure] = number;
    } else if (key === 'brings') {
      brings = value ? value.split('+') : [];
    } else return undefined;
  }
  return { table, like, name, ...figures, ...(brings && { brings }) };
}

/** What an id says of a thing of one's own; undefined where it is a row's id or nothing that can be read. */
export function findCustom(id: string): CustomIngredient | undefined {
  if (!id.startsWith(`${MARK}~`)) return undefined;
  if (!read.has(id)) read.set(id, parsed(id));
  return read.get(id);
}

/** The id of the row whose ways a thing has: its own, or that of what it is like. */
export function baseIngredientId(id: string): string {
  return findCustom(id)?.like ?? id;
}
