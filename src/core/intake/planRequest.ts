import { parseQuantity } from './amounts';
import { ENGLISH } from './english';
import { type Lexicon } from './lexicon';
import { baseItem } from './plan';
import { matchIngredient } from './recipe';
import {
  type HeatMode,
  heatOf,
  LIMITS,
  mainStage,
  MODES,
  modesOf,
  ownOvenMode,
  type PlanHeat,
  type PlanInput,
  singleStageSchedule,
} from '../choices';
import { GAS_MARKS, METRIC, type UnitChoice } from '../quantity';
import { bonelessKg } from '../buy';
import { garnishById, lidsFor, type LidKind, liquidById, type Pot } from '../larder';
import { type BraiseStyle, withStyle } from '../styles';
import { type KitchenTools, startPlan, defaultMeat } from '../plan';

/** The day in a line, as named. */
export type WishDay =
  | { readonly kind: 'inDays'; readonly days: number }
  /** Monday is 1. */
  | { readonly kind: 'weekday'; readonly weekday: number }
  | { readonly kind: 'date'; readonly month: number; readonly day: number };

/** What one line says about a braise; each part undefined where it says nothing. */
export interface PlanRequest {
  readonly cutId: string | undefined;
  /** Names a main ingredient that cannot be braised here. */
  readonly unplanned: 'fish' | 'vegetables' | undefined;
  readonly massKg: number | undefined;
  readonly pieces: number | undefined;
  readonly eaters: number | undefined;
  readonly day: WishDay | undefined;
  /** Minutes after midnight on the kitchen's clock. */
  readonly minuteOfDay: number | undefined;
  readonly heat: PlanHeat | undefined;
  /** Which of the kitchen's pots. */
  readonly pot: Pot | undefined;
  readonly lid: LidKind | undefined;
  /** Liquids, garnish and herbs of the larder, in order. */
  readonly liquids: readonly string[];
  readonly garnish: readonly string[];
  readonly herbs: readonly string[];
  /** The unrecognised rest, as written. */
  readonly notUnderstood: readonly string[];
}

const MINUTES_PER_HOUR = 60;
const HOURS = 24;
/** An hour up to this one without am or pm means the evening. */
const LATEST_BARE_EVENING = 11;
/** Where a line is split: nothing matches across it. */
const CUT = ' | ';

const volume = (p: Pot): number => p.lengthMm * p.widthMm * p.heightMm;

/** A line from which recognised parts are removed one by one. */
class Line {
  /** Matched as something it cannot be: 25:70 as a time, 800 as degrees. */
  readonly refused: string[] = [];

  constructor(private text: string) {}

  get rest(): string {
    return this.text;
  }

  /** Removes the first match of `patterns` from the line. */
  take(...patterns: readonly RegExp[]): RegExpExecArray | undefined {
    for (const pattern of patterns) {
      const found = pattern.exec(this.text);
      if (!found) continue;
      this.drop(found.index, found[0].length);
      return found;
    }
    return undefined;
  }

  /** The value of `found`; noted as rejected if it has none. */
  worth<T>(found: RegExpExecArray | undefined, value: T | undefined): T | undefined {
    if (found && value === undefined) this.refused.push(found[0].trim());
    return value;
  }

  drop(from: number, length: number): void {
    this.text = this.text.slice(0, from) + CUT + this.text.slice(from + length);
  }
}

function count(said: string | undefined, { numbers }: Lexicon): number | undefined {
  if (said === undefined) return undefined;
  const value = numbers[said] ?? Number(said);
  return Number.isFinite(value) && value > 0 ? value : undefined;
}

function takeClock(line: Line, lexicon: Lexicon): number | undefined {
  const { wish } = lexicon;
  const found = line.take(...wish.clocks);
  if (!found) return line.take(wish.noon) ? 12 * MINUTES_PER_HOUR : undefined;
  const { hour: said, minute, half, thirty } = found.groups ?? {};
  let hour = count(said, lexicon) ?? 0;
  if (half !== undefined) hour = (hour % 12) + (wish.morning.test(half) ? 0 : 12);
  else if (minute?.length !== 2 || hour < 10) hour += hour >= 1 && hour <= LATEST_BARE_EVENING ? 12 : 0;
  const minutes = thirty === undefined ? Number(minute ?? 0) : 30;
  const isTime = hour < HOURS && minutes < MINUTES_PER_HOUR;
  return line.worth(found, isTime ? hour * MINUTES_PER_HOUR + minutes : undefined);
}

