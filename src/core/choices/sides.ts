import { type PlanInput } from './input';
import { type Tossed } from './finishWays';

/** What is cooked where the sauce is tossed with something, and what stands for it where that is a side already. */
const TOSSED_SIDES: Readonly<Record<Exclude<Tossed, 'none'>, readonly [usual: string, ...others: string[]]>> = {
  pasta: ['pasta', 'noodles', 'gnocchi'],
  grains: ['rice', 'pearlBarley', 'bulgur', 'couscous', 'pilaf'],
};

/** What is cooked beside the braise: the sides that were chosen, and what its sauce is tossed with. */
export function sidesOf(input: PlanInput): readonly string[] {
  const { toss } = input.finish;
  const { sides } = input.day;
  if (toss === 'none') return sides;
  const those = TOSSED_SIDES[toss];
  return those.some((id) => sides.includes(id)) ? sides : [...sides, those[0]];
}
