import { type PlanInput } from './input';
import { type Tossed } from './finishTechniques';

/** What is cooked to toss with the sauce, and which side already provides it. */
const TOSSED_SIDES: Readonly<Record<Exclude<Tossed, 'none'>, readonly [usual: string, ...others: string[]]>> = {
  pasta: ['pasta', 'noodles', 'gnocchi'],
  grains: ['rice', 'pearlBarley', 'bulgur', 'couscous', 'pilaf'],
};

/** What is cooked alongside: the chosen sides, and what the sauce is tossed with. */
export function sidesOf(input: PlanInput): readonly string[] {
  const { toss } = input.finish;
  const { sides } = input.day;
  if (toss === 'none') return sides;
  const those = TOSSED_SIDES[toss];
  return those.some((id) => sides.includes(id)) ? sides : [...sides, those[0]];
}
