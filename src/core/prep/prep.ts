import { type Figure, input as from } from '../explain/figure';
import { type Cut } from '../larder/cuts';
import { type MeatPart, type Preparation } from '../plan/input';
import { type PieceSize } from '../plan/pieces';

/** One thing done to raw meat, in order. */
export interface PrepStep {
  readonly id: 'trim' | 'dry' | 'temper' | 'cube' | 'open' | 'fill' | 'tie' | 'salt';
  readonly title: string;
  readonly says: string;
  readonly minutes: number;
  readonly figures: readonly Figure[];
}

export interface PrepPlan {
  readonly steps: readonly PrepStep[];
  readonly strings: number;
  readonly minutes: number;
  /** Latest minutes the meat may stand out before it goes on. */
  readonly safeOutMin: number;
}

/** What to cut away and what to leave, where a cut asks for more than the common rule. */
const TRIM: Readonly<Record<string, string>> = {
  beef_cheek: 'Peel off the silverskin on the outside; the fine web inside is what melts.',
  pork_cheek: 'Peel off the thin silverskin; leave the web inside.',
  veal_cheek: 'Peel off the silverskin; leave the web inside.',
  beef_brisket_point: 'Hard outer fat down to 5 mm; leave the seam between the muscles.',
  beef_brisket_flat: 'Leave 5 mm of the fat cap: it keeps the top moist.',
  beef_feather_blade: 'Outer silverskin off; never the middle sheet: it turns to jelly.',
  beef_short_rib_english: 'Fat over 5 mm off the top; leave the membrane that holds meat to bone.',
  beef_oxtail: 'Only thick outer fat; the rest melts and is lifted.',
  beef_shank_cross: 'Nick the silverskin round the edge in two places, or the disc curls.',
  veal_shank: 'Nick the skin round the edge in two places, or the disc curls.',
  lamb_shank: 'Thin outer fat only; leave the tendon at the thin end.',
  lamb_shoulder: 'Hard fat off; leave what lies between the muscles.',
  pork_shoulder: 'Skin off if it is on; 5 mm of fat may stay.',
  pork_hock: 'Leave the skin: it is half the dish. Singe or shave bristles.',
  pork_trotter: 'Nothing off; singe or shave bristles, split if whole.',
  pork_belly: 'Score the skin, or take it off and braise it beside for its gelatin.',
  duck_leg: 'Loose fat and flaps off; leave the skin on: it bastes and is rendered.',
  chicken_thigh: 'Loose fat only; the skin may stay if it is browned well.',
  chicken_leg: 'Loose fat only; the skin may stay if it is browned well.',
  rabbit_leg: 'Nothing but a silver membrane: it is lean enough.',
  venison_shoulder: 'All silverskin off: in game it stays tough and strong.',
  venison_shank: 'Outer silverskin may stay: it softens in time.',
};
const COMMON_TRIM = 'Hard outer fat and silverskin off; leave the inner seams: they melt.';

const TRIM_MIN_PER_KG = 5;
const MIN_TRIM_MIN = 3;
const DRY_MIN = 2;
const CUBE_MIN_PER_KG = 6;
const TIE_MIN_PER_STRING = 0.75;
const TEMPER_MIN: Readonly<Record<Preparation['temper'], number>> = { none: 0, minutes: 20, hour: 60 };
const SAFE_OUT_MIN = 120;
/** Strings lie this far apart along a roll, mm. */
const STRING_PITCH_MM = 35;
const THICK_ENOUGH_TO_TIE_MM = 50;
const POUNDED_MM = 6;
const FILLING_KG_M3 = 1000;
const CAN_ROLL: readonly string[] = [
  'beef_flank',
  'beef_round',
  'beef_skirt',
  'veal_breast',
  'lamb_breast',
  'pork_shoulder',
  'pork_neck',
  'beef_chuck_roast',
  'turkey_thigh',
  'lamb_shoulder',
];

/** Whether a cut can be opened out, filled and rolled. */
export function canRoll(cutId: string): boolean {
  return CAN_ROLL.includes(cutId);
}

function stringsFor(cut: Cut, part: MeatPart, size: PieceSize, prepare: Preparation): number {
  if (prepare.filling) return 2 * prepare.filling.rolls;
  if (prepare.tie === 'no' || cut.form === 'cubes') return 0;
  const rolled = cut.shape === 'roll' && cut.boneMode === 'none';
  const large = size.thicknessMm > THICK_ENOUGH_TO_TIE_MM && cut.boneMode === 'none' && part.pieces <= 4;
  if (prepare.tie === 'auto' && !rolled && !large) return 0;
  const along = rolled ? size.lengthMm : Math.max(size.lengthMm, size.widthMm);
  return part.pieces * Math.max(1, Math.round(along / STRING_PITCH_MM) - 1);
}

/** Shape of one roll from meat and filling: a cylinder whose length is the pounded sheet's width. */
function rollShape(
  part: MeatPart,
  prepare: NonNullable<Preparation['filling']>,
): { diameterMm: number; overlapMm: number; sheetMm: number } {
  const meatM3 = part.massKg / prepare.rolls / 1050;
  const sheetMm = Math.sqrt((meatM3 * 1e9) / POUNDED_MM / 1.4);
  const fillingM3 = prepare.kg / prepare.rolls / FILLING_KG_M3;
  const section = ((meatM3 + fillingM3) * 1e9) / sheetMm;
  const diameterMm = Math.sqrt((4 * section) / Math.PI);
  const overlapMm = Math.max(0, sheetMm * 1.4 - Math.PI * diameterMm);
  return { diameterMm, overlapMm, sheetMm };
}

