import { boilingPointC, latentHeatJKg, pressureAtAltitudePa, roomAirOver, surfaceFlow, wallsLossW } from '../heat';
import { POT_MATTER, type PotMaterial } from '../larder';
import { potBaseM2, potRimM, type PotShape, potSpanM, ROOM_C, wallThicknessM } from '../material';
import { starchFor, viscosityMPaS } from './thicken';
import { MINUTE_MS } from '../quantity';

/** What is reduced, in which pan, on how much heat. SI units. */
export interface ReduceInput {
  readonly pan: PotShape & { readonly massKg: number; readonly material: PotMaterial };
  readonly litres: number;
  /** Sugar, gelatin, starch and other solids, kg. */
  readonly solidsKg: number;
  readonly startC: number;
  /** Power reaching the pan, W. */
  readonly powerW: number;
  /** Starch in it, g as corn starch; gelatin, g. */
  readonly starchG: number;
  readonly gelatinG: number;
  readonly stirred?: boolean;
  /** Fat left on the surface holds back steam. */
  readonly fatFilm?: boolean;
  readonly altitudeM: number;
  /** Where to stop: the first of these reached. */
  readonly target: {
    readonly litres?: number;
    readonly viscosity?: number;
    /** Salt in it, g, and the limit as a share. */
    readonly salt?: { readonly grams: number; readonly most: number };
  };
}

export interface ReduceResult {
  readonly minutes: number;
  readonly litres: number;
  readonly tempC: number;
  readonly viscosity: number;
  readonly depthMm: number;
  readonly halfWayMin: number;
  /** Which limit stopped it. */
  readonly bound: 'volume' | 'thickness' | 'salt' | 'nothing';
}

/** The least volume each limit allows, l, and which one binds. */
export function reduceTo({ litres, starchG, gelatinG, target }: ReduceInput): Pick<ReduceResult, 'litres' | 'bound'> {
  const ends: Pick<ReduceResult, 'litres' | 'bound'>[] = [{ litres: 0, bound: 'nothing' }];
  if (target.litres !== undefined) ends.push({ litres: target.litres, bound: 'volume' });
  if (target.salt && target.salt.grams > 0) {
    ends.push({ litres: target.salt.grams / (1000 * target.salt.most), bound: 'salt' });
  }
  if (target.viscosity !== undefined) {
    ends.push({ litres: volumeAt(target.viscosity, starchG, gelatinG, litres), bound: 'thickness' });
  }
  const end = ends.reduce((most, e) => (e.litres > most.litres ? e : most));
  return end.litres >= litres ? { litres, bound: end.bound } : end;
}

