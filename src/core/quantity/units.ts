/** Unit systems a kitchen can choose from. */
export interface UnitChoice {
  readonly weight: 'metric' | 'us';
  readonly temperature: 'C' | 'F';
}

export const METRIC: UnitChoice = { weight: 'metric', temperature: 'C' };

/** What a number measures. SI inside the core: kg, litres, mm and °C. */
export type Dimension = 'mass' | 'volume' | 'length' | 'temperature' | 'temperatureStep';

/** One unit: `si = value * scale + shift`. */
export interface Unit {
  readonly dimension: Dimension;
  readonly scale: number;
  readonly shift: number;
  /** How people write it, lower case, without full stops. */
  readonly written: readonly string[];
}

/** Exact definitions: international avoirdupois ounce, US customary fluid ounce, inch. */
export const KG_PER_OZ = 0.028349523125;
export const L_PER_FL_OZ = 0.0295735295625;
export const MM_PER_INCH = 25.4;
/** For altitude. */
export const M_PER_FOOT = 0.3048;

const unit = (dimension: Dimension, scale: number, written: readonly string[], shift = 0): Unit => ({
  dimension,
  scale,
  shift,
  written,
});

/** Every unit that can be typed. Cups, spoons, pints and quarts are US customary. */
export const UNITS = {
  g: unit('mass', 0.001, ['g', 'gram', 'grams', 'gramme', 'grammes', 'gr']),
  kg: unit('mass', 1, ['kg', 'kilo', 'kilos', 'kilogram', 'kilograms']),
  oz: unit('mass', KG_PER_OZ, ['oz', 'ounce', 'ounces']),
  lb: unit('mass', 16 * KG_PER_OZ, ['lb', 'lbs', 'pound', 'pounds', '#']),
  ml: unit('volume', 0.001, ['ml', 'millilitre', 'millilitres', 'milliliter', 'milliliters', 'cc']),
  cl: unit('volume', 0.01, ['cl']),
  dl: unit('volume', 0.1, ['dl']),
  l: unit('volume', 1, ['l', 'litre', 'litres', 'liter', 'liters']),
  tsp: unit('volume', L_PER_FL_OZ / 6, ['tsp', 'tsps', 'teaspoon', 'teaspoons']),
  tbsp: unit('volume', L_PER_FL_OZ / 2, ['tbsp', 'tbsps', 'tablespoon', 'tablespoons']),
  flOz: unit('volume', L_PER_FL_OZ, ['fl oz', 'floz', 'fluid ounce', 'fluid ounces']),
  cup: unit('volume', 8 * L_PER_FL_OZ, ['cup', 'cups', 'c']),
  pint: unit('volume', 16 * L_PER_FL_OZ, ['pint', 'pints', 'pt']),
  quart: unit('volume', 32 * L_PER_FL_OZ, ['quart', 'quarts', 'qt', 'qts']),
  mm: unit('length', 1, ['mm', 'millimetre', 'millimetres', 'millimeter', 'millimeters']),
  cm: unit('length', 10, ['cm', 'centimetre', 'centimetres', 'centimeter', 'centimeters']),
  inch: unit('length', MM_PER_INCH, ['in', 'inch', 'inches', '"', '″', '”']),
  celsius: unit('temperature', 1, ['°c', 'c', 'celsius', 'degrees c', 'deg c', 'ºc']),
  fahrenheit: unit('temperature', 5 / 9, ['°f', 'f', 'fahrenheit', 'degrees f', 'deg f', 'ºf'], -160 / 9),
  kelvinStep: unit('temperatureStep', 1, ['°c', 'c', 'k']),
  fahrenheitStep: unit('temperatureStep', 5 / 9, ['°f', 'f']),
} as const satisfies Record<string, Unit>;

/** The unit of a bare number of `dimension` under `choice`. */
export function displayUnit(dimension: Dimension, choice: UnitChoice): Unit {
  const metric = choice.weight === 'metric';
  const celsius = choice.temperature === 'C';
  switch (dimension) {
    case 'mass':
      return metric ? UNITS.kg : UNITS.lb;
    case 'volume':
      return metric ? UNITS.ml : UNITS.cup;
    case 'length':
      return metric ? UNITS.mm : UNITS.inch;
    case 'temperature':
      return celsius ? UNITS.celsius : UNITS.fahrenheit;
    case 'temperatureStep':
      return celsius ? UNITS.kelvinStep : UNITS.fahrenheitStep;
  }
}

/** From SI (kg, l, mm, °C) to a unit. */
export function toUnit(si: number, { scale, shift }: Unit): number {
  return (si - shift) / scale;
}

/** From a unit to SI; the exact inverse of `toUnit` up to rounding of floating point. */
export function fromUnit(value: number, { scale, shift }: Unit): number {
  return value * scale + shift;
}

/** Oven marks on gas cookers, °C, as dials are commonly read; halves and quarters below 1 included. */
export const GAS_MARKS: readonly (readonly [mark: number, tempC: number])[] = [
  [0.25, 110],
  [0.5, 130],
  [1, 140],
  [2, 150],
  [3, 170],
  [4, 180],
  [5, 190],
  [6, 200],
  [7, 220],
  [8, 230],
  [9, 240],
];
