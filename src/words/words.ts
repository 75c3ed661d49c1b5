import { IntlMessageFormat } from 'intl-messageformat';
import { dictionary } from './dictionary';
import { type Language } from './languages';
import { formatInDisplayUnit, formatMeasure, formatNumber, type Reader } from './measure';
import { clock, clockBeside, day, dayFrom, hoursOf, weekday } from './moments';
import {
  type Code,
  type Entry,
  type Figure,
  type FigureInput,
  type Measure,
  type Message,
  type NamedTable,
  type Param,
  type Params,
  type ParamsOf,
  type Quantity,
  type QuantityRange,
  nameOf,
  say,
} from '../core/message';
import { baseIngredientId, OWN_TABLES, findCustom } from '../core/custom';
import { displayUnit, KG_PER_OZ, toUnit, type UnitChoice } from '../core/quantity';

/** The reader the words are for. `timeZone` is that of the kitchen's clock. */
export interface Audience {
  readonly units: UnitChoice;
  readonly language: Language;
  readonly timeZone: string;
}

/** A quantity written into the sentence: the argument {C_74} is 74 °C, {l_0_25} is 0.25 l, in the reader's units. */
const WRITTEN = /^(kg|l|mm|C|K|gL)_(\d+(?:_\d+)?)$/;
const WRITTEN_AS: Readonly<Record<string, Measure>> = {
  kg: 'mass',
  l: 'volume',
  mm: 'length',
  C: 'temperature',
  K: 'temperatureStep',
  gL: 'gramsPerL',
};

/** Shown for a sentence or parameter in an old file that no longer exists. */
const NO_SENTENCE = '…';

/** Numbers of significant digits to try for an entry, from the fewest. */
const FIGURES = [3, 4, 5, 6] as const;
const MAX_DECIMALS = 6;
const DIMENSIONS = ['mass', 'volume', 'length', 'temperature', 'temperatureStep'] as const;

/** Below half an eighth of an ounce a weight is shown as too little to weigh rather than 0, kg. */
const MIN_OZ_KG = KG_PER_OZ / 16;
/** Below one percent a share is shown as very small rather than 0. */
const MIN_SHARE = 0.01;

function isQuantity(param: object): param is Quantity {
  return 'as' in param && 'value' in param;
}

function isRange(param: object): param is QuantityRange {
  return 'as' in param && 'low' in param;
}

/** Lists that are not sentences. */
const JOINED = { comma: ', ', semicolon: '; ', space: ' ' } as const;

/** The name a cook gave a custom ingredient, for codes that ask for its name. */
function ownName(code: string): string | undefined {
  const [table, id, how, ...more] = code.split('.');
  if (id?.includes('~') !== true || more.length > 0 || (how !== undefined && how !== 'full')) return undefined;
  return OWN_TABLES.some((t) => t === table) ? findCustom(id)?.name : undefined;
}

/** A code about a custom ingredient, redirected to its base ingredient. */
function ofItsLike(code: string): string {
  return code.split('.').map(baseIngredientId).join('.');
}

/** The words of one language in one cook's units: turns codes into text. Pure; made by `wordsFor`. */
export class Words {
  private readonly lists = new Map<string, Intl.ListFormat>();
  private readonly lookup: (code: string) => string | undefined;
  readonly reader: Reader;
  /** Locale for dates and times, a BCP 47 tag. */
  readonly locale: string;

  /** `parsed` is shared between instances; `heard` is called with each code looked up and its words, null if none. */
  constructor(
    private readonly audience: Audience,
    private readonly parsed = new Map<string, IntlMessageFormat>(),
    private readonly heard?: Map<string, string | null>,
  ) {
    const lookup = dictionary(audience.language.id);
    this.lookup = (named) => {
      const code = named.includes('~') ? ofItsLike(named) : named;
      const words = lookup(code);
      this.heard?.set(code, words ?? null);
      return words;
    };
    this.locale = audience.language.tag;
    this.reader = { ...audience.units, language: this.locale, unit: (code, ...params) => this.text(code, ...params) };
  }

  /** Hours of the reader's clock. */
  get hours(): 12 | 24 {
    return hoursOf(this.locale);
  }

  /** Whether this language has words for a code. */
  has(code: string): boolean {
    return (this.lookup(code) ?? '') !== '';
  }

  /** The text of a code, with all the parameters its sentence takes. */
  text<C extends Code>(code: C, ...params: ParamsOf<C>): string {
    return this.say(say(code, ...params));
  }

  /**
   * The text of a message. One from an old file may name a sentence that is gone, or lack a new parameter: it is shown
   * as far as possible.
   */
  say(message: Message): string {
    return this.sentence(message.code, message.params ?? {});
  }