/** Volume at which its contents give this thickness, l; 0 if none. */
function volumeAt(viscosity: number, starchG: number, gelatinG: number, from: number): number {
  if (starchG <= 0 && gelatinG <= 0) return 0;
  let low = 1e-4;
  let high = from;
  if (viscosityMPaS(starchG / high, gelatinG / high) >= viscosity) return from;
  for (let i = 0; i < 60; i++) {
    const middle = (low + high) / 2;
    if (starchG / middle >= starchFor(viscosity, gelatinG / middle)) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

const DENSITY_KG_L = 0.97;
/** Litres taken up per kilogram of solids, over the density. */
const SOLIDS_L_KG = 0.6;
const WATER_HEAT = 4180;
const SOLIDS_HEAT = 1500;
/** Viscosity of hot water, mPa s: thicker liquid brings less heat up to its surface. */
const CLEAR_MPAS = 0.35;
/** Heat flux a base can take without spattering and scorching, W/m². Estimate, no source. */
const MAX_FLUX = MINUTE_MS;
const FAT_FILM = 0.2;
const SKIN = 0.6;
const SKIN_FROM_MPAS = 150;

/** Steps of the trace; halving them changes no case by one percent. */
const STEP_S = 5;
const LONGEST_S = 12 * 3600;

/**
 * How long a sauce takes to reduce, and where it stops. The pan is open and on the burner; below the boil it steams
 * from its surface, at the boil all surplus heat makes steam. Thick sauce takes less heat without scorching, so the
 * last minutes are slow. Source: docs/model.md, “After the heat”; the heat limits and the skin are estimates.
 * `Infinity` minutes if not there within twelve hours.
 */
export function reduce(q: ReduceInput): ReduceResult {
  const { pan, solidsKg, starchG, gelatinG } = q;
  const end = reduceTo(q);
  const pressure = pressureAtAltitudePa(q.altitudeM);
  const boilC = boilingPointC(pressure);
  const base = potBaseM2(pan);
  const rim = potRimM(pan);
  const matter = POT_MATTER[pan.material];
  const vesselJK = pan.massKg * matter.heatJKgK;
  const spanM = potSpanM(pan);
  const shell = {
    heightM: pan.heightM,
    spanM,
    baseM2: base,
    wallThicknessM: wallThicknessM(pan),
    material: pan.material,
  };
  const volume = (waterKg: number): number => (waterKg + SOLIDS_L_KG * solidsKg) / DENSITY_KG_L;
  let waterKg = q.litres * DENSITY_KG_L - SOLIDS_L_KG * solidsKg;
  let tempC = Math.min(q.startC, boilC);
  const half = (q.litres + end.litres) / 2;
  let seconds = 0;
  let halfS = 0;
  const reached = (): boolean => volume(waterKg) <= end.litres + 1e-9;
  while (!reached() && seconds < LONGEST_S) {
    const litres = volume(waterKg);
    const viscosity = viscosityMPaS(starchG / litres, gelatinG / litres);
    const level = Math.min(pan.heightM, litres / 1000 / base);
    const dry = pan.heightM - level;
    const film = 200 + 400 * Math.min(1, Math.max(0, (tempC - (boilC - 3)) / 3));
    const skin = viscosity > SKIN_FROM_MPAS && !q.stirred && tempC < boilC - 0.01 ? SKIN : 1;
    const surface = surfaceFlow(
      {
        areaM2: base,
        pressurePa: pressure,
        liquidTransfer: Math.cbrt(CLEAR_MPAS / Math.max(CLEAR_MPAS, viscosity)),
        air: roomAirOver(dry, spanM, { transfer: skin * (q.fatFilm ? FAT_FILM : 1) }),
      },
      tempC,
    );
    const walls = { ...shell, wetSideM2: rim * level, drySideM2: rim * dry };
    const wallW = wallsLossW(walls, { airC: ROOM_C, lid: false, stand: 'burner', inner: film }, tempC);
    const lostW = wallW + surface.lossW - surface.steamKgS * latentHeatJKg(tempC);
    const steamKgS = surface.steamKgS;
    const latent = latentHeatJKg(tempC);
    const most = MAX_FLUX * Math.min(1, (5 / viscosity) ** 0.6) * (q.stirred ? 1.5 : 1) * base;
    const powerW = Math.min(q.powerW, most);
    const heatJK = vesselJK + WATER_HEAT * waterKg + SOLIDS_HEAT * solidsKg;
    const surplusW = powerW - lostW - steamKgS * latent;
    let goneKgS = steamKgS;
    let nextC = tempC + (surplusW * STEP_S) / heatJK;
    if (nextC >= boilC) {
      // Heat used to reach the boil within the step makes no steam.
      const boilingW = surplusW - ((boilC - tempC) * heatJK) / STEP_S;
      goneKgS += Math.max(0, boilingW) / latent;
      nextC = boilC;
    }
    const before = litres;
    const nextWater = waterKg - goneKgS * STEP_S;
    const after = volume(nextWater);
    if (before > half && after <= half) halfS = seconds + (STEP_S * (before - half)) / (before - after);
    if (after <= end.litres) {
      seconds += (STEP_S * (before - end.litres)) / (before - after);
      waterKg = end.litres * DENSITY_KG_L - SOLIDS_L_KG * solidsKg;
      tempC = nextC;
      break;
    }
    seconds += STEP_S;
    waterKg = nextWater;
    tempC = nextC;
  }
  const litres = volume(waterKg);
  return {
    minutes: reached() ? seconds / 60 : Infinity,
    litres,
    tempC,
    viscosity: viscosityMPaS(starchG / litres, gelatinG / litres),
    depthMm: litres / base,
    halfWayMin: halfS / 60,
    bound: end.bound,
  };
}

/** Error of the reducing time: 10th and 90th percentile, as factors. */
export const REDUCE_RANGE = [0.67, 1.5] as const;

/** Share of alcohol left after this long at the boil and this much loss: a boiling pot distils. Never 0. */
export function alcoholAfter(byTime: number, leftShare: number): number {
  return Math.max(0.02, Math.min(byTime, leftShare ** 5));
}
