import { type PromisedAhead } from './cookAhead';
import { type SizedPart, sizedParts } from './parts';
import { type PhaseTime } from './phaseTimes';
import { type PotPlan } from './potPlan';
import { type LiquidPlan, type WorkRhythm } from './prepWork';
import { type BasePlan } from '../base';
import { type BuyPlan } from '../buy';
import { type DietaryReport } from '../care';
import { type PlanInput } from '../choices';
import { type FinishedPot, type FinishInput } from '../finish';
import { type Forecast } from '../forecast';
import { type Herb, type Liquid } from '../larder';
import { type CountedOut, type HerbLine, type LiquidAddition } from '../liquid';
import { type PrepPlan } from '../prep';
import { type Day, type DayPlan, type DayTask, type WorkMinutes } from '../schedule';
import { type SaltPlan } from '../season';
import { type SearBatch, type SearPlan } from '../sear';

/** As stored: what may be undefined may be missing. */
type Stored<T> = { readonly [K in keyof T as undefined extends T[K] ? never : K]: T[K] } & {
  readonly [K in keyof T as undefined extends T[K] ? K : never]?: T[K];
};

/** A liquid as poured, by what the steps need of it. */
export interface PouredThen extends Pick<LiquidAddition, 'pouredL'> {
  readonly liquid: Pick<Liquid, 'id' | 'kind'>;
}

/** Herbs of one kind as they go in and come out. */
export interface HerbsThen extends Pick<HerbLine, 'count'> {
  readonly herb: Pick<Herb, 'id' | 'when' | 'unit'>;
}

/** A task of the day, by what the steps need of it. */
export type TaskThen = Stored<
  Pick<DayTask, 'id' | 'label' | 'place' | 'sideId' | 'handsMinutes' | 'fromMs' | 'toMs' | 'pieces'>
>;

/** Something of the base as it goes in. */
export type BaseThen = Stored<BasePlan['steps'][number]>;

/** What the cook was promised at the start of a braise: amounts, moments, waits and levels. */
export interface Promised {
  /** Version of the model that planned it. */
  readonly version: number;
  readonly cutId: string;
  readonly forecast: Pick<Forecast, 'target' | 'etas'>;
  readonly pot: Omit<PotPlan, 'headroom' | 'headroomMm' | 'sticksOut' | 'submergedShare'>;
  readonly liquidL: number;
  readonly finished: FinishedPot;
  readonly finishBy: FinishInput;
  readonly ahead: PromisedAhead | null;
  readonly day: Pick<
    Day,
    'spans' | 'marks' | 'startMs' | 'intoPotMs' | 'offHeatByMs' | 'target' | 'ready' | 'serveMs'
  > & { readonly tasks: readonly TaskThen[] };
  readonly dayQuestion: { readonly turnAtMin?: number | undefined; readonly work: Pick<DayPlan, 'stages'> };
  readonly stages: readonly PhaseTime[];
  readonly buy: Pick<BuyPlan, 'served'>;
  readonly prep: { readonly steps: readonly Omit<PrepPlan['steps'][number], 'figures'>[] };
  readonly salt: Pick<SaltPlan, 'now' | 'meat' | 'sauce' | 'sources' | 'atEnd'>;
  readonly sear: Pick<SearPlan, 'faces' | 'edges' | 'faceMinutes' | 'edgeMinutes' | 'fatL' | 'dredge' | 'perBatch'> & {
    readonly batches: readonly SearBatch[];
  };
  readonly base: Pick<BasePlan, 'minutes' | 'flour' | 'fatKeptL'> & {
    readonly steps: readonly BaseThen[];
    readonly late: readonly BaseThen[];
  };
  readonly liquid: Pick<LiquidPlan, 'wine'> & {
    readonly pours: readonly PouredThen[];
    readonly late: readonly PouredThen[];
    readonly herbs: { readonly lines: readonly HerbsThen[] };
    readonly water: Pick<LiquidPlan['water'], 'left' | 'perHour'>;
  };
  readonly table: Pick<DietaryReport, 'chokeables'>;
  readonly countOut: readonly CountedOut[];
  readonly work: WorkMinutes;
  readonly rhythm: Pick<WorkRhythm, 'chopMin' | 'panHeatsMin'>;
}

/** The plan of a braise under way: what was promised, and what the cook chose. */
export interface BegunPlan extends Promised {
  readonly input: PlanInput;
  readonly parts: readonly SizedPart[];
}

/** A braise under way: what was promised, with what follows from the cook's choices alone. */
export const beginWith = (promised: Promised, input: PlanInput): BegunPlan => ({
  ...promised,
  input,
  parts: sizedParts(input),
});
