import { type Assembly } from './assemble';
import { type CommonCourse, commonCourse } from './commonCourse';
import { likelihoodOf, momentOn, placeRecords, predict } from './likelihood';
import { type Observation, type Prediction } from './observation';
import { DEMAND_UNKNOWNS, demandOf, kitchenPrior, type Prior, UNKNOWN_COUNT, unknownsOf } from './prior';
import { type BraiseRequest } from './request';
import { effectiveCount, perturb, systematicResample, weights } from './resample';
import { randomStream, sobolNormals } from '../numbers';
import { type DetailedCourse, FAST_CELLS, runBraise, type RunCourse } from '../heat';

/** Particles of a full forecast. */
export const FULL_PARTICLES = 512;

const CHEAP_MOVES = 4;

/** Everything one posterior knows. Arrays of particles are parallel. */
export interface Ensemble {
  readonly request: BraiseRequest;
  readonly prior: Prior;
  readonly assembly: Assembly;
  readonly observations: readonly Observation[];
  readonly count: number;
  /** Standard normals, `count * UNKNOWN_COUNT`. */
  readonly z: Float64Array;
  readonly logWeight: Float64Array;
  /** Log-likelihood of all records so far. */
  readonly logLikelihood: Float64Array;
  readonly courses: readonly RunCourse[];
  /** Factor on the cook value each particle's meat needs. */
  readonly demand: Float64Array;
  readonly nominal: DetailedCourse;
  /** Litres of juice and vegetable water in the liquid at each step, from the nominal run. */
  readonly gainedL: Float64Array;
  readonly boilC: number;
  /** How many times the particles have been drawn anew. */
  readonly renewals: number;
}

/** The forecast before anything has been recorded. */
export function priorEnsemble(
  request: BraiseRequest,
  options: { readonly particles?: number | undefined; readonly prior?: Prior | undefined } = {},
): Ensemble {
  const prior = options.prior ?? kitchenPrior(request);
  const count = options.particles ?? FULL_PARTICLES;
  const z = sobolNormals(count, UNKNOWN_COUNT, randomStream(request.seed));
  const base = commonCourse(request, [], prior);
  return {
    ...base,
    request,
    prior,
    observations: [],
    count,
    z,
    logWeight: new Float64Array(count),
    logLikelihood: new Float64Array(count),
    courses: simulateAll(base.assembly, prior, z, count),
    demand: demands(prior, z, count),
    renewals: 0,
  };
}

/** The one course without surprises as an ensemble: a forecast with no width, for when speed is all. */
export function nominalEnsemble(request: BraiseRequest): Ensemble {
  const prior = kitchenPrior(request);
  const base = commonCourse(request, [], prior);
  return {
    ...base,
    request,
    prior,
    observations: [],
    count: 1,
    z: new Float64Array(UNKNOWN_COUNT),
    logWeight: new Float64Array(1),
    logLikelihood: new Float64Array(1),
    courses: [base.nominal],
    demand: Float64Array.of(1),
    renewals: 0,
  };
}

function simulateAll(assembly: Assembly, prior: Prior, z: Float64Array, count: number): RunCourse[] {
  return Array.from({ length: count }, (_, i) =>
    runBraise(assembly.setup(unknownsOf(prior, z, i * UNKNOWN_COUNT)), assembly.grid, FAST_CELLS),
  );
}

function demands(prior: Prior, z: Float64Array, count: number): Float64Array {
  return Float64Array.from({ length: count }, (_, i) => demandOf(prior, z, i * UNKNOWN_COUNT));
}

/**
 * The forecast after the braise has gone as `request` now says and one more record, if any, has come in. `observations`
 * holds all records so far, the newest last; those of `previous` must be its beginning.
 *
 * An auxiliary particle filter: the heat courses already at hand say roughly how well each particle explains the new
 * records. If fewer than half still count, particles are drawn anew by that guess; then every one is run once through
 * what really happened, copies after a preconditioned Crank–Nicolson move, and the weights make good what the guess
 * missed. Particles drawn anew also move in what the meat demands, which needs no run.
 */
