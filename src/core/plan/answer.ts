import {
  type Ensemble,
  etaOf,
  levelMmAt,
  litresAt,
  lidLiftCostMin,
  readySample,
  slowestGroup,
  scheduledAt,
  valueAt,
  summarise,
} from '../forecast';
import { USUAL_SAUCE_L_PER_PLATE } from '../choices';
import { finishedPot } from '../finish';
import { type Doneness } from '../tenderness';

const finite = (x: number): number | null => (Number.isFinite(x) ? Math.round(x * 100) / 100 : null);
const rounded = (x: number): number => Math.round(x * 10_000) / 10_000;

/**
 * A forecast as the command line prints it: quantiles per doneness, probabilities, and the nominal trace minute by
 * minute.
 */
export interface Answer {
  readonly version: 3;
  readonly horizonMin: number;
  readonly stages: {
    readonly stage: Doneness;
    readonly p10Min: number | null;
    readonly p50Min: number | null;
    readonly p90Min: number | null;
    readonly reachedShare: number;
  }[];
  readonly twistsPercentilesMin: (number | null)[];
  readonly chance: { readonly atMin: number; readonly share: number }[];
  readonly slowestGroup: number;
  readonly goodForMin: number | null;
  readonly lookCostMin: number;
  /** A pot that runs dry before fork-tender: the share of particles, and when. */
  readonly dry: { readonly share: number; readonly p50Min: number | null };
  readonly whenTender: {
    readonly liquidL: number;
    readonly fatL: number;
    readonly gelatinGPerL: number;
    readonly juiceShare: number;
  } | null;
  readonly series: Readonly<
    Record<
      | 'minute'
      | 'liquidC'
      | 'coreC'
      | 'meanC'
      | 'slowCookValueMin'
      | 'meanCookValueMin'
      | 'waterL'
      | 'levelMm'
      | 'moistureShare',
      number[]
    >
  >;
}

/**
 * Summarises an ensemble for the command line; `chanceAtMin` are times at which the probability of being ready is
 * wanted.
 */
export function answerOf(ensemble: Ensemble, chanceAtMin: readonly number[]): Answer {
  const { nominal, request, assembly } = ensemble;
  const forecast = summarise(ensemble);
  const twists = etaOf(forecast, 'twists');
  const sample = readySample(ensemble);
  const group = slowestGroup(ensemble);
  const tender = Number.isFinite(twists.p50) ? scheduledAt(assembly.grid, twists.p50) : undefined;
  const pot =
    tender === undefined
      ? undefined
      : finishedPot(ensemble, tender, {
          eaters: 1,
          sauceLPerPlate: USUAL_SAUCE_L_PER_PLATE,
          reduce: true,
          leastL: 0,
          solids: 'strain',
          fat: 'spoon',
          solidsKg: 0,
          rung: null,
          powerW: 1000,
          stockGelatinG: 0,
        });
  const minutes = Array.from({ length: Math.floor(forecast.horizonMin) + 1 }, (_, i) => i);
  const places = minutes.map((m) => scheduledAt(assembly.grid, m));
  const pick = (values: Float64Array): number[] => places.map((place) => rounded(valueAt(values, place)));
  const juice = nominal.juiceFraction[group] as Float64Array;
  const lead = request.groups[group];
  const water = (lead?.cut ?? request.cut).composition.water;
  return {
    version: 3,
    horizonMin: forecast.horizonMin,
    stages: forecast.etas.map((e) => ({
      stage: e.stage,
      p10Min: finite(e.p10),
      p50Min: finite(e.p50),
      p90Min: finite(e.p90),
      reachedShare: rounded(e.reached),
    })),
    twistsPercentilesMin: forecast.readyPercentiles.map(finite),
    chance: chanceAtMin.map((atMin) => ({ atMin, share: rounded(sample.shareBelow(atMin)) })),
    slowestGroup: group,
    goodForMin: finite(etaOf(forecast, 'strings').p50 - twists.p50),
    lookCostMin: rounded(lidLiftCostMin(request, Number.isFinite(twists.p10) ? twists.p10 : 60, 60)),
    dry: { share: rounded(forecast.dry.chance), p50Min: finite(forecast.dry.p50) },
    whenTender:
      pot === undefined || tender === undefined
        ? null
        : {
            liquidL: rounded(pot.liquidL),
            fatL: rounded(pot.fatL),
            gelatinGPerL: rounded(pot.liquidL > 0 ? (pot.gelatinGPerL * pot.sauceL) / pot.liquidL : 0),
            juiceShare: rounded(valueAt(juice, tender)),
          },
    series: {
      minute: minutes,
      liquidC: pick(nominal.liquidC),
      coreC: pick(nominal.coreC[group] as Float64Array),
      meanC: pick(nominal.meanC[group] as Float64Array),
      slowCookValueMin: pick(nominal.slowCookValue[group] as Float64Array),
      meanCookValueMin: pick(nominal.meanCookValue[group] as Float64Array),
      waterL: places.map((place) => rounded(litresAt(ensemble, place))),
      levelMm: places.map((place) => rounded(levelMmAt(ensemble, place))),
      moistureShare: places.map((place) => {
        const lost = valueAt(juice, place);
        return rounded(Math.max(0, (water - lost) / (1 - lost)));
      }),
    },
  };
}
