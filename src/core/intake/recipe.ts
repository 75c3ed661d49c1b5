import { meaningOf, type Role, type Meaning } from './lexicon';
import { cutById } from '../larder/cuts';
import { heatOf, type PlanHeat } from '../plan/heats';
import { leadingQuantity } from '../quantity/parse';
import { GAS_MARKS } from '../quantity/units';

/** A recipe as a page or a file gives it, words only. */
export interface RawRecipe {
  readonly name: string;
  readonly yields: string;
  readonly ingredients: readonly string[];
  readonly steps: readonly string[];
  /** Minutes as the recipe states them; undefined where it does not. */
  readonly prepMin: number | undefined;
  readonly cookMin: number | undefined;
  readonly totalMin: number | undefined;
}

/** How much of something: kg of meat, vegetables and paste, l of liquids, grams of spice and salt, a number of herbs. */
export interface Taken {
  readonly kind: Role;
  readonly id: string;
  readonly amount: number;
  /** Pieces, where meat is counted. */
  readonly pieces?: number;
}

/** One line of the recipe and what it became. */
export interface ReadLine {
  readonly text: string;
  /** What it is taken for; undefined where nobody knows. */
  readonly taken: Taken | undefined;
  /** What had to be assumed, in a sentence; empty where nothing was. */
  readonly assumed: string;
}

/** Something found in the text, with the words it was found in. */
export interface Found<T> {
  readonly value: T;
  readonly from: string;
}

/** A recipe as far as it was understood. Nothing of it is left out: what was not understood is there as it was. */
export interface ReadRecipe {
  readonly title: string;
  readonly eaters: Found<number> | undefined;
  readonly lines: readonly ReadLine[];
  readonly heat: Found<PlanHeat> | undefined;
  /** Minutes in the pot as the recipe has them. */
  readonly minutes: Found<readonly [low: number, high: number]> | undefined;
  /** Further temperatures and times that could be meant instead. */
  readonly unsure: readonly string[];
  readonly steps: readonly string[];
}

/** Minutes of an ISO 8601 duration such as "PT2H30M"; undefined for anything else. */
export function minutesOfIso(text: string): number | undefined {
  const found = /^P(?:(\d+(?:\.\d+)?)D)?(?:T(?:(\d+(?:\.\d+)?)H)?(?:(\d+(?:\.\d+)?)M)?(?:(\d+(?:\.\d+)?)S)?)?$/i.exec(
    text.trim(),
  );
  const parts = found?.slice(1) as (string | undefined)[] | undefined;
  if (!parts?.some((part) => part !== undefined)) return undefined;
  const [days = 0, hours = 0, minutes = 0, seconds = 0] = parts.map((part) => Number(part ?? 0));
  return days * 1440 + hours * 60 + minutes + seconds / 60;
}

const TEASPOON_L = 0.005;
/** Ground spice by the spoon weighs about this, kg a litre. */
const SPICE_KG_PER_L = 0.45;
const PINCH_G = 0.5;
const HERB_BUNCH = 6;
const MINUTES_PER_HOUR = 60;

const number = (value: number): string => String(Math.round(value * 1000) / 1000);

