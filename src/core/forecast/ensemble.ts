import { assemble, type Assembly, boneFraction, NO_SURPRISES, type Unknowns } from './assemble';
import { isRepeat, logLikelihood, type Observation, type Prediction } from './observation';
import { DEMAND_UNKNOWNS, demandOf, kitchenPrior, type Prior, UNKNOWN_COUNT, unknownsOf } from './prior';
import { normalQuantile, type RandomStream, randomStream, sobolNormals } from './random';
import { type BraiseRequest } from './request';
import { type DetailedCourse, FAST_CELLS, type RunCourse, runBraise } from '../heat/run';
import { FAST_STEPS, type TimeGrid } from '../heat/timeGrid';
import { boilingPointC, pressureAtAltitudePa } from '../heat/water';
import { vegetableWaterKg } from '../liquid/vegetables';

/** Particles of a full forecast. */
export const FULL_PARTICLES = 512;

const KEEP = 0.7;
const FRESH = Math.sqrt(1 - KEEP * KEEP);
const CHEAP_MOVES = 4;
const SHORTEST_HORIZON_MIN = 180;
const LONGEST_HORIZON_MIN = 120 * 60;
const HORIZON_WHEN_NEVER_MIN = 24 * 60;
/** The forecast runs until an animal this many spreads tougher than usual is past falling apart. */
const HORIZON_SPREADS = 2.6;
/** How much longer than the nominal pot the forecast runs, so that slow kitchens are seen to the end. */
const HORIZON_MARGIN = 1.2;
/** The same where the liquid stays under the boil: there a few degrees make hours. */
const COOL_HORIZON_MARGIN = 2.5;
const BOILS_WITHIN_K = 1;

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

/** Index of the step that ends at or just after `atMin`. */
export function stepAt(grid: TimeGrid, atMin: number): number {
  const target = atMin * 60 - 1e-6;
  let low = 0;
  let high = grid.count - 1;
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((grid.endS[middle] as number) < target) low = middle + 1;
    else high = middle;
  }
  return low;
}

function latestMin(request: BraiseRequest, observations: readonly Observation[]): number {
  return Math.max(
    0,
    ...observations.map((o) => o.atMin),
    ...request.openings.map((o) => o.atMin),
    ...request.turnsAtMin,
    ...request.topUps.map((t) => t.atMin),
    ...request.heats.map((h) => h.atMin),
    ...request.lids.map((l) => l.atMin),
  );
}

/** End of the forecast in minutes: the request's own, or late enough for the toughest likely animal in a slow kitchen. */
export function chooseHorizonMin(request: BraiseRequest, observations: readonly Observation[]): number {
  const after = latestMin(request, observations) + 30;
  if (request.horizonMin !== undefined) return Math.max(request.horizonMin, after);
  const { cookValue, toughnessSpread } = request.cut;
  const needed = Math.max(cookValue.strings, cookValue.turns * Math.exp(HORIZON_SPREADS * toughnessSpread));
  let horizon = 12 * 60;
  for (;;) {
    const assembly = assemble(request, Math.max(horizon, after), FAST_STEPS, []);
    const course = runBraise(assembly.setup(NO_SURPRISES), assembly.grid, FAST_CELLS);
    const slow = slowest(course);
    const step = slow.findIndex((c) => c >= needed);
    if (step >= 0) {
      const boilC = boilingPointC(pressureAtAltitudePa(request.altitudeM));
      const boils = (course.liquidC[step] as number) > boilC - BOILS_WITHIN_K;
      const held = request.heats.at(-1)?.heat.kind === 'simmer';
      const margin = boils || held ? HORIZON_MARGIN : COOL_HORIZON_MARGIN;
      const found = ((assembly.grid.endS[step] as number) / 60) * margin;
      return Math.max(SHORTEST_HORIZON_MIN, after, Math.ceil(found / 30) * 30);
    }
    const reached = slow[slow.length - 1] ?? 0;
    if (horizon >= LONGEST_HORIZON_MIN || reached < needed / 1000) return Math.max(HORIZON_WHEN_NEVER_MIN, after);
    horizon = Math.min(LONGEST_HORIZON_MIN, horizon * 4);
  }
}

/** Cook value of the slowest group at each step. */
export function slowest(course: RunCourse): Float64Array {
  const [first, ...others] = course.slowCookValue;
  if (!first) return new Float64Array(0);
  if (others.length === 0) return first;
  return first.map((value, i) => Math.min(value, ...others.map((o) => o[i] as number)));
}

