import * as z from 'zod';
import { minutesOfIso, type RawRecipe } from '../core/intake';
import { type Message, say } from '../core/message';

const text = z.union([z.string(), z.number()]).transform((v) => plain(String(v)));

/** Text without markup, entities decoded, on one line. */
function plain(value: string): string {
  return value
    .replaceAll(/<[^>]*>/g, ' ')
    .replaceAll(/&(?:#(\d+)|#x([\da-f]+)|(\w+));/gi, (all, decimal?: string, hex?: string, name?: string) => {
      const code = decimal ?? (hex === undefined ? undefined : String(parseInt(hex, 16)));
      if (code !== undefined) return Number(code) <= 0x10ffff ? String.fromCodePoint(Number(code)) : all;
      return ENTITIES[name?.toLowerCase() ?? ''] ?? all;
    })
    .replaceAll(/\s+/g, ' ')
    .trim();
}

const ENTITIES: Readonly<Record<string, string>> = {
  amp: '&',
  lt: '<',
  gt: '>',
  quot: '"',
  apos: '’',
  nbsp: ' ',
  deg: '°',
  frac12: '½',
  frac14: '¼',
  frac34: '¾',
  ndash: '–',
  mdash: '—',
  rsquo: '’',
  times: '×',
};

const one = <T>(value: T | readonly T[] | undefined): readonly T[] =>
  value === undefined ? [] : Array.isArray(value) ? (value as readonly T[]) : [value as T];

/** Parts of a schema.org recipe; all but the ingredients may be missing. */
const recipeSchema = z.object({
  name: text.catch(''),
  recipeYield: z
    .union([text, z.array(text)])
    .optional()
    .catch(undefined),
  recipeIngredient: z.union([text, z.array(text)]).optional(),
  ingredients: z.union([text, z.array(text)]).optional(),
  recipeInstructions: z.unknown().optional(),
  prepTime: z.string().optional().catch(undefined),
  cookTime: z.string().optional().catch(undefined),
  totalTime: z.string().optional().catch(undefined),
});

/** Deepest nesting searched. */
const DEEPEST = 12;

/** Steps in order, whether given as one text, a list, steps or sections of steps. */
function stepsOf(value: unknown, depth = 0): string[] {
  if (depth > DEEPEST) return [];
  if (typeof value === 'string') {
    return value
      .split(/\n+|<\/(?:p|li)>|<br\s*\/?>/i)
      .map(plain)
      .filter((s) => s !== '');
  }
  if (Array.isArray(value)) return value.flatMap((v) => stepsOf(v, depth + 1));
  if (typeof value !== 'object' || value === null) return [];
  const { itemListElement, text: said, name, item } = value as Record<string, unknown>;
  if (itemListElement !== undefined) return stepsOf(itemListElement, depth + 1);
  if (item !== undefined) return stepsOf(item, depth + 1);
  return stepsOf(said ?? name, depth + 1);
}

function isRecipe(node: Record<string, unknown>): boolean {
  return one(node['@type']).some((t) => typeof t === 'string' && /(^|[/:])Recipe$/.test(t));
}

function nodes(data: unknown, depth = 0): Record<string, unknown>[] {
  if (depth > DEEPEST || typeof data !== 'object' || data === null) return [];
  if (Array.isArray(data)) return data.flatMap((d) => nodes(d, depth + 1));
  const node = data as Record<string, unknown>;
  return [...(isRecipe(node) ? [node] : []), ...Object.values(node).flatMap((v) => nodes(v, depth + 1))];
}

/** The first schema.org Recipe in JSON-LD data, at any depth; undefined if none has ingredients. */
export function findRecipe(data: unknown): RawRecipe | undefined {
  for (const node of nodes(data)) {
    const parsed = recipeSchema.safeParse(node);
    if (!parsed.success) continue;
    const { name, recipeYield, recipeIngredient, ingredients, recipeInstructions, ...times } = parsed.data;
    const lines = one(recipeIngredient ?? ingredients).filter((l) => l !== '');
    if (lines.length === 0) continue;
    const minutes = (iso: string | undefined): number | undefined =>
      iso === undefined ? undefined : minutesOfIso(iso);
    return {
      name,
      yields: one(recipeYield).find((y) => /\d/.test(y)) ?? '',
      ingredients: lines,
      steps: stepsOf(recipeInstructions),
      prepMin: minutes(times.prepTime),
      cookMin: minutes(times.cookTime),
      totalMin: minutes(times.totalTime),
    };
  }
  return undefined;
}

/**
 * The recipe in a text: JSON-LD on its own, or in any block that `blocksOf` finds, such as a page's scripts. If there
 * is none, a sentence says why.
 */
export function recipeIn(
  source: string,
  blocksOf: (html: string) => readonly string[],
): { readonly ok: true; readonly recipe: RawRecipe } | { readonly ok: false; readonly says: Message } {
  const candidates = /^\s*[[{]/.test(source) ? [source] : blocksOf(source);
  let broken = false;
  for (const candidate of candidates) {
    try {
      const recipe = findRecipe(JSON.parse(candidate));
      if (recipe) return { ok: true, recipe };
    } catch {
      broken = true;
    }
  }
  return {
    ok: false,
    says: say(broken ? 'file.brokenRecipe' : 'file.noRecipe'),
  };
}
