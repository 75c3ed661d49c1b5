import { type Composition } from '../composition';
import rows from './data/cuts.json';
import { type Row, tableOf } from './rows';
import { withOwn } from './withOwn';
import { customId } from '../custom';

export type Species =
  | 'beef'
  | 'veal'
  | 'pork'
  | 'boar'
  | 'lamb'
  | 'mutton'
  | 'goat'
  | 'venison'
  | 'chicken'
  | 'turkey'
  | 'duck'
  | 'goose'
  | 'guineaFowl'
  | 'pheasant'
  | 'rabbit'
  | 'hare';

/** Poultry. */
export const BIRDS: readonly Species[] = ['chicken', 'turkey', 'duck', 'goose', 'guineaFowl', 'pheasant'];

/** One braising cut. Lengths in mm, masses in kg unless the name says otherwise, fractions of mass. */
export interface Cut extends Row {
  readonly species: Species;
  /** Whether it is sold on the bone; `either` leaves it to the cook. */
  readonly bone: 'yes' | 'no' | 'either';
  /** Share of the raw mass that is bone, when on the bone. */
  readonly boneFraction: number;
  /** `core`: the bone runs through the middle; `edge`: it lies along a side. */
  readonly boneMode: 'none' | 'core' | 'edge';
  /** Sawn through, with marrow that a hard boil would empty. */
  readonly marrow?: true;
  /** `cubes`: number from weight and edge length; `pieces`: counted by the cook. */
  readonly form: 'pieces' | 'cubes';
  /** Code of its singular name. */
  readonly pieceNoun: string;
  readonly typicalPieceKg: number;
  readonly sizeMm: { readonly length: number; readonly width: number; readonly thickness: number };
  /** `disc`: a cylinder standing on its cut face; `roll`: a cylinder along its length. */
  readonly shape: 'box' | 'disc' | 'roll';
  readonly trimLoss: readonly [low: number, high: number];
  readonly composition: Composition;
  readonly collagenGPerKg: number;
  /** Cook value, min at 95 °C, at which the slowest quarter of the meat reaches each doneness. */
  readonly cookValue: {
    readonly gives: number;
    readonly twists: number;
    readonly falls: number;
    readonly strings: number;
  };
  /** Log-standard deviation of the cook value needed, from animal to animal. */
  readonly toughnessSpread: number;
  /** Largest share of edible mass lost as juice. */
  readonly cookLoss: number;
  /** Share of the fat that renders. */
  readonly fatRender: number;
  readonly rawGramsPerServing: number;
  /** Salt that cured meat still has after soaking, g/kg; none if omitted. */
  readonly saltGPerKg?: number;
  readonly minSafeTempC: number;
  readonly restMinutes: number;
}

/** Every cut the larder knows. */
export const CUTS = tableOf<Cut>(rows);

/** How far an unknown cut may be from the one it resembles: log-standard deviation. Estimate, no source. */
const OWN_SPREAD = 0.35;

const rowOf = withOwn('cut', new Map(CUTS.map((cut) => [cut.id, cut])), (like, own): Cut => {
  const factor = (own.tough ?? 100) / 100;
  const { gives, twists, falls, strings } = like.cookValue;
  return {
    ...like,
    id: customId(own),
    cookValue: { gives: gives * factor, twists: twists * factor, falls: falls * factor, strings: strings * factor },
    toughnessSpread: Math.max(like.toughnessSpread, OWN_SPREAD),
    source: 'custom',
    confidence: 'low',
  };
});

/** The cut with this id. Throws `RangeError` for an unknown id. */
export function cutById(id: string): Cut {
  const cut = rowOf(id);
  if (!cut) throw new RangeError(`No cut is called "${id}".`);
  return cut;
}

/** Whether the larder has a cut with this id. */
export function isCutId(id: string): boolean {
  return rowOf(id) !== undefined;
}
