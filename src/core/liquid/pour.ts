import { alcoholG, LATE_POUR_MIN } from './alcohol';
import { ROOM_C, TAP_C } from '../material';
import { figure, type Figure, input as from, type Message, minutes as time, say } from '../message';
import { latentHeatJKg, WATER_KG_PER_L } from '../heat';
import { isReducible, type Liquid, liquidById } from '../larder';
import { type PlanInput, type TechniqueOption, WINE_LEFT } from '../choices';

export interface PourInput {
  /** Litres at the wanted level, in total. */
  readonly wantedL: number;
  readonly parts: PlanInput['liquid']['parts'];
  readonly fillerId: string;
  readonly fillerStrength: number;
  readonly reduce: TechniqueOption<'reduce'>;
  /** Inside area of the pot's base, m². */
  readonly baseM2: number;
  /** Burner power into the pot, W. */
  readonly powerW: number;
}

/** One addition, in the order they go in. */
export interface LiquidAddition {
  readonly liquid: Liquid;
  /** As it comes from the bottle or jug. */
  readonly pouredL: number;
  /** What of it is in the pot when the meat goes in. */
  readonly inPotL: number;
  readonly note: Message | undefined;
}

export interface PouredPlan {
  readonly pours: readonly LiquidAddition[];
  /** Liquid added `LATE_POUR_MIN` before the end. */
  readonly late: readonly LiquidAddition[];
  /** Litres in the pot when the meat goes in. */
  readonly totalL: number;
  readonly wine: {
    readonly pouredL: number;
    readonly target: Figure;
    readonly minutes: Figure;
    readonly depthBeforeMm: number;
    readonly depthAfterMm: number;
  } | null;
  /** Pure alcohol as it comes from the bottles, g; and the part added late. */
  readonly alcoholG: number;
  readonly lateAlcoholG: number;
  readonly saltG: number;
  readonly sugarG: number;
  readonly gelatinG: number;
  readonly acid: boolean;
  /** Temperature of the mixed liquid, °C, if only what was reduced is hot. */
  readonly mixedC: number;
}

/** Heat lost through the open top and the walls, each as large as the base. Estimate, no source. */
const OPEN_POT_LOSS_WM2K = 18;
const BOILING_C = 100;
/** Wine that has just been reduced. */
const HOT_C = 95;

/** Minutes to boil off `litres` from a pot of base `baseM2` on a burner of `powerW`; Infinity if it cannot. */
export function boilAwayMinutes(litres: number, powerW: number, baseM2: number): number {
  const net = powerW - OPEN_POT_LOSS_WM2K * baseM2 * 2 * (BOILING_C - ROOM_C);
  if (net <= 0) return litres > 0 ? Infinity : 0;
  return (Math.max(0, litres) * WATER_KG_PER_L * latentHeatJKg(BOILING_C)) / net / 60;
}

/** How the wanted litres are made up: measured liquids first, wine reduced, the filler up to the level. */
export function liquidPlan(q: PourInput): PouredPlan {
  const left = WINE_LEFT[q.reduce];
  const measured = q.parts
    .filter((p) => p.when === 'start')
    .map(({ id, litres }): LiquidAddition => {
      const liquid = liquidById(id);
      const boils = isReducible(liquid) && left < 1;
      return {
        liquid,
        pouredL: litres,
        inPotL: boils ? litres * left : litres,
        note: boils ? say('pour.boilDown') : undefined,
      };
    });
  const late = q.parts
    .filter((p) => p.when === 'late' && p.litres > 0)
    .map(({ id, litres }): LiquidAddition => {
      const liquid = liquidById(id);
      const note = say(liquid.alcohol > 0 ? 'pour.lateWine' : 'pour.late', { time: time(LATE_POUR_MIN) });
      return { liquid, pouredL: litres, inPotL: litres, note };
    });
  const sum = measured.reduce((total, p) => total + p.inPotL, 0);
  const fillL = Math.max(0, q.wantedL - sum);
  const filler = liquidById(q.fillerId);
  const fill: LiquidAddition[] = [];
  if (fillL > 0.0005) {
    const strong = filler.id === 'water' ? 1 : q.fillerStrength;
    if (strong > 0) {
      fill.push({ liquid: filler, pouredL: fillL * strong, inPotL: fillL * strong, note: say('pour.hotToTheLine') });
    }
    if (strong < 1) {
      const waterL = fillL * (1 - strong);
      fill.push({ liquid: liquidById('water'), pouredL: waterL, inPotL: waterL, note: say('pour.thinsStock') });
    }
  }
  const rank = (p: LiquidAddition): number =>
    isReducible(p.liquid) ? 0 : p.liquid.kind === 'tomato' ? 1 : p.liquid.kind === 'seasoning' ? 3 : 2;
  // Part of the filler may have been measured out: it is one addition.
  const same = fill.length > 0 ? measured.find((p) => p.liquid === filler && !isReducible(filler)) : undefined;
  const filled = same
    ? fill.map((p) =>
        p.liquid === filler ? { ...p, pouredL: p.pouredL + same.pouredL, inPotL: p.inPotL + same.inPotL } : p,
      )
    : fill;
  const first = measured.filter((p) => p !== same || !filled.some((f) => f.liquid === filler));
  const pours = [...first.sort((a, b) => rank(a) - rank(b)), ...filled].filter((p) => p.pouredL > 0);
  const totalL = pours.reduce((total, p) => total + p.inPotL, 0);
  const wines = measured.filter((p) => isReducible(p.liquid) && p.pouredL > 0);
  const wineL = wines.reduce((total, p) => total + p.pouredL, 0);
  const goneL = wineL * (1 - left);
  const minutes = boilAwayMinutes(goneL, q.powerW, q.baseM2);
  const gramsIn = (poured: readonly LiquidAddition[]): number =>
    poured.reduce((total, p) => total + alcoholG(p.pouredL, p.liquid.alcohol), 0);
  const each = (pick: (l: Liquid) => number): number =>
    [...pours, ...late].reduce((total, p) => total + p.pouredL * pick(p.liquid), 0);
  return {
    pours,
    totalL,
    wine:
      wineL > 0
        ? {
            pouredL: wineL,
            target: figure('liquid.target', wineL * left, 'volume', 'computed', [
              from('poured', wineL, 'volume'),
              from('left', left, 'share'),
            ]),
            minutes: figure('liquid.minutes', minutes, 'minutes', 'estimate', [
              from('toDriveOff', goneL, 'volume'),
              from('reachesThePot', q.powerW, 'power'),
              from('potsBase', q.baseM2, 'area'),
            ]),
            depthBeforeMm: wineL / q.baseM2,
            depthAfterMm: (wineL * left) / q.baseM2,
          }
        : null,
    alcoholG: gramsIn([...measured, ...late]),
    lateAlcoholG: gramsIn(late),
    saltG: each((l) => l.saltGPerL),
    sugarG: each((l) => l.sugarGPerL),
    gelatinG: each((l) => l.gelatinGPerL),
    late,
    acid: [...pours, ...late].some((p) => p.liquid.acid && p.inPotL > 0.05),
    mixedC: mixedTempC(pours, left < 1),
  };
}

function mixedTempC(pours: readonly LiquidAddition[], reduced: boolean): number {
  const total = pours.reduce((sum, p) => sum + p.inPotL, 0);
  if (total <= 0) return TAP_C;
  return pours.reduce((sum, p) => sum + p.inPotL * (isReducible(p.liquid) && reduced ? HOT_C : TAP_C), 0) / total;
}