/** What a line's amount comes to in the measure its meaning wants. */
function amountOf(
  meaning: Meaning,
  line: string,
  quantity: ReturnType<typeof leadingQuantity>,
): { readonly amount: number; readonly pieces?: number; readonly assumed: string } {
  const { dimension, si, count } = quantity ?? { dimension: undefined, si: Number.NaN, count: undefined };
  const bunch = /\b(?:bunch|handful|bouquet)\b/i.test(line);
  switch (meaning.kind) {
    case 'cut':
      if (dimension === 'mass') return { amount: si, assumed: '' };
      if (count !== undefined && meaning.eachKg !== undefined) {
        return {
          amount: count * meaning.eachKg,
          pieces: Math.round(count),
          assumed: `counted at ${number(meaning.eachKg * 1000)} g each: weigh it`,
        };
      }
      return { amount: Number.NaN, assumed: 'no weight given: weigh it' };
    case 'garnish':
    case 'paste':
      if (dimension === 'mass') return { amount: si, assumed: '' };
      if (dimension === 'volume') {
        const kgPerL = meaning.kgPerL ?? 0.55;
        return { amount: si * kgPerL, assumed: `by volume, at ${number(kgPerL)} kg a litre` };
      }
      if (count !== undefined && (meaning.eachKg ?? 0) > 0) {
        const head = meaning.id === 'garlic' && /\bhead|bulb\b/i.test(line) ? 10 : 1;
        const each = (meaning.eachKg ?? 0) * head;
        return { amount: count * each, assumed: `counted at ${number(each * 1000)} g each` };
      }
      return { amount: Number.NaN, assumed: 'no amount given' };
    case 'liquid': {
      const tins = /\b(?:can|tin)s?\b/i.test(line);
      if (dimension === 'volume') return { amount: si, assumed: '' };
      if (dimension === 'mass') return { amount: si, assumed: 'by weight, taken as so many litres' };
      if (count !== undefined && meaning.id === 'lemonJuice') {
        return { amount: count * 0.04, assumed: 'counted at 40 ml a lemon' };
      }
      if (count !== undefined && /\bbottles?\b/i.test(line))
        return { amount: count * 0.75, assumed: 'a bottle taken as 750 ml' };
      if (count !== undefined && tins) return { amount: count * 0.4, assumed: 'a can taken as 400 ml' };
      return { amount: Number.NaN, assumed: 'no amount given' };
    }
    case 'herb':
      if (count !== undefined) {
        return bunch
          ? { amount: count * HERB_BUNCH, assumed: `a bunch taken as ${String(HERB_BUNCH)}` }
          : { amount: count, assumed: '' };
      }
      if (dimension === 'volume') {
        return { amount: Math.max(1, Math.round(si / TEASPOON_L)), assumed: 'a teaspoon taken as one' };
      }
      return { amount: bunch ? HERB_BUNCH : 1, assumed: 'no number given' };
    case 'spice':
    case 'salt':
      if (dimension === 'mass') return { amount: si * 1000, assumed: '' };
      if (dimension === 'volume') {
        const kgPerL = meaning.kgPerL ?? SPICE_KG_PER_L;
        return { amount: si * kgPerL * 1000, assumed: `by volume, at ${number(kgPerL)} kg a litre` };
      }
      if (/\bpinch/i.test(line)) return { amount: PINCH_G * (count ?? 1), assumed: 'a pinch taken as half a gram' };
      return { amount: Number.NaN, assumed: 'to taste' };
    case 'fat':
    case 'flour':
      return { amount: dimension === 'volume' || dimension === 'mass' ? si : Number.NaN, assumed: '' };
  }
}

/** One line of ingredients, understood as far as it goes. */
export function readIngredient(text: string): ReadLine {
  // Metric in brackets after a US amount, or the other way round, says the same twice.
  const words = text
    .replaceAll(/\([^)]*\)/g, ' ')
    .replaceAll(/\s+/g, ' ')
    .trim();
  const meaning = meaningOf(words);
  if (!meaning) return { text, taken: undefined, assumed: '' };
  const quantity = leadingQuantity(words);
  const { assumed, ...amount } = amountOf(meaning, words, quantity);
  return { text, taken: { kind: meaning.kind, id: meaning.id, ...amount }, assumed };
}

const TEMPERATURE = /(\d{2,3})\s*(?:°|º|degrees?\s*)?\s*(c|f|celsius|fahrenheit)\b/gi;
const GAS = /\bgas(?: mark)?\s*(\d)\b/gi;
const COOKABLE_C = [90, 240] as const;

/** Every oven temperature a sentence names, °C, rounded to five. */
function temperaturesIn(text: string): number[] {
  const degrees = [...text.matchAll(TEMPERATURE)].map(([, value, unit]) =>
    /^f/i.test(unit ?? '') ? (Number(value) - 32) / 1.8 : Number(value),
  );
  const marks = [...text.matchAll(GAS)].flatMap(([, mark]) => {
    const row = GAS_MARKS.find(([m]) => m === Number(mark));
    return row ? [row[1]] : [];
  });
  return [...degrees, ...marks]
    .filter((t) => t >= COOKABLE_C[0] && t <= COOKABLE_C[1])
    .map((t) => Math.round(t / 5) * 5);
}

const NUMBER = '(\\d+(?:[.,]\\d+)?(?:\\s*[¼½¾])?|[¼½¾]|\\d+\\s+\\d\\/\\d|an?|one|two|three|four|five|six)';
const SPAN = new RegExp(`${NUMBER}(?:\\s*(?:-|–|to|or)\\s*${NUMBER})?\\s*(hours?|hrs?|h|minutes?|mins?)\\b`, 'gi');
const WORDS: Readonly<Record<string, number>> = { a: 1, an: 1, one: 1, two: 2, three: 3, four: 4, five: 5, six: 6 };
const GLYPHS: Readonly<Record<string, number>> = { '¼': 0.25, '½': 0.5, '¾': 0.75 };

function spoken(text: string): number {
  const word = WORDS[text.toLowerCase()];
  if (word !== undefined) return word;
  const mixed = /^(\d+)\s+(\d)\/(\d)$/.exec(text);
  if (mixed) return Number(mixed[1]) + Number(mixed[2]) / Number(mixed[3]);
  const glyph = /[¼½¾]/.exec(text)?.[0];
  const digits = text.replace(/[¼½¾]/, '').replace(',', '.').trim();
  return (digits === '' ? 0 : Number(digits)) + (glyph === undefined ? 0 : (GLYPHS[glyph] ?? 0));
}

