/** Standard atmosphere at sea level, Pa. */
export const SEA_LEVEL_PA = 101325;

/**
 * Saturation pressure of water vapour, Pa, at `tempC` (0 to 110 °C).
 * Source: Buck (1996); within 0.12 % of Wagner & Pruss (1993) over 5 to 100 °C.
 */
export function saturationPressurePa(tempC: number): number {
  return 611.21 * Math.exp(((18.678 - tempC / 234.5) * tempC) / (257.14 + tempC));
}

/** Derivative of `saturationPressurePa`, Pa per K, from the same formula; `pressurePa` is its value at `tempC`. */
export function saturationSlopePaK(tempC: number, pressurePa: number): number {
  const shifted = 257.14 + tempC;
  const slope = (18.678 - (2 * tempC) / 234.5) / shifted - ((18.678 - tempC / 234.5) * tempC) / (shifted * shifted);
  return pressurePa * slope;
}

/** Latent heat of vaporisation of water, J/kg, at `tempC`. Linear fit to steam tables, within 0.3 % over 0 to 105 °C. */
export function latentHeatJKg(tempC: number): number {
  return 2.501e6 - 2370 * tempC;
}

/** Air pressure, Pa, at `altitudeM` above sea level. Source: ICAO standard atmosphere, troposphere. */
export function pressureAtAltitudePa(altitudeM: number): number {
  return SEA_LEVEL_PA * (1 - 2.25577e-5 * altitudeM) ** 5.25588;
}

/** Boiling point of water, °C, at `pressurePa`, by bisection on the saturation curve to 1e-9 K. */
export function boilingPointC(pressurePa: number): number {
  if (pressurePa !== askedPa) {
    askedPa = pressurePa;
    askedC = bisectBoiling(pressurePa);
  }
  return askedC;
}

/** The last pressure requested and its boiling point: every particle of a forecast asks for the same. */
let askedPa = Number.NaN;
let askedC = Number.NaN;

function bisectBoiling(pressurePa: number): number {
  let low = 40;
  let high = 120;
  while (high - low > 1e-9) {
    const middle = (low + high) / 2;
    if (saturationPressurePa(middle) < pressurePa) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** Density of water near the boil, kg/l. Source: steam tables, 96 °C. */
export const WATER_KG_PER_L = 0.96;
