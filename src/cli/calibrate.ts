import { practiceRequest } from './practice';
import { PRACTICE_WINDOWS, type PracticeWindow } from './practiceWindows';
import {
  advance,
  AJAR_CHANCE,
  assemble,
  type BraiseRequest,
  bruteForce,
  chooseHorizonMin,
  crossingMin,
  requiredCookValue,
  type Ensemble,
  etaOf,
  INDEX,
  kitchenPrior,
  meatRequirement,
  type Observation,
  type Prior,
  priorEnsemble,
  readySample,
  slowest,
  stageChances,
  stepAt,
  summarise,
  type LatentParameter,
  UNKNOWN_COUNT,
  parametersOf,
} from '../core/forecast';
import { normalQuantile, type RandomStream, randomStream } from '../core/numbers';
import { PACE, paceFrom } from '../core/cook';
import { FAST_STEPS, PLAIN_CELLS, runBraise } from '../core/heat';
import { DONENESS_STAGES } from '../core/tenderness';

interface WindowResult {
  readonly row: PracticeWindow;
  readonly hours: readonly [number, number, number];
}

function practice(): WindowResult[] {
  return PRACTICE_WINDOWS.map((row) => {
    const eta = etaOf(summarise(priorEnsemble(practiceRequest(row))), row.target);
    return { row, hours: [eta.p10 / 60, eta.p50 / 60, eta.p90 / 60] };
  });
}

/** How the truth departs from what the forecast assumes. */
interface Departure {
  readonly name: string;
  readonly truths: number;
  /** What the cook says about the braise. */
  readonly said?: Partial<BraiseRequest>;
  /** Transforms the `k`-th draw of the parameters. */
  readonly bend?: (z: Float64Array, prior: Prior, k: number) => void;
  readonly ajar?: boolean;
}

const setTo =
  (unknown: LatentParameter, value: (k: number) => number) =>
  (z: Float64Array, prior: Prior, k: number): void => {
    z[INDEX[unknown]] = value(k) / prior[unknown].sd;
  };

const DEPARTURES: readonly Departure[] = [
  { name: 'drawn from the prior', truths: 2000 },
  { name: 'the hand always early, 0.25', truths: 300, bend: setTo('hand', () => -0.25) },
  { name: 'the hand always late, 0.25', truths: 300, bend: setTo('hand', () => 0.25) },
  {
    name: 'oven errors twice as large',
    truths: 300,
    bend: (z) => {
      z[INDEX.ovenOffset] = 2 * (z[INDEX.ovenOffset] as number);
    },
  },
  {
    name: 'thickness guessed, 20% off',
    truths: 300,
    said: { thicknessMeasured: false },
    bend: setTo('thickness', (k) => (k % 2 === 0 ? Math.log(1.2) : -Math.log(1.2))),
  },
  { name: 'the lid ajar, nobody knows', truths: 300, ajar: true },
];

/** One draw of all parameters, cooked on 40 shells. */
class Truth {
  private readonly z: Float64Array;
  private readonly prior: Prior;
  private readonly ajar: boolean;

  constructor(
    private readonly base: BraiseRequest,
    private readonly random: RandomStream,
    { bend, ajar }: Departure,
    k: number,
  ) {
    this.prior = kitchenPrior(base);
    this.z = Float64Array.from({ length: UNKNOWN_COUNT }, () => normalQuantile(random()));
    this.ajar = ajar ?? random() < AJAR_CHANCE;
    bend?.(this.z, this.prior, k);
  }

  private cooked(request: BraiseRequest) {
    const assembly = assemble(request, chooseHorizonMin(request, []) * 2, FAST_STEPS, []);
    const unknowns = parametersOf(this.prior, this.z, 0, this.ajar);
    return { assembly, slow: slowest(runBraise(assembly.setup(unknowns), assembly.grid, PLAIN_CELLS), request) };
  }

  /** When this cook's fork finds it tender, and when the meat itself is, min. */
  moments(request: BraiseRequest): { readonly found: number; readonly itself: number } {
    const { assembly, slow } = this.cooked(request);
    const at = (demand: number): number =>
      crossingMin(slow, assembly.grid.endS, demand * this.base.cut.cookValue.twists);
    return { found: at(requiredCookValue(this.prior, this.z, 0)), itself: at(meatRequirement(this.prior, this.z, 0)) };
  }

  /** What this cook would feel at `atMin`, noise and slips included. */
  fork(request: BraiseRequest, atMin: number): Observation {
    const { assembly, slow } = this.cooked(request);
    const wanted = requiredCookValue(this.prior, this.z, 0) * this.base.cut.cookValue.twists;
    const chances = stageChances(this.base.cut, (slow[stepAt(assembly.grid, atMin)] as number) / wanted);
    let pick = this.random();
    const index = chances.findIndex((c) => (pick -= c) <= 0);
    return { kind: 'fork', atMin, stage: DONENESS_STAGES[index < 0 ? 5 : index] ?? 'strings' };
  }
}

