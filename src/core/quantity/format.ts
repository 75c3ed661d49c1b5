import { toUnit, type UnitChoice, UNITS } from './units';

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

function trimZeros(text: string): string {
  return text.includes('.') ? text.replace(/\.?0+$/, '') : text;
}

/** Weight for reading, e.g. "1.8 kg", "420 g", "4.5 g", "3 lb 15 oz", "¼ oz". */
export function formatMass(kg: number, choice: UnitChoice): string {
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
  if (Math.abs(grams) < 10) return `${trimZeros((Math.round(grams * 2) / 2).toFixed(1))} g`;
  const rounded = roundForKitchen(grams);
  return rounded >= 1000 ? `${trimZeros((rounded / 1000).toFixed(2))} kg` : `${String(rounded)} g`;
}

/** Volume for reading, e.g. "690 ml", "1.2 l", "2¾ cups", "3½ fl oz", "1½ tsp". */
export function formatVolume(litres: number, choice: UnitChoice): string {
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
  return Math.abs(ml) >= 1000 ? `${trimZeros((ml / 1000).toFixed(2))} l` : `${String(ml)} ml`;
}

/** Length for reading, e.g. "45 mm", "1¾ in". */
export function formatLength(mm: number, choice: UnitChoice): string {
  return choice.weight === 'us' ? `${withFraction(toUnit(mm, UNITS.inch), 8)} in` : `${String(Math.round(mm))} mm`;
}

/** Temperature for reading, e.g. "150 °C", "300 °F" (Fahrenheit over 212 to the nearest 5, as dials are marked). */
export function formatTemperature(tempC: number, choice: UnitChoice): string {
  if (choice.temperature === 'C') return `${String(Math.round(tempC))} °C`;
  const f = toUnit(tempC, UNITS.fahrenheit);
  return `${String(f > 212 ? Math.round(f / 5) * 5 : Math.round(f))} °F`;
}

/** A rise or fall of temperature, to a tenth where it is small, e.g. "8 °C", "14 °F", "0.6 °C". */
export function formatTemperatureStep(kelvin: number, choice: UnitChoice): string {
  const step = choice.temperature === 'C' ? kelvin : kelvin * 1.8;
  return `${String(Math.abs(step) < 2 ? Math.round(step * 10) / 10 : Math.round(step))} °${choice.temperature}`;
}

/** Minutes for reading, e.g. "45 s", "12 min", "2 h 05". */
export function formatMinutes(minutes: number): string {
  if (minutes < 1.5 && minutes !== 1) return `${String(Math.round((minutes * 60) / 5) * 5)} s`;
  const whole = Math.round(minutes);
  if (whole < 60)
    return `${minutes < 5 && Math.abs(minutes - whole) > 0.2 ? withFraction(minutes, 2) : String(whole)} min`;
  return `${String(Math.floor(whole / 60))} h ${String(whole % 60).padStart(2, '0')}`;
}

/** Between two lengths of time, the unit said once where it is the same, e.g. "9 to 16 min", "55 min to 1 h 10". */
export function formatMinutesRange({ low, high }: { readonly low: number; readonly high: number }): string {
  const [from, to] = [formatMinutes(low), formatMinutes(high)];
  if (from === to) return to;
  return from.endsWith(' min') && to.endsWith(' min')
    ? `${from.slice(0, -' min'.length)} to ${to}`
    : `${from} to ${to}`;
}
