import { leadingQuantity } from './amounts';
import { ENGLISH } from './english';
import { type Lexicon, type IngredientMatch, type Role } from './lexicon';
import { kg, litres, type Message, minutes as time, nameOf, say, tempC } from '../message';
import { heatOf, type PlanHeat } from '../choices';
import { GAS_MARKS } from '../quantity';

/** A recipe from a page or file, as text. */
export interface RawRecipe {
  readonly name: string;
  readonly yields: string;
  readonly ingredients: readonly string[];
  readonly steps: readonly string[];
  /** Minutes stated by the recipe; undefined if none. */
  readonly prepMin: number | undefined;
  readonly cookMin: number | undefined;
  readonly totalMin: number | undefined;
}

/** An amount: kg of meat, vegetables and paste, l of liquids, grams of spice and salt, a number of herbs. */
export interface Recognised {
  readonly role: Role;
  readonly id: string;
  readonly amount: number;
  /** Number of pieces, where meat is counted. */
  readonly pieces?: number;
}

/** One line of the recipe and its match. */
export interface ReadLine {
  readonly text: string;
  /** Its match; undefined if there is none. */
  readonly taken: Recognised | undefined;
  /** Assumptions that were made. */
  readonly assumed: readonly Message[];
}

/** Something found in the text, with the quote, or where else it stands. */
export interface Found<T> {
  readonly value: T;
  readonly from: string | Message;
}

/** A recipe as far as it was recognised. Nothing is dropped: unrecognised lines are kept as they were. */
export interface ReadRecipe {
  /** Empty if it has none. */
  readonly title: string;
  readonly eaters: Found<number> | undefined;
  readonly lines: readonly ReadLine[];
  readonly heat: Found<PlanHeat> | undefined;
  /** Minutes in the pot, from the recipe. */
  readonly minutes: Found<readonly [low: number, high: number]> | undefined;
  /** Other temperatures that could be meant. */
  readonly unsure: readonly Message[];
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
/** Density of ground spice, kg per litre. */
const SPICE_KG_PER_L = 0.45;
const PINCH_G = 0.5;
const HERB_BUNCH = 6;
const MINUTES_PER_HOUR = 60;

interface Amount {
  readonly amount: number;
  readonly pieces?: number;
  readonly assumed: readonly Message[];
}

const surely = (amount: number): Amount => ({ amount, assumed: [] });
const assuming = (amount: number, assumed: Message): Amount => ({ amount, assumed: [assumed] });

const BOTTLE_L = 0.75;
const TIN_L = 0.4;
const LEMON_L = 0.04;
const GARLIC_HEAD_CLOVES = 10;

/** A line's amount in the unit its match needs. */
function amountOf(
  meaning: IngredientMatch,
  line: string,
  quantity: ReturnType<typeof leadingQuantity>,
  lexicon: Lexicon,
): Amount {
  const { dimension, si, count } = quantity ?? { dimension: undefined, si: Number.NaN, count: undefined };
  const bunch = lexicon.bunch.test(line);
  const byVolume = (kgPerL: number): Message =>
    say('assumed.byVolume', { perLitre: { as: 'gramsPerL', value: kgPerL * 1000 } });
  switch (meaning.role) {
    case 'cut':
      if (dimension === 'mass') return surely(si);
      if (count !== undefined && meaning.eachKg !== undefined) {
        return {
          ...assuming(count * meaning.eachKg, say('assumed.countedWeigh', { each: kg(meaning.eachKg) })),
          pieces: Math.round(count),
        };
      }
      return assuming(Number.NaN, say('assumed.noWeight'));
    case 'garnish':
    case 'paste':
      if (dimension === 'mass') return surely(si);
      if (dimension === 'volume') {
        const kgPerL = meaning.kgPerL ?? 0.55;
        return assuming(si * kgPerL, byVolume(kgPerL));
      }
      if (count !== undefined && (meaning.eachKg ?? 0) > 0) {
        const head = meaning.id === 'garlic' && lexicon.head.test(line) ? GARLIC_HEAD_CLOVES : 1;
        const each = (meaning.eachKg ?? 0) * head;
        return assuming(count * each, say('assumed.counted', { each: kg(each) }));
      }
      return assuming(Number.NaN, say('assumed.noAmount'));
    case 'liquid':
      if (dimension === 'volume') return surely(si);
      if (dimension === 'mass') return assuming(si, say('assumed.byWeight'));
      if (count !== undefined && meaning.id === 'lemonJuice') {
        return assuming(count * LEMON_L, say('assumed.lemon', { each: litres(LEMON_L) }));
      }
      if (count !== undefined && lexicon.bottles.test(line)) {
        return assuming(count * BOTTLE_L, say('assumed.bottle', { each: litres(BOTTLE_L) }));
      }
      if (count !== undefined && lexicon.tins.test(line)) {
        return assuming(count * TIN_L, say('assumed.can', { each: litres(TIN_L) }));
      }
      return assuming(Number.NaN, say('assumed.noAmount'));
    case 'herb':
      if (count !== undefined) {
        return bunch ? assuming(count * HERB_BUNCH, say('assumed.bunch', { count: HERB_BUNCH })) : surely(count);
      }
      if (dimension === 'volume') {
        return assuming(Math.max(1, Math.round(si / TEASPOON_L)), say('assumed.teaspoon'));
      }
      return assuming(bunch ? HERB_BUNCH : 1, say('assumed.noNumber'));
    case 'spice':
    case 'salt':
      if (dimension === 'mass') return surely(si * 1000);
      if (dimension === 'volume') {
        const kgPerL = meaning.kgPerL ?? SPICE_KG_PER_L;
        return assuming(si * kgPerL * 1000, byVolume(kgPerL));
      }
      if (lexicon.pinch.test(line)) {
        return assuming(PINCH_G * (count ?? 1), say('assumed.pinch', { each: kg(PINCH_G / 1000) }));
      }
      return assuming(Number.NaN, say('assumed.toTaste'));
    case 'fat':
    case 'flour':
      return surely(dimension === 'volume' || dimension === 'mass' ? si : Number.NaN);
  }
}

/** The match for an ingredient's words; undefined if the larder has nothing like it. */
export function matchIngredient(words: string, lexicon: Lexicon = ENGLISH): IngredientMatch | undefined {
  const text = words.toLowerCase();
  if (!lexicon.stock.test(text)) {
    for (const [pattern, whole, eachKg, cubes] of lexicon.meat) {
      if (!pattern.test(text)) continue;
      return cubes !== undefined && lexicon.cubed.test(text)
        ? { role: 'cut', id: cubes }
        : { role: 'cut', id: whole, eachKg };
    }
  }
  return lexicon.rest.find(([pattern]) => pattern.test(text))?.[1];
}

/** One ingredient line, recognised as far as possible. */
export function readIngredient(text: string, lexicon: Lexicon = ENGLISH): ReadLine {
  // Metric in brackets after a US amount, or the other way round, states the same amount twice.
  const words = text
    .replaceAll(/\([^)]*\)/g, ' ')
    .replaceAll(/\s+/g, ' ')
    .trim();
  const meaning = matchIngredient(words, lexicon);
  if (!meaning) return { text, taken: undefined, assumed: [] };
  const { assumed, ...amount } = amountOf(meaning, words, leadingQuantity(words, lexicon), lexicon);
  return { text, taken: { role: meaning.role, id: meaning.id, ...amount }, assumed };
}