const SIMULATED = ['beef_short_rib_english', 'pork_cheek', 'lamb_shank', 'beef_brisket_point', 'duck_leg'] as const;
const LOOK_S = 60;
const TESTS = 4;
const BETWEEN_TESTS_MIN = 15;

/** Results for the braises still under way after this many fork tests. */
interface Stagewise {
  readonly tests: number;
  truths: number;
  covered: number;
  /**
   * Sum of what the ranges claim to hold: four fifths, plus any mass at a test that fell short where a range begins
   * there.
   */
  said: number;
  coveredItself: number;
  readonly widths: number[];
  readonly errors: number[];
}

/** A simulated braise after this many fork tests that found it not yet tender. */
interface Followed {
  readonly tests: number;
  readonly ensemble: Ensemble;
  readonly request: BraiseRequest;
  readonly truth: Truth;
}

/** Follows simulated braises of one departure, equally many per cut, from the plan to the test that finds it tender. */
function* followedFor(departure: Departure, perCut: number): Generator<Followed> {
  for (const [c, id] of SIMULATED.entries()) {
    const row = PRACTICE_WINDOWS.find((w) => w.cut === id && w.method === 'oven');
    if (!row) throw new Error(`No practice window of ${id} in the oven.`);
    const bare = { ...practiceRequest(row), ...departure.said };
    const start = priorEnsemble(bare);
    const firstMin = Math.round(etaOf(summarise(start), 'twists').p10);
    for (let k = 0; k < perCut; k++) {
      const truth = new Truth(bare, randomStream(1000 * c + k + 17), departure, k);
      let ensemble = start;
      let request: BraiseRequest = bare;
      for (let tests = 0; tests <= TESTS; tests++) {
        yield { tests, ensemble, request, truth };
        const atMin = firstMin + tests * BETWEEN_TESTS_MIN;
        const looked = { ...request, openings: [...request.openings, { atMin, seconds: LOOK_S }] };
        const felt = truth.fork(looked, atMin);
        if (felt.kind === 'fork' && DONENESS_STAGES.indexOf(felt.stage) >= DONENESS_STAGES.indexOf('twists')) break;
        ensemble = advance(ensemble, looked, [...ensemble.observations, felt]);
        request = looked;
      }
    }
  }
}

/** Anything at the range's first minute counts as inside, min. */
const AT_ALL_MIN = 1e-6;

/** Coverage and error of the 80% range at planning time and after each fork test that found it not yet tender. */
function coverage(departure: Departure): Stagewise[] {
  const stages = Array.from({ length: TESTS + 1 }, (_, tests): Stagewise => ({
    tests,
    truths: 0,
    covered: 0,
    said: 0,
    coveredItself: 0,
    widths: [],
    errors: [],
  }));
  for (const { tests, ensemble, request, truth } of followedFor(departure, departure.truths / SIMULATED.length)) {
    const stage = stages[tests] as Stagewise;
    const eta = etaOf(summarise(ensemble), 'twists');
    const { found, itself } = truth.moments(request);
    const at = Math.max(found, ensemble.observations.at(-1)?.atMin ?? 0);
    stage.truths++;
    const sample = readySample(ensemble);
    stage.said += sample.shareBelow(eta.p90) - sample.shareBelow(eta.p10 - AT_ALL_MIN);
    if (at >= eta.p10 && at <= eta.p90) stage.covered++;
    if (itself >= eta.p10 && itself <= eta.p90) stage.coveredItself++;
    stage.widths.push(eta.p90 - eta.p10);
    stage.errors.push(Math.abs(eta.p50 - at));
  }
  return stages;
}

const BRUTE_PARTICLES = 16_384;
const BRUTE_PER_CUT = 6;

/** The 80% range compared with brute force after this many tests. */
interface Against {
  readonly tests: number;
  /** Ratio of the widths, relative to that of the plans. */
  readonly ratios: number[];
  /** Distance between the medians, min. */
  readonly apart: number[];
}

/** The 80% range against brute force, after each fork test that found it not yet tender. */
function againstBruteForce(): Against[] {
  const rows = Array.from({ length: TESTS + 1 }, (_, tests): Against => ({ tests, ratios: [], apart: [] }));
  const [asTheLawHasIt] = DEPARTURES;
  let planRatio = 1;
  for (const { tests, ensemble, request } of followedFor(asTheLawHasIt as Departure, BRUTE_PER_CUT)) {
    const ours = etaOf(summarise(ensemble), 'twists');
    const brute = etaOf(summarise(bruteForce(request, ensemble.observations, BRUTE_PARTICLES)), 'twists');
    const ratio = (ours.p90 - ours.p10) / (brute.p90 - brute.p10);
    if (tests === 0) planRatio = ratio;
    const row = rows[tests] as Against;
    row.ratios.push(ratio / planRatio);
    row.apart.push(Math.abs(ours.p50 - brute.p50));
  }
  return rows.slice(1);
}

const mean = (values: readonly number[]): number => values.reduce((a, b) => a + b, 0) / values.length;

function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.floor(sorted.length / 2)] ?? Number.NaN;
}

