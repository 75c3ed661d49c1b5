import {
  figure,
  type Figure,
  input as from,
  kg as weighed,
  listParam,
  type Message,
  minutes as time,
  mm,
  nameOf,
  say,
} from '../message';
import { type Cut, spiceById } from '../larder';
import { baseIngredientId } from '../custom';
import {
  fillingKg,
  type MeatPart,
  meatParts,
  type PieceSize,
  type PlanInput,
  type Preparation,
  type Seasoning,
} from '../choices';
import { SAFETY_LIMITS, type CoolingRule } from '../safety';

/** One thing done to raw meat, in order. */
export interface PrepStep {
  readonly id: 'trim' | 'dry' | 'temper' | 'cube' | 'mix' | 'open' | 'fill' | 'tie' | 'salt' | 'rub';
  /** The cut it is done to; null if it is done to all the meat. */
  readonly cutId: string | null;
  readonly title: Message;
  readonly says: Message;
  readonly minutes: number;
  readonly figures: readonly Figure[];
}

export interface PrepPlan {
  readonly steps: readonly PrepStep[];
  readonly strings: number;
  readonly minutes: number;
  /** Longest time raw meat may be out of the fridge, min, by the kitchen's rule. */
  readonly safeOutMin: number;
}

/** Cuts with their own trimming advice. */
const OWN_TRIM: readonly string[] = [
  'beef_cheek',
  'pork_cheek',
  'veal_cheek',
  'beef_brisket_point',
  'beef_brisket_flat',
  'beef_feather_blade',
  'beef_short_rib_english',
  'beef_oxtail',
  'beef_shank_cross',
  'veal_shank',
  'lamb_shank',
  'lamb_shoulder',
  'pork_shoulder',
  'pork_hock',
  'pork_trotter',
  'pork_belly',
  'duck_leg',
  'chicken_thigh',
  'chicken_leg',
  'rabbit_leg',
  'venison_shoulder',
  'venison_shank',
];

const TRIM_MIN_PER_KG = 5;
const MIN_TRIM_MIN = 3;
const DRY_MIN = 2;
const CUBE_MIN_PER_KG = 6;
const TIE_MIN_PER_STRING = 0.75;
const TEMPER_MIN: Readonly<Record<Preparation['temper'], number>> = { none: 0, minutes: 20, hour: 60 };
/** Spacing of strings along a roll, mm. */
const STRING_PITCH_MM = 35;
const THICK_ENOUGH_TO_TIE_MM = 50;
const POUNDED_MM = 6;
const MIX_MIN = 3;
const MIX_MIN_EACH = 1.5;
const RUB_MIN = 2;
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
  return CAN_ROLL.includes(baseIngredientId(cutId));
}

function stringsFor(cut: Cut, part: MeatPart, size: PieceSize, prepare: Preparation): number {
  if (prepare.filling) return 2 * prepare.filling.rolls;
  if (prepare.tie === 'no' || cut.form === 'cubes') return 0;
  const boneless = !part.onBone || cut.boneFraction === 0;
  const rolled = cut.shape === 'roll' && boneless;
  const large = size.thicknessMm > THICK_ENOUGH_TO_TIE_MM && boneless && part.pieces <= 4;
  if (prepare.tie === 'auto' && !rolled && !large) return 0;
  const along = rolled ? size.lengthMm : Math.max(size.lengthMm, size.widthMm);
  return part.pieces * Math.max(1, Math.round(along / STRING_PITCH_MM) - 1);
}

/** Shape of one roll from meat and filling: a cylinder as long as the pounded sheet is wide. */
function rollShape(
  part: MeatPart,
  prepare: NonNullable<Preparation['filling']>,
): { diameterMm: number; overlapMm: number; sheetMm: number } {
  const meatM3 = part.massKg / prepare.rolls / 1050;
  const sheetMm = Math.sqrt((meatM3 * 1e9) / POUNDED_MM / 1.4);
  const fillingM3 = fillingKg(prepare) / prepare.rolls / FILLING_KG_M3;
  const section = ((meatM3 + fillingM3) * 1e9) / sheetMm;
  const diameterMm = Math.sqrt((4 * section) / Math.PI);
  const overlapMm = Math.max(0, sheetMm * 1.4 - Math.PI * diameterMm);
  return { diameterMm, overlapMm, sheetMm };
}

/**
 * The meats as they go into the pot: filled meat becomes this many rolls, as thick as sheet and filling make them,
 * whatever the piece was before.
 */
export function partsAsCooked({
  meat,
  also,
  prepare,
}: Pick<PlanInput, 'meat' | 'also' | 'prepare'>): readonly MeatPart[] {
  const { filling } = prepare;
  const parts = meatParts({ meat, also });
  if (filling === null) return parts;
  return parts.map((part) =>
    canRoll(part.cutId)
      ? { ...part, pieces: filling.rolls, thicknessMm: Math.round(rollShape(part, filling).diameterMm) }
      : part,
  );
}