/** What is done to the raw meat, cut by cut, with the strings that will have to come out again. */
export function prepPlan(
  parts: readonly { readonly cut: Cut; readonly part: MeatPart; readonly size: PieceSize }[],
  prepare: Preparation,
  saltAhead: boolean,
): PrepPlan {
  const steps: PrepStep[] = [];
  let strings = 0;
  const step = (
    id: PrepStep['id'],
    title: string,
    says: string,
    minutes: number,
    figures: readonly Figure[] = [],
  ): void => {
    steps.push({ id, title, says, minutes, figures });
  };
  const kg = parts.reduce((sum, p) => sum + p.part.massKg, 0);
  for (const { cut, part } of parts) {
    const [low, high] = cut.trimLoss;
    const grossKg = part.grossKg ?? part.massKg / (1 - (low + high) / 2);
    const lostKg = part.grossKg === null ? grossKg - part.massKg : part.grossKg - part.massKg;
    step(
      'trim',
      `Trim the ${cut.name.toLowerCase()}`,
      TRIM[cut.id] ?? COMMON_TRIM,
      Math.max(MIN_TRIM_MIN, TRIM_MIN_PER_KG * part.massKg),
      [
        {
          label: 'Trimmed away',
          value: Math.max(0, lostKg),
          as: 'mass',
          range: [grossKg * low, grossKg * high],
          formula:
            part.grossKg === null
              ? 'Usual loss of this cut on what would have to be bought; weigh yours before and after.'
              : 'Weight as bought less weight trimmed.',
          inputs: [from('as bought', grossKg, 'mass'), from('trimmed', part.massKg, 'mass')],
          changes: 'The butcher, and how lean you like it. Salt, portions and time go by the trimmed weight.',
          sure: part.grossKg === null ? 'practice' : 'computed',
        },
      ],
    );
  }
  for (const { cut, part, size } of parts) {
    if (cut.form === 'cubes') {
      step(
        'cube',
        `Cut into ${String(Math.round(part.thicknessMm))} mm cubes`,
        `About ${String(part.pieces)}, all alike: mixed sizes finish apart, some mush, some chewy. They shrink by a tenth each way.`,
        CUBE_MIN_PER_KG * part.massKg,
      );
    }
    if (prepare.filling && canRoll(cut.id)) {
      const { rolls, kg: fillingKg } = prepare.filling;
      const shape = rollShape(part, prepare.filling);
      step(
        'open',
        `Open out and pound to ${String(POUNDED_MM)} mm`,
        'Open like a book to half its thickness, under film, from the middle outward. Grain along the roll, so that slicing crosses it. Wash film, mallet and board.',
        4 * rolls,
      );
      step(
        'fill',
        `Fill and roll ${String(rolls)}`,
        `Divide by weight; leave a finger’s breadth free at the edges; roll tight: slack rolls open. Seam down, ${String(Math.round(shape.overlapMm))} mm of overlap.`,
        2.5 * rolls,
        [
          {
            label: 'Filling in each',
            value: fillingKg / rolls,
            as: 'mass',
            formula: 'All the filling over the number of rolls.',
            inputs: [from('filling', fillingKg, 'mass'), from('rolls', rolls, 'count')],
            changes: 'Fewer rolls or more filling.',
            sure: 'computed',
          },
          {
            label: 'Thickness of a roll',
            value: shape.diameterMm,
            as: 'length',
            formula: 'Meat and filling as one cylinder, as long as the pounded sheet is wide.',
            inputs: [
              from('meat in each', part.massKg / rolls, 'mass'),
              from('filling in each', fillingKg / rolls, 'mass'),
              from('sheet, across', shape.sheetMm, 'length'),
            ],
            changes: 'Pounding thinner makes a longer sheet and a slimmer roll.',
            sure: 'estimate',
          },
        ],
      );
    }
    const here = stringsFor(cut, part, size, prepare);
    strings += here;
    if (here > 0) {
      step(
        'tie',
        `Tie with ${String(here)} strings`,
        'A doubled loop holds while you knot. Firm, not deep: it shrinks. Count them in; the same number comes out.',
        TIE_MIN_PER_STRING * here,
      );
    }
  }
  if (saltAhead) {
    step(
      'salt',
      'Salt and chill, uncovered',
      '1 to 24 h in the fridge on a rack: the salt works inward, the surface dries. Between 5 and 40 minutes it only gets wet.',
      2,
    );
  }
  step(
    'dry',
    'Pat dry until the paper stays dry',
    'Wet meat spits and steams. Never rinse it: that splashes germs about and wets it more.',
    DRY_MIN,
  );
  if (prepare.temper !== 'none') {
    step(
      'temper',
      prepare.temper === 'hour' ? 'An hour out of the fridge' : '20 minutes out of the fridge',
      `It warms the outside by a few degrees and no more. On the counter at most ${String(SAFE_OUT_MIN / 60)} h, 1 h in a hot room, all told.`,
      TEMPER_MIN[prepare.temper],
    );
  }
  const hands = steps.reduce((sum, s) => (s.id === 'temper' ? sum : sum + s.minutes), 0);
  return { steps, strings, minutes: hands + (kg > 0 ? 3 : 0), safeOutMin: SAFE_OUT_MIN };
}