function marks(request: BraiseRequest, observations: readonly Observation[]): number[] {
  return [...new Set(observations.map((o) => o.atMin))].filter((m) => m > 0 && m >= 0 && request.heats.length > 0);
}

/** The braise as it would go with no surprise, in full detail on the fast grid. */
function nominalCourse(assembly: Assembly, centre: Unknowns): DetailedCourse {
  return runBraise(assembly.setup(centre), assembly.grid, FAST_CELLS, true);
}

/** Litres that meat and vegetables have given to the liquid at each step of a detailed course. */
export function gainedLitres(assembly: Assembly, course: DetailedCourse): Float64Array {
  const { request, grid } = assembly;
  const vegetables = vegetableWaterKg(request.vegetablesKg, course.liquidC, grid.stepS);
  return vegetables.map((water, i) =>
    request.groups.reduce(
      (sum, group, g) =>
        sum +
        group.massKg *
          (1 - boneFraction(request.cut, group.onBone)) *
          ((course.juiceFraction[g] as Float64Array)[i] as number),
      water,
    ),
  );
}

/** Litres poured in after the start, up to `atMin`. */
export function pouredLitres(request: BraiseRequest, atMin: number): number {
  return request.topUps.reduce((sum, t) => (t.atMin <= atMin ? sum + t.litres : sum), 0);
}

function predict(
  ensemble: Pick<Ensemble, 'assembly' | 'gainedL' | 'boilC'>,
  course: RunCourse,
  demand: number,
  atMin: number,
): Prediction {
  const { assembly } = ensemble;
  const step = stepAt(assembly.grid, atMin);
  const slow = Math.min(...course.slowCookValue.map((c) => c[step] as number));
  const core = Math.min(...course.coreC.map((c) => c[step] as number));
  return {
    progress: slow / (assembly.request.cut.cookValue.turns * demand),
    coreC: core,
    liquidC: course.liquidC[step] as number,
    boilC: ensemble.boilC,
    litres:
      assembly.request.liquidL +
      pouredLitres(assembly.request, atMin) +
      (ensemble.gainedL[step] as number) -
      (course.evaporatedKg[step] as number) / 0.96,
  };
}

interface Frame {
  readonly assembly: Assembly;
  readonly nominal: DetailedCourse;
  readonly gainedL: Float64Array;
  readonly boilC: number;
}

function frame(request: BraiseRequest, observations: readonly Observation[], prior: Prior): Frame {
  const horizon = chooseHorizonMin(request, observations);
  const assembly = assemble(request, horizon, FAST_STEPS, marks(request, observations));
  const nominal = nominalCourse(assembly, unknownsOf(prior, new Float64Array(UNKNOWN_COUNT), 0));
  return {
    assembly,
    nominal,
    gainedL: gainedLitres(assembly, nominal),
    boilC: boilingPointC(pressureAtAltitudePa(request.altitudeM)),
  };
}