export function advance(previous: Ensemble, request: BraiseRequest, observations: readonly Observation[]): Ensemble {
  const { prior, count } = previous;
  const base = commonCourse(request, observations, prior);
  const added = observations.slice(previous.observations.length);
  if (added.length === 0) {
    return { ...previous, ...base, request, courses: simulateAll(base.assembly, prior, previous.z, count) };
  }
  const guess = guessedGain(previous, request, observations);
  const guessed = previous.logWeight.map((w, i) => w + (guess[i] as number));
  const w = weights({ logWeight: guessed });
  const renewing = effectiveCount(w) < count / 2;
  const random = randomStream(request.seed + 7919 * (observations.length + 1));
  const parents = renewing ? systematicResample(w, random) : undefined;
  const seen = placeRecords(base, observations);

  const z = new Float64Array(previous.z.length);
  const courses: RunCourse[] = [];
  const demand = new Float64Array(count);
  const logLikelihoods = new Float64Array(count);
  const logWeight = new Float64Array(count);
  const proposal = new Float64Array(UNKNOWN_COUNT);
  const run = (normals: Float64Array): RunCourse =>
    runBraise(base.assembly.setup(unknownsOf(prior, normals, 0)), base.assembly.grid, FAST_CELLS);

  let parentRow = new Float64Array(UNKNOWN_COUNT);
  let parentCourse: RunCourse | undefined;
  let parentFit = 0;
  for (let i = 0; i < count; i++) {
    const parent = parents ? (parents[i] as number) : i;
    const isCopy = parents !== undefined && i > 0 && parents[i - 1] === parent;
    if (!isCopy || !parentCourse) {
      parentRow = previous.z.slice(parent * UNKNOWN_COUNT, (parent + 1) * UNKNOWN_COUNT);
      parentCourse = run(parentRow);
      parentFit = likelihoodOf(base, seen, parentCourse)(demandOf(prior, parentRow, 0));
    }
    const owed = parentFit - (previous.logLikelihood[parent] as number);
    logWeight[i] = renewing ? owed - (guess[parent] as number) : (previous.logWeight[parent] as number) + owed;
    const current = parentRow.slice();
    let course = parentCourse;
    let fit = parentFit;
    if (isCopy) {
      perturb(current, proposal, UNKNOWN_COUNT, random);
      const moved = run(proposal);
      const movedFit = likelihoodOf(base, seen, moved)(demandOf(prior, proposal, 0));
      if (Math.log(random()) < movedFit - fit) {
        current.set(proposal);
        course = moved;
        fit = movedFit;
      }
    }
    if (renewing) {
      const fitOf = likelihoodOf(base, seen, course);
      for (let move = 0; move < CHEAP_MOVES; move++) {
        perturb(current, proposal, DEMAND_UNKNOWNS, random);
        const tried = fitOf(demandOf(prior, proposal, 0));
        if (Math.log(random()) < tried - fit) {
          current.set(proposal);
          fit = tried;
        }
      }
    }
    z.set(current, i * UNKNOWN_COUNT);
    courses.push(course);
    demand[i] = demandOf(prior, current, 0);
    logLikelihoods[i] = fit;
  }
  return {
    ...previous,
    ...base,
    request,
    observations,
    z,
    courses,
    demand,
    logLikelihood: logLikelihoods,
    logWeight,
    renewals: previous.renewals + (renewing ? 1 : 0),
  };
}

/** How much better each particle's course so far explains all records than those it had been told. */
function guessedGain(previous: Ensemble, request: BraiseRequest, observations: readonly Observation[]): Float64Array {
  const now: CommonCourse = { ...previous, assembly: { ...previous.assembly, request } };
  const endMin = (previous.assembly.grid.endS[previous.assembly.grid.count - 1] as number) / 60;
  const known = previous.observations.length;
  const seen = placeRecords(now, observations).filter((s, i) => i >= known && s.observation.atMin <= endMin);
  return Float64Array.from(previous.courses, (course, i) =>
    likelihoodOf(now, seen, course)(previous.demand[i] as number),
  );
}

/** What particle `i` predicts at `atMin`. */
export function predictionOf(ensemble: Ensemble, i: number, atMin: number): Prediction {
  return predict(ensemble, ensemble.courses[i] as RunCourse, ensemble.demand[i] as number, momentOn(ensemble, atMin));
}