const COOKABLE_C = [90, 240] as const;

/** Every oven temperature in a sentence, °C, rounded to five. */
function temperaturesIn(text: string, lexicon: Lexicon): number[] {
  const degrees = [...text.matchAll(lexicon.temperature)].map(([, value, unit]) =>
    lexicon.fahrenheit.test(unit ?? '') ? (Number(value) - 32) / 1.8 : Number(value),
  );
  const marks = [...text.matchAll(lexicon.gas)].flatMap(([, mark]) => {
    const row = GAS_MARKS.find(([m]) => m === Number(mark));
    return row ? [row[1]] : [];
  });
  return [...degrees, ...marks]
    .filter((t) => t >= COOKABLE_C[0] && t <= COOKABLE_C[1])
    .map((t) => Math.round(t / 5) * 5);
}

const GLYPHS: Readonly<Record<string, number>> = { '¼': 0.25, '½': 0.5, '¾': 0.75 };

function spoken(text: string, { numbers }: Lexicon): number {
  const word = numbers[text.toLowerCase()];
  if (word !== undefined) return word;
  const mixed = /^(\d+)\s+(\d)\/(\d)$/.exec(text);
  if (mixed) return Number(mixed[1]) + Number(mixed[2]) / Number(mixed[3]);
  const glyph = /[¼½¾]/.exec(text)?.[0];
  const digits = text.replace(/[¼½¾]/, '').replace(',', '.').trim();
  return (digits === '' ? 0 : Number(digits)) + (glyph === undefined ? 0 : (GLYPHS[glyph] ?? 0));
}

