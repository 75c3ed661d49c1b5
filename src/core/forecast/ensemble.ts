import { assemble, type Assembly, boneFraction, NO_SURPRISES, type Unknowns } from './assemble';
import { WATER_KG_PER_L } from '../heat/water';
import { isRepeat, logLikelihood, type Observation, type Prediction } from './observation';
import { DEMAND_UNKNOWNS, demandOf, kitchenPrior, type Prior, UNKNOWN_COUNT, unknownsOf } from './prior';
import { normalQuantile, type RandomStream, randomStream, sobolNormals } from '../numbers/random';
import { type BraiseRequest, cutOf } from './request';
import { type DetailedCourse, FAST_CELLS, type RunCourse, runBraise } from '../heat/run';
import { FAST_STEPS, type TimeGrid } from '../heat/timeGrid';
import { boilingPointC, pressureAtAltitudePa } from '../heat/water';
import { vegetableWaterKg } from '../material/vegetables';

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
  const wanted = cookValue[request.target ?? 'twists'];
  const needed = Math.max(cookValue.strings, wanted * Math.exp(HORIZON_SPREADS * toughnessSpread));
  let horizon = 12 * 60;
  for (;;) {
    const assembly = assemble(request, Math.max(horizon, after), FAST_STEPS, []);
    const course = runBraise(assembly.setup(NO_SURPRISES), assembly.grid, FAST_CELLS);
    const slow = slowest(course, request);
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

/** Factors that turn each group's cook value into what it would mean to the cut the forecast is about. */
function inLeadTerms(request: BraiseRequest): number[] {
  return request.groups.map((group) => request.cut.cookValue.twists / cutOf(request, group).cookValue.twists);
}

/** Cook value of the slowest group at each step; other cuts count as far as they are on their own way to tender. */
export function slowest(course: RunCourse, request: BraiseRequest): Float64Array {
  const [first, ...others] = course.slowCookValue;
  if (!first) return new Float64Array(0);
  const [factor = 1, ...factors] = inLeadTerms(request);
  const lead = factor === 1 ? first : first.map((value) => value * factor);
  if (others.length === 0) return lead;
  return lead.map((value, i) => Math.min(value, ...others.map((o, g) => (o[i] as number) * (factors[g] as number))));
}

/** Index of the group that is least far on its way to tender at `step`. */
export function slowestGroupAt(course: RunCourse, request: BraiseRequest, step: number): number {
  const factors = inLeadTerms(request);
  const values = course.slowCookValue.map((c, g) => (c[step] as number) * (factors[g] as number));
  return values.indexOf(Math.min(...values));
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
  const vegetables = vegetableWaterKg(request.vegetables, course.liquidC, grid);
  return vegetables.map((water, i) =>
    request.groups.reduce(
      (sum, group, g) =>
        sum +
        group.massKg *
          (1 - boneFraction(cutOf(request, group), group.onBone)) *
          ((course.juiceFraction[g] as Float64Array)[i] as number),
      water,
    ),
  );
}

/** Litres poured in after the start, up to `atMin`. */
export function pouredLitres(request: BraiseRequest, atMin: number): number {
  return request.topUps.reduce((sum, t) => (t.atMin <= atMin ? sum + t.litres : sum), 0);
}

/** How far into the step that ends at or after `atMin` that moment lies, 0 to 1. */
export function shareOfStep(grid: TimeGrid, step: number, atMin: number): number {
  return Math.min(1, Math.max(0, 1 - ((grid.endS[step] as number) - atMin * 60) / (grid.stepS[step] as number)));
}

/** Where a moment lies on a grid, and what the likelihood of its record needs that no particle changes. */
interface Moment {
  readonly step: number;
  readonly share: number;
  /** Litres without evaporation: poured in, and given by meat and vegetables. */
  readonly litresBeforeSteam: number;
}

function momentOn(frame: Pick<Frame, 'assembly' | 'gainedL'>, atMin: number): Moment {
  const { grid, request } = frame.assembly;
  const step = stepAt(grid, atMin);
  return {
    step,
    share: shareOfStep(grid, step, atMin),
    litresBeforeSteam: request.liquidL + pouredLitres(request, atMin) + (frame.gainedL[step] as number),
  };
}

/** A series at a moment, linear within the step. */
function valueAt(series: Float64Array, { step, share }: Moment, start: number): number {
  const to = series[step] as number;
  if (share === 1) return to;
  const from = step === 0 ? start : (series[step - 1] as number);
  return from + share * (to - from);
}

function predict(
  frame: Pick<Frame, 'assembly' | 'boilC'>,
  course: RunCourse,
  demand: number,
  moment: Moment,
): Prediction {
  const { request } = frame.assembly;
  let slow = Infinity;
  let core = Infinity;
  request.groups.forEach((group, g) => {
    const cookValue = valueAt(course.slowCookValue[g] as Float64Array, moment, 0);
    slow = Math.min(slow, cookValue / cutOf(request, group).cookValue.twists);
    core = Math.min(core, valueAt(course.coreC[g] as Float64Array, moment, group.startTempC));
  });
  return {
    progress: slow / demand,
    coreC: core,
    liquidC: valueAt(course.liquidC, moment, request.liquidTempC),
    boilC: frame.boilC,
    litres: Math.max(0, moment.litresBeforeSteam - valueAt(course.evaporatedKg, moment, 0) / WATER_KG_PER_L),
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

/** The one course without surprises as an ensemble: a forecast with no width, for when speed is all. */
export function nominalEnsemble(request: BraiseRequest): Ensemble {
  const prior = kitchenPrior(request);
  const base = frame(request, [], prior);
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

/** Weights that sum to 1. */
export function weights(ensemble: Pick<Ensemble, 'logWeight'>): Float64Array {
  const largest = Math.max(...ensemble.logWeight);
  const raw = ensemble.logWeight.map((w) => Math.exp(w - largest));
  const sum = raw.reduce((a, b) => a + b, 0);
  return raw.map((w) => w / sum);
}

/** A record placed on a grid. */
interface Witness {
  readonly observation: Observation;
  readonly repeated: boolean;
  readonly moment: Moment;
}

function witnesses(frame: Frame, observations: readonly Observation[]): Witness[] {
  return observations.map((observation, i) => ({
    observation,
    repeated: isRepeat(observation, observations.slice(0, i)),
    moment: momentOn(frame, observation.atMin),
  }));
}

/** Log-likelihood of the records under one heat course, as a function of what the meat demands. */
function likelihoodOf(frame: Frame, seen: readonly Witness[], course: RunCourse): (demand: number) => number {
  const { cut } = frame.assembly.request;
  let fixed = 0;
  const forks: { witness: Witness; prediction: Prediction }[] = [];
  for (const witness of seen) {
    const prediction = predict(frame, course, 1, witness.moment);
    if (witness.observation.kind === 'fork') forks.push({ witness, prediction });
    else fixed += logLikelihood(cut, witness.observation, prediction, witness.repeated);
  }
  return (demand) =>
    forks.reduce(
      (sum, { witness, prediction }) =>
        sum +
        logLikelihood(
          cut,
          witness.observation,
          { ...prediction, progress: prediction.progress / demand },
          witness.repeated,
        ),
      fixed,
    );
}

function effectiveCount(w: Float64Array): number {
  return 1 / w.reduce((sum, x) => sum + x * x, 0);
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
  const base = frame(request, observations, prior);
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
  const seen = witnesses(base, observations);

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
  const now: Frame = { ...previous, assembly: { ...previous.assembly, request } };
  const endMin = (previous.assembly.grid.endS[previous.assembly.grid.count - 1] as number) / 60;
  const known = previous.observations.length;
  const seen = witnesses(now, observations).filter((s, i) => i >= known && s.observation.atMin <= endMin);
  return Float64Array.from(previous.courses, (course, i) =>
    likelihoodOf(now, seen, course)(previous.demand[i] as number),
  );
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
  return predict(ensemble, ensemble.courses[i] as RunCourse, ensemble.demand[i] as number, momentOn(ensemble, atMin));
}
