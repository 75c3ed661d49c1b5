import { type BraiseRequest } from './request';
import { type Unknowns } from './assemble';
import { LIDS } from '../larder';

/** What a kitchen does not know when the pot goes in. The first three change the meat's demand, the rest its heat. */
export const UNKNOWNS = [
  'toughness',
  'model',
  'piece',
  'ovenOffset',
  'ovenFilm',
  'liquidFilm',
  'topFilm',
  'thickness',
  'lidLeak',
  'liquidStart',
  'meatStart',
  'hold',
] as const;

export type Unknown = (typeof UNKNOWNS)[number];

export const UNKNOWN_COUNT = UNKNOWNS.length;

/** How many of the first unknowns leave the heat alone. */
export const DEMAND_UNKNOWNS = 3;

/** A normal law: of a temperature in K, or of the logarithm of a factor. */
export interface NormalLaw {
  readonly mean: number;
  readonly sd: number;
}

/** One law per unknown. What the log learns replaces rows of it. */
export type Prior = Readonly<Record<Unknown, NormalLaw>>;

const MODEL_SPREAD = 0.08;
const PIECE_SPREAD = 0.06;
const THICKNESS_MEASURED = 0.06;
const THICKNESS_GUESSED = 0.15;

/**
 * The prior for a braise in a kitchen nobody has measured. Spreads are estimates from how kitchens, animals and
 * cooks differ; none is a measurement of yours.
 */
export function kitchenPrior(request: BraiseRequest): Prior {
  const law = (sd: number): NormalLaw => ({ mean: 0, sd });
  return {
    toughness: law(request.cut.toughnessSpread),
    model: law(MODEL_SPREAD),
    piece: law(PIECE_SPREAD),
    ovenOffset: law(8),
    ovenFilm: law(0.2),
    liquidFilm: law(0.3),
    topFilm: law(0.4),
    thickness: law(request.thicknessMeasured ? THICKNESS_MEASURED : THICKNESS_GUESSED),
    lidLeak: law(LIDS[request.lids[0]?.lid ?? 'heavy'].leakSpread),
    liquidStart: law(3),
    meatStart: law(4),
    hold: law(1.5),
  };
}

/** Index of each unknown in a particle's row. */
export const INDEX: Readonly<Record<Unknown, number>> = Object.fromEntries(
  UNKNOWNS.map((name, i) => [name, i]),
) as Record<Unknown, number>;

function draw(prior: Prior, z: Float64Array, row: number, name: Unknown): number {
  const law = prior[name];
  return law.mean + law.sd * (z[row + INDEX[name]] as number);
}

/** Heat-side unknowns of the particle whose standard normals start at `row` of `z`. */
export function unknownsOf(prior: Prior, z: Float64Array, row: number): Unknowns {
  return {
    ovenOffsetK: draw(prior, z, row, 'ovenOffset'),
    ovenFilm: Math.exp(draw(prior, z, row, 'ovenFilm')),
    liquidFilm: Math.exp(draw(prior, z, row, 'liquidFilm')),
    topFilm: Math.exp(draw(prior, z, row, 'topFilm')),
    thickness: Math.exp(draw(prior, z, row, 'thickness')),
    lidLeak: Math.exp(draw(prior, z, row, 'lidLeak')),
    liquidStartOffsetK: draw(prior, z, row, 'liquidStart'),
    meatStartOffsetK: draw(prior, z, row, 'meatStart'),
    holdOffsetK: draw(prior, z, row, 'hold'),
  };
}

/** Factor on the cook value this particle's meat needs: animal, model error and the piece that was tried. */
export function demandOf(prior: Prior, z: Float64Array, row: number): number {
  return Math.exp(draw(prior, z, row, 'toughness') + draw(prior, z, row, 'model') + draw(prior, z, row, 'piece'));
}
