import { commonCourse } from './commonCourse';
import { placeAt } from './places';
import { type Ensemble } from './ensemble';
import { LEVEL_SD_L } from './observation';
import { litresAt } from './pot';

/** A reading this many spreads off the likely course is where the drawn course goes on from. */
const FOLLOWED_SPREADS = 2;

/**
 * The ensemble with its likely course set to the levels that were read: what is drawn never stands where nobody saw it.
 * Readings that were let go of do not count. The particles are as they were.
 */
export function anchored(ensemble: Ensemble): Ensemble {
  let shown = ensemble;
  ensemble.observations.forEach((o, i) => {
    if (o.kind !== 'level' || (ensemble.aside.has(i) && !ensemble.corrected.includes(i))) return;
    const off = litresAt(shown, placeAt(shown.assembly.grid, o.atMin)) - o.litres;
    if (Math.abs(off) <= FOLLOWED_SPREADS * LEVEL_SD_L) return;
    const corrections = [
      ...(shown.request.corrections ?? []).filter((c) => c.atMin !== o.atMin),
      { atMin: o.atMin, litres: o.litres },
    ];
    const request = { ...shown.request, corrections: corrections.sort((a, b) => a.atMin - b.atMin) };
    shown = { ...shown, request, ...commonCourse(request, ensemble.observations, ensemble.prior) };
  });
  return shown;
}