/** What is done to the raw meat, cut by cut, with the strings to take off again. */
export function prepPlan(
  parts: readonly { readonly cut: Cut; readonly part: MeatPart; readonly size: PieceSize }[],
  prepare: Preparation,
  { when, spices }: Pick<Seasoning, 'when' | 'spices'>,
  rule: CoolingRule,
): PrepPlan {
  const saltAhead = when === 'overnight';
  const rub = spices.filter((s) => s.when === 'meat' && s.grams > 0);
  const steps: PrepStep[] = [];
  let strings = 0;
  const step = (
    id: PrepStep['id'],
    cutId: string | null,
    title: Message,
    says: Message,
    minutes: number,
    figures: readonly Figure[] = [],
  ): void => {
    steps.push({ id, cutId, title, says, minutes, figures });
  };
  const kg = parts.reduce((sum, p) => sum + p.part.massKg, 0);
  for (const { cut, part } of parts) {
    const [low, high] = cut.trimLoss;
    const grossKg = part.grossKg ?? part.massKg / (1 - (low + high) / 2);
    const lostKg = part.grossKg === null ? grossKg - part.massKg : part.grossKg - part.massKg;
    step(
      'trim',
      cut.id,
      say('prep.trim', { cut: nameOf('cut', cut.id) }),
      nameOf('trim', OWN_TRIM.includes(baseIngredientId(cut.id)) ? cut.id : 'common'),
      Math.max(MIN_TRIM_MIN, TRIM_MIN_PER_KG * part.massKg),
      [
        figure(
          'prep.trimmedAway',
          Math.max(0, lostKg),
          'mass',
          part.grossKg === null ? 'practice' : 'computed',
          [from('asBought', grossKg, 'mass'), from('trimmed', part.massKg, 'mass')],
          {
            range: [grossKg * low, grossKg * high],
            params: { weighed: part.grossKg === null ? 'no' : 'yes' },
          },
        ),
      ],
    );
  }
  for (const { cut, part, size } of parts) {
    if (cut.form === 'cubes') {
      step(
        'cube',
        cut.id,
        say('prep.cube', { edge: mm(part.thicknessMm) }),
        say('prep.cube.how', { pieces: part.pieces }),
        CUBE_MIN_PER_KG * part.massKg,
      );
    }
    if (prepare.filling && canRoll(cut.id)) {
      const { rolls, items } = prepare.filling;
      const allKg = fillingKg(prepare.filling);
      const things = items
        .filter((i) => i.kg > 0)
        .map((i) => say('prep.mix.thing', { thing: nameOf('garnish', i.id), weight: weighed(i.kg) }));
      const shape = rollShape(part, prepare.filling);
      step(
        'mix',
        cut.id,
        say('prep.mix'),
        say('prep.mix.how', { things: listParam(things, 'comma') }),
        MIX_MIN + MIX_MIN_EACH * things.length,
      );
      step('open', cut.id, say('prep.open', { thickness: mm(POUNDED_MM) }), say('prep.open.how'), 4 * rolls);
      step(
        'fill',
        cut.id,
        say('prep.fill', { rolls }),
        say('prep.fill.how', { overlap: mm(shape.overlapMm) }),
        2.5 * rolls,
        [
          figure('prep.fillingInEach', allKg / rolls, 'mass', 'computed', [
            from('filling', allKg, 'mass'),
            from('rolls', rolls, 'count'),
          ]),
          figure('prep.thicknessOfARoll', shape.diameterMm, 'length', 'estimate', [
            from('meatInEach', part.massKg / rolls, 'mass'),
            from('fillingInEach', allKg / rolls, 'mass'),
            from('sheetAcross', shape.sheetMm, 'length'),
          ]),
        ],
      );
    }
    const here = stringsFor(cut, part, size, prepare);
    strings += here;
    if (here > 0) {
      step('tie', cut.id, say('prep.tie', { strings: here }), say('prep.tie.how'), TIE_MIN_PER_STRING * here);
    }
  }
  if (saltAhead) {
    step('salt', null, say('prep.salt'), say('prep.salt.how'), 2);
  }
  step('dry', null, say('prep.dry'), say('prep.dry.how'), DRY_MIN);
  if (rub.length > 0) {
    const things = listParam(
      rub.map((s) => say('prep.mix.thing', { thing: nameOf('spice', s.id), weight: weighed(s.grams / 1000) })),
      'comma',
    );
    step(
      'rub',
      null,
      say('prep.rub'),
      say(rub.some((s) => spiceById(s.id).scorches) ? 'prep.rub.scorches' : 'prep.rub.how', { things }),
      RUB_MIN,
    );
  }
  if (prepare.temper !== 'none') {
    step(
      'temper',
      null,
      say('prep.temper', { time: time(TEMPER_MIN[prepare.temper]) }),
      say('prep.temper.how', { most: time(SAFETY_LIMITS[rule].outMin) }),
      TEMPER_MIN[prepare.temper],
    );
  }
  const hands = steps.reduce((sum, s) => (s.id === 'temper' ? sum : sum + s.minutes), 0);
  return { steps, strings, minutes: hands + (kg > 0 ? 3 : 0), safeOutMin: SAFETY_LIMITS[rule].outMin };
}
