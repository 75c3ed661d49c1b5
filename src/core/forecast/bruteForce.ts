import { type Ensemble, priorEnsemble } from './ensemble';
import { likelihoodOf, placeRecords } from './likelihood';
import { type Observation } from './observation';
import { type BraiseRequest } from './request';
import { type RunCourse } from '../heat';

/**
 * The posterior by brute force: very many kitchens drawn from the law, each run through all that happened and weighed by all
 * records at once. Nothing is drawn anew and nothing moves, so that it is exact but for their number. For proof.
 */
export function bruteForce(request: BraiseRequest, observations: readonly Observation[], particles: number): Ensemble {
  const ensemble = priorEnsemble(request, { particles });
  const seen = placeRecords(ensemble, observations, new Set());
  const logLikelihood = ensemble.logLikelihood.map((_, i) =>
    likelihoodOf(ensemble, seen, ensemble.courses[i] as RunCourse)(ensemble.demand[i] as number),
  );
  return {
    ...ensemble,
    observations,
    logLikelihood,
    logWeight: ensemble.logWeight.map((w, i) => w + (logLikelihood[i] as number)),
  };
}
