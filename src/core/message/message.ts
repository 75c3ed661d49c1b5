import { type Code, type ParameterOf } from './catalogue';

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
  /** A probability, said as so many in ten. */
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

/** A range of one measure. */
export interface QuantityRange {
  readonly as: Measure;
  readonly low: number;
  readonly high: number;
}

/** A value entered beyond its limits; shown with enough digits to see that it is. */
export interface Entry {
  readonly as: Measure;
  readonly entered: number;
  readonly limits: readonly [low: number, high: number];
}

/** A moment, ms since 1970; with its day if that differs from the day of `besideMs`. */
export interface TimeParam {
  readonly atMs: number;
  readonly besideMs?: number;
}

/** A list of names. */
export interface ListParam {
  readonly list: readonly Param[];
  readonly join: 'and' | 'or' | 'comma' | 'semicolon' | 'space';
}

/** A bare number is counted; a bare text is what somebody typed, or an id the sentence selects by. */
export type Param = string | number | Quantity | QuantityRange | Entry | TimeParam | ListParam | Message;

export type Params = Readonly<Record<string, Param>>;

declare const checked: unique symbol;

/**
 * What the core has to say: a code that has an English sentence, with its parameters. Made by `say` alone, which checks
 * both; messages from files come through `storedMessage`.
 */
export interface Message {
  readonly [checked]: true;
  readonly code: string;
  readonly params?: Params;
}

/** The parameters a code's sentence takes: none, or every one of them. */
export type ParamsOf<C extends Code> = [ParameterOf<C>] extends [never]
  ? readonly [params?: Readonly<Record<string, never>>]
  : readonly [params: Readonly<Record<ParameterOf<C>, Param>>];

/** `code` is looked up in the words of the reader's language. */
export function say<C extends Code>(code: C, ...[params]: ParamsOf<C>): Message {
  return (params === undefined ? { code } : { code, params }) as Message;
}

/** A message read from a file: its code may no longer have a sentence. */
export function storedMessage(message: { readonly code: string; readonly params?: Params }): Message {
  return message as Message;
}

/** The name of a larder row, e.g. of the cut "beef_oxtail". Tests check that every row has its sentences. */
export function nameOf(table: NamedTable, id: string): Message {
  return storedMessage({ code: `${table}.${id}` });
}

/** What is said about rows besides their name. */
interface RowParts {
  readonly cut: 'full' | 'sign' | 'connective';
  readonly garnish: 'look' | 'note' | 'choke';
  readonly herb: 'dried';
  readonly fat: 'why';
  readonly kind: 'why';
  readonly thickener: 'why';
  readonly way: 'why';
  /** `buy`, or the id of one of its steps. */
  readonly side: string;
  readonly step: 'title' | 'do' | 'sign' | 'little' | 'much' | 'late';
}

/** One part of what is said about a row, e.g. the sign that a cut is ready. */
export function ofRow<T extends keyof RowParts>(table: T, id: string, part: RowParts[T]): Message {
  return storedMessage({ code: `${table}.${id}.${part}` });
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
  | 'decision'
  | 'swap'
  | 'suits'
  | 'hidden'
  | 'trim'
  /** Of a technique's option, `topic.option`. */
  | 'way';

/** Plural name of pieces or herbs. */
export function noun(id: string, count: number): Message {
  return storedMessage({ code: `noun.${id}`, params: { count } });
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

export function listParam(list: readonly Param[], join: ListParam['join'] = 'and'): ListParam {
  return { list, join };
}

export function timeParam(atMs: number, besideMs?: number): TimeParam {
  return besideMs === undefined ? { atMs } : { atMs, besideMs };
}
