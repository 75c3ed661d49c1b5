import { type BaseItem, type Enrichment, ENRICHMENTS, fatWayOf, type MeatEnd, type PlanInput } from '../choices';
import { type PromisedAhead } from './cookAhead';
import { type BasePlan } from '../base';
import { FAT_LAWS, FIRST_SHARE, type FinishedPot } from '../finish';
import { cutById } from '../larder';
import { type SaltPlan } from '../season';
import { kg, listParam, litres, type Message, minutes, mm, nameOf, say, tempC } from '../message';
import { SAFETY_LIMITS } from '../safety';

/** What is stirred in at the end, in total, kg or litres; null if nothing. */
export function enriching({ finish, eaters }: Pick<PlanInput, 'finish' | 'eaters'>): {
  readonly id: Enrichment;
  readonly unit: 'mass' | 'volume';
  readonly amount: number;
} | null {
  const { enrich } = finish;
  if (enrich === 'none') return null;
  const { perServing, unit } = ENRICHMENTS[enrich];
  return { id: enrich, unit, amount: perServing * eaters };
}

/** Ingredients with one of these purposes, by name. */
function fated(input: PlanInput, ...fates: readonly BaseItem['fate'][]): Message[] {
  return input.base.items.filter((i) => i.kg > 0 && fates.includes(i.fate)).map((i) => nameOf('garnish', i.id));
}

/** What is lifted out before the sauce is made and goes back in. */
function vegBack(input: PlanInput, out: readonly FinishStep[]): FinishStep[] {
  if (out.some((s) => s.part === 'bites')) {
    const things = listParam(fated(input, 'bite'));
    return [{ part: 'vegBack', work: 'vegBack', says: say('finish.bitesBack', { things }), minutes: BACK_MIN }];
  }
  if (!out.some((s) => s.part === 'solids' && s.work === 'vegOut')) return [];
  return [{ part: 'vegBack', work: 'vegBack', says: say('finish.vegBack'), minutes: BACK_MIN }];
}

function solidsStep(input: PlanInput): FinishStep[] {
  const bites = fated(input, 'bite');
  const picked = fated(input, 'picked');
  const { solids } = input.finish;
  const out: FinishStep[] = [
    ...(picked.length > 0 && solids !== 'strain' && solids !== 'press'
      ? [
          {
            part: 'picked',
            work: 'vegOut',
            says: say('finish.pickOut', { things: listParam(picked) }),
            minutes: 0,
          } as const,
        ]
      : []),
    ...(bites.length > 0 && solids !== 'leave'
      ? [
          {
            part: 'bites',
            work: 'vegOut',
            says: say('finish.liftBites', { things: listParam(bites) }),
            minutes: PICK_MIN,
          } as const,
        ]
      : []),
  ];
  const spent = fated(input, 'melt', 'strained', 'picked').length > 0;
  if (solids === 'leave' || (solids === 'lift' && bites.length > 0) || !spent) return out;
  return [
    ...out,
    { part: 'solids', work: SOLIDS_WORK[solids], says: say(`finish.solids.${solids}`), minutes: SOLIDS_MIN[solids] },
  ];
}

/** Pieces with a bone in them. */
function bonesIn({ meat, also }: Pick<PlanInput, 'meat' | 'also'>): number {
  return [meat, ...also].reduce((sum, p) => (p.onBone ? sum + p.pieces : sum), 0);
}

/** What is done with the meat; boneless pieces are not boned and stay as they are. */
function meatEnd(input: PlanInput): MeatEnd {
  const { meat } = input.finish;
  return meat === 'boned' && bonesIn(input) === 0 ? 'whole' : meat;
}

/** What the finish steps are made from. */
export interface Finishing {
  readonly input: PlanInput;
  readonly finished: FinishedPot;
  readonly base: Pick<BasePlan, 'flour'>;
  readonly salt: Pick<SaltPlan, 'atEnd'>;
  /** Omitted if only the hands-on minutes are wanted. */
  readonly ahead?: Pick<PromisedAhead, 'reheating'> | null;
}

/** The kind of work in a finish step. */
export type FinishWork =
  | 'liftOut'
  | 'marrowOut'
  | 'restMeat'
  | 'vegOut'
  | 'strain'
  | 'press'
  | 'blend'
  | 'defat'
  | 'fatOffCold'
  | 'reduce'
  | 'asItStands'
  | 'thicken'
  | 'boneOut'
  | 'shred'
  | 'meltIn'
  | 'vegBack'
  | 'slice'
  | 'warmThrough'
  | 'enrich'
  | 'toss'
  | 'season';