function takeDay(line: Line, lexicon: Lexicon): WishDay | undefined {
  const { wish } = lexicon;
  for (const [i, pattern] of wish.months.entries()) {
    const found = line.take(pattern);
    const day = Number(found?.groups?.['day'] ?? found?.groups?.['after']);
    if (found) return line.worth(found, day >= 1 && day <= 31 ? { kind: 'date', month: i + 1, day } : undefined);
  }
  if (line.take(wish.today)) return { kind: 'inDays', days: 0 };
  if (line.take(wish.tomorrow)) return { kind: 'inDays', days: 1 };
  const days = count(line.take(wish.inDays)?.groups?.['count'], lexicon);
  if (days !== undefined) return { kind: 'inDays', days };
  const weekday = wish.weekdays.findIndex((pattern) => line.take(pattern) !== undefined);
  return weekday < 0 ? undefined : { kind: 'weekday', weekday: weekday + 1 };
}

const toC = (f: number): number => (f - 32) / 1.8;

/** The degrees in a line, °C, if `mode` can have them; rejected otherwise. */
function takeDegrees(line: Line, lexicon: Lexicon, units: UnitChoice, mode: HeatMode): number | undefined {
  const [low, high] = MODES[mode].limitsC;
  const can = (c: number | undefined): boolean => c !== undefined && c >= low && c <= high;
  const gas = line.take(new RegExp(lexicon.gas.source, 'i'));
  if (gas) return line.worth(gas, [GAS_MARKS.find(([m]) => m === Number(gas[1]))?.[1]].find(can));
  const found = line.take(lexicon.wish.degrees);
  if (!found) return undefined;
  const { value, unit, bare } = found.groups ?? {};
  if (unit !== undefined)
    return line.worth(found, [lexicon.fahrenheit.test(unit) ? toC(Number(value)) : Number(value)].find(can));
  // Without a unit it is the reader's own if possible, else the other one if only that is possible.
  const own = units.temperature === 'F' ? [toC(Number(bare)), Number(bare)] : [Number(bare), toC(Number(bare))];
  return line.worth(found, own.find(can));
}

function takeHeat(line: Line, lexicon: Lexicon, units: UnitChoice, oven: HeatMode): PlanHeat | undefined {
  const named = lexicon.wish.places.find(([pattern]) => line.take(pattern) !== undefined)?.[1];
  const mode = named ?? oven;
  const degrees = takeDegrees(line, lexicon, units, mode);
  line.take(lexicon.wish.oven);
  if (degrees === undefined) return named && heatOf(named, MODES[named].usualC);
  // Oven degrees given in the other unit are rounded for the reader.
  return heatOf(mode, mode === 'simmer' || units.temperature === 'F' ? degrees : Math.round(degrees / 5) * 5);
}

function takePot(line: Line, { wish }: Lexicon, pots: readonly Pot[]): Pot | undefined {
  const bySize = [...pots].sort((a, b) => volume(a) - volume(b));
  if (line.take(wish.smallPot)) return bySize[0];
  if (line.take(wish.largePot)) return bySize.at(-1);
  const across = Number(line.take(wish.potAcross)?.groups?.['cm']) * 10;
  if (Number.isFinite(across)) {
    return pots.reduce<Pot | undefined>(
      (near, p) => (near === undefined || Math.abs(p.lengthMm - across) < Math.abs(near.lengthMm - across) ? p : near),
      undefined,
    );
  }
  const named = pots.find((p) => line.rest.includes(p.name.toLowerCase()));
  if (named) line.take(new RegExp(named.name.toLowerCase().replaceAll(/[^\p{L}\p{N} ]/gu, '.')));
  else line.take(wish.pot);
  return named;
}

function takeMeat(line: Line, lexicon: Lexicon): { cutId: string; pieces: number | undefined } | undefined {
  for (const [pattern, whole, , cubes] of lexicon.meat) {
    const found = line.take(pattern);
    if (!found) continue;
    // The number stands right before what it counts.
    const before = lexicon.wish.countBefore.exec(line.rest.slice(0, found.index));
    const pieces = count(before?.groups?.['count'], lexicon);
    if (before && pieces !== undefined) line.drop(before.index, before[0].length);
    return { cutId: cubes !== undefined && line.take(lexicon.cubed) ? cubes : whole, pieces };
  }
  return undefined;
}

/** The text between removed parts, without filler words. */
function leftovers(line: Line, { wish }: Lexicon): string[] {
  return line.rest
    .split(wish.apart)
    .map((part) => part.replaceAll(wish.fillers, ' ').replaceAll(/\s+/g, ' ').trim())
    .filter((part) => /[\p{L}\p{N}]/u.test(part));
}

/**
 * What a line such as "oxtail for 6 saturday 7pm, 150, small pot" says, read with one language's lexicon. A bare number
 * of degrees is in the reader's own unit. Nothing is dropped: the unrecognised rest is returned as written.
 */
