import { type Ensemble, priorEnsemble } from './ensemble';
import { likelihoodOf, placeRecords } from './likelihood';
import { type Observation } from './observation';
import { type BraiseRequest } from './request';
import { type SimulationTrace } from '../heat';

/**
 * The posterior by brute force: very many particles from the prior, each run through everything that happened and
 * weighted by all records at once. No resampling, no moves: exact up to sample size. For validation.
 */
export function bruteForce(request: BraiseRequest, observations: readonly Observation[], particles: number): Ensemble {
  const ensemble = priorEnsemble(request, { particles });
  const seen = placeRecords(ensemble, observations, new Set());
  const logLikelihood = ensemble.logLikelihood.map((_, i) =>
    likelihoodOf(ensemble, seen, ensemble.courses[i] as SimulationTrace)(ensemble.demand[i] as number),
  );
  return {
    ...ensemble,
    observations,
    logLikelihood,
    logWeight: ensemble.logWeight.map((w, i) => w + (logLikelihood[i] as number)),
  };
}
