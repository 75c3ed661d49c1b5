import { type BraiseRequest, lidInDoubt } from './request';
import { type Unknowns } from './assemble';
import { LIDS } from '../larder';

/**
 * What is not known about a kitchen when the pot goes in. The first four affect when this cook's fork finds the meat
 * done, the rest its heat.
 */
export const LATENT_PARAMETERS = [
  'toughness',
  'model',
  'piece',
  'hand',
  'ovenOffset',
  'ovenFilm',
  'liquidFilm',
  'topFilm',
  'thickness',
  'lidLeak',
  'liquidStart',
  'meatStart',
  'hold',
  'burner',
  'draught',
  'surfaceTransfer',
  'potLoss',
] as const;

export type LatentParameter = (typeof LATENT_PARAMETERS)[number];

/**
 * What a record can be informative about: a parameter, whether the lid fits as stated; or that it is an unexplained
 * reading, that an earlier one must have been wrong, or that a probe cannot have been in the middle of the meat.
 */
export const LEARNABLE = [...LATENT_PARAMETERS, 'lidAjar', 'unexplained', 'letGo', 'farOff'] as const;

export type Learnable = (typeof LEARNABLE)[number];

export const UNKNOWN_COUNT = LATENT_PARAMETERS.length;

/** How many of the first parameters leave the heat alone. */
export const REQUIREMENT_PARAMETERS = 4;

/** A normal prior: of a temperature in K, or of the logarithm of a factor. */
export interface NormalLaw {
  readonly mean: number;
  readonly sd: number;
}

/** One prior per parameter. What the log learns replaces rows of it. */
export type Prior = Readonly<Record<LatentParameter, NormalLaw>>;

const MODEL_SPREAD = 0.08;
const PIECE_SPREAD = 0.06;
/** How much later or sooner one cook's fork finds it than another's, for a whole braise. */
const HAND_SPREAD = 0.2;
/** How much more or less power a burner gives than assumed. */
const BURNER_SPREAD = 0.25;
/** How much more or less air an oven draws through, how fast an open surface dries, and what a pot loses to the room. */
const DRAUGHT_SPREAD = 0.8;
const SURFACE_SPREAD = 0.35;
const POT_LOSS_SPREAD = 0.2;
const THICKNESS_MEASURED = 0.06;
const THICKNESS_GUESSED = 0.15;

/**
 * The prior for a braise in a kitchen nobody has measured. Its sd are estimates of how kitchens, animals and cooks
 * differ; none is a measurement of yours.
 */
export function kitchenPrior(request: BraiseRequest): Prior {
  const law = (sd: number): NormalLaw => ({ mean: 0, sd });
  return {
    toughness: law(request.cut.toughnessSpread),
    model: law(MODEL_SPREAD),
    piece: law(PIECE_SPREAD),
    hand: law(HAND_SPREAD),
    ovenOffset: law(8),
    ovenFilm: law(0.2),
    liquidFilm: law(0.3),
    topFilm: law(0.4),
    thickness: law(request.thicknessMeasured ? THICKNESS_MEASURED : THICKNESS_GUESSED),
    lidLeak: law(LIDS[lidInDoubt(request) ?? 'heavy'].leakSpread),
    liquidStart: law(3),
    meatStart: law(4),
    hold: law(1.5),
    burner: law(BURNER_SPREAD),
    draught: law(DRAUGHT_SPREAD),
    surfaceTransfer: law(SURFACE_SPREAD),
    potLoss: law(POT_LOSS_SPREAD),
  };
}

/** Index of each parameter in a particle's row. */
export const INDEX: Readonly<Record<LatentParameter, number>> = Object.fromEntries(
  LATENT_PARAMETERS.map((name, i) => [name, i]),
) as Record<LatentParameter, number>;

function draw(prior: Prior, z: Float64Array, row: number, name: LatentParameter): number {
  const law = prior[name];
  return law.mean + law.sd * (z[row + INDEX[name]] as number);
}

/** Heat-side parameters of the particle whose standard normals start at `row` of `z`. */
export function parametersOf(prior: Prior, z: Float64Array, row: number, lidAjar = false): Unknowns {
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
    burner: Math.exp(draw(prior, z, row, 'burner')),
    draught: Math.exp(draw(prior, z, row, 'draught')),
    surfaceTransfer: Math.exp(draw(prior, z, row, 'surfaceTransfer')),
    potLoss: Math.exp(draw(prior, z, row, 'potLoss')),
    lidAjar,
  };
}

/**
 * Factor on the cook value at which this cook's fork finds this particle's meat done: animal, model error, the piece
 * tested, and the hand testing it.
 */
export function requiredCookValue(prior: Prior, z: Float64Array, row: number): number {
  return meatRequirement(prior, z, row) * Math.exp(draw(prior, z, row, 'hand'));
}

/** Log-sd of the required cook value. */
export function demandSd(prior: Prior): number {
  return Math.hypot(prior.toughness.sd, prior.model.sd, prior.piece.sd, prior.hand.sd);
}

/** The same for the meat itself, whoever feels it. */
export function meatRequirement(prior: Prior, z: Float64Array, row: number): number {
  return Math.exp(draw(prior, z, row, 'toughness') + draw(prior, z, row, 'model') + draw(prior, z, row, 'piece'));
}
