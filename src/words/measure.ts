import { type Code, type Measure, type ParamsOf } from '../core/message';
import {
  type Dimension,
  M_PER_FOOT,
  KG_PER_OZ,
  L_PER_FL_OZ,
  MM_PER_INCH,
  toUnit,
  type UnitChoice,
  UNITS,
} from '../core/quantity';

type UnitCode = Extract<Code, `unit.${string}`>;

/** The reader: units, number format (a BCP 47 tag), and words for units. */
export interface Reader extends UnitChoice {
  readonly language: string;
  /** An amount with its unit in the reader's language. */
  readonly unit: <C extends UnitCode>(code: C, ...params: ParamsOf<C>) => string;
}

const formatters = new Map<string, Intl.NumberFormat>();

/** A number with up to this many decimals in the reader's language. */
export function formatNumber(value: number, decimals: number, { language }: Pick<Reader, 'language'>): string {
  const key = `${language}${String(decimals)}`;
  let formatter = formatters.get(key);
  if (!formatter) {
    formatter = new Intl.NumberFormat(language, { maximumFractionDigits: decimals, useGrouping: false });
    formatters.set(key, formatter);
  }
  return formatter.format(value + 0);
}

/** Rounds to a step a kitchen can measure: 1 below 20, 5 below 100, 10 below 1000, then 50. */
function kitchenStep(amount: number): number {
  if (amount < 20) return 1;
  if (amount < 100) return 5;
  return amount < 1000 ? 10 : 50;
}

/** `amount` rounded to what a kitchen scale or jug can resolve. */
export function roundForKitchen(amount: number): number {
  const step = kitchenStep(Math.abs(amount));
  return Math.round(amount / step) * step;
}

const FRACTIONS: Readonly<Record<number, string>> = {
  0.125: '⅛',
  0.25: '¼',
  0.375: '⅜',
  0.5: '½',
  0.625: '⅝',
  0.75: '¾',
  0.875: '⅞',
};

/** A number to the nearest 1/`parts` (up to eighths) as a cook writes it: "1¾", "½", "3". */
export function withFraction(value: number, parts: 2 | 4 | 8): string {
  const rounded = Math.round(value * parts) / parts;
  const whole = Math.trunc(rounded);
  const rest = FRACTIONS[Math.abs(rounded - whole)] ?? '';
  if (rest === '') return String(whole);
  return `${whole === 0 ? (rounded < 0 ? '−' : '') : String(whole)}${rest}`;
}

/** Weight for reading, e.g. "1.8 kg", "420 g", "4.5 g", "3 lb 15 oz", "¼ oz". */
function formatMass(kg: number, reader: Reader): string {
  const { unit } = reader;
  if (reader.weight === 'us') {
    const exact = toUnit(kg, UNITS.oz);
    if (Math.abs(exact) < 4) return unit('unit.oz', { amount: withFraction(exact, Math.abs(exact) < 1 ? 8 : 4) });
    const ounces = Math.round(exact);
    const pounds = String(Math.floor(ounces / 16));
    const rest = String(ounces % 16);
    if (ounces < 16) return unit('unit.oz', { amount: rest });
    return rest === '0' ? unit('unit.lb', { amount: pounds }) : unit('unit.lbOz', { pounds, ounces: rest });
  }
  const grams = kg * 1000;
  if (Math.abs(grams) < 10) return unit('unit.g', { amount: formatNumber(Math.round(grams * 2) / 2, 1, reader) });
  const rounded = roundForKitchen(grams);
  return rounded >= 1000
    ? unit('unit.kg', { amount: formatNumber(rounded / 1000, 2, reader) })
    : unit('unit.g', { amount: String(rounded) });
}

/** Volume for reading, e.g. "690 ml", "1.2 l", "2¾ cups", "3½ fl oz", "1½ tsp". */
function formatVolume(litres: number, reader: Reader): string {
  const { unit } = reader;
  if (reader.weight === 'us') {
    const cups = toUnit(litres, UNITS.cup);
    if (Math.abs(cups) >= 0.95) {
      return unit('unit.cups', { amount: withFraction(cups, 4), count: Math.round(cups * 4) / 4 });
    }
    const ounces = toUnit(litres, UNITS.flOz);
    if (Math.abs(ounces) >= 2) return unit('unit.flOz', { amount: withFraction(ounces, 2) });
    const spoons = toUnit(litres, UNITS.tbsp);
    return Math.abs(spoons) >= 0.9
      ? unit('unit.tbsp', { amount: withFraction(spoons, 2) })
      : unit('unit.tsp', { amount: withFraction(toUnit(litres, UNITS.tsp), 4) });
  }
  const ml = roundForKitchen(litres * 1000);
  return Math.abs(ml) >= 1000
    ? unit('unit.l', { amount: formatNumber(ml / 1000, 2, reader) })
    : unit('unit.ml', { amount: String(ml) });
}

