import { commonCourse, courseIn, type Kitchen } from './commonCourse';
import { ajarChance, type Ensemble } from './ensemble';
import { LEVEL_SD_L } from './observation';
import { placeAt } from './places';
import { litresAt } from './pot';
import { UNKNOWN_COUNT } from './prior';
import { weights } from './resample';

/** A reading this many spreads off the likely course is where the drawn course goes on from. */
const FOLLOWED_SPREADS = 2;

/** The kitchen in the middle of those still believed in, of the likelier state of the lid. */
function likelyKitchen(ensemble: Ensemble): Kitchen {
  const { ajar, count, demand, logWeight, z } = ensemble;
  const state = ajarChance(ensemble) > 0.5 ? 1 : 0;
  const w = weights({ logWeight: logWeight.map((x, i) => (ajar[i] === state ? x : -Infinity)) });
  const middle = new Float64Array(UNKNOWN_COUNT);
  let logDemand = 0;
  for (let i = 0; i < count; i++) {
    const share = w[i] as number;
    for (let k = 0; k < UNKNOWN_COUNT; k++)
      middle[k] = (middle[k] as number) + share * (z[i * UNKNOWN_COUNT + k] as number);
    logDemand += share * Math.log(demand[i] as number);
  }
  return { z: middle, ajar: state === 1, demand: Math.exp(logDemand) };
}

/**
 * The ensemble with a likely course for drawing: that of the kitchen in the middle of what the records leave to believe, set
 * to the levels that were read where even that stands off, so that what is drawn never stands where nobody saw it. Readings
 * that were let go of do not count. The particles are as they were.
 */
export function anchored(ensemble: Ensemble): Ensemble {
  const { observations, prior } = ensemble;
  if (observations.length === 0) return ensemble;
  const kitchen = likelyKitchen(ensemble);
  let shown: Ensemble = { ...ensemble, nominal: courseIn(kitchen, ensemble.assembly, prior) };
  observations.forEach((o, i) => {
    if (o.kind !== 'level' || (ensemble.aside.has(i) && !ensemble.corrected.includes(i))) return;
    const off = litresAt(shown, placeAt(shown.assembly.grid, o.atMin)) - o.litres;
    if (Math.abs(off) <= FOLLOWED_SPREADS * LEVEL_SD_L) return;
    const corrections = [
      ...(shown.request.corrections ?? []).filter((c) => c.atMin !== o.atMin),
      { atMin: o.atMin, litres: o.litres },
    ];
    const request = { ...shown.request, corrections: corrections.sort((a, b) => a.atMin - b.atMin) };
    shown = { ...shown, request, ...commonCourse(request, observations, prior, kitchen) };
  });
  return shown;
}
