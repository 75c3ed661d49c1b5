import { sharedTrace, traceIn, type Kitchen } from './sharedTrace';
import { ajarChance, type Ensemble } from './ensemble';
import { LEVEL_SD_L } from './observation';
import { scheduledAt } from './timeIndex';
import { litresAt } from './pot';
import { UNKNOWN_COUNT } from './prior';
import { weights } from './resample';

/** A reading this many sd away from the likely trace is where the drawn trace continues. */
const FOLLOWED_SPREADS = 1;

/** The median particle among those still plausible, for the likelier state of the lid. */
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
 * The ensemble with a likely trace for drawing: that of the median plausible particle, corrected to the levels read
 * where even that is far off, so that the drawing never contradicts what was seen. Rejected readings do not count. The
 * particles are unchanged.
 */
export function anchored(ensemble: Ensemble): Ensemble {
  const { observations, prior } = ensemble;
  if (observations.length === 0) return ensemble;
  const kitchen = likelyKitchen(ensemble);
  let shown: Ensemble = { ...ensemble, nominal: traceIn(kitchen, ensemble.assembly, prior) };
  observations.forEach((o, i) => {
    if (o.kind !== 'level' || (ensemble.aside.has(i) && !ensemble.corrected.includes(i))) return;
    const off = litresAt(shown, scheduledAt(shown.assembly.grid, o.atMin)) - o.litres;
    if (Math.abs(off) <= FOLLOWED_SPREADS * LEVEL_SD_L) return;
    const corrections = [
      ...(shown.request.corrections ?? []).filter((c) => c.atMin !== o.atMin),
      { atMin: o.atMin, litres: o.litres },
    ];
    const request = { ...shown.request, corrections: corrections.sort((a, b) => a.atMin - b.atMin) };
    shown = { ...shown, request, ...sharedTrace(request, observations, prior, kitchen) };
  });
  return shown;
}