/** Length for reading, e.g. "45 mm", "1¾ in". */
function formatLength(mm: number, { weight, unit }: Reader): string {
  return weight === 'us'
    ? unit('unit.in', { amount: withFraction(toUnit(mm, UNITS.inch), 8) })
    : unit('unit.mm', { amount: String(Math.round(mm)) });
}

const DEGREES = { C: 'unit.celsius', F: 'unit.fahrenheit' } as const;

/** Temperature for reading, e.g. "150 °C", "300 °F" (Fahrenheit over 212 to the nearest 5, as dials are marked). */
function formatTemperature(tempC: number, { temperature, unit }: Reader): string {
  const shown = temperature === 'C' ? tempC : toUnit(tempC, UNITS.fahrenheit);
  const step = temperature === 'F' && shown > 212 ? 5 : 1;
  return unit(DEGREES[temperature], { amount: String(Math.round(shown / step) * step) });
}

/** A temperature difference, to a tenth if small, e.g. "8 °C", "14 °F", "0.6 °C". */
function formatTemperatureStep(kelvin: number, reader: Reader): string {
  const step = reader.temperature === 'C' ? kelvin : kelvin * 1.8;
  return reader.unit(DEGREES[reader.temperature], {
    amount: formatNumber(step, Math.abs(step) < 2 ? 1 : 0, reader),
  });
}

/** An amount already in the reader's unit, with up to this many decimals. */
export function formatInDisplayUnit(value: number, dimension: Dimension, decimals: number, reader: Reader): string {
  const { unit } = reader;
  const us = reader.weight === 'us';
  const amount = formatNumber(value, decimals, reader);
  switch (dimension) {
    case 'mass':
      return unit(us ? 'unit.lb' : 'unit.kg', { amount });
    case 'volume':
      return us ? unit('unit.cups', { amount, count: value }) : unit('unit.ml', { amount });
    case 'length':
      return unit(us ? 'unit.in' : 'unit.mm', { amount });
    case 'temperature':
    case 'temperatureStep':
      return unit(DEGREES[reader.temperature], { amount });
  }
}

/** Minutes for reading, e.g. "45 s", "12 min", "2 h 05". */
function formatMinutes(minutes: number, { unit }: Reader): string {
  if (minutes <= 0) return unit('unit.min', { amount: '0' });
  if (minutes < 1.5 && minutes !== 1) return unit('unit.s', { amount: String(Math.round((minutes * 60) / 5) * 5) });
  const whole = Math.round(minutes);
  if (whole < 60) {
    const half = minutes < 5 && Math.abs(minutes - whole) > 0.2;
    return unit('unit.min', { amount: half ? withFraction(minutes, 2) : String(whole) });
  }
  return unit('unit.hours', { hours: String(Math.floor(whole / 60)), minutes: String(whole % 60).padStart(2, '0') });
}

const MM2_PER_IN2 = MM_PER_INCH ** 2;
const G_PER_OZ = 1000 * KG_PER_OZ;
const L_PER_QUART = 32 * L_PER_FL_OZ;

/**
 * A quantity as a cook reads it: number and unit; a dash if there is none. Per-hour values, very small amounts, odds
 * and ranges are words, and so are handled by `Words.quantity`.
 */
export function formatMeasure(
  value: number,
  as: Exclude<Measure, 'volumePerHour' | 'evenings' | 'saltStrength'>,
  reader: Reader,
): string {
  if (!Number.isFinite(value)) return '–';
  const us = reader.weight === 'us';
  const { unit } = reader;
  const amount = (v: number, decimals: number) => ({ amount: formatNumber(v, decimals, reader) });
  switch (as) {
    case 'mass':
      return formatMass(value, reader);
    case 'volume':
      return formatVolume(value, reader);
    case 'length':
      return formatLength(value, reader);
    case 'altitude':
      return us ? unit('unit.ft', amount(value / M_PER_FOOT, 0)) : unit('unit.m', amount(value, 0));
    case 'area':
      return us ? unit('unit.in2', amount((value * 1e6) / MM2_PER_IN2, 0)) : unit('unit.cm2', amount(value * 1e4, 0));
    case 'temperature':
      return formatTemperature(value, reader);
    case 'temperatureStep':
      return formatTemperatureStep(value, reader);
    case 'minutes':
      return formatMinutes(value, reader);
    case 'count':
      return formatNumber(value, 0, reader);
    case 'number':
      return formatNumber(value, 2, reader);
    case 'teaspoons':
      return unit('unit.tsp', { amount: withFraction(value, 4) });
    case 'share':
      return unit('unit.percent', amount(value * 100, 0));
    case 'gramsPerKg':
      return us ? unit('unit.percent', amount(value / 10, 2)) : unit('unit.gPerKg', amount(value, 1));
    case 'gramsPerL':
      return us
        ? unit('unit.ozPerQt', amount((value / G_PER_OZ) * L_PER_QUART, 1))
        : unit('unit.gPerL', amount(value, 0));
    case 'money':
      return value.toFixed(2);
    case 'energy':
      return unit('unit.kWh', amount(value, value < 1 ? 2 : 1));
    case 'power':
      return unit('unit.W', amount(value, 0));
  }
}