/** Every length of time a sentence names, min. */
function timesIn(text: string): (readonly [number, number])[] {
  return [...text.matchAll(SPAN)].map(([, low = '', high, unit = '']) => {
    const scale = /^h/i.test(unit) ? MINUTES_PER_HOUR : 1;
    const from = spoken(low) * scale;
    return [from, high === undefined ? from : spoken(high) * scale] as const;
  });
}

/** Shorter than this is no braise, min. */
const SHORTEST_BRAISE_MIN = 40;
const BRAISES = /\b(?:braise|simmer|cook|oven|bake|stew|tender|cover)/i;

function findHeat(steps: readonly string[]): { heat: Found<PlanHeat> | undefined; others: string[] } {
  const named = steps.flatMap((s) => temperaturesIn(s).map((tempC) => ({ tempC, from: s })));
  const first = named.find((n) => /\boven\b/i.test(n.from)) ?? named[0];
  if (first) {
    const fan = /\b(?:fan|convection)\b/i.test(first.from);
    const others = named
      .filter((n) => Math.abs(n.tempC - first.tempC) > 8)
      .map((n) => `${String(n.tempC)} °C is named too: “${n.from}”`);
    return { heat: { value: heatOf(fan ? 'fan' : 'still', first.tempC), from: first.from }, others };
  }
  const simmers = steps.find(
    (s) => /\bsimmer(?:s|ing)?\b/i.test(s) && timesIn(s).some(([, t]) => t >= SHORTEST_BRAISE_MIN),
  );
  return { heat: simmers === undefined ? undefined : { value: heatOf('simmer', 96), from: simmers }, others: [] };
}

function findMinutes(raw: RawRecipe): ReadRecipe['minutes'] {
  const long = raw.steps
    .filter((s) => BRAISES.test(s))
    .flatMap((from) => timesIn(from).map((value) => ({ value, from })))
    .filter((t) => t.value[1] >= SHORTEST_BRAISE_MIN);
  const longest = long.reduce<(typeof long)[number] | undefined>(
    (best, t) => (best === undefined || t.value[1] > best.value[1] ? t : best),
    undefined,
  );
  if (longest) return longest;
  return raw.cookMin !== undefined && raw.cookMin >= SHORTEST_BRAISE_MIN
    ? { value: [raw.cookMin, raw.cookMin], from: `cooking time ${String(Math.round(raw.cookMin))} min` }
    : undefined;
}

function findEaters(yields: string): Found<number> | undefined {
  const found = /\d+/.exec(yields);
  const eaters = Number(found?.[0]);
  return found && eaters >= 1 && eaters <= 40 ? { value: eaters, from: yields } : undefined;
}

/** One line for each thing: "salt and pepper" are two. A line that cannot be told apart stays as it is. */
function apart(line: string): string[] {
  const parts = line.split(/\s+(?:and|&|\+)\s+|\s*&\s*/);
  if (parts.length !== 2) return [line];
  const [first, second] = parts.map((part) => meaningOf(part));
  const whole = meaningOf(line);
  const two =
    first !== undefined &&
    second !== undefined &&
    (first.kind !== second.kind || first.id !== second.id) &&
    whole?.id !== 'butterAndOil';
  return two ? parts : [line];
}

/** Everything a recipe says that a plan can use, and all the rest as it was. */
export function readRecipe(raw: RawRecipe): ReadRecipe {
  const lines = raw.ingredients.flatMap(apart).map(readIngredient);
  // "Cut into cubes" is often said in the method: then the meat of the list is cubes.
  const cubed = raw.steps.some((s) =>
    /\bcut\b.*\b(?:beef|meat|pork|lamb|shoulder|chuck)\b.*\b(?:cubes|chunks|pieces)\b/i.test(s),
  );
  const { heat, others } = findHeat(raw.steps);
  return {
    title: raw.name.trim() === '' ? 'A braise' : raw.name.trim().slice(0, 120),
    eaters: findEaters(raw.yields),
    lines: cubed ? lines.map(asCubes) : lines,
    heat,
    minutes: findMinutes(raw),
    unsure: others,
    steps: raw.steps,
  };
}

const CUBES_OF: Readonly<Record<string, string>> = {
  beef_chuck_roast: 'beef_chuck_cubes',
  pork_shoulder: 'pork_shoulder_cubes',
  lamb_shoulder: 'lamb_shoulder_cubes',
};

function asCubes(line: ReadLine): ReadLine {
  const cubes = line.taken?.kind === 'cut' ? CUBES_OF[line.taken.id] : undefined;
  if (!line.taken || cubes === undefined) return line;
  return {
    ...line,
    taken: { ...line.taken, id: cubes },
    assumed: [line.assumed, `cut up as the method says: ${cutById(cubes).name.toLowerCase()}`]
      .filter(Boolean)
      .join('; '),
  };
}