/** Every duration in a sentence, min. */
function timesIn(text: string, lexicon: Lexicon): (readonly [number, number])[] {
  return [...text.matchAll(lexicon.span)].map(([, low = '', high, unit = '']) => {
    const scale = lexicon.hours.test(unit) ? MINUTES_PER_HOUR : 1;
    const from = spoken(low, lexicon) * scale;
    return [from, high === undefined ? from : spoken(high, lexicon) * scale] as const;
  });
}

/** Anything shorter is not a braise, min. */
const SHORTEST_BRAISE_MIN = 40;

function findHeat(
  steps: readonly string[],
  lexicon: Lexicon,
): { heat: Found<PlanHeat> | undefined; others: Message[] } {
  const named = steps.flatMap((s) => temperaturesIn(s, lexicon).map((degrees) => ({ degrees, from: s })));
  const first = named.find((n) => lexicon.oven.test(n.from)) ?? named[0];
  if (first) {
    const fan = lexicon.fan.test(first.from);
    const others = named
      .filter((n) => Math.abs(n.degrees - first.degrees) > 8)
      .map((n) => say('recipe.alsoNamed', { temp: tempC(n.degrees), text: n.from }));
    return { heat: { value: heatOf(fan ? 'fan' : 'still', first.degrees), from: first.from }, others };
  }
  const simmers = steps.find(
    (s) => lexicon.simmers.test(s) && timesIn(s, lexicon).some(([, t]) => t >= SHORTEST_BRAISE_MIN),
  );
  return { heat: simmers === undefined ? undefined : { value: heatOf('simmer', 96), from: simmers }, others: [] };
}

function findMinutes(raw: RawRecipe, lexicon: Lexicon): ReadRecipe['minutes'] {
  const long = raw.steps
    .filter((s) => lexicon.braises.test(s))
    .flatMap((from) => timesIn(from, lexicon).map((value) => ({ value, from })))
    .filter((t) => t.value[1] >= SHORTEST_BRAISE_MIN);
  const longest = long.reduce<(typeof long)[number] | undefined>(
    (best, t) => (best === undefined || t.value[1] > best.value[1] ? t : best),
    undefined,
  );
  if (longest) return longest;
  return raw.cookMin !== undefined && raw.cookMin >= SHORTEST_BRAISE_MIN
    ? { value: [raw.cookMin, raw.cookMin], from: say('recipe.cookingTime', { time: time(raw.cookMin) }) }
    : undefined;
}

function findEaters(yields: string): Found<number> | undefined {
  const found = /\d+/.exec(yields);
  const eaters = Number(found?.[0]);
  return found && eaters >= 1 && eaters <= 40 ? { value: eaters, from: yields } : undefined;
}

/** One line per item: "salt and pepper" are two. A line that cannot be split stays as it is. */
function apart(line: string, lexicon: Lexicon): string[] {
  const parts = line.split(lexicon.joins);
  if (parts.length !== 2) return [line];
  const [first, second] = parts.map((part) => matchIngredient(part, lexicon));
  const whole = matchIngredient(line, lexicon);
  const two =
    first !== undefined &&
    second !== undefined &&
    (first.role !== second.role || first.id !== second.id) &&
    whole?.id !== 'butterAndOil';
  return two ? parts : [line];
}

/** Everything in a recipe that a plan can use, and all the rest as it was. */
export function readRecipe(raw: RawRecipe, lexicon: Lexicon = ENGLISH): ReadRecipe {
  const lines = raw.ingredients.flatMap((l) => apart(l, lexicon)).map((l) => readIngredient(l, lexicon));
  // "Cut into cubes" is often in the method: then the listed meat is cubes.
  const cubed = raw.steps.some((s) => lexicon.cutUpLater.test(s));
  const { heat, others } = findHeat(raw.steps, lexicon);
  return {
    title: raw.name.trim().slice(0, 120),
    eaters: findEaters(raw.yields),
    lines: cubed ? lines.map(asCubes) : lines,
    heat,
    minutes: findMinutes(raw, lexicon),
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
  const cubes = line.taken?.role === 'cut' ? CUBES_OF[line.taken.id] : undefined;
  if (!line.taken || cubes === undefined) return line;
  return {
    ...line,
    taken: { ...line.taken, id: cubes },
    assumed: [...line.assumed, say('assumed.cutUp', { cut: nameOf('cut', cubes) })],
  };
}