/** What tells the steps of the finish apart, however they are done and worded. */
export type FinishPart =
  | 'liftOut'
  | 'marrow'
  | 'picked'
  | 'bites'
  | 'solids'
  | 'fat'
  | 'reduce'
  | 'asItStands'
  | 'thicken'
  | 'rest'
  | 'bone'
  | 'shred'
  | 'slice'
  | 'meltIn'
  | 'vegBack'
  | 'warm'
  | 'enrich'
  | 'toss'
  | 'spices'
  | 'salt';

/** One step between coming off the heat and serving. */
export interface FinishStep {
  readonly part: FinishPart;
  readonly work: FinishWork;
  readonly says: Message;
  /** Hands-on minutes at an easy pace, or of the burner while reducing or reheating; estimates. */
  readonly minutes: number;
}

const LIFT_MIN = 4;
const PICK_MIN = 2;
const BACK_MIN = 1;
const SOLIDS_MIN = { leave: 0, lift: 2, strain: 4, press: 6, blend: 6 } as const;
const SOLIDS_WORK = { lift: 'vegOut', strain: 'strain', press: 'press', blend: 'blend' } as const;
const THICKEN_MIN = 6;
const ENRICH_MIN = 1;
const TOSS_MIN = 2;
const SHRED_MIN_PER_KG = 6;
const SLICE_MIN_PER_KG = 4;
const BONE_MIN_EACH = 1;
const MAX_BONING_MIN = 15;
const COLD_FAT_MIN = 5;
const SEASON_MIN = 2;
/** Meat to be sliced rests this long: hot, it falls off the knife. */
const REST_MIN = 10;

/** Bones whose marrow a hard boil would empty. */
function marrowBones({ meat, also }: Pick<PlanInput, 'meat' | 'also'>): number {
  return [meat, ...also].reduce((sum, p) => {
    return p.onBone && cutById(p.cutId).marrow === true ? sum + p.pieces : sum;
  }, 0);
}

/** Warming what was cooked ahead; not in the oven where its minutes were not promised. */
function warmSays({ keeping }: PlanInput, reheating: PromisedAhead['reheating'] | undefined): Message {
  const hot = tempC(SAFETY_LIMITS[keeping.rule].reheatC);
  const time = minutes(reheating?.minutes ?? 0);
  return reheating && (reheating.ovenMin === null || reheating.ovenC === null)
    ? say('finish.warmOnHob', { hot, time })
    : say('finish.warm', { hot, time, oven: tempC(reheating?.ovenC ?? 0), ovenTime: minutes(reheating?.ovenMin ?? 0) });
}

/**
 * What is done between coming off the heat and serving, in order: meat out, marrow, vegetables, fat, reducing,
 * thickening, off the heat, meat back, salt. Cooked ahead, the fat comes off first and the meat is boned and sliced
 * cold. Every amount is the plan's own.
 */