/** The forecast before anything has been recorded. */
export function priorEnsemble(
  request: BraiseRequest,
  options: { readonly particles?: number | undefined; readonly prior?: Prior | undefined } = {},
): Ensemble {
  const prior = options.prior ?? kitchenPrior(request);
  const count = options.particles ?? FULL_PARTICLES;
  const z = sobolNormals(count, UNKNOWN_COUNT, randomStream(request.seed));
  const base = frame(request, [], prior);
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

function simulateAll(assembly: Assembly, prior: Prior, z: Float64Array, count: number): RunCourse[] {
  return Array.from({ length: count }, (_, i) =>
    runBraise(assembly.setup(unknownsOf(prior, z, i * UNKNOWN_COUNT)), assembly.grid, FAST_CELLS),
  );
}

function demands(prior: Prior, z: Float64Array, count: number): Float64Array {
  return Float64Array.from({ length: count }, (_, i) => demandOf(prior, z, i * UNKNOWN_COUNT));
}

/** Weights that sum to 1. */
export function weights(ensemble: Pick<Ensemble, 'logWeight'>): Float64Array {
  const largest = Math.max(...ensemble.logWeight);
  const raw = ensemble.logWeight.map((w) => Math.exp(w - largest));
  const sum = raw.reduce((a, b) => a + b, 0);
  return raw.map((w) => w / sum);
}

function totalLikelihood(base: Frame, observations: readonly Observation[], course: RunCourse, demand: number): number {
  let sum = 0;
  observations.forEach((o, i) => {
    const repeated = isRepeat(o, observations.slice(0, i));
    sum += logLikelihood(base.assembly.request.cut, o, predict(base, course, demand, o.atMin), repeated);
  });
  return sum;
}

/**
 * The forecast after the braise has gone as `request` now says and one more record, if any, has come in. Particles are
 * re-run with all acts, reweighted, and drawn anew with one preconditioned Crank–Nicolson move when fewer than half
 * still count. `observations` holds all records so far, the newest last; those of `previous` must be its beginning.
 */
export function advance(previous: Ensemble, request: BraiseRequest, observations: readonly Observation[]): Ensemble {
  const { prior, count } = previous;
  const base = frame(request, observations, prior);
  const courses = simulateAll(base.assembly, prior, previous.z, count);
  const fresh = observations.length > previous.observations.length;
  const logLikelihoods = fresh
    ? Float64Array.from(courses, (course, i) =>
        totalLikelihood(base, observations, course, previous.demand[i] as number),
      )
    : previous.logLikelihood;
  const next: Ensemble = {
    ...previous,
    ...base,
    request,
    observations,
    courses,
    logLikelihood: logLikelihoods,
    logWeight: previous.logWeight.map(
      (w, i) => w + (logLikelihoods[i] as number) - (previous.logLikelihood[i] as number),
    ),
  };
  const w = weights(next);
  const effective = 1 / w.reduce((sum, x) => sum + x * x, 0);
  return effective < count / 2 ? renew(next, w) : next;
}

/**
 * Draws the particles anew by weight. Only copies need a new heat run: the first of each keeps its course, and all make
 * a few moves in what the meat demands, which cost no run. Every move leaves the posterior unchanged.
 */
function renew(ensemble: Ensemble, w: Float64Array): Ensemble {
  const { count, prior, assembly, observations } = ensemble;
  const random = randomStream(ensemble.request.seed + 7919 * (observations.length + 1));
  const parents = systematicResample(w, random);
  const z = new Float64Array(ensemble.z.length);
  const courses: RunCourse[] = [];
  const demand = new Float64Array(count);
  const logLikelihoods = new Float64Array(count);
  const proposal = new Float64Array(UNKNOWN_COUNT);
  for (let i = 0; i < count; i++) {
    const parent = parents[i] as number;
    const from = parent * UNKNOWN_COUNT;
    const current = ensemble.z.slice(from, from + UNKNOWN_COUNT);
    let course = ensemble.courses[parent] as RunCourse;
    let likelihood = ensemble.logLikelihood[parent] as number;
    const isCopy = i > 0 && parents[i - 1] === parent;
    if (isCopy) {
      perturb(current, proposal, UNKNOWN_COUNT, random);
      const moved = runBraise(assembly.setup(unknownsOf(prior, proposal, 0)), assembly.grid, FAST_CELLS);
      const movedLikelihood = totalLikelihood(ensemble, observations, moved, demandOf(prior, proposal, 0));
      if (Math.log(random()) < movedLikelihood - likelihood) {
        current.set(proposal);
        course = moved;
        likelihood = movedLikelihood;
      }
    }
    for (let move = 0; move < CHEAP_MOVES; move++) {
      perturb(current, proposal, DEMAND_UNKNOWNS, random);
      const tried = totalLikelihood(ensemble, observations, course, demandOf(prior, proposal, 0));
      if (Math.log(random()) < tried - likelihood) {
        current.set(proposal);
        likelihood = tried;
      }
    }
    z.set(current, i * UNKNOWN_COUNT);
    courses.push(course);
    demand[i] = demandOf(prior, current, 0);
    logLikelihoods[i] = likelihood;
  }
  return {
    ...ensemble,
    z,
    courses,
    demand,
    logLikelihood: logLikelihoods,
    logWeight: new Float64Array(count),
    renewals: ensemble.renewals + 1,
  };
}

/** A step that leaves the prior unchanged, on the first `moving` unknowns. */
function perturb(from: Float64Array, to: Float64Array, moving: number, random: RandomStream): void {
  to.set(from);
  for (let k = 0; k < moving; k++) to[k] = KEEP * (from[k] as number) + FRESH * normalQuantile(random());
}

function systematicResample(w: Float64Array, random: RandomStream): Int32Array {
  const count = w.length;
  const out = new Int32Array(count);
  const offset = random();
  let cumulative = w[0] as number;
  let j = 0;
  for (let i = 0; i < count; i++) {
    const target = (i + offset) / count;
    while (cumulative < target && j < count - 1) {
      j++;
      cumulative += w[j] as number;
    }
    out[i] = j;
  }
  return out;
}

/** What particle `i` predicts at `atMin`. */
export function predictionOf(ensemble: Ensemble, i: number, atMin: number): Prediction {
  return predict(ensemble, ensemble.courses[i] as RunCourse, ensemble.demand[i] as number, atMin);
}
