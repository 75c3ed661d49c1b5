import { type Assembly, endsByStage } from './assemble';
import { type CommonCourse, sharedTrace } from './sharedTrace';
import { scheduledAt } from './timeIndex';
import { likelihoodOf, placeRecords, predict } from './likelihood';
import { type Observation, type Prediction } from './observation';
import {
  REQUIREMENT_PARAMETERS,
  requiredCookValue,
  kitchenPrior,
  type Prior,
  UNKNOWN_COUNT,
  parametersOf,
} from './prior';
import { type BraiseRequest, lidInDoubt } from './request';
import { effectiveCount, perturb, systematicResample, weights } from './resample';
import { numbers, type RandomStream, randomStream, sobolNormals } from '../numbers';
import { LIDS } from '../larder';
import { type DetailedTrace, emptyTraces, FAST_CELLS, type SimulationTrace, runInto } from '../heat';

/** Particles of a full forecast. */
export const FULL_PARTICLES = 512;

const CHEAP_MOVES = 4;

/** State of one posterior. Arrays over particles are parallel. */
export interface Ensemble {
  readonly request: BraiseRequest;
  readonly prior: Prior;
  readonly assembly: Assembly;
  readonly observations: readonly Observation[];
  readonly count: number;
  /** Standard normals, `count * UNKNOWN_COUNT`. */
  readonly z: Float64Array;
  /** 1 where the lid does not fit as stated. */
  readonly ajar: Uint8Array;
  readonly logWeight: Float64Array;
  /** Log-likelihood of all records so far. */
  readonly logLikelihood: Float64Array;
  readonly courses: readonly SimulationTrace[];
  /** Factor on the cook value each particle's meat needs. */
  readonly demand: Float64Array;
  readonly nominal: DetailedTrace;
  readonly boilC: number;
  /** Indices of unexplained records: the pot continues from their values. */
  readonly corrected: readonly number[];
  /** Indices of ignored records: those, earlier ones of their kind, and rejected ones. */
  readonly aside: ReadonlySet<number>;
  /** What the last record turned out to be, beyond its value. */
  readonly surprise?: 'unexplained' | 'letGo' | 'farOff' | undefined;
  /** How often the particles have been resampled. */
  readonly renewals: number;
}

/** The forecast before anything was recorded. */
export function priorEnsemble(
  request: BraiseRequest,
  options: { readonly particles?: number | undefined; readonly prior?: Prior | undefined } = {},
): Ensemble {
  const prior = options.prior ?? kitchenPrior(request);
  const count = options.particles ?? FULL_PARTICLES;
  const z = sobolNormals(count, UNKNOWN_COUNT, randomStream(request.seed));
  const base = sharedTrace(request, [], prior);
  const { ajar, logWeight } = lidStates(request, count);
  return {
    ...base,
    request,
    prior,
    observations: [],
    count,
    z,
    ajar,
    logWeight,
    logLikelihood: new Float64Array(count),
    courses: simulateAll({ ...base, prior, z, ajar, count }),
    demand: demands(prior, z, count),
    corrected: [],
    aside: new Set(),
    renewals: 0,
  };
}

/** The nominal trace alone as an ensemble: a forecast without width, for when speed is all. */
export function nominalEnsemble(request: BraiseRequest): Ensemble {
  const prior = kitchenPrior(request);
  const base = sharedTrace(request, [], prior);
  return {
    ...base,
    request,
    prior,
    observations: [],
    count: 1,
    z: new Float64Array(UNKNOWN_COUNT),
    ajar: new Uint8Array(1),
    logWeight: new Float64Array(1),
    logLikelihood: new Float64Array(1),
    courses: [base.nominal],
    demand: Float64Array.of(1),
    corrected: [],
    aside: new Set(),
    renewals: 0,
  };
}

/** Probability that a lid stated to fit does not. Estimate, no source. */
export const AJAR_CHANCE = 0.05;
/** Share of the particles with such a lid; more than its probability, with lower weights. */
const AJAR_SHARE = 1 / 8;
/** Below this probability a lid state is dropped when resampling. */
const NEGLIGIBLE = 1e-4;

