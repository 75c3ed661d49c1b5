/** Larder tables a cook can add to. */
export const OWN_TABLES = ['garnish', 'liquid', 'spice', 'cut'] as const;
export type OwnTable = (typeof OWN_TABLES)[number];

/**
 * An ingredient the tables lack: its name, the row it behaves like, and what else is known. Its id holds all of that,
 * so that a plan naming it needs nothing else.
 */
export interface CustomIngredient {
  readonly table: OwnTable;
  readonly like: string;
  readonly name: string;
  /** Salt and sugar, g per kilogram or litre. */
  readonly salt?: number;
  readonly sugar?: number;
  /** Water it releases, percent of its weight. */
  readonly water?: number;
  /** Alcohol, percent by volume. */
  readonly alcohol?: number;
  /** Cook value it needs compared with its base ingredient, percent. */
  readonly tough?: number;
  /** Allergens it certainly contains; omitted if those of its base ingredient apply. */
  readonly brings?: readonly string[];
}

const FIGURES = ['salt', 'sugar', 'water', 'alcohol', 'tough'] as const;

/** Limits for the figures of a custom ingredient. */
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

/** The id of a custom ingredient. Figures are rounded to whole numbers. */
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

/** The custom ingredient an id describes; undefined for a row's id or anything unreadable. */
export function findCustom(id: string): CustomIngredient | undefined {
  if (!id.startsWith(`${MARK}~`)) return undefined;
  if (!read.has(id)) read.set(id, parsed(id));
  return read.get(id);
}

/** The id of the row that defines its behaviour: its own, or that of its base ingredient. */
export function baseIngredientId(id: string): string {
  return findCustom(id)?.like ?? id;
}
