import { saltDiffusion, saltAtEquilibrium } from './saltMove';
import { WATER_KG_PER_L } from '../heat';
import {
  figure,
  type Figure,
  input as from,
  kg,
  litres,
  type Message,
  nameOf,
  say,
  strength,
  type FigureOf,
} from '../message';
import { SALT_CRYSTALS, type SaltCrystalId } from '../larder';

/** Our grams of salt per kilogram of boneless meat. */
export const USUAL_SALT_G_PER_KG = 10;
/** The finished sauce tastes seasoned between these, as shares of its weight. */
export const SAUCE_SALT = { low: 0.007, aim: 0.0085, high: 0.01 } as const;
/** Cooked meat tastes seasoned from about here, as a share of its weight. */
const MEAT_SALT = 0.007;
/** Temperature for salt diffusion while the pot is on, °C: the liquid's side of a simmer. */
const SIMMER_C = 95;
/** Diffusion rate in the fridge relative to that. */
const COLD_PACE = saltDiffusion(5) / saltDiffusion(SIMMER_C);
/** How much of the salt put on meat is inside it when it meets the liquid. Estimate, no source. */
const INSIDE: Readonly<Record<SaltTime, number>> = { overnight: 0.9, before: 0.3, after: 0.2, flour: 0.15, hold: 0 };

export type SaltTime = 'before' | 'overnight' | 'after' | 'flour' | 'hold';

export interface SaltSource {
  readonly name: Message;
  readonly grams: number;
}

export interface SaltInput {
  /** Salt the cook puts on the meat, g. */
  readonly addedG: number;
  readonly when: SaltTime;
  /** Salt from everything else, g. */
  readonly sources: readonly SaltSource[];
  /** Water in the cooked meat, kg, and the meat's weight, kg. */
  readonly meatWaterKg: number;
  readonly meatKg: number;
  /** Liquid in the pot when the meat is done, and after reducing, kg. */
  readonly liquidKg: number;
  readonly sauceKg: number;
  /** Surface over volume of the pieces, 1/m, and their shape exponent: 0 a slab, 2 a sphere. */
  readonly surfacePerM: number;
  readonly beta: number;
  readonly minutes: number;
  /** And then cold in its liquid, h: diffusion goes on. */
  readonly coldHours: number;
}

export interface SaltBalance {
  readonly totalG: number;
  readonly inMeatG: number;
  readonly inSauceG: number;
  /** Shares of weight. */
  readonly meatShare: number;
  readonly sauceBeforeShare: number;
  readonly sauceShare: number;
  /** Progress of salt between meat and liquid towards equilibrium, 0 to 1. */
  readonly evened: number;
}

/**
 * Where the salt ends up: it moves between meat and liquid towards equal shares of both waters, as far as diffusion
 * gets in the time in a finite bath; what stays in the liquid is concentrated by reducing. Grams in equal grams out.
 */
export function saltBalance(q: SaltInput): SaltBalance {
  const cooked = q.when === 'hold' ? 0 : q.addedG;
  const total = cooked + q.sources.reduce((sum, s) => sum + s.grams, 0);
  const inside = cooked * INSIDE[q.when];
  const evened = saltAtEquilibrium({
    surfacePerM: q.surfacePerM,
    beta: q.beta,
    meatWaterKg: q.meatWaterKg,
    liquidWaterKg: q.liquidKg,
    tempC: SIMMER_C,
    hours: q.minutes / 60 + q.coldHours * COLD_PACE,
  });
  const equal = total / (q.meatWaterKg + q.liquidKg);
  const inMeat = inside + evened * (equal * q.meatWaterKg - inside);
  const inSauce = total - inMeat;
  return {
    totalG: total,
    inMeatG: inMeat,
    inSauceG: inSauce,
    meatShare: q.meatKg > 0 ? inMeat / 1000 / q.meatKg : 0,
    sauceBeforeShare: q.liquidKg > 0 ? inSauce / 1000 / q.liquidKg : 0,
    sauceShare: q.sauceKg > 0 ? inSauce / 1000 / q.sauceKg : 0,
    evened,
  };
}

export interface SaltPlan {
  /** Total salt for the meat by the usual rule. */
  readonly toAdd: Figure;
  /** The part that goes on the meat now. */
  readonly now: Figure;
  readonly spoons: Message;
  readonly sources: readonly SaltSource[];
  readonly total: Figure;
  readonly meat: Figure;
  readonly sauceBefore: Figure;
  readonly sauce: Figure;
  /** The part of `toAdd` to hold back until the sauce is reduced. */
  readonly holdBack: Figure;
  /** To sprinkle on the meat when it is lifted out. */
  readonly atPlate: Figure;
  /** To stir in at the end to reach the aim. */
  readonly atEnd: Figure;
  /** Other ingredients bring more salt than the sauce can take, whatever is done about the meat. */
  readonly tooSalty: boolean;
  readonly says: Message;
}

/** Grams as level spoons or pinches of a crystal. */
export function saltInSpoons(grams: number, crystalId: SaltCrystalId): Message {
  const crystal = SALT_CRYSTALS[crystalId];
  const salt = nameOf('salt', crystalId);
  if (grams < 0.2) return say('salt.spoons.none');
  const spoons = grams / crystal.gramsPerTeaspoon;
  return spoons < 0.25
    ? say('salt.spoons.pinches', { pinches: Math.max(1, Math.round(grams / crystal.gramsPerPinch)), salt })
    : say('salt.spoons.level', { spoons: { as: 'teaspoons', value: spoons }, salt });
}

