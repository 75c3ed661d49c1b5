import { type DryPreCook, type HeatPhase } from './stages';
import {
  type EndThickener,
  type Enriching,
  type SkimMethod,
  type MeatEnd,
  type Thickness,
  type SolidsMethod,
  type Tossed,
} from './finishTechniques';
import { type StorageSettings } from './keeping';
import { type Message } from '../message';
import { type TechniqueOption } from './techniques';
import { type Avoided, type Burner, type Fate, type Pan, type Pot, type SaltCrystalId } from '../larder';

/** A task the cook has locked to a start time. */
export interface LockedTask {
  readonly task: string;
  readonly startMs: number;
}

/** How the meat should eat. */
export const RESULTS = ['slices', 'tender', 'falls', 'shreds', 'melts'] as const;
export type ResultId = (typeof RESULTS)[number];

export const APPETITES = ['light', 'usual', 'hearty'] as const;
export type Appetite = (typeof APPETITES)[number];

/** One cut in one size. */
export interface MeatPart {
  readonly cutId: string;
  /** As it goes into the pot: trimmed, bone included. */
  readonly massKg: number;
  /** As bought, before trimming; null if nobody weighed it. */
  readonly grossKg: number | null;
  readonly pieces: number;
  readonly thicknessMm: number;
  readonly thicknessMeasured: boolean;
  readonly onBone: boolean;
  /** Price per kilogram as bought, in the kitchen's currency; null if not given. */
  readonly pricePerKg: number | null;
}

/** How the meat is prepared. */
export interface Preparation {
  readonly temper: TechniqueOption<'temper'>;
  readonly tie: 'auto' | 'yes' | 'no';
  /** What is rolled into the meat; null if nothing. */
  readonly filling: Filling | null;
}

/** A filling for all rolls together, made of larder ingredients. */
export interface Filling {
  readonly rolls: number;
  readonly items: readonly { readonly id: string; readonly kg: number }[];
}

/** Weight of a filling, kg. */
export const fillingKg = ({ items }: Pick<Filling, 'items'>): number => items.reduce((sum, i) => sum + i.kg, 0);

/** When a spice goes in: on the raw meat, into the fat, with the liquid, or at the final seasoning. */
export const SPICE_TIMES = ['meat', 'fat', 'liquid', 'end'] as const;
export type SpiceTime = (typeof SPICE_TIMES)[number];

export interface Seasoning {
  readonly when: TechniqueOption<'saltWhen'>;
  /** Grams per kilogram of boneless meat. */
  readonly gramsPerKg: number;
  readonly crystal: SaltCrystalId;
  readonly spices: readonly { readonly id: string; readonly grams: number; readonly when: SpiceTime }[];
}

export interface Searing {
  readonly depth: TechniqueOption<'searDepth'>;
  readonly moving: TechniqueOption<'searMoving'>;
  readonly dredge: TechniqueOption<'dredge'>;
  readonly fatId: string;
  readonly burner: Burner;
  readonly dried: boolean;
  /** Pieces put in at once; null leaves it to the pan's heat budget. */
  readonly mostAtOnce: number | null;
}

/** When a solid goes in: from the start, browned separately and folded in towards the end, or late as it is. */
export const ITEM_TIMES = ['start', 'apart', 'late'] as const;
export type ItemTime = (typeof ITEM_TIMES)[number];

/** Whether vegetables lie between the pieces or as a bed under them. */
export const BED_POSITIONS = ['among', 'under'] as const;

/** How pieces lie: on their broad side, upright, or stacked in two layers. */
export const ORIENTATIONS = ['flat', 'upright', 'stacked'] as const;

/** When a measured liquid goes in: before the lid goes on, or towards the end. */
export const ADDITION_TIMES = ['start', 'late'] as const;

/** A solid in the pot other than meat. */
export interface BaseItem {
  readonly id: string;
  readonly kg: number;
  readonly fate: Fate;
  readonly when: ItemTime;
}

export interface BaseChoice {
  readonly lies: (typeof BED_POSITIONS)[number];
  readonly items: readonly BaseItem[];
  readonly onion: TechniqueOption<'onion'>;
  readonly fatKept: TechniqueOption<'fatKept'>;
  readonly pasteKg: number;
  readonly pasteWhen: TechniqueOption<'pasteWhen'>;
  readonly thicken: TechniqueOption<'thicken'>;
}

export interface LiquidChoice {
  /** Whether it is filled up to a level; otherwise the measured liquids decide the level. */
  readonly fill: boolean;
  /** Target level as a share of the meat's height, 0.2 to 1.2. */
  readonly level: number;
  /** Liquids added by measure; wine as it comes from the bottle. */
  readonly parts: readonly {
    readonly id: string;
    readonly litres: number;
    readonly when: (typeof ADDITION_TIMES)[number];
  }[];
  /** The liquid that fills up to the level. */
  readonly fillerId: string;
  /** Share of the filler that is stock rather than water, 0 to 1. */
  readonly fillerStrength: number;
  readonly reduce: TechniqueOption<'reduce'>;
  readonly start: TechniqueOption<'start'>;
  readonly herbs: readonly { readonly id: string; readonly count: number }[];
  readonly herbForm: TechniqueOption<'herbForm'>;
}

