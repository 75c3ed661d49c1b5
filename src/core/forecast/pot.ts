import { WATER_KG_PER_L } from '../heat';
import { valueAt } from './timeIndex';
import { type Ensemble } from './ensemble';
import { levelForLitres, litresForLevel, type PotContents, shrunk, vegetablesKgAt } from '../material';

type Pot = Pick<Ensemble, 'request' | 'assembly' | 'nominal'>;

/** Liquid in the pot at a time index of the nominal trace, litres, juices and top-ups included. */
export function litresAt(pot: Pot, place: number): number {
  return valueAt(pot.nominal.liquidKg, place) / WATER_KG_PER_L;
}

/** Steam is averaged over this much time under the lid, s. */
const STEAM_OVER_S = 600;

/** Steam from a time index on under the lid that is on there, litres per hour, without lifts of the lid. */
export function steamLPerHourAt({ assembly, nominal }: Pot, place: number): number {
  const { evaporatedKg } = nominal;
  const { count, key, lidOff, stepS } = assembly.grid;
  const first = Math.min(Math.max(0, Math.ceil(place)), count - 1);
  let seconds = 0;
  let goneKg = 0;
  for (let step = first; step < count && key[step] === key[first] && seconds < STEAM_OVER_S; step++) {
    if (lidOff[step] === 1) continue;
    seconds += stepS[step] as number;
    goneKg += (evaporatedKg[step] as number) - (step === 0 ? 0 : (evaporatedKg[step - 1] as number));
  }
  return seconds > 0 ? ((goneKg / WATER_KG_PER_L) * 3600) / seconds : 0;
}

/** Contents of the pot there: meat and vegetables shrunk as the nominal trace says. */
export function contentsAt(pot: Pot, place: number): PotContents {
  const juice = pot.nominal.juiceFraction.map((course) => valueAt(course, place));
  const { grid } = pot.assembly;
  const vegetablesKg = vegetablesKgAt(
    pot.request.vegetables,
    pot.nominal.liquidC,
    grid,
    Math.max(0, Math.round(place)),
  );
  return shrunk(pot.assembly.contents, juice, vegetablesKg);
}

/** Height of the liquid's surface there, mm. */
export function levelMmAt(pot: Pot, place: number): number {
  return levelForLitres(contentsAt(pot, place), litresAt(pot, place)) * 1000;
}

/** Litres of liquid for a level of `levelMm` seen there. */
export function litresForLevelAt(pot: Pot, place: number, levelMm: number): number {
  return litresForLevel(contentsAt(pot, place), levelMm / 1000);
}

/** With less than this the pot can scorch, litres. */
export const LOW_LITRES = 0.25;

/** With less than this a pot is dry, litres. */
export const DRY_LITRES = 0.05;
