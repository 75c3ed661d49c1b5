import { WATER_KG_PER_L } from '../heat';
import { type Ensemble } from './ensemble';
import { levelForLitres, litresForLevel, type PotContents, shrunk, vegetablesKgAt } from '../material';

type Pot = Pick<Ensemble, 'request' | 'assembly' | 'nominal'>;

/** Liquid in the pot at the end of `step` of the nominal course, litres, juices and top-ups included. */
export function litresAt(pot: Pot, step: number): number {
  return (pot.nominal.liquidKg[step] as number) / WATER_KG_PER_L;
}

/** What stands in the pot at `step`: meat and vegetables as far shrunk as the nominal course says. */
export function contentsAt(pot: Pot, step: number): PotContents {
  const juice = pot.nominal.juiceFraction.map((course) => course[step] as number);
  const vegetablesKg = vegetablesKgAt(pot.request.vegetables, pot.nominal.liquidC, pot.assembly.grid, step);
  return shrunk(pot.assembly.contents, juice, vegetablesKg);
}

/** Height of the liquid's surface at `step`, mm. */
export function levelMmAt(pot: Pot, step: number): number {
  return levelForLitres(contentsAt(pot, step), litresAt(pot, step)) * 1000;
}

/** Litres of liquid that a level of `levelMm`, seen at `step`, stands for. */
export function litresForLevelAt(pot: Pot, step: number, levelMm: number): number {
  return litresForLevel(contentsAt(pot, step), levelMm / 1000);
}

/** Less than this in the pot can catch, litres. */
export const LOW_LITRES = 0.25;
