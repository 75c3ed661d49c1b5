import { formatLength, formatMass, formatTemperature, formatVolume } from './format';
import { type UnitChoice } from './units';

const QUANTITY = /(\d+(?:\.\d+)?)[\u00a0 ](kg|g|ml|l|mm|°C)(?![\w/²³])/g;

/**
 * A sentence of the core, which speaks kg, ml, mm and °C, with its quantities in the units of `choice`. Ratios such as
 * g/l and g/kg stay as they are, and so does everything where the choice is metric.
 */
export function sentenceInUnits(text: string, choice: UnitChoice): string {
  if (choice.weight === 'metric' && choice.temperature === 'C') return text;
  return text.replace(QUANTITY, (all, digits: string, unit: string) => {
    const value = Number(digits);
    if (unit === '°C') return choice.temperature === 'F' ? formatTemperature(value, choice) : all;
    if (choice.weight === 'metric') return all;
    switch (unit) {
      case 'kg':
        return formatMass(value, choice);
      case 'g':
        return formatMass(value / 1000, choice);
      case 'ml':
        return formatVolume(value / 1000, choice);
      case 'l':
        return formatVolume(value, choice);
      default:
        return formatLength(value, choice);
    }
  });
}
