import { type BraiseRequest, lidInDoubt } from './request';
import { type Unknowns } from './assemble';
import { LIDS } from '../larder';

/**
 * What a kitchen does not know when the pot goes in. The first four change when this cook's fork finds the meat done, the
 * rest its heat.
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
] as const;

export type LatentParameter = (typeof LATENT_PARAMETERS)[number];

/**
 * What a record can teach about: an unknown, whether the lid sits as it was said to; that it is a reading nothing explains,
 * that an earlier one must have been wrong, or that a probe cannot have been in the middle of the meat.
 */
export const LEARNABLE = [...LATENT_PARAMETERS, 'lidAjar', 'unexplained', 'letGo', 'farOff'] as const;

export type Learnable = (typeof LEARNABLE)[number];

export const UNKNOWN_COUNT = LATENT_PARAMETERS.length;

/** How many of the first unknowns leave the heat alone. */
export const DEMAND_UNKNOWNS = 4;

/** A normal law: of a temperature in K, or of the logarithm of a factor. */
export interface NormalLaw {
  readonly mean: number;
  readonly sd: number;
}

/** One law per unknown. What the log learns replaces rows of it. */
export type Prior = Readonly<Record<LatentParameter, NormalLaw>>;

const MODEL_SPREAD = 0.08;
const PIECE_SPREAD = 0.06;
/** How far one cook's fork feels later or sooner than another's, for all of a braise. */
const HAND_SPREAD = 0.2;
/** How much more or less a burner puts in than is reckoned. */
const BURNER_SPREAD = 0.25;
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
  };
}

/** Index of each unknown in a particle's row. */
export const INDEX: Readonly<Record<LatentParameter, number>> = Object.fromEntries(
  LATENT_PARAMETERS.map((name, i) => [name, i]),
) as Record<LatentParameter, number>;

function draw(prior: Prior, z: Float64Array, row: number, name: LatentParameter): number {
  const law = prior[name];
  return law.mean + law.sd * (z[row + INDEX[name]] as number);
}

/** Heat-side unknowns of the particle whose standard normals start at `row` of `z`. */
export function unknownsOf(prior: Prior, z: Float64Array, row: number, lidAjar = false): Unknowns {
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
    lidAjar,
  };
}

/**
 * Factor on the cook value at which this cook's fork finds this particle's meat done: animal, model error, the piece that
 * was tried, and the hand that tries it.
 */
export function requiredCookValue(prior: Prior, z: Float64Array, row: number): number {
  return meatDemandOf(prior, z, row) * Math.exp(draw(prior, z, row, 'hand'));
}

/** Spread of the logarithm of what `demandOf` gives. */
export function demandSpread(prior: Prior): number {
  return Math.hypot(prior.toughness.sd, prior.model.sd, prior.piece.sd, prior.hand.sd);
}

/** The same for the meat itself, whoever feels it. */
export function meatDemandOf(prior: Prior, z: Float64Array, row: number): number {
  return Math.exp(draw(prior, z, row, 'toughness') + draw(prior, z, row, 'model') + draw(prior, z, row, 'piece'));
}
