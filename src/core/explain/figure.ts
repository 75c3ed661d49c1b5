import { formatLength, formatMass, formatMinutes, formatTemperature, formatVolume } from '../quantity/format';
import { type UnitChoice } from '../quantity/units';

/** What a figure measures: kg, l, mm, °C, min, and plain numbers by how they are read. */
export type Measure =
  | 'mass'
  | 'volume'
  | 'length'
  | 'temperature'
  | 'minutes'
  | 'count'
  | 'number'
  | 'share'
  | 'saltStrength'
  | 'gramsPerKg'
  | 'gramsPerL'
  | 'volumePerHour'
  | 'money'
  | 'power'
  | 'energy';

/** How far a figure can be trusted: arithmetic, a model's estimate, or kitchen practice put into a number. */
export type Sureness = 'computed' | 'estimate' | 'practice';

export interface FigureInput {
  readonly label: string;
  readonly value: number;
  readonly as: Measure;
}

/** A number with everything needed to answer “why?”. */
export interface Figure {
  readonly label: string;
  readonly value: number;
  readonly as: Measure;
  /** Where it lies four times in five, or between practice's ends. */
  readonly range?: readonly [low: number, high: number];
  /** The formula in words. */
  readonly formula: string;
  readonly inputs: readonly FigureInput[];
  /** What would change it. */
  readonly changes: string;
  readonly sure: Sureness;
}

export const SURENESS_WORDS: Readonly<Record<Sureness, string>> = {
  computed: 'Arithmetic: as good as what you measured.',
  estimate: 'A model’s estimate: expect it within a fifth or so.',
  practice: 'Kitchen practice put into a number: a place to start.',
};

export const input = (label: string, value: number, as: Measure): FigureInput => ({ label, value, as });

const signed = (value: number, decimals: number): string => String(Math.round(value * 10 ** decimals) / 10 ** decimals);

/** A figure's value as a cook reads it; a dash where there is none. */
export function formatMeasure(value: number, as: Measure, units: UnitChoice): string {
  if (!Number.isFinite(value)) return '–';
  switch (as) {
    case 'mass':
      return formatMass(value, units);
    case 'volume':
      return formatVolume(value, units);
    case 'length':
      return formatLength(value, units);
    case 'temperature':
      return formatTemperature(value, units);
    case 'minutes':
      return formatMinutes(value);
    case 'count':
      return signed(value, 0);
    case 'number':
      return signed(value, 2);
    case 'share':
      return value > 0 && value < 0.01 ? 'under 1 %' : `${signed(value * 100, 0)} %`;
    case 'saltStrength':
      return `${signed(value * 100, 2)} %`;
    case 'gramsPerKg':
      return `${signed(value, 1)} g/kg`;
    case 'gramsPerL':
      return `${signed(value, 0)} g/l`;
    case 'volumePerHour':
      return `${formatVolume(value, units)} an hour`;
    case 'money':
      return value.toFixed(2);
    case 'energy':
      return `${signed(value, 1)} kWh`;
    case 'power':
      return `${signed(value, 0)} W`;
  }
}

export function formatFigure(figure: Pick<Figure, 'value' | 'as'>, units: UnitChoice): string {
  return formatMeasure(figure.value, figure.as, units);
}