export function finishSteps({ input, finished, base, salt, ahead }: Finishing): FinishStep[] {
  const { reduce, solids, thickener, toss } = input.finish;
  const cold = input.day.ahead !== null;
  const meat = meatEnd(input);
  const melts = meat === 'melt';
  const slices = input.result === 'slices' && meat === 'whole';
  const out = reduce || solids !== 'leave' || meat !== 'whole' || slices;
  const enrich = enriching(input);
  const vegOut = solidsStep(input);
  const grams = base.flour?.value ?? 0;
  const lastSpices = input.season.spices
    .filter((s) => s.when === 'end' && s.grams > 0)
    .map((s) => say('prep.mix.thing', { thing: nameOf('spice', s.id), weight: kg(s.grams / 1000) }));
  const marrow = cold || finished.reduceMinutes === 0 ? 0 : marrowBones(input);
  const fat = say(`finish.fat.${fatWayOf(input)}`, { fat: litres(finished.fatL), left: litres(finished.fatLeftL) });
  const fatStep: FinishStep[] =
    finished.fatL > 0.005
      ? [
          {
            part: 'fat',
            work: cold ? 'fatOffCold' : 'defat',
            says: fat,
            minutes: cold ? COLD_FAT_MIN : FAT_LAWS[fatWayOf(input)].minutes,
          },
        ]
      : [];
  const bonesMin = Math.min(MAX_BONING_MIN, BONE_MIN_EACH * bonesIn(input));
  const parted: FinishStep[] =
    meat === 'boned'
      ? [
          {
            part: 'bone',
            work: 'boneOut',
            says: say(cold ? 'finish.meat.bonedCold' : 'finish.meat.boned'),
            minutes: bonesMin,
          },
        ]
      : meat === 'shred'
        ? [
            {
              part: 'shred',
              work: 'shred',
              says: say('finish.meat.shred'),
              minutes: SHRED_MIN_PER_KG * finished.cookedKg,
            },
          ]
        : slices
          ? [
              {
                part: 'slice',
                work: 'slice',
                says: say(cold ? 'finish.sliceCold' : 'finish.slice'),
                minutes: SLICE_MIN_PER_KG * finished.cookedKg,
              },
            ]
          : [];
  return [
    ...(cold ? fatStep : []),
    ...(out && !melts
      ? [
          {
            part: 'liftOut',
            work: 'liftOut',
            says: say(cold ? 'finish.meatOutCold' : 'finish.meatOut'),
            minutes: LIFT_MIN,
          } as const,
        ]
      : []),
    ...(melts
      ? [
          {
            part: 'liftOut',
            work: 'liftOut',
            says: say(bonesIn(input) > 0 ? 'finish.bonesOut' : 'finish.bayOut'),
            minutes: LIFT_MIN + bonesMin,
          } as const,
        ]
      : []),
    ...(marrow > 0
      ? [{ part: 'marrow', work: 'marrowOut', says: say('finish.marrow', { count: marrow }), minutes: 1 } as const]
      : []),
    ...(cold ? parted : []),
    ...vegOut,
    ...(cold ? [] : fatStep),
    finished.reduceMinutes > 0
      ? {
          part: 'reduce',
          work: 'reduce',
          says: say('finish.boilDown', {
            from: litres(finished.looseL),
            sauce: litres(finished.sauceL),
            time: minutes(finished.reduceMinutes),
            deep: mm(finished.depthMm),
          }),
          minutes: finished.reduceMinutes,
        }
      : {
          part: 'asItStands',
          work: 'asItStands',
          says: say('finish.asItStands', { sauce: litres(finished.sauceL) }),
          minutes: 0,
        },
    ...(input.base.thicken === 'end' && grams > 0
      ? [
          {
            part: 'thicken',
            work: 'thicken',
            says: say('finish.thicken', {
              by: nameOf('thickener', thickener),
              first: kg(grams * FIRST_SHARE),
              rest: kg(grams * (1 - FIRST_SHARE)),
              rung: nameOf('rung', input.finish.rung),
              sign: say(`rung.${input.finish.rung}.sign`),
            }),
            minutes: THICKEN_MIN,
          } as const,
        ]
      : []),
    ...(slices && !cold
      ? [
          {
            part: 'rest',
            work: 'restMeat',
            says: say('finish.rest', { time: minutes(REST_MIN) }),
            minutes: REST_MIN,
          } as const,
        ]
      : []),
    ...(cold ? [] : parted),
    ...(melts
      ? [
          {
            part: 'meltIn',
            work: 'meltIn',
            says: say('finish.meat.melt'),
            minutes: SHRED_MIN_PER_KG * finished.cookedKg,
          } as const,
        ]
      : []),
    ...vegBack(input, vegOut),
    ...(cold
      ? [
          {
            part: 'warm',
            work: 'warmThrough',
            says: warmSays(input, ahead?.reheating),
            minutes: ahead?.reheating.minutes ?? 0,
          } as const,
        ]
      : []),
    ...(enrich
      ? [
          {
            part: 'enrich',
            work: 'enrich',
            says: say(`finish.enrich.${enrich.id}`, {
              amount: enrich.unit === 'mass' ? kg(enrich.amount) : litres(enrich.amount),
            }),
            minutes: ENRICH_MIN,
          } as const,
        ]
      : []),
    ...(toss === 'none'
      ? []
      : [{ part: 'toss', work: 'toss', says: say(`finish.toss.${toss}`), minutes: TOSS_MIN } as const]),
    ...(lastSpices.length > 0
      ? [
          {
            part: 'spices',
            work: 'season',
            says: say('finish.spices', { spices: listParam(lastSpices, 'comma') }),
            minutes: 0.5,
          } as const,
        ]
      : []),
    {
      part: 'salt',
      work: 'season',
      says: say(salt.atEnd.value > 0.0002 ? 'finish.saltLast' : 'finish.taste', { salt: kg(salt.atEnd.value) }),
      minutes: SEASON_MIN,
    },
  ];
}

/** Done on the burner rather than by hand, or before the pot is cold. */
const NOT_HANDS: readonly FinishWork[] = ['reduce', 'warmThrough', 'fatOffCold'];

/** Hands-on minutes between coming off the heat and serving, without unattended reducing and reheating. */
export function finishHandsMin(finishing: Finishing): number {
  return finishSteps(finishing).reduce((sum, s) => (NOT_HANDS.includes(s.work) ? sum : sum + s.minutes), 0);
}
