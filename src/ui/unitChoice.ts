import { METRIC, type UnitChoice } from '@/core/quantity';

export const UNITS_COOKIE = 'even-ember-units';

/** The choice as a cookie holds it, e.g. "metric-C". */
export function unitsToText(choice: UnitChoice): string {
  return `${choice.weight}-${choice.temperature}`;
}

/** The choice in a cookie; what was guessed where there is none, metric for what it says that we do not know. */
export function unitsFromText(text: string | undefined, guessed: UnitChoice = METRIC): UnitChoice {
  if (text === undefined) return guessed;
  const [weight, temperature] = text.split('-');
  return {
    weight: weight === 'us' ? 'us' : METRIC.weight,
    temperature: temperature === 'F' ? 'F' : METRIC.temperature,
  };
}
