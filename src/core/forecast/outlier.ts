import { type Ensemble, follow, predictionOf, priorEnsemble } from './ensemble';
import { type Observation, sigmasOff } from './observation';
import { type BraiseRequest, type Correction } from './request';
import { weights } from './resample';

/** A reading this many sd from even the best particle's prediction is unexplained. */
const OUTLIER_SIGMAS = 3;
/** Particles with less weight than this explain nothing. */
const COUNTS = 1e-6;

/** Distance in sd between a record and the prediction that explains it best; 0 if nothing was read. */
function leastOff(ensemble: Ensemble, observation: Observation): number {
  const w = weights(ensemble);
  let least = Infinity;
  for (let i = 0; i < ensemble.count; i++) {
    if ((w[i] as number) < COUNTS) continue;
    const off = sigmasOff(observation, predictionOf(ensemble, i, observation.atMin));
    if (off === undefined) return 0;
    least = Math.min(least, off);
  }
  return least;
}

/** Share of the posterior weight that explains a reading. */
function believedShare(ensemble: Ensemble, observation: Observation): number {
  return weights(ensemble).reduce((sum, w, i) => {
    const off = sigmasOff(observation, predictionOf(ensemble, i, observation.atMin)) ?? 0;
    return off <= OUTLIER_SIGMAS ? sum + w : sum;
  }, 0);
}

/** The request with the pot set to the readings at these indices. */
function correctedBy(
  request: BraiseRequest,
  observations: readonly Observation[],
  corrected: readonly number[],
): BraiseRequest {
  // A level and a temperature read at the same time are one correction.
  const corrections = new Map<number, Correction>();
  for (const i of corrected) {
    const o = observations[i];
    if (o?.kind === 'level')
      corrections.set(o.atMin, { ...corrections.get(o.atMin), atMin: o.atMin, litres: o.litres });
    if (o?.kind === 'liquidTemp')
      corrections.set(o.atMin, { ...corrections.get(o.atMin), atMin: o.atMin, tempC: o.tempC });
  }
  return { ...request, corrections: [...corrections.values()] };
}

/** Processes all records again, treating those at `corrected` and `dropped` accordingly. */
function replay(
  previous: Ensemble,
  request: BraiseRequest,
  observations: readonly Observation[],
  corrected: readonly number[],
  dropped: readonly number[],
): Ensemble {
  const told = correctedBy(request, observations, corrected);
  const aside = new Set([...corrected, ...dropped]);
  // What caused the jump is unknown: earlier readings of the same kind no longer apply.
  for (const c of corrected) {
    for (let i = 0; i < c; i++) if (observations[i]?.kind === observations[c]?.kind) aside.add(i);
  }
  let ensemble: Ensemble = {
    ...priorEnsemble(told, { particles: previous.count, prior: previous.prior }),
    corrected,
    aside,
  };
  observations.forEach((_, i) => {
    if (!aside.has(i)) ensemble = follow(ensemble, told, observations.slice(0, i + 1));
  });
  return { ...ensemble, observations };
}

/**
 * The forecast after the braise has gone as `request` now says and one more record, if any, has arrived. `observations`
 * holds all records so far, the newest last; those of `previous` must be its beginning.
 *
 * A reading that even the best particle misses by more than three sd is taken as it is: the pot continues from it, and
 * earlier readings of its kind no longer count. If a later one fits better without it, it was wrong and is rejected.
 */
export function advance(previous: Ensemble, request: BraiseRequest, observations: readonly Observation[]): Ensemble {
  const next = follow(previous, correctedBy(request, observations, previous.corrected), observations);
  const place = observations.length - 1;
  const last = observations[place];
  if (observations.length === previous.observations.length || !last) return { ...next, surprise: undefined };
  // A probe beside the bone, or in the air of the pot, says nothing about the meat: it is doubted, and hardly counts.
  if (last.kind === 'probe') return { ...next, surprise: believedShare(next, last) < 0.5 ? 'farOff' : undefined };
  if (leastOff(next, last) <= OUTLIER_SIGMAS) return { ...next, surprise: undefined };
  const doubtful = previous.corrected.filter((i) => observations[i]?.kind === last.kind);
  if (doubtful.length > 0) {
    const kept = previous.corrected.filter((i) => !doubtful.includes(i));
    const without = replay(previous, request, observations, kept, doubtful);
    if (leastOff(without, last) <= OUTLIER_SIGMAS) return { ...without, surprise: 'letGo' };
  }
  return {
    ...replay(previous, request, observations, [...previous.corrected, place], droppedBy(previous)),
    surprise: 'unexplained',
  };
}

/** Indices of rejected records: set aside, and not because the pot was set to a later one of their kind. */
function droppedBy(ensemble: Ensemble): number[] {
  const { aside, corrected, observations } = ensemble;
  return [...aside].filter(
    (i) => !corrected.includes(i) && !corrected.some((c) => c > i && observations[c]?.kind === observations[i]?.kind),
  );
}