  private sentence(code: string, params: Params): string {
    const own = ownName(code);
    if (own !== undefined) return own;
    const format = this.formatOf(code);
    const values: Record<string, string | number> = {};
    for (const name of argumentsOf(format)) values[name] = this.argument(name, params);
    return String(format.format(values));
  }

  /** A message standing alone or starting a sentence. */
  title(message: Message): string {
    return this.capital(this.say(message));
  }

  /** The name of a larder row within a sentence. */
  name(table: NamedTable, id: string): string {
    return this.say(nameOf(table, id));
  }

  /** The name of a larder row on its own. */
  label(table: NamedTable, id: string): string {
    return this.capital(this.name(table, id));
  }

  /** Texts joined as this language does. */
  list(texts: readonly string[], join: 'and' | 'or' | keyof typeof JOINED = 'and'): string {
    if (join !== 'and' && join !== 'or') return texts.join(JOINED[join]);
    let format = this.lists.get(join);
    if (!format) {
      format = new Intl.ListFormat(this.audience.language.tag, {
        type: join === 'and' ? 'conjunction' : 'disjunction',
      });
      this.lists.set(join, format);
    }
    return format.format(texts);
  }

  quantity(value: number, as: Measure): string {
    if (as === 'volumePerHour') return this.text('measure.perHour', { volume: { as: 'volume', value } });
    // Salt is in grams for everybody: ounces are too coarse for seasoning.
    if (as === 'saltStrength') {
      return Number.isFinite(value) ? this.text('measure.saltALitre', { grams: Math.round(value * 1000) }) : '–';
    }
    if (as === 'evenings') return this.evenings(value);
    if (as === 'mass' && this.reader.weight === 'us' && value > 0 && value < MIN_OZ_KG) {
      return this.text('measure.underAnEighth');
    }
    if (as === 'share' && value > 0 && value < MIN_SHARE) return this.text('measure.underOnePercent');
    return formatMeasure(value, as, this.reader);
  }

  private evenings(share: number): string {
    if (!Number.isFinite(share)) return '–';
    const percent = Math.round(share * 100);
    return percent % 10 === 0
      ? this.text('measure.eveningsInTen', { evenings: percent / 10 })
      : this.text('measure.eveningsInHundred', { evenings: percent });
  }

  /** A range, with the unit once if it is the same. */
  range(low: number, high: number, as: Measure): string {
    const [from, to] = [this.quantity(low, as), this.quantity(high, as)];
    if (from === to) return to;
    const cut = from.lastIndexOf(' ');
    const sameUnit = cut > 0 && from.slice(cut) === to.slice(to.lastIndexOf(' ')) && !from.slice(0, cut).includes(' ');
    return this.text('measure.range', { low: sameUnit ? from.slice(0, cut) : from, high: to });
  }

  figure(figure: Pick<Figure, 'value' | 'as'>): string {
    return this.quantity(figure.value, figure.as);
  }

  /** A figure's label on its own, its formula or what would change it. */
  about(figure: Figure, part: 'label' | 'formula' | 'changes'): string {
    return this.capital(this.sentence(`figure.${figure.id}.${part}`, figure.params ?? {}));
  }

  /** A figure's label within a sentence. */
  figureName(figure: Figure): string {
    return this.sentence(`figure.${figure.id}.label`, figure.params ?? {});
  }

  inputLabel(input: FigureInput): string {
    return this.sentence(`input.${input.id}`, input.params ?? {});
  }

  capital(text: string): string {
    const first = text.codePointAt(0);
    if (first === undefined) return text;
    const letter = String.fromCodePoint(first);
    return letter.toLocaleUpperCase(this.audience.language.tag) + text.slice(letter.length);
  }

  /** Clock time, e.g. "18:20". */
  clock(ms: number): string {
    return clock(ms, this.audience.timeZone, this.locale);
  }

  /** Day, e.g. "Sat 28 Nov". */
  day(ms: number): string {
    return day(ms, this.audience.timeZone, this.locale);
  }

  /** Day of the week, e.g. "Sat". */
  weekday(ms: number): string {
    return weekday(ms, this.audience.timeZone, this.locale);
  }

  /** Clock time, preceded by the day if it differs from that of `besideMs`. */
  clockBeside(ms: number, besideMs: number): string {
    return clockBeside(ms, besideMs, this.audience.timeZone, this.locale);
  }

  /** The day as seen from `nowMs`: today, tomorrow, yesterday or its date. */
  dayFrom(ms: number, nowMs: number): string {
    return dayFrom(ms, nowMs, this.audience.timeZone, this.locale);
  }

