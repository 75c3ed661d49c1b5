import { METRIC, type UnitChoice } from '@/core/quantity';

export const UNITS_COOKIE = 'even-ember-units';

/** The choice as a cookie holds it, e.g. "metric-C". */
export function unitsToText(choice: UnitChoice): string {
  return `${choice.weight}-${choice.temperature}`;
}

/** A choice from a cookie; metric where it says nothing we know. */
export function unitsFromText(text: string | undefined): UnitChoice {
  const [weight, temperature] = (text ?? '').split('-');
  return {
    weight: weight === 'us' ? 'us' : METRIC.weight,
    temperature: temperature === 'F' ? 'F' : METRIC.temperature,
  };
}
