import { normalCdf } from '../numbers';
import { stageChances } from './forkLaw';
import { type Cut } from '../larder';
import { type Doneness, donenessIndex } from '../tenderness';

/** Something the cook saw, felt or read. Minutes after the meat met the liquid. */
export type Observation =
  | { readonly kind: 'fork'; readonly atMin: number; readonly stage: Doneness }
  | { readonly kind: 'probe'; readonly atMin: number; readonly tempC: number; readonly nearBone: boolean }
  | { readonly kind: 'liquidTemp'; readonly atMin: number; readonly tempC: number }
  | { readonly kind: 'simmering'; readonly atMin: number; readonly simmering: boolean }
  | { readonly kind: 'level'; readonly atMin: number; readonly litres: number };

/** What one particle predicts at the time of an observation. */
export interface Prediction {
  /** Cook value of the slowest quarter, relative to what this particle's meat needs to be fork-tender. */
  readonly progress: number;
  readonly coreC: number;
  readonly liquidC: number;
  readonly boilC: number;
  readonly litres: number;
}

/** Share of uninformative records (slip of the thumb) of whether it simmers. */
const BLUNDER = 0.03;
const PROBE_DEGREES_OF_FREEDOM = 4;
/** A probe reads a little of the liquid along its stem. */
const PROBE_STEM_SHARE = 0.04;
const LIQUID_SD_K = 1.5;
const SIMMER_BELOW_BOIL_K = 4;
const SIMMER_SPREAD_K = 1.5;
/** How finely the depth shows how much liquid there is, l. */
export const LEVEL_SD_L = 0.08;

/** Mean and sd of a core reading by a probe, °C. */
export function probeLaw(prediction: Prediction, nearBone: boolean): { mean: number; sd: number } {
  const gap = prediction.liquidC - prediction.coreC;
  return {
    mean: prediction.coreC + PROBE_STEM_SHARE * gap,
    sd: Math.hypot(1, 0.06 * gap) * (nearBone ? 2 : 1),
  };
}

/** Log-likelihood of a record under one particle's prediction, up to a constant per kind. */
export function logLikelihood(cut: Cut, observation: Observation, prediction: Prediction): number {
  switch (observation.kind) {
    case 'fork':
      return Math.log(stageChances(cut, prediction.progress)[donenessIndex(observation.stage)] as number);
    case 'probe': {
      const { mean, sd } = probeLaw(prediction, observation.nearBone);
      return logStudent((observation.tempC - mean) / sd) - Math.log(sd);
    }
    case 'liquidTemp':
      return logStudent((observation.tempC - prediction.liquidC) / LIQUID_SD_K);
    case 'simmering': {
      const chance = normalCdf((prediction.liquidC - (prediction.boilC - SIMMER_BELOW_BOIL_K)) / SIMMER_SPREAD_K);
      const said = observation.simmering ? chance : 1 - chance;
      return Math.log((1 - BLUNDER) * said + BLUNDER / 2);
    }
    case 'level':
      return logStudent((observation.litres - prediction.litres) / LEVEL_SD_L);
  }
}

/** How many sd a reading is away from a particle's prediction; undefined for what is felt or seen. */
export function sigmasOff(observation: Observation, prediction: Prediction): number | undefined {
  switch (observation.kind) {
    case 'liquidTemp':
      return Math.abs(observation.tempC - prediction.liquidC) / LIQUID_SD_K;
    case 'level':
      return Math.abs(observation.litres - prediction.litres) / LEVEL_SD_L;
    case 'probe': {
      const { mean, sd } = probeLaw(prediction, observation.nearBone);
      return Math.abs(observation.tempC - mean) / sd;
    }
    default:
      return undefined;
  }
}

function logStudent(x: number): number {
  const n = PROBE_DEGREES_OF_FREEDOM;
  return (-(n + 1) / 2) * Math.log1p((x * x) / n);
}