/** Grams of salt wanted on the meat: ours, halved if other ingredients bring much. */
export function usualSaltG(edibleKg: number, otherG: number): number {
  const full = USUAL_SALT_G_PER_KG * edibleKg;
  return otherG > full * 0.4 ? full / 2 : full;
}

/** Salt of the whole pot, the sauce's salt, and what to do about it. */
export function saltPlan(q: SaltInput, edibleKg: number, crystal: SaltCrystalId): SaltPlan {
  const balance = saltBalance(q);
  const without = saltBalance({ ...q, addedG: 0 });
  const perGram = q.addedG > 0 && q.when !== 'hold' ? (balance.sauceShare - without.sauceShare) / q.addedG : 0;
  const tooMuch = balance.sauceShare - SAUCE_SALT.high;
  const hold =
    q.when === 'hold'
      ? q.addedG
      : tooMuch > 0 && perGram > 0
        ? Math.min(q.addedG, (balance.sauceShare - SAUCE_SALT.aim) / perGram)
        : 0;
  const held = q.when === 'hold' || hold === 0 ? balance : saltBalance({ ...q, addedG: q.addedG - hold });
  const atEnd = held.sauceShare < SAUCE_SALT.low ? (SAUCE_SALT.aim - held.sauceShare) * q.sauceKg * 1000 : 0;
  const plateG = Math.max(0, MEAT_SALT - held.meatShare) * q.meatKg * 1000;
  const otherG = q.sources.reduce((sum, s) => sum + s.grams, 0);
  const lowestSauceKg = held.inSauceG / 1000 / SAUCE_SALT.high;
  const tooSalty = without.sauceShare > SAUCE_SALT.high;
  const says = tooSalty
    ? lowestSauceKg > q.liquidKg
      ? say('salt.tooSaltyThin', {
          brings: strength(without.sauceShare),
          add: litres((lowestSauceKg - q.sauceKg) / WATER_KG_PER_L),
        })
      : say('salt.tooSalty', { brings: strength(without.sauceShare), stopAt: litres(lowestSauceKg / WATER_KG_PER_L) })
    : hold > 0.5 && q.when !== 'hold'
      ? say('salt.holdBack', {
          now: kg((q.addedG - hold) / 1000),
          all: kg(q.addedG / 1000),
          sauce: strength(balance.sauceShare),
          plate: kg(plateG / 1000),
        })
      : atEnd > 0.5
        ? say('salt.seasonLast', { grams: kg(atEnd / 1000), aim: strength(SAUCE_SALT.aim) })
        : say('salt.right');
  const nowG = q.when === 'hold' ? 0 : q.addedG - hold;
  const ends = (id: FigureOf<'season'>, value: number): Figure =>
    figure(`season.${id}`, value, 'saltStrength', 'estimate', [
      from('saltInAll', held.totalG / 1000, 'mass'),
      from('liquidWhenTender', q.liquidKg / WATER_KG_PER_L, 'volume'),
      from('sauce', q.sauceKg / WATER_KG_PER_L, 'volume'),
      from('evenedOutBetweenMeatAndLiquid', held.evened, 'share'),
      from('onTheHeat', q.minutes, 'minutes'),
      ...(q.coldHours > 0 ? [from('coldInItsLiquid', q.coldHours * 60, 'minutes')] : []),
    ]);
  return {
    toAdd: figure('season.toAdd', q.addedG / 1000, 'mass', 'practice', [
      from('netOffTheBone', edibleKg, 'mass'),
      from('onEachKilogram', edibleKg > 0 ? q.addedG / edibleKg : 0, 'gramsPerKg'),
      from('comesWithOtherThings', otherG / 1000, 'mass'),
    ]),
    now: figure('season.now', nowG / 1000, 'mass', 'estimate', [
      from('forTheWeight', q.addedG / 1000, 'mass'),
      from('heldBack', hold / 1000, 'mass'),
      from('sauceWithAllOfIt', balance.sauceShare, 'saltStrength'),
    ]),
    spoons: saltInSpoons(nowG, crystal),
    sources: q.sources,
    total: figure('season.total', held.totalG / 1000, 'mass', 'computed', [
      from('onTheMeat', nowG / 1000, 'mass'),
      ...q.sources.map((s) => from('source', s.grams / 1000, 'mass', { source: s.name })),
    ]),
    meat: ends('meat', held.meatShare),
    sauceBefore: ends('sauceBefore', held.sauceBeforeShare),
    sauce: ends('sauce', held.sauceShare),
    holdBack: figure('season.holdBack', hold / 1000, 'mass', 'estimate', [
      from('sauceWithAllOfIt', balance.sauceShare, 'saltStrength'),
      from('aim', SAUCE_SALT.aim, 'saltStrength'),
    ]),
    atEnd: figure('season.atEnd', atEnd / 1000, 'mass', 'estimate', [
      from('sauceByForecast', held.sauceShare, 'saltStrength'),
      from('aim', SAUCE_SALT.aim, 'saltStrength'),
      from('sauce', q.sauceKg / WATER_KG_PER_L, 'volume'),
    ]),
    atPlate: figure('season.atPlate', plateG / 1000, 'mass', 'estimate', [
      from('meatByForecast', held.meatShare, 'saltStrength'),
      from('wanted', MEAT_SALT, 'saltStrength'),
      from('cookedMeat', q.meatKg, 'mass'),
    ]),
    tooSalty,
    says,
  };
}
