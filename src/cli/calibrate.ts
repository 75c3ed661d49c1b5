import { PRACTICE_WINDOWS, type PracticeWindow } from './practiceWindows';
import {
  advance,
  assemble,
  type BraiseRequest,
  chooseHorizonMin,
  crossingMin,
  demandOf,
  type Ensemble,
  etaOf,
  isRepeat,
  kitchenPrior,
  type Observation,
  priorEnsemble,
  probeLaw,
  slowest,
  stageChances,
  stepAt,
  summarise,
  UNEVENTFUL,
  UNKNOWN_COUNT,
  unknownsOf,
} from '../core/forecast';
import { normalQuantile, type RandomStream, randomStream } from '../core/numbers';
import { FAST_STEPS, PLAIN_CELLS, runBraise } from '../core/heat';
import { type Cut, cutById } from '../core/larder';
import { STAGES } from '../core/tenderness';

/** The pot whose oven conductance is the reference scenarios' own, 1.73 W/K with a 1.8 kg roast in it. */
const POT_26 = { diameterM: 0.26, heightM: 0.16, material: 'castIron' as const };
const HEAVY_POT_KG = 5;
const LIGHT_POT_KG = 2.5;
const BATH_LITRES = 15;
const BATH_HORIZON_MIN = 160 * 60;

/** Dimensions of a row's form, m: a stated thickness (slices are cut across), a stated weight, or the cut's usual size. */
function formSize(cut: Cut, form: string): { lengthM: number; widthM: number; thicknessM: number } {
  const mm = /(\d+) mm/.exec(form)?.[1];
  const kg = /([\d.]+) kg/.exec(form)?.[1];
  const { length, width, thickness } = cut.sizeMm;
  if (mm !== undefined && cut.form === 'cubes')
    return { lengthM: +mm / 1000, widthM: +mm / 1000, thicknessM: +mm / 1000 };
  if (mm !== undefined && form.startsWith('slices') && cut.shape === 'box')
    return { lengthM: width / 1000, widthM: thickness / 1000, thicknessM: +mm / 1000 };
  if (mm !== undefined) return { lengthM: length / 1000, widthM: width / 1000, thicknessM: +mm / 1000 };
  const scale = kg === undefined ? 1 : Math.cbrt(+kg / cut.typicalPieceKg);
  return { lengthM: (length * scale) / 1000, widthM: (width * scale) / 1000, thicknessM: (thickness * scale) / 1000 };
}

/** A practice row as a braise: 26 cm pot, simmering start, oven lit as the pot goes in, three quarters under liquid. */
function practiceRequest(row: PracticeWindow): BraiseRequest {
  const cut = cutById(row.cut);
  const bath = row.method === 'bath';
  const litres = (Math.max(0.7, row.massKg / 1.5) + (row.method === 'stove' ? 0.5 : 0)) / 0.96;
  return {
    cut,
    groups: [
      {
        massKg: row.massKg,
        pieces: 1,
        ...formSize(cut, row.form),
        onBone: cut.bone !== 'no',
        startTempC: bath ? 5 : 25,
        submergedFraction: bath ? 1 : 0.75,
      },
    ],
    pot: { ...POT_26, massKg: row.lid === 'light' ? LIGHT_POT_KG : HEAVY_POT_KG },
    liquidL: bath ? BATH_LITRES : litres,
    liquidTempC: bath ? row.tempC : row.method === 'stove' ? 92 : 96,
    ...UNEVENTFUL,
    coldOven: row.method === 'oven',
    vegetables: [],
    heats: [
      {
        atMin: 0,
        heat: bath
          ? { kind: 'bath', tempC: row.tempC }
          : row.method === 'stove'
            ? { kind: 'simmer', tempC: row.tempC }
            : { kind: 'oven', tempC: row.tempC, fan: false },
      },
    ],
    lids: [{ atMin: 0, lid: row.lid }],
    thicknessMeasured: true,
    altitudeM: 0,
    horizonMin: bath ? BATH_HORIZON_MIN : undefined,
    seed: 1,
  };
}

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

/** One draw of everything unknown, cooked on 40 shells. */
class Truth {
  private readonly z: Float64Array;
  private readonly prior;

  constructor(
    private readonly base: BraiseRequest,
    private readonly random: RandomStream,
  ) {
    this.prior = kitchenPrior(base);
    this.z = Float64Array.from({ length: UNKNOWN_COUNT }, () => normalQuantile(random()));
  }

  private cooked(request: BraiseRequest) {
    const assembly = assemble(request, chooseHorizonMin(request, []) * 2, FAST_STEPS, []);
    const course = runBraise(assembly.setup(unknownsOf(this.prior, this.z, 0)), assembly.grid, PLAIN_CELLS);
    return { assembly, course, demand: demandOf(this.prior, this.z, 0) * this.base.cut.cookValue.twists };
  }

  twistsMin(request: BraiseRequest): number {
    const { assembly, course, demand } = this.cooked(request);
    return crossingMin(slowest(course, request), assembly.grid.endS, demand);
  }

  /** What a cook would feel at `atMin`, noise and blunders included. */
  fork(request: BraiseRequest, atMin: number, earlier: readonly Observation[]): Observation {
    const { assembly, course, demand } = this.cooked(request);
    const progress = (slowest(course, request)[stepAt(assembly.grid, atMin)] as number) / demand;
    const repeated = isRepeat({ kind: 'fork', atMin, stage: 'holds' }, earlier);
    let pick = this.random();
    const chances = stageChances(this.base.cut, progress, repeated);
    const index = chances.findIndex((c) => (pick -= c) <= 0);
    return { kind: 'fork', atMin, stage: STAGES[index < 0 ? 5 : index] ?? 'strings' };
  }

