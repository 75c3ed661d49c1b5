/** Unit systems a kitchen can choose from. */
export interface UnitChoice {
  readonly weight: 'metric' | 'us';
  readonly temperature: 'C' | 'F';
}

/** Exact definitions: international avoirdupois ounce, US customary fluid ounce, inch. */
const G_PER_OZ = 28.349523125;
const ML_PER_FL_OZ = 29.5735295625;
const MM_PER_INCH = 25.4;

/** A family of quantities that a unit choice turns into a display unit and back. */
export type Dimension = 'mass' | 'volume' | 'length' | 'temperature' | 'temperatureStep';

/** One display unit: `si = display * scale + shift`, SI being kg, litres, mm and °C here. */
export interface DisplayUnit {
  readonly symbol: string;
  readonly scale: number;
  readonly shift: number;
  /** Sensible step and decimals for typing in this unit. */
  readonly step: number;
  readonly decimals: number;
}

const UNIT: Readonly<Record<string, DisplayUnit>> = {
  kg: { symbol: 'kg', scale: 1, shift: 0, step: 0.1, decimals: 2 },
  lb: { symbol: 'lb', scale: (16 * G_PER_OZ) / 1000, shift: 0, step: 0.25, decimals: 2 },
  l: { symbol: 'l', scale: 1, shift: 0, step: 0.1, decimals: 2 },
  cup: { symbol: 'cups', scale: (8 * ML_PER_FL_OZ) / 1000, shift: 0, step: 0.25, decimals: 2 },
  mm: { symbol: 'mm', scale: 1, shift: 0, step: 1, decimals: 0 },
  inch: { symbol: 'in', scale: MM_PER_INCH, shift: 0, step: 0.125, decimals: 3 },
  C: { symbol: '°C', scale: 1, shift: 0, step: 1, decimals: 0 },
  F: { symbol: '°F', scale: 5 / 9, shift: -160 / 9, step: 1, decimals: 0 },
  stepC: { symbol: '°C', scale: 1, shift: 0, step: 1, decimals: 1 },
  stepF: { symbol: '°F', scale: 5 / 9, shift: 0, step: 1, decimals: 1 },
};

/** The unit in which `dimension` is shown and typed under `choice`. */
export function displayUnit(dimension: Dimension, choice: UnitChoice): DisplayUnit {
  const metric = choice.weight === 'metric';
  const celsius = choice.temperature === 'C';
  const key = {
    mass: metric ? 'kg' : 'lb',
    volume: metric ? 'l' : 'cup',
    length: metric ? 'mm' : 'inch',
    temperature: celsius ? 'C' : 'F',
    temperatureStep: celsius ? 'stepC' : 'stepF',
  }[dimension];
  return UNIT[key] as DisplayUnit;
}

/** From SI (kg, l, mm, °C) to the display unit. */
export function toDisplay(si: number, unit: DisplayUnit): number {
  return (si - unit.shift) / unit.scale;
}

/** From the display unit to SI; the exact inverse of `toDisplay` up to rounding of floating point. */
export function fromDisplay(shown: number, unit: DisplayUnit): number {
  return shown * unit.scale + unit.shift;
}

/** Rounds to a step a kitchen can measure: 5 below 100, 10 below 1000, then 50. */
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

/** Weight for reading, e.g. "1.8 kg", "420 g", "3 lb 15 oz". */
export function formatMass(kg: number, choice: UnitChoice): string {
  if (choice.weight === 'us') {
    const ounces = Math.round((kg * 1000) / G_PER_OZ);
    const pounds = Math.floor(ounces / 16);
    const rest = ounces % 16;
    if (pounds === 0) return `${String(rest)} oz`;
    return rest === 0 ? `${String(pounds)} lb` : `${String(pounds)} lb ${String(rest)} oz`;
  }
  const grams = roundForKitchen(kg * 1000);
  return grams >= 1000 ? `${trimZeros((grams / 1000).toFixed(2))} kg` : `${String(grams)} g`;
}

/** Volume for reading, e.g. "690 ml", "1.2 l", "3 cups", "5 fl oz". */
export function formatVolume(litres: number, choice: UnitChoice): string {
  if (choice.weight === 'us') {
    const ounces = (litres * 1000) / ML_PER_FL_OZ;
    if (Math.abs(ounces) < 8) return `${trimZeros((Math.round(ounces * 2) / 2).toFixed(1))} fl oz`;
    const cups = Math.round(ounces / 2) / 4;
    return `${trimZeros(cups.toFixed(2))} ${cups === 1 ? 'cup' : 'cups'}`;
  }
  const ml = roundForKitchen(litres * 1000);
  return Math.abs(ml) >= 1000 ? `${trimZeros((ml / 1000).toFixed(2))} l` : `${String(ml)} ml`;
}

/** Length for reading, e.g. "45 mm", "1¾ in". */
export function formatLength(mm: number, choice: UnitChoice): string {
  if (choice.weight === 'us') {
    const eighths = Math.round((mm / MM_PER_INCH) * 8);
    return `${trimZeros((eighths / 8).toFixed(3))} in`;
  }
  return `${String(Math.round(mm))} mm`;
}

/** Temperature for reading, e.g. "150 °C", "300 °F" (Fahrenheit over 200 to the nearest 5, as dials are marked). */
export function formatTemperature(tempC: number, choice: UnitChoice): string {
  if (choice.temperature === 'C') return `${String(Math.round(tempC))} °C`;
  const f = tempC * 1.8 + 32;
  return `${String(f > 212 ? Math.round(f / 5) * 5 : Math.round(f))} °F`;
}

function trimZeros(text: string): string {
  return text.includes('.') ? text.replace(/\.?0+$/, '') : text;
}
