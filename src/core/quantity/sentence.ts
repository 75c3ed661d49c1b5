import { formatLength, formatMass, formatTemperature, formatTemperatureStep, formatVolume } from './format';
import { M_PER_FOOT, type UnitChoice } from './units';

/** A quantity, or two with one unit: “30 ml”, “15 to 30 ml”. */
const QUANTITY =
  /(?:((?<!\w)-?\d+(?:\.\d+)?)( to | or ))?((?<!\w)-?\d+(?:\.\d+)?)[\u00a0 ](kg|g|ml|l|mm|m|°C)(?![\w/²³])/g;

function inUnits(value: number, unit: string, choice: UnitChoice): string {
  switch (unit) {
    case '°C':
      return formatTemperature(value, choice);
    case 'kg':
      return formatMass(value, choice);
    case 'g':
      return formatMass(value / 1000, choice);
    case 'ml':
      return formatVolume(value / 1000, choice);
    case 'l':
      return formatVolume(value, choice);
    case 'm':
      return `${String(Math.round(value / M_PER_FOOT))} ft`;
    default:
      return formatLength(value, choice);
  }
}

/** Before a temperature that is a rise or a fall: “by 15 °C”, “by about 15 °C”. */
const STEP = /\bby (about )?$/;

/**
 * A sentence of the core, which speaks kg, ml, mm, °C and, of height over the sea, m, with its quantities in the units of
 * `choice`. Ratios such as g/l and g/kg stay as they are, and so does everything where the choice is metric.
 */
export function sentenceInUnits(text: string, choice: UnitChoice): string {
  return text.replace(
    QUANTITY,
    (all, low: string | undefined, between: string | undefined, high: string, unit: string, at: number) => {
      if (unit === '°C' ? choice.temperature === 'C' : choice.weight === 'metric') return all;
      const step = unit === '°C' && STEP.test(text.slice(0, at));
      const say = (digits: string): string =>
        step ? formatTemperatureStep(Number(digits), choice) : inUnits(Number(digits), unit, choice);
      return low === undefined || between === undefined ? say(high) : `${say(low)}${between}${say(high)}`;
    },
  );
}
