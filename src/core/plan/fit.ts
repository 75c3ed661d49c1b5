import { checkPlanInput, HEADROOM_MM } from './check';
import { meatParts, sectionOf, type PlanInput } from '../choices';
import { type Pot } from '../larder';
import { potShape, potVolumeL } from '../material';
import { kg, litres, type Message, mm, say, share } from '../message';
import { scaled } from './scale';

/** Another way to fit the same dinner into pots; `input` is the plan it leads to. */
export interface FitFix {
  readonly says: Message;
  readonly input: PlanInput;
  /** Name for a pot the kitchen does not have. */
  readonly potCalled?: Message;
}

const NEXT_POT_MM = 10;
const WIDEST_MM = 400;

function fits(input: PlanInput): boolean {
  return !checkPlanInput(input, -Infinity).some((f) => f.tooFull === true || (f.field && sectionOf(f.field)) === 'pot');
}

/** Largest share of the vegetables that fits, to a twentieth; 0 if not even none does. */
function vegetableShare(input: PlanInput): number {
  for (let share = 0.95; share >= 0; share -= 0.05) {
    const tried: PlanInput = {
      ...input,
      base: { ...input.base, items: input.base.items.map((i) => ({ ...i, kg: i.kg * share })) },
    };
    if (fits(tried)) return share;
  }
  return 0;
}

/** Highest level that leaves headroom, as a share of the meat's height; undefined if none does. */
function lowerLevel(input: PlanInput): number | undefined {
  if (!input.liquid.fill) return undefined;
  for (let level = Math.floor(input.liquid.level * 20) / 20; level >= 0.25; level -= 0.05) {
    if (fits({ ...input, liquid: { ...input.liquid, level } })) return Math.round(level * 100) / 100;
  }
  return undefined;
}

const volumeL = (pot: Pot): number => potVolumeL(potShape(pot));

/** Narrowest round pot of the same depth that would hold it, by width, mm; undefined if none up to 400 mm does. */
function narrowest(input: PlanInput): Pot | undefined {
  const least = Math.max(input.pot.lengthMm, input.pot.widthMm);
  for (let mm = Math.ceil(least / NEXT_POT_MM) * NEXT_POT_MM; mm <= WIDEST_MM; mm += NEXT_POT_MM) {
    const pot: Pot = { ...input.pot, id: `pot-${String(mm)}`, shape: 'round', lengthMm: mm, widthMm: mm };
    if (fits({ ...input, pot })) return pot;
  }
  return undefined;
}

/**
 * Ways to make everything fit, each tested: another of the kitchen's pots, pieces upright, a lower level, fewer
 * vegetables, two pots; and how wide a pot would have to be. Empty if it fits as it is.
 */
export function fitFixes(input: PlanInput, pots: readonly Pot[]): FitFix[] {
  if (fits(input)) return [];
  const ways: FitFix[] = [];
  const others = pots.filter((p) => p.id !== input.pot.id).sort((a, b) => volumeL(a) - volumeL(b));
  for (const pot of others) {
    const tried = { ...input, pot };
    if (fits(tried))
      ways.push({ says: say('fit.takePot', { pot: pot.name, volume: litres(volumeL(pot)) }), input: tried });
  }
  const standing: PlanInput = { ...input, lie: input.lie === 'flat' ? 'upright' : 'flat' };
  if (fits(standing)) {
    ways.push({ says: say(standing.lie === 'upright' ? 'fit.standUp' : 'fit.layFlat'), input: standing });
  }
  const level = lowerLevel(input);
  if (level !== undefined && level < input.liquid.level) {
    ways.push({
      says: say('fit.lowerLevel', { share: share(level) }),
      input: { ...input, liquid: { ...input.liquid, level } },
    });
  }
  const allKg = input.base.items.reduce((sum, i) => sum + i.kg, 0);
  const fitting = allKg > 0 ? vegetableShare(input) : 0;
  if (fitting > 0) {
    ways.push({
      says: say('fit.fewerVegetables', { some: kg(allKg * fitting), all: kg(allKg) }),
      input: {
        ...input,
        base: {
          ...input.base,
          items: input.base.items.map((i) => ({ ...i, kg: Math.round(i.kg * fitting * 200) / 200 })),
        },
      },
    });
  }
  if (meatParts(input).every((p) => p.pieces > 1)) {
    const half = { ...scaled(input, 0.5), eaters: Math.max(1, Math.round(input.eaters / 2)) };
    if (fits(half)) ways.push({ says: say('fit.twoPots'), input: half });
  }
  const wider = ways.length === 0 ? narrowest(input) : undefined;
  if (wider) {
    ways.push({
      says: say('fit.widerPot', { across: mm(wider.lengthMm), headroom: mm(HEADROOM_MM) }),
      input: { ...input, pot: wider },
      potCalled: say('fit.widerPotName', { across: mm(wider.lengthMm) }),
    });
  }
  return ways;
}