/** Which particles have a badly fitting lid, and their log-weights for it. */
function lidStates(request: BraiseRequest, count: number): { ajar: Uint8Array; logWeight: Float64Array } {
  const ajar = new Uint8Array(count);
  const logWeight = new Float64Array(count);
  const first = lidInDoubt(request);
  const rare = Math.floor(count * AJAR_SHARE);
  if (!first || !LIDS[first].sits || rare === 0) return { ajar, logWeight };
  // The first points of a Sobol sequence cover all parameters; every n-th would lie in one corner of some.
  ajar.fill(1, 0, rare);
  for (let i = 0; i < count; i++) {
    logWeight[i] = Math.log(
      ajar[i] === 1 ? (AJAR_CHANCE * count) / rare : ((1 - AJAR_CHANCE) * count) / (count - rare),
    );
  }
  return { ajar, logWeight };
}

/** Probability that the lid does not fit as stated. */
export function ajarChance(ensemble: Ensemble): number {
  const w = weights(ensemble);
  return w.reduce((sum, x, i) => sum + (ensemble.ajar[i] === 1 ? x : 0), 0);
}

/** Runs a particle into `course`: its normals start at `row` of `z`. */
function runParticle(
  { assembly, prior }: Pick<Ensemble, 'assembly' | 'prior'>,
  z: Float64Array,
  row: number,
  ajar: boolean,
  course: SimulationTrace,
): void {
  const setup = assembly.setup(parametersOf(prior, z, row, ajar), requiredCookValue(prior, z, row));
  runInto(setup, assembly.grid, FAST_CELLS, course);
}

function simulateAll(of: Pick<Ensemble, 'assembly' | 'prior' | 'z' | 'ajar' | 'count'>): SimulationTrace[] {
  const courses = emptyTraces(of.count, of.assembly.request.groups.length, of.assembly.grid.count);
  courses.forEach((course, i) => {
    runParticle(of, of.z, i * UNKNOWN_COUNT, of.ajar[i] === 1, course);
  });
  return courses;
}

function demands(prior: Prior, z: Float64Array, count: number): Float64Array {
  return numbers(count, (i) => requiredCookValue(prior, z, i * UNKNOWN_COUNT));
}

/** Parents for this many children, and each child's log-weight. */
interface Renewal {
  readonly parents: Int32Array;
  readonly logWeight: Float64Array;
}

/**
 * Draws parents by weight, separately for each lid state: the rarer one keeps enough particles to become plausible
 * again, unless it is practically ruled out.
 */
function renew(w: Float64Array, ajar: Uint8Array, random: RandomStream): Renewal {
  const count = w.length;
  const ofState = (state: number): Float64Array => w.map((x, i) => (ajar[i] === state ? x : 0));
  const sum = (values: Float64Array): number => values.reduce((a, b) => a + b, 0);
  const states = [0, 1].map((state) => ofState(state)).map((weight) => ({ weight, chance: sum(weight) }));
  const least = Math.floor(count * AJAR_SHARE);
  const rare = (states[1]?.chance ?? 0) < NEGLIGIBLE ? 0 : (states[0]?.chance ?? 0) < NEGLIGIBLE ? count : undefined;
  const ajarCount = rare ?? Math.min(count - least, Math.max(least, Math.round(count * (states[1]?.chance ?? 0))));
  const parents = new Int32Array(count);
  const logWeight = new Float64Array(count);
  let at = 0;
  states.forEach(({ weight, chance }, state) => {
    const children = state === 1 ? ajarCount : count - ajarCount;
    if (children === 0) return;
    parents.set(
      systematicResample(
        weight.map((x) => x / chance),
        random,
        children,
      ),
      at,
    );
    logWeight.fill(Math.log((chance * count) / children), at, at + children);
    at += children;
  });
  return { parents, logWeight };
}

/**
 * Adds one record, for which the existing traces already tell roughly how well each particle explains it: an auxiliary
 * particle filter. If the effective sample drops below half, particles are resampled by that guess; then each is run
 * once through what really happened, copies after a preconditioned Crank–Nicolson move, and the weights correct the
 * guess. Resampled particles also move in the meat's demand, which needs no run.
 */