/** How often the 80% range of the next side holds after this many sides in one pan, over pans drawn from the prior. */
export function panCoverage(pans: number, faces: number): { readonly learned: number; readonly asSaid: number } {
  const random = randomStream(7);
  const draw = (sd: number): number => sd * normalQuantile(random());
  const [low, high] = [normalQuantile(0.1), normalQuantile(0.9)];
  let learned = 0;
  let asSaid = 0;
  for (let pan = 0; pan < pans; pan++) {
    const truth = draw(PACE.prior);
    const seen = Array.from({ length: faces }, () => Math.exp(truth + draw(PACE.face)));
    const next = truth + draw(PACE.face);
    const { factor, logSd: spread } = paceFrom(seen);
    const held = (off: number): boolean =>
      off >= low * Math.hypot(spread, PACE.face) && off <= high * Math.hypot(spread, PACE.face);
    if (held(next - Math.log(factor))) learned++;
    // Not learning, but with the range of one that has learnt: too narrow.
    if (held(next)) asSaid++;
  }
  return { learned: learned / pans, asSaid: asSaid / pans };
}

const PAN_FACES = [0, 1, 2, 4, 8];
const PANS = 200;

const percent = (share: number): string => `${(100 * share).toFixed(0)} %`;

/** Runs both calibrations and returns text and data. */
export function calibrate(): { readonly text: string; readonly data: unknown } {
  const sets = DEPARTURES.map((departure) => ({ name: departure.name, stages: coverage(departure) }));
  const against = againstBruteForce();
  const windows = practice();
  const inside = windows.filter(({ row, hours }) => hours[1] >= row.hours[0] && hours[1] <= row.hours[1]).length;
  const pans = PAN_FACES.map((faces) => ({ faces, ...panCoverage(PANS, faces) }));
  const lines = [
    `Simulated kitchens: ${String(SIMULATED.length)} cuts, hidden truth, fork tests every ${String(BETWEEN_TESTS_MIN)} min until one finds it tender.`,
    '',
    '| kitchens | tests not yet tender | truths | 80% range holds, by the fork | should hold | by the meat itself | median width, min | median error, min |',
    '| --- | ---: | ---: | ---: | ---: | ---: | ---: | ---: |',
    ...sets.flatMap(({ name, stages }) =>
      stages.map(
        (s) =>
          `| ${name} | ${String(s.tests)} | ${String(s.truths)} | ${percent(s.covered / s.truths)} | ${percent(s.said / s.truths)} | ${percent(s.coveredItself / s.truths)} | ${median(s.widths).toFixed(0)} | ${median(s.errors).toFixed(0)} |`,
      ),
    ),
    '',
    `Against brute force (${String(BRUTE_PARTICLES)} particles weighted by all records at once), ${String(BRUTE_PER_CUT)} braises of each cut:`,
    '',
    '| tests not yet tender | braises | width relative to brute force | difference of medians, min |',
    '| ---: | ---: | ---: | ---: |',
    ...against.map(
      (r) =>
        `| ${String(r.tests)} | ${String(r.ratios.length)} | ${mean(r.ratios).toFixed(3)} | ${mean(r.apart).toFixed(1)} |`,
    ),
    '',
    `Pans drawn from the prior, ${String(PANS)}: how often the 80% range of the next side holds, and how often a range around the planned minutes would.`,
    '',
    '| sides browned | learned | as planned |',
    '| ---: | ---: | ---: |',
    ...pans.map((p) => `| ${String(p.faces)} | ${percent(p.learned)} | ${percent(p.asSaid)} |`),
    '',
    `Kitchen practice: the median lies inside the window in ${String(inside)} of ${String(windows.length)} rows.`,
    '',
    '| cut | form | how | practice, h | p10 / p50 / p90, h | |',
    '| --- | --- | --- | --- | --- | --- |',
    ...windows.map(({ row, hours }) => {
      const out = hours[1] < row.hours[0] ? 'early' : hours[1] > row.hours[1] ? 'late' : '';
      return `| ${row.cut} | ${row.form} | ${row.method} ${String(row.tempC)} °C | ${String(row.hours[0])}–${String(row.hours[1])} | ${hours.map((h) => h.toFixed(2)).join(' / ')} | ${out} |`;
    }),
    '',
  ];
  return {
    text: lines.join('\n'),
    data: {
      simulated: sets.map(({ name, stages }) => ({
        kitchens: name,
        stages: stages.map((s) => ({
          tests: s.tests,
          truths: s.truths,
          coverage: s.covered / s.truths,
          coverageSaid: s.said / s.truths,
          coverageItself: s.coveredItself / s.truths,
          medianWidthMin: median(s.widths),
          medianErrorMin: median(s.errors),
        })),
      })),
      againstBruteForce: against.map((r) => ({ tests: r.tests, ratio: mean(r.ratios), medianApartMin: mean(r.apart) })),
      pans,
      practice: windows.map(({ row, hours }) => ({ ...row, hours })),
    },
  };
}
