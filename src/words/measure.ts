import { type Measure } from '../core/message';
import { M_PER_FOOT, KG_PER_OZ, L_PER_FL_OZ, MM_PER_INCH, toUnit, type UnitChoice, UNITS } from '../core/quantity';

/** Who reads: in which units, and in the number signs of which language (a BCP 47 tag). */
export interface Reader extends UnitChoice {
  readonly language?: string;
}

const formatters = new Map<string, Intl.NumberFormat>();

/** A number with up to so many decimals, as the reader's language writes it. */
export function formatNumber(
  value: number,
  decimals: number,
  { language = 'en-GB' }: Pick<Reader, 'language'>,
): string {
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

/** `amount` rounded to what a kitchen scale or jug can tell apart. */
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
export function formatMass(kg: number, choice: Reader): string {
  if (choice.weight === 'us') {
    const exact = toUnit(kg, UNITS.oz);
    if (Math.abs(exact) < 4) return `${withFraction(exact, Math.abs(exact) < 1 ? 8 : 4)} oz`;
    const ounces = Math.round(exact);
    const pounds = Math.floor(ounces / 16);
    const rest = ounces % 16;
    if (pounds === 0) return `${String(rest)} oz`;
    return rest === 0 ? `${String(pounds)} lb` : `${String(pounds)} lb ${String(rest)} oz`;
  }
  const grams = kg * 1000;
  if (Math.abs(grams) < 10) return `${formatNumber(Math.round(grams * 2) / 2, 1, choice)} g`;
  const rounded = roundForKitchen(grams);
  return rounded >= 1000 ? `${formatNumber(rounded / 1000, 2, choice)} kg` : `${String(rounded)} g`;
}

/** Volume for reading, e.g. "690 ml", "1.2 l", "2¾ cups", "3½ fl oz", "1½ tsp". */
export function formatVolume(litres: number, choice: Reader): string {
  if (choice.weight === 'us') {
    const cups = toUnit(litres, UNITS.cup);
    if (Math.abs(cups) >= 0.95) return `${withFraction(cups, 4)} ${Math.round(cups * 4) === 4 ? 'cup' : 'cups'}`;
    const ounces = toUnit(litres, UNITS.flOz);
    if (Math.abs(ounces) >= 2) return `${withFraction(ounces, 2)} fl oz`;
    const spoons = toUnit(litres, UNITS.tbsp);
    return Math.abs(spoons) >= 0.9
      ? `${withFraction(spoons, 2)} tbsp`
      : `${withFraction(toUnit(litres, UNITS.tsp), 4)} tsp`;
  }
  const ml = roundForKitchen(litres * 1000);
  return Math.abs(ml) >= 1000 ? `${formatNumber(ml / 1000, 2, choice)} l` : `${String(ml)} ml`;
}

/** Length for reading, e.g. "45 mm", "1¾ in". */
export function formatLength(mm: number, choice: Reader): string {
  return choice.weight === 'us' ? `${withFraction(toUnit(mm, UNITS.inch), 8)} in` : `${String(Math.round(mm))} mm`;
}

/** Temperature for reading, e.g. "150 °C", "300 °F" (Fahrenheit over 212 to the nearest 5, as dials are marked). */
export function formatTemperature(tempC: number, choice: Reader): string {
  if (choice.temperature === 'C') return `${String(Math.round(tempC))} °C`;
  const f = toUnit(tempC, UNITS.fahrenheit);
  return `${String(f > 212 ? Math.round(f / 5) * 5 : Math.round(f))} °F`;
}

/** A rise or fall of temperature, to a tenth where it is small, e.g. "8 °C", "14 °F", "0.6 °C". */
export function formatTemperatureStep(kelvin: number, choice: Reader): string {
  const step = choice.temperature === 'C' ? kelvin : kelvin * 1.8;
  return `${formatNumber(step, Math.abs(step) < 2 ? 1 : 0, choice)} °${choice.temperature}`;
}

/** Minutes for reading, e.g. "45 s", "12 min", "2 h 05". */
export function formatMinutes(minutes: number): string {
  if (minutes <= 0) return '0 min';
  if (minutes < 1.5 && minutes !== 1) return `${String(Math.round((minutes * 60) / 5) * 5)} s`;
  const whole = Math.round(minutes);
  if (whole < 60)
    return `${minutes < 5 && Math.abs(minutes - whole) > 0.2 ? withFraction(minutes, 2) : String(whole)} min`;
  return `${String(Math.floor(whole / 60))} h ${String(whole % 60).padStart(2, '0')}`;
}

const MM2_PER_IN2 = MM_PER_INCH ** 2;
const G_PER_OZ = 1000 * KG_PER_OZ;
const L_PER_QUART = 32 * L_PER_FL_OZ;

/**
 * A quantity as a cook reads it: a number and its unit; a dash where there is none. What stands for an hour, for next to
 * nothing, for evenings or between two is words, and so `Words.quantity`'s.
 */
export function formatMeasure(
  value: number,
  as: Exclude<Measure, 'volumePerHour' | 'evenings' | 'saltStrength'>,
  reader: Reader,
): string {
  if (!Number.isFinite(value)) return '–';
  const us = reader.weight === 'us';
  const number = (v: number, decimals: number): string => formatNumber(v, decimals, reader);
  switch (as) {
    case 'mass':
      return formatMass(value, reader);
    case 'volume':
      return formatVolume(value, reader);
    case 'length':
      return formatLength(value, reader);
    case 'altitude':
      return us ? `${number(value / M_PER_FOOT, 0)} ft` : `${number(value, 0)} m`;
    case 'area':
      return us ? `${number((value * 1e6) / MM2_PER_IN2, 0)} in²` : `${number(value * 1e4, 0)} cm²`;
    case 'temperature':
      return formatTemperature(value, reader);
    case 'temperatureStep':
      return formatTemperatureStep(value, reader);
    case 'minutes':
      return formatMinutes(value);
    case 'count':
      return number(value, 0);
    case 'number':
      return number(value, 2);
    case 'teaspoons':
      return `${withFraction(value, 4)} tsp`;
    case 'share':
      return `${number(value * 100, 0)} %`;
    case 'gramsPerKg':
      return us ? `${number(value / 10, 2)} %` : `${number(value, 1)} g/kg`;
    case 'gramsPerL':
      return us ? `${number((value / G_PER_OZ) * L_PER_QUART, 1)} oz/qt` : `${number(value, 0)} g/l`;
    case 'money':
      return value.toFixed(2);
    case 'energy':
      return `${number(value, value < 1 ? 2 : 1)} kWh`;
    case 'power':
      return `${number(value, 0)} W`;
  }
}
