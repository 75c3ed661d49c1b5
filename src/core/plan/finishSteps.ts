import { type BaseItem, fatWayOf, type MeatEnd, type PlanInput } from '../choices';
import { type BasePlan } from '../base';
import { FAT_LAWS, FIRST_SHARE, type FinishedPot, type FinishFigures } from '../finish';
import { type SaltPlan } from '../season';
import { kg, listed, litres, type Message, minutes, mm, nameOf, say } from '../message';

/** Butter and cream stirred in off the heat, on each plate: kg, litres. Modeller's judgement. */
const ENRICH_PER_PLATE = { butter: 0.01, cream: 0.03, sourCream: 0.025 } as const;

/** What is stirred in at the end, for all plates; null where nothing is. */
export function enriching({ finish, eaters }: Pick<PlanInput, 'finish' | 'eaters'>): {
  readonly id: 'butter' | 'cream' | 'sourCream';
  readonly amount: number;
} | null {
  const { enrich } = finish;
  return enrich === 'none' ? null : { id: enrich, amount: ENRICH_PER_PLATE[enrich] * eaters };
}

/** What has one of these fates, by name. */
function fated(input: PlanInput, ...fates: readonly BaseItem['fate'][]): Message[] {
  return input.base.items.filter((i) => i.kg > 0 && fates.includes(i.fate)).map((i) => nameOf('garnish', i.id));
}

function solidsStep(input: PlanInput): Message[] {
  const bites = fated(input, 'bite');
  const picked = fated(input, 'picked');
  const { solids } = input.finish;
  const out = [
    ...(picked.length > 0 && solids !== 'strain' && solids !== 'press'
      ? [say('finish.pickOut', { things: listed(picked) })]
      : []),
    ...(bites.length > 0 && solids !== 'leave' ? [say('finish.liftBites', { things: listed(bites) })] : []),
  ];
  const spent = fated(input, 'melt', 'strained', 'picked').length > 0;
  if (solids === 'leave' || (solids === 'lift' && bites.length > 0) || !spent) return out;
  return [...out, say(`finish.solids.${solids}`)];
}

/** Pieces with a bone in them. */
function bonesIn({ meat, also }: Pick<PlanInput, 'meat' | 'also'>): number {
  return [meat, ...also].reduce((sum, p) => (p.onBone ? sum + p.pieces : sum), 0);
}

/** What becomes of the meat; what has no bone is not cut from it and stays as it is. */
function meatEnd(input: PlanInput): MeatEnd {
  const { meat } = input.finish;
  return meat === 'boned' && bonesIn(input) === 0 ? 'whole' : meat;
}

/** What the finish is told from. */
interface Finishing {
  readonly input: PlanInput;
  readonly finished: FinishedPot;
  readonly finish: FinishFigures;
  readonly base: BasePlan;
  readonly salt: SaltPlan;
}

/**
 * What is done between the heat and the plate, in order: out, vegetables, fat, boiling down, thickening, off the heat, meat
 * back, salt. Every amount is the plan's own.
 */
export function finishSteps(plan: Finishing): Message[] {
  const { input, finished, finish, base, salt } = plan;
  const { reduce, solids, thickener, toss } = input.finish;
  const meat = meatEnd(input);
  const melts = meat === 'melt';
  const out = reduce || solids !== 'leave' || meat !== 'whole';
  const enrich = enriching(input);
  const grams = base.flour?.value ?? 0;
  return [
    ...(out && !melts ? [say('finish.meatOut')] : []),
    ...(melts ? [say(bonesIn(input) > 0 ? 'finish.bonesOut' : 'finish.bayOut')] : []),
    ...solidsStep(input),
    ...(finish.fat.value > 0.005
      ? [say(`finish.fat.${fatWayOf(input)}`, { fat: litres(finish.fat.value), left: litres(finish.fatLeft.value) })]
      : []),
    ...(finished.reduceMinutes > 0
      ? [
          say('finish.boilDown', {
            from: litres(finished.looseL),
            sauce: litres(finished.sauceL),
            time: minutes(finished.reduceMinutes),
            deep: mm(finished.depthMm),
          }),
        ]
      : [say('finish.asItStands', { sauce: litres(finished.sauceL) })]),
    ...(input.base.thicken === 'end' && grams > 0
      ? [
          say('finish.thicken', {
            by: nameOf('thickener', thickener),
            first: kg(grams * FIRST_SHARE),
            rest: kg(grams * (1 - FIRST_SHARE)),
            rung: nameOf('rung', input.finish.rung),
            sign: say(`rung.${input.finish.rung}.sign`),
          }),
        ]
      : []),
    ...(meat === 'whole' ? [] : [say(`finish.meat.${meat}`)]),
    ...(enrich
      ? [
          say(`finish.enrich.${enrich.id}`, {
            amount: enrich.id === 'butter' ? kg(enrich.amount) : litres(enrich.amount),
          }),
        ]
      : []),
    ...(toss === 'none' ? [] : [say(`finish.toss.${toss}`)]),
    say(salt.atEnd.value > 0.0002 ? 'finish.saltLast' : 'finish.taste', { salt: kg(salt.atEnd.value) }),
  ];
}

const OUT_MIN = 4;
const SOLIDS_MIN = { leave: 0, lift: 2, strain: 4, press: 6, blend: 6 } as const;
const THICKEN_MIN = 6;
const ENRICH_MIN = 1;
const TOSS_MIN = 2;
const SHRED_MIN_PER_KG = 6;
const BONE_MIN_EACH = 1;

/** Minutes of hands between the heat and the plate, the boiling down left out. Estimates of unhurried hands. */
export function finishHandsMin(input: PlanInput, cookedKg: number): number {
  const { reduce, solids, enrich, toss } = input.finish;
  const meat = meatEnd(input);
  const out = reduce || solids !== 'leave' || meat !== 'whole';
  return (
    (out ? OUT_MIN : 0) +
    SOLIDS_MIN[solids] +
    FAT_LAWS[fatWayOf(input)].minutes +
    (meat === 'shred' || meat === 'melt' ? SHRED_MIN_PER_KG * cookedKg : 0) +
    (meat === 'boned' || meat === 'melt' ? Math.min(15, BONE_MIN_EACH * bonesIn(input)) : 0) +
    (input.base.thicken === 'end' ? THICKEN_MIN : 0) +
    (enrich === 'none' ? 0 : ENRICH_MIN) +
    (toss === 'none' ? 0 : TOSS_MIN)
  );
}