  private formatOf(code: string): IntlMessageFormat {
    let format = this.parsed.get(code);
    // A code parsed for an earlier page is still reported for this one.
    const words = format && !this.heard ? undefined : this.lookup(code);
    if (!format) {
      format = new IntlMessageFormat(words ?? NO_SENTENCE, this.audience.language.tag, undefined, { ignoreTag: true });
      if (words !== '') this.parsed.set(code, format);
    }
    return format;
  }

  /** The value of an argument: as named, or capitalised if the sentence names it so. */
  private argument(name: string, params: Params): string | number {
    const known = params[name];
    if (known !== undefined) return this.param(known);
    const lower = name.charAt(0).toLowerCase() + name.slice(1);
    const small = params[lower];
    if (small !== undefined) return this.capital(String(this.param(small)));
    const written = WRITTEN.exec(name);
    const as = WRITTEN_AS[written?.[1] ?? ''];
    if (as === undefined) return NO_SENTENCE;
    return this.quantity(Number((written?.[2] ?? '').replace('_', '.')), as);
  }

  /** An entered value, with enough digits to show that it is beyond its limits. */
  private entry({ as, entered, limits }: Entry): string {
    const shown = this.quantity(entered, as);
    if (!limits.some((limit) => this.quantity(limit, as) === shown)) return shown;
    const dimension = DIMENSIONS.find((d) => d === as);
    const unit = dimension && displayUnit(dimension, this.audience.units);
    const inUnit = (si: number): number => (unit ? toUnit(si, unit) : si);
    const [low, high] = limits.map(inUnit) as [number, number];
    const value = inUnit(entered);
    const plain = FIGURES.map((figures) => Number(value.toPrecision(figures))).find((v) => v < low || v > high);
    return dimension
      ? formatInDisplayUnit(plain ?? value, dimension, MAX_DECIMALS, this.reader)
      : formatNumber(plain ?? value, MAX_DECIMALS, this.reader);
  }

  private param(param: Param): string | number {
    if (typeof param !== 'object') return param;
    if ('entered' in param) return this.entry(param);
    if ('code' in param) return this.say(param);
    if ('list' in param)
      return this.list(
        param.list.map((p) => String(this.param(p))),
        param.join,
      );
    if ('atMs' in param) return this.clockBeside(param.atMs, param.besideMs ?? param.atMs);
    if (isQuantity(param)) return this.quantity(param.value, param.as);
    if (isRange(param)) return this.range(param.low, param.high, param.as);
    throw new RangeError('A parameter of no known kind.');
  }
}

type Element = ReturnType<IntlMessageFormat['getAst']>[number];

const PLURAL_OR_SELECT: readonly number[] = [5, 6];
const LITERALS: readonly number[] = [0, 7];
const argumentNames = new WeakMap<IntlMessageFormat, readonly string[]>();

/** All argument names of a message, including those inside plurals and selects. */
function argumentsOf(format: IntlMessageFormat): readonly string[] {
  const known = argumentNames.get(format);
  if (known) return known;
  const names = new Set<string>();
  const visit = (elements: readonly Element[]): void => {
    for (const element of elements) {
      if (!LITERALS.includes(element.type)) names.add(String((element as { value: unknown }).value));
      if (PLURAL_OR_SELECT.includes(element.type)) {
        for (const option of Object.values((element as { options: Record<string, { value: Element[] }> }).options)) {
          visit(option.value);
        }
      }
    }
  };
  visit(format.getAst());
  const list = [...names];
  argumentNames.set(format, list);
  return list;
}

const made = new Map<string, Words>();
const parsedFor = new Map<string, Map<string, IntlMessageFormat>>();

const keyOf = ({ units, language, timeZone }: Audience): string =>
  `${language.id} ${units.weight} ${units.temperature} ${timeZone}`;

/** The words for a reader; the same instance for the same reader until more words have loaded (`edition`). */
export function wordsFor(audience: Audience, edition = 0): Words {
  const key = `${keyOf(audience)} ${String(edition)}`;
  let words = made.get(key);
  if (!words) {
    words = new Words(audience, parsedOf(audience));
    made.set(key, words);
  }
  return words;
}

function parsedOf(audience: Audience): Map<string, IntlMessageFormat> {
  const key = keyOf(audience);
  let parsed = parsedFor.get(key);
  if (!parsed) {
    parsed = new Map();
    parsedFor.set(key, parsed);
  }
  return parsed;
}

/** Words for one page: `heard` collects each code that is looked up, so that only those are sent with the page. */
export function wordsHeard(audience: Audience, heard: Map<string, string | null>): Words {
  return new Words(audience, parsedOf(audience), heard);
}