export function parsePlanRequest(
  text: string,
  {
    pots,
    ovens = [],
    units = METRIC,
    lexicon = ENGLISH,
  }: Pick<KitchenTools, 'pots'> & Partial<Pick<KitchenTools, 'ovens'>> & { units?: UnitChoice; lexicon?: Lexicon },
): PlanRequest {
  const line = new Line(text.toLowerCase().replaceAll(/\s+/g, ' ').trim());
  const mass = line.take(lexicon.wish.mass);
  const read = mass && parseQuantity(mass[0], 'mass', units, lexicon);
  const massKg = line.worth(mass, read?.ok === true && read.si > 0 ? read.si : undefined);
  const pot = takePot(line, lexicon, pots);
  const lid = lexicon.wish.lids.find(([pattern]) => line.take(pattern) !== undefined)?.[1];
  const forMany = line.take(...lexicon.wish.eaters);
  const eaters = line.worth(forMany, count(forMany?.groups?.['count'], lexicon));
  const day = takeDay(line, lexicon);
  const minuteOfDay = takeClock(line, lexicon);
  const heat = takeHeat(line, lexicon, units, ownOvenMode(modesOf({ ovens })));
  const meat = takeMeat(line, lexicon);
  const unplanned = meat ? undefined : lexicon.wish.unplanned.find(([pattern]) => pattern.test(line.rest))?.[1];
  // Anything rejected by name counts as recognised.
  if (unplanned === 'fish')
    for (const [pattern] of lexicon.wish.unplanned.filter(([, why]) => why === 'fish')) line.take(pattern);
  const known = { liquid: [] as string[], garnish: [] as string[], herb: [] as string[] };
  const notUnderstood = leftovers(line, lexicon).filter((part) => {
    const meaning = matchIngredient(part, lexicon);
    if (meaning?.role !== 'liquid' && meaning?.role !== 'garnish' && meaning?.role !== 'herb') return true;
    known[meaning.role].push(meaning.id);
    return false;
  });
  return {
    cutId: meat?.cutId,
    unplanned,
    massKg,
    pieces: meat?.pieces,
    eaters,
    day,
    minuteOfDay,
    heat,
    pot,
    lid,
    liquids: known.liquid,
    garnish: known.garnish,
    herbs: known.herb,
    notUnderstood: [...line.refused, ...notUnderstood],
  };
}

/** A request with everything a plan needs. */
export interface ResolvedRequest extends Omit<
  PlanRequest,
  'cutId' | 'unplanned' | 'eaters' | 'day' | 'minuteOfDay' | 'notUnderstood'
> {
  readonly title: string;
  readonly cutId: string;
  readonly eaters: number;
  readonly serveAtMs: number;
}

const HERB_COUNT = 2;
const isFiller = (id: string): boolean => ['stock', 'water'].includes(liquidById(id).kind);

/**
 * A plan from a resolved request: what it names, otherwise what the style has, otherwise what this kitchen usually
 * does.
 */
export function planFromWish(wish: ResolvedRequest, kitchen: KitchenTools, kind?: BraiseStyle): PlanInput {
  const { cutId, eaters, massKg, pieces, liquids } = wish;
  const usual = defaultMeat(cutId, eaters, massKg);
  const each = usual.massKg / usual.pieces;
  // A number of pieces weighs what such pieces usually weigh, unless a weight is given.
  const meat =
    pieces === undefined
      ? usual
      : massKg === undefined
        ? { ...defaultMeat(cutId, eaters, Math.min(LIMITS.massKg[1], pieces * each)), pieces }
        : { ...usual, pieces };
  const usualPlan = startPlan(kitchen, { title: wish.title, cutId, eaters, serveAtMs: wish.serveAtMs, meat });
  const begun = kind ? withStyle(usualPlan, kind) : usualPlan;
  const filling = liquids.find((id) => isFiller(id));
  const poured = liquids.filter((id) => !isFiller(id));
  // The same total as this kitchen usually pours.
  const usualL = usualPlan.liquid.parts.reduce((sum, p) => sum + p.litres, 0);
  const litres = Math.round((usualL / Math.max(1, poured.length)) * 100) / 100;
  const wine = poured.some((id) => liquidById(id).kind === 'wine');
  const edibleKg = bonelessKg([meat]);
  const garnish = wish.garnish
    .filter((id) => !begun.base.items.some((item) => item.id === id))
    .map((id) => baseItem(id, (garnishById(id).usualGPerKg[1] * edibleKg) / 1000));
  const herbs = wish.herbs
    .filter((id) => !begun.liquid.herbs.some((herb) => herb.id === id))
    .map((id) => ({ id, count: HERB_COUNT }));
  const main = mainStage(begun);
  const pot = wish.pot ?? begun.pot;
  return {
    ...begun,
    course: singleStageSchedule(wish.heat ?? main.heat, wish.lid ?? lidsFor(pot)[0] ?? main.lid),
    pot,
    base: { ...begun.base, items: [...begun.base.items, ...garnish] },
    liquid: {
      ...begun.liquid,
      herbs: [...begun.liquid.herbs, ...herbs],
      ...(poured.length > 0
        ? {
            parts: poured.map((id) => ({ id, litres, when: 'start' as const })),
            reduce: wine ? begun.liquid.reduce : ('none' as const),
          }
        : {}),
      ...(filling === undefined ? {} : { fillerId: filling }),
    },
  };
}
