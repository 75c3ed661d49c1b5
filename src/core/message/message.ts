/** What a number measures: kg, l, mm, °C, K, min, and plain numbers by how they are read. */
export type Measure =
  | 'mass'
  | 'volume'
  | 'length'
  | 'altitude'
  | 'area'
  | 'temperature'
  | 'temperatureStep'
  | 'minutes'
  | 'count'
  | 'number'
  | 'share'
  /** A share of evenings, said as so many in ten. */
  | 'evenings'
  | 'teaspoons'
  | 'saltStrength'
  | 'gramsPerKg'
  | 'gramsPerL'
  | 'volumePerHour'
  | 'money'
  | 'power'
  | 'energy';

/** A number with what it measures, SI. */
export interface Quantity {
  readonly as: Measure;
  readonly value: number;
}

/** Between two numbers of the same measure. */
export interface QuantityRange {
  readonly as: Measure;
  readonly low: number;
  readonly high: number;
}

/** What somebody entered that lies beyond its limits; said with as many figures as show that it does. */
export interface Entry {
  readonly as: Measure;
  readonly entered: number;
  readonly limits: readonly [low: number, high: number];
}

/** A moment, ms since 1970; said with its day where that is another than the day of `besideMs`. */
export interface Moment {
  readonly atMs: number;
  readonly besideMs?: number;
}

/** Several things named one after the other. */
export interface Listed {
  readonly list: readonly Param[];
  readonly join: 'and' | 'or' | 'comma' | 'semicolon' | 'space';
}

/** A bare number is counted, a bare text is what somebody typed or one of a few ids to choose by. */
export type Param = string | number | Quantity | QuantityRange | Entry | Moment | Listed | Message;

export type Params = Readonly<Record<string, Param>>;

/** What the core has to say: a code and what belongs to it. The words are `src/words`' business. */
export interface Message {
  readonly code: string;
  readonly params?: Params;
}

/** `code` is looked up in the words of the reader's language. */
export function say(code: string, params?: Params): Message {
  return params === undefined ? { code } : { code, params };
}

/** The name of a row of the larder, e.g. of the cut "beef_oxtail". */
export function nameOf(table: NamedTable, id: string): Message {
  return { code: `${table}.${id}` };
}

export type NamedTable =
  | 'cut'
  | 'garnish'
  | 'liquid'
  | 'fat'
  | 'herb'
  | 'spice'
  | 'salt'
  | 'side'
  | 'lid'
  | 'avoid'
  | 'kind'
  | 'stage'
  | 'rung'
  | 'thickener'
  | 'vessel'
  | 'decision';

/** What so many pieces or herbs are called. */
export function noun(id: string, count: number): Message {
  return { code: `noun.${id}`, params: { count } };
}

const quantity =
  (as: Measure) =>
  (value: number): Quantity => ({ as, value });

export const kg = quantity('mass');
export const litres = quantity('volume');
export const mm = quantity('length');
export const tempC = quantity('temperature');
export const kelvin = quantity('temperatureStep');
export const minutes = quantity('minutes');
export const share = quantity('share');
export const evenings = quantity('evenings');
export const strength = quantity('saltStrength');
export const money = quantity('money');
export const kWh = quantity('energy');

export function listed(list: readonly Param[], join: Listed['join'] = 'and'): Listed {
  return { list, join };
}

export function moment(atMs: number, besideMs?: number): Moment {
  return besideMs === undefined ? { atMs } : { atMs, besideMs };
}
