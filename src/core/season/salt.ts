import { type Figure, input as from } from '../explain/figure';
import { SALT_CRYSTALS, type SaltCrystalId } from '../larder/seasoning';

/** Grams of salt on a kilogram of net boneless meat, ours. */
export const USUAL_SALT_G_PER_KG = 10;
/** The finished sauce tastes seasoned between these, as shares of its weight. */
export const SAUCE_SALT = { low: 0.007, aim: 0.0085, high: 0.01 } as const;
/** Cooked meat tastes seasoned from about here, as a share of its weight. */
const MEAT_SALT = 0.007;
/** Diffusion of salt in hot meat, m²/s. Literature's order of magnitude. */
const DIFFUSION_M2S = 1.5e-9;
const UPTAKE_FACTOR = 1.13;
/** How much of the salt put on meat is inside it when it meets the liquid. Modeller's judgement. */
const INSIDE: Readonly<Record<SaltTime, number>> = { overnight: 0.9, before: 0.3, after: 0.2, flour: 0.15, hold: 0 };

export type SaltTime = 'before' | 'overnight' | 'after' | 'flour' | 'hold';

export interface SaltSource {
  readonly label: string;
  readonly grams: number;
}

export interface SaltQuestion {
  /** Salt the cook puts on the meat, g. */
  readonly addedG: number;
  readonly when: SaltTime;
  /** Salt that comes with everything else, g. */
  readonly sources: readonly SaltSource[];
  /** Water in the cooked meat, kg, and the meat's weight, kg. */
  readonly meatWaterKg: number;
  readonly meatKg: number;
  /** Liquid in the pot when the meat is done, and what it is reduced to, kg. */
  readonly liquidKg: number;
  readonly sauceKg: number;
  /** Surface over volume of the pieces, 1/m. */
  readonly surfacePerM: number;
  readonly minutes: number;
}

export interface SaltBalance {
  readonly totalG: number;
  readonly inMeatG: number;
  readonly inSauceG: number;
  /** Shares of weight. */
  readonly meatShare: number;
  readonly sauceBeforeShare: number;
  readonly sauceShare: number;
  /** How far salt between meat and liquid has evened out, 0 to 1. */
  readonly evened: number;
}

/**
 * Where the salt ends up: meat takes it up, or gives it, towards an equal share of both waters, as far as diffusion
 * through its surface gets in the time; what stays in the liquid is concentrated by reducing. Grams in equal grams out.
 */
export function saltBalance(q: SaltQuestion): SaltBalance {
  const cooked = q.when === 'hold' ? 0 : q.addedG;
  const total = cooked + q.sources.reduce((sum, s) => sum + s.grams, 0);
  const inside = cooked * INSIDE[q.when];
  const evened = Math.min(1, UPTAKE_FACTOR * q.surfacePerM * Math.sqrt(DIFFUSION_M2S * q.minutes * 60));
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
  /** What the school puts on the meat, all told. */
  readonly toAdd: Figure;
  /** Of that, what goes on the meat now. */
  readonly now: Figure;
  readonly spoons: string;
  readonly sources: readonly SaltSource[];
  readonly total: Figure;
  readonly meat: Figure;
  readonly sauceBefore: Figure;
  readonly sauce: Figure;
  /** Of `toAdd`, to keep off until the sauce is reduced. */
  readonly holdBack: Figure;
  /** To sprinkle on the meat when it is lifted out. */
  readonly atPlate: Figure;
  /** To stir in at the end to reach the aim. */
  readonly atEnd: Figure;
  readonly says: string;
}

const tenth = (grams: number): string => String(grams < 10 ? Math.round(grams * 2) / 2 : Math.round(grams));

/** Grams as level spoons or pinches of a crystal. */
export function saltInSpoons(grams: number, crystalId: SaltCrystalId): string {
  const crystal = SALT_CRYSTALS[crystalId];
  const name = crystal.name.toLowerCase();
  if (grams < 0.2) return 'none';
  const spoons = grams / crystal.gramsPerTeaspoon;
  if (spoons < 0.25) {
    const pinches = Math.max(1, Math.round(grams / crystal.gramsPerPinch));
    return `${pinches === 1 ? 'a pinch' : `${String(pinches)} pinches`} of ${name}`;
  }
  const quarters = Math.round(spoons * 4) / 4;
  const whole = Math.floor(quarters);
  const rest = { 0: '', 0.25: '¼', 0.5: '½', 0.75: '¾' }[quarters - whole] ?? '';
  return `about ${whole === 0 ? '' : String(whole)}${rest} tsp ${name}, level`;
}

/** Grams of salt wanted on the meat: ours, halved where much comes with other things. */
export function usualSaltG(edibleKg: number, otherG: number): number {
  const full = USUAL_SALT_G_PER_KG * edibleKg;
  return otherG > full * 0.4 ? full / 2 : full;
}