/** What is done between coming off the heat and serving. */
export interface FinishChoice {
  /** Sauce wanted per serving, if it is reduced. */
  readonly sauceLPerPlate: number;
  /** Whether the sauce is reduced once the meat is out. */
  readonly reduce: boolean;
  readonly solids: SolidsMethod;
  readonly fat: SkimMethod;
  readonly meat: MeatEnd;
  /** What thickens it at the end, if it is thickened then. */
  readonly thickener: EndThickener;
  /** Target thickness, if it is thickened. */
  readonly rung: Thickness;
  readonly enrich: Enriching;
  readonly toss: Tossed;
}

/** Who cooks, on what, and which side dishes there are. */
export interface DayChoice {
  readonly cooks: number;
  readonly burners: number;
  readonly sides: readonly string[];
  /** Tasks the cook has locked to a start time. */
  readonly fixed: readonly LockedTask[];
  /** Cooked ahead and in the fridge by then; null if it is eaten when done. */
  readonly ahead: { readonly fridgeByMs: number } | null;
}

/** Everything a cook decides; everything in a `Plan` follows from it. */
export interface PlanInput {
  readonly title: string;
  readonly eaters: number;
  readonly appetite: Appetite;
  readonly result: ResultId;
  readonly avoid: readonly Avoided[];
  readonly meat: MeatPart;
  /** Further cuts or sizes in the same pot. */
  readonly also: readonly MeatPart[];
  readonly prepare: Preparation;
  readonly season: Seasoning;
  readonly pot: Pot;
  readonly lie: (typeof ORIENTATIONS)[number];
  readonly pan: Pan;
  readonly sear: Searing;
  readonly base: BaseChoice;
  readonly liquid: LiquidChoice;
  /** Before the pot, without liquid; null if the meat goes in raw or seared. */
  readonly bare: DryPreCook | null;
  /** How the pot is heated, phase by phase; the last lasts to the end. */
  readonly course: readonly HeatPhase[];
  readonly finish: FinishChoice;
  readonly day: DayChoice;
  /** Serving time, ms since 1970. */
  readonly serveAtMs: number;
  /** Wanted probability of serving on time; 0.5 to 0.98. */
  readonly confidence: number;
  readonly altitudeM: number;
  /** How leftovers are cooled and stored. */
  readonly keeping: StorageSettings;
}

/** The main cut and all others, in order. */
export function meatParts(input: Pick<PlanInput, 'meat' | 'also'>): readonly MeatPart[] {
  return [input.meat, ...input.also];
}

/** Dotted paths to the fields of a type, list members by number. */
type FieldOf<T> = {
  [K in keyof T & string]: NonNullable<T[K]> extends readonly (infer Member)[]
    ? K | `${K}.${number}` | (Member extends object ? `${K}.${number}.${FieldOf<Member>}` : never)
    : NonNullable<T[K]> extends object
      ? K | `${K}.${FieldOf<NonNullable<T[K]>>}`
      : K;
}[keyof T & string];

/** The path to a field of the input, such as `also.1.massKg`. */
export type PlanField = FieldOf<PlanInput>;

/** The path to one of the meats. */
export type MeatField = 'meat' | `also.${number}`;

/** The path to a meat by its index in `meatParts`. */
export function meatField(index: number): MeatField {
  return index === 0 ? 'meat' : (`also.${String(index - 1)}` as MeatField);
}

/** The section of the input that contains a field. */
export function sectionOf(field: PlanField): keyof PlanInput {
  return field.split('.', 1)[0] as keyof PlanInput;
}

/** Something in the input that cannot be cooked: which field, what is wrong and what is allowed. */
export interface PlanFault {
  /** Omitted if no single field is at fault. */
  readonly field?: PlanField;
  readonly says: Message;
  /** The braise itself is fine but there is no time left for it: `alternatives` can help. */
  readonly tooLate?: true;
  /** It does not fit the pot: `fitFixes` can help. */
  readonly tooFull?: true;
}

/** Limits of what the app plans; the model is not validated beyond them. */
export const LIMITS = {
  massKg: [0.1, 12],
  pieces: [1, 400],
  thicknessMm: [10, 160],
  eaters: [1, 40],
  liquidLevel: [0.2, 1.2],
  altitudeM: [0, 4000],
  potAcrossMm: [120, 600],
  potHeightMm: [50, 400],
  confidence: [0.5, 0.98],
  saltGPerKg: [0, 40],
  fillerStrength: [0, 1],
  itemKg: [0, 5],
  partL: [0, 10],
  spiceG: [0, 300],
  herbCount: [0, 200],
  pasteKg: [0, 1],
  atOnce: [1, 400],
  pricePerKg: [0, 10_000],
  fillingKg: [0.01, 5],
  rolls: [1, 60],
  meats: [1, 4],
  sauceLPerPlate: [0.02, 0.6],
  aheadHours: [6, 72],
  cooks: [1, 3],
  burners: [1, 8],
  stages: [1, 6],
  stageMin: [1, 1440],
  leftL: [0.05, 10],
  bareMin: [5, 720],
  bareC: [60, 180],
} as const satisfies Record<string, readonly [number, number]>;