  probe(request: BraiseRequest, atMin: number): Observation {
    const { assembly, course } = this.cooked(request);
    const step = stepAt(assembly.grid, atMin);
    const law = probeLaw(
      {
        progress: 0,
        coreC: course.coreC[0]?.[step] ?? 0,
        liquidC: course.liquidC[step] as number,
        boilC: 100,
        litres: 1,
      },
      false,
    );
    return { kind: 'probe', atMin, tempC: law.mean + law.sd * normalQuantile(this.random()), nearBone: false };
  }
}

const SIMULATED = ['beef_short_rib_english', 'pork_cheek', 'lamb_shank', 'beef_brisket_point', 'duck_leg'] as const;
const TRUTHS_EACH = 120;
const LOOK_S = 60;

interface Stagewise {
  readonly when: string;
  covered: number;
  readonly widths: number[];
  readonly errors: number[];
}

/** Coverage and error of the 80 % window at plan time, after one fork test, after three records. */
function coverage(): { readonly truths: number; readonly rows: readonly Stagewise[] } {
  const rows: Stagewise[] = ['at plan time', 'after one fork test', 'after three records'].map((when) => ({
    when,
    covered: 0,
    widths: [],
    errors: [],
  }));
  let truths = 0;
  SIMULATED.forEach((id, c) => {
    const row = PRACTICE_WINDOWS.find((w) => w.cut === id && w.method === 'oven');
    if (!row) return;
    const bare = practiceRequest(row);
    const start = priorEnsemble(bare);
    const plan = etaOf(summarise(start), 'twists');
    const testMin = Math.round(plan.p10);
    for (let k = 0; k < TRUTHS_EACH; k++) {
      const truth = new Truth(bare, randomStream(1000 * c + k + 17));
      const note = (ensemble: Ensemble, request: BraiseRequest, row_: Stagewise | undefined): void => {
        const eta = etaOf(summarise(ensemble), 'twists');
        const at = truth.twistsMin(request);
        if (!row_) return;
        if (at >= eta.p10 && at <= eta.p90) row_.covered++;
        row_.widths.push(eta.p90 - eta.p10);
        row_.errors.push(Math.abs(eta.p50 - at));
      };
      truths++;
      note(start, bare, rows[0]);
      const looked = { ...bare, openings: [{ atMin: testMin, seconds: LOOK_S }] };
      const first = truth.fork(looked, testMin, []);
      const once = advance(start, looked, [first]);
      note(once, looked, rows[1]);
      const probeMin = testMin + 10;
      const againMin = testMin + 25;
      const twiceLooked = {
        ...bare,
        openings: [testMin, probeMin, againMin].map((atMin) => ({ atMin, seconds: LOOK_S })),
      };
      const seen = [first, truth.probe(twiceLooked, probeMin)];
      const twice = advance(once, { ...looked, openings: twiceLooked.openings.slice(0, 2) }, seen);
      const thrice = advance(twice, twiceLooked, [...seen, truth.fork(twiceLooked, againMin, seen)]);
      note(thrice, twiceLooked, rows[2]);
    }
  });
  return { truths, rows };
}

function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.floor(sorted.length / 2)] ?? Number.NaN;
}

/** Runs both calibrations and puts them into words and data. */
export function calibrate(): { readonly text: string; readonly data: unknown } {
  const simulated = coverage();
  const windows = practice();
  const inside = windows.filter(({ row, hours }) => hours[1] >= row.hours[0] && hours[1] <= row.hours[1]).length;
  const off = windows.map(({ row, hours }) => hours[1] / row.independent[1] - 1);
  const near = off.filter((x) => Math.abs(x) <= 0.03).length;
  const lines = [
    `Simulated kitchens: ${String(simulated.truths)} truths, ${String(SIMULATED.length)} cuts, hidden truth observed with noise.`,
    '',
    '| 80 % window | holds the truth | median width, min | median error, min |',
    '| --- | ---: | ---: | ---: |',
    ...simulated.rows.map(
      (r) =>
        `| ${r.when} | ${((100 * r.covered) / simulated.truths).toFixed(0)} % | ${median(r.widths).toFixed(0)} | ${median(r.errors).toFixed(0)} |`,
    ),
    '',
    `Kitchen practice: the median lies inside the window in ${String(inside)} of ${String(windows.length)} rows; it is within 3 % of the independent engine in ${String(near)}, at worst ${(100 * Math.max(...off.map(Math.abs))).toFixed(1)} % off.`,
    '',
    '| cut | form | how | practice, h | p10 / p50 / p90, h | independent | off | |',
    '| --- | --- | --- | --- | --- | --- | ---: | --- |',
    ...windows.map(({ row, hours }, i) => {
      const out = hours[1] < row.hours[0] ? 'early' : hours[1] > row.hours[1] ? 'late' : '';
      return `| ${row.cut} | ${row.form} | ${row.method} ${String(row.tempC)} °C | ${String(row.hours[0])}–${String(row.hours[1])} | ${hours.map((h) => h.toFixed(2)).join(' / ')} | ${row.independent.map((h) => h.toFixed(2)).join(' / ')} | ${(100 * (off[i] ?? 0)).toFixed(1)} % | ${out} |`;
    }),
    '',
  ];
  return {
    text: lines.join('\n'),
    data: {
      simulated: {
        truths: simulated.truths,
        rows: simulated.rows.map((r) => ({
          when: r.when,
          coverage: r.covered / simulated.truths,
          medianWidthMin: median(r.widths),
          medianErrorMin: median(r.errors),
        })),
      },
      practice: windows.map(({ row, hours }) => ({ ...row, hours })),
    },
  };
}