export function follow(previous: Ensemble, request: BraiseRequest, observations: readonly Observation[]): Ensemble {
  const { prior, count } = previous;
  const base = sharedTrace(request, observations, prior);
  if (observations.length === previous.observations.length) {
    return { ...previous, ...base, request, courses: simulateAll({ ...previous, ...base }) };
  }
  const guess = guessedGain(previous, request, observations);
  const w = weights({ logWeight: previous.logWeight.map((x, i) => x + (guess[i] as number)) });
  const random = randomStream(request.seed + 7919 * (observations.length + 1));
  const renewal = effectiveCount(w) < count / 2 ? renew(w, previous.ajar, random) : undefined;
  const seen = placeRecords(base, observations, previous.aside);
  // A doneness that ends a heat changes the trace itself: then moving the demand is not free.
  const cheapMoves = endsByStage(request) ? 0 : CHEAP_MOVES;

  const z = new Float64Array(previous.z.length);
  const ajar = new Uint8Array(count);
  const demand = new Float64Array(count);
  const logLikelihood = new Float64Array(count);
  const logWeight = new Float64Array(count);
  const proposal = new Float64Array(UNKNOWN_COUNT);
  const current = new Float64Array(UNKNOWN_COUNT);
  const rows = emptyTraces(count, request.groups.length, base.assembly.grid.count);
  const courses: SimulationTrace[] = [];
  let free = 0;
  const run = (normals: Float64Array, row: number, isAjar: boolean): SimulationTrace => {
    const course = rows[free] as SimulationTrace;
    runParticle({ ...base, prior }, normals, row, isAjar, course);
    return course;
  };

  let parentCourse: SimulationTrace | undefined;
  let parentFit = 0;
  for (let i = 0; i < count; i++) {
    const parent = renewal ? (renewal.parents[i] as number) : i;
    const isAjar = previous.ajar[parent] === 1;
    const parentRow = parent * UNKNOWN_COUNT;
    const isCopy = renewal !== undefined && i > 0 && renewal.parents[i - 1] === parent;
    if (!isCopy || !parentCourse) {
      parentCourse = run(previous.z, parentRow, isAjar);
      free++;
      parentFit = likelihoodOf(base, seen, parentCourse)(requiredCookValue(prior, previous.z, parentRow));
    }
    const owed = parentFit - (previous.logLikelihood[parent] as number);
    logWeight[i] = renewal
      ? (renewal.logWeight[i] as number) + owed - (guess[parent] as number)
      : (previous.logWeight[parent] as number) + owed;
    for (let k = 0; k < UNKNOWN_COUNT; k++) current[k] = previous.z[parentRow + k] as number;
    let course = parentCourse;
    let fit = parentFit;
    if (isCopy) {
      perturb(current, proposal, UNKNOWN_COUNT, random);
      const moved = run(proposal, 0, isAjar);
      const movedFit = likelihoodOf(base, seen, moved)(requiredCookValue(prior, proposal, 0));
      if (Math.log(random()) < movedFit - fit) {
        current.set(proposal);
        course = moved;
        free++;
        fit = movedFit;
      }
    }
    if (renewal) {
      const fitOf = likelihoodOf(base, seen, course);
      for (let move = 0; move < cheapMoves; move++) {
        perturb(current, proposal, REQUIREMENT_PARAMETERS, random);
        const tried = fitOf(requiredCookValue(prior, proposal, 0));
        if (Math.log(random()) < tried - fit) {
          current.set(proposal);
          fit = tried;
        }
      }
    }
    z.set(current, i * UNKNOWN_COUNT);
    ajar[i] = isAjar ? 1 : 0;
    courses.push(course);
    demand[i] = requiredCookValue(prior, current, 0);
    logLikelihood[i] = fit;
  }
  return {
    ...previous,
    ...base,
    request,
    observations,
    z,
    ajar,
    courses,
    demand,
    logLikelihood,
    logWeight,
    renewals: previous.renewals + (renewal ? 1 : 0),
  };
}

/** How much better each particle's trace explains all records than those it had been given. */
function guessedGain(previous: Ensemble, request: BraiseRequest, observations: readonly Observation[]): Float64Array {
  const now: CommonCourse = { ...previous, assembly: { ...previous.assembly, request } };
  const endMin = (previous.assembly.grid.endS[previous.assembly.grid.count - 1] as number) / 60;
  const known = previous.observations.length;
  const told = new Set([...previous.aside, ...Array(known).keys()]);
  const seen = placeRecords(now, observations, told).filter((s) => s.observation.atMin <= endMin);
  return numbers(previous.count, (i) =>
    likelihoodOf(now, seen, previous.courses[i] as SimulationTrace)(previous.demand[i] as number),
  );
}

/** What particle `i` predicts at `atMin`. */
export function predictionOf(ensemble: Ensemble, i: number, atMin: number): Prediction {
  return predict(
    ensemble,
    ensemble.courses[i] as SimulationTrace,
    ensemble.demand[i] as number,
    scheduledAt(ensemble.assembly.grid, atMin),
  );
}