/** Salt of the whole pot, what the sauce comes to, and what to do about it. */
export function saltPlan(q: SaltQuestion, edibleKg: number, crystal: SaltCrystalId): SaltPlan {
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
  const says =
    without.sauceShare > SAUCE_SALT.high
      ? `What else goes in brings ${(without.sauceShare * 100).toFixed(1)} % by itself: salt nothing, take unsalted stock, or stop reducing at ${String(Math.round(lowestSauceKg * 20) * 50)} ml.`
      : hold > 0.5 && q.when !== 'hold'
        ? `${tenth(q.addedG - hold)} g on the meat now: with all ${tenth(q.addedG)} g the reduced sauce would come to ${(balance.sauceShare * 100).toFixed(1)} %, and salt cannot be taken out. Season the meat as it is lifted out, about ${tenth(plateG)} g, and the sauce last.`
        : atEnd > 0.5
          ? `Season last: about ${String(Math.round(atEnd))} g brings the reduced sauce to ${(SAUCE_SALT.aim * 100).toFixed(2)} %. Taste first.`
          : 'It should come out seasoned; taste once it is reduced.';
  const strength = (label: string, value: number, formula: string): Figure => ({
    label,
    value,
    as: 'saltStrength',
    formula,
    inputs: [
      from('salt in all, g', held.totalG, 'number'),
      from('liquid when tender', q.liquidKg / 0.96, 'volume'),
      from('sauce', q.sauceKg / 0.96, 'volume'),
      from('evened out between meat and liquid', held.evened, 'share'),
      from('on the heat', q.minutes, 'minutes'),
    ],
    changes: 'Less salty stock, less reduction, smaller pieces (they take up more), more time.',
    sure: 'estimate',
  });
  return {
    toAdd: {
      label: 'Salt for the weight',
      value: q.addedG / 1000,
      as: 'mass',
      formula: 'Grams per kilogram times the net weight off the bone.',
      inputs: [
        from('net, off the bone', edibleKg, 'mass'),
        from('on each kilogram', edibleKg > 0 ? q.addedG / edibleKg : 0, 'gramsPerKg'),
        from('comes with other things, g', otherG, 'number'),
      ],
      changes: 'Salty stock, soy, cured pork, olives: then half. Weigh it: spoons of coarse and fine differ by half.',
      sure: 'practice',
    },
    now: {
      label: 'On the meat',
      value: q.when === 'hold' ? 0 : (q.addedG - hold) / 1000,
      as: 'mass',
      formula: 'Salt for the net weight, less what the reduced sauce could not bear: that waits for the last tasting.',
      inputs: [
        from('for the weight, g', q.addedG, 'number'),
        from('held back, g', hold, 'number'),
        from('sauce with all of it', balance.sauceShare, 'saltStrength'),
      ],
      changes: 'Unsalted stock and less reduction let more go on the meat. Salt cannot be taken out again.',
      sure: 'estimate',
    },
    spoons: saltInSpoons(q.when === 'hold' ? 0 : q.addedG - hold, crystal),
    sources: q.sources,
    total: {
      label: 'Salt in the pot',
      value: held.totalG / 1000,
      as: 'mass',
      formula: 'Everything that brings salt, added up.',
      inputs: [
        from('on the meat, g', q.when === 'hold' ? 0 : q.addedG - hold, 'number'),
        ...q.sources.map((s) => from(`${s.label}, g`, s.grams, 'number')),
      ],
      changes: 'Unsalted stock; less soy or cured pork.',
      sure: 'computed',
    },
    meat: strength(
      'Salt in the meat',
      held.meatShare,
      'Salt that has moved into the meat, by diffusion through its surface, over the meat’s cooked weight.',
    ),
    sauceBefore: strength('Salt, before reducing', held.sauceBeforeShare, 'Salt left in the liquid over the liquid.'),
    sauce: strength(
      'Salt, reduced',
      held.sauceShare,
      'Salt left in the liquid over the sauce it is reduced to: reducing loses water and no salt.',
    ),
    holdBack: {
      label: 'Left off for now',
      value: hold / 1000,
      as: 'mass',
      formula: 'What brings the reduced sauce from the forecast down to the aim.',
      inputs: [
        from('sauce with all of it', balance.sauceShare, 'saltStrength'),
        from('aim', SAUCE_SALT.aim, 'saltStrength'),
      ],
      changes: 'Less reduction, unsalted stock.',
      sure: 'estimate',
    },
    atEnd: {
      label: 'To add at the end',
      value: atEnd / 1000,
      as: 'mass',
      formula: 'What brings the reduced sauce up to the aim; nothing while it lies between 0.7 and 1 %.',
      inputs: [
        from('sauce by forecast', held.sauceShare, 'saltStrength'),
        from('aim', SAUCE_SALT.aim, 'saltStrength'),
        from('sauce', q.sauceKg / 0.96, 'volume'),
      ],
      changes: 'Taste decides: the forecast is good to about a fifth.',
      sure: 'estimate',
    },
    atPlate: {
      label: 'On the meat, lifted out',
      value: plateG / 1000,
      as: 'mass',
      formula: 'What brings the cooked meat from the forecast up to 0.7 % of its weight.',
      inputs: [
        from('meat by forecast', held.meatShare, 'saltStrength'),
        from('wanted', MEAT_SALT, 'saltStrength'),
        from('cooked meat', q.meatKg, 'mass'),
      ],
      changes: 'More on it now, if the sauce is reduced less. Taste a piece with its sauce first.',
      sure: 'estimate',
    },
    says,
  };
}
