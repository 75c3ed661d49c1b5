import { METRIC, type UnitChoice } from '@/core/quantity';

export const UNITS_COOKIE = 'even-ember-units';

/** The choice as stored in a cookie, e.g. "metric-C". */
export function unitsToText(choice: UnitChoice): string {
  return `${choice.weight}-${choice.temperature}`;
}

/** The choice in a cookie; the guess if there is none, metric for anything unknown. */
export function unitsFromText(text: string | undefined, guessed: UnitChoice = METRIC): UnitChoice {
  if (text === undefined) return guessed;
  const [weight, temperature] = text.split('-');
  return {
    weight: weight === 'us' ? 'us' : METRIC.weight,
    temperature: temperature === 'F' ? 'F' : METRIC.temperature,
  };
}
