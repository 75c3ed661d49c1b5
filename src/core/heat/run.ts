import { type BodySetup, geometryOf } from './body';
import { dryPreCookDurations, type DryPreCookResult, runDryPreCook } from './dryPreCook';
import { emptyTraces, LIQUID_HEAT_JKGK, type SimulationTrace, type RunSetup } from './trace';
import { DetailRecorder, type DetailSeries } from './detail';
import { dryingLaw, lookUp } from './drying';
import { VegetableWaterRelease } from './vegetableWater';
import {
  AMBIENT_C,
  BEHIND_DOOR,
  CONDENSING_WK,
  CONDUCTANCE_WK,
  DEW_C,
  EXPOSURE_SCALE,
  gasConductanceWK,
  HEADSPACE_DROP_K,
  THERMOSTATIC,
  HOLD_C,
  LID_LEAK,
  MASS_TRANSFER,
  packPhase,
  PHASE_SIZE,
  POWER_W,
  TOP_RESISTANCE,
} from './phase';
import { loadShells, type Shells } from './shells';
import { StageClock } from './stageClock';
import { type Reading, type TimeGrid, type TopUp } from './timeGrid';
import { boilingPointC, latentHeatJKg } from './water';
import { numbers } from '../numbers';
import { JUICE_TIME_S, tabulatedJuiceShare } from '../tenderness';

/** The pot's own heat capacity equals at least this much liquid, kg: no pot is without a film. */
const MIN_LIQUID_KG = 0.02;
/** Below this the pot starts to run dry: the contents no longer wet all the meat, kg. */
const SCANT_KG = 0.15;
/** Heat-transfer coefficient between the hot air and walls of a dry pot and the meat, W/m²K. Estimate, no source. */
const DRY_FILM = 15;
/** How far below the boil liquid is still, and simmers, K: in between, its coefficient is linear. */
const STILL_K = 10;
const SIMMERING_K = 3;

/** A run with everything a drawing or a proof needs. */
export type DetailedTrace = SimulationTrace & DetailSeries;

/** Cells per piece: the validated production grid, and the coarse one for many particles. */
export const PLAIN_CELLS = 40;
export const FAST_CELLS = 14;

/**
 * Solves conduction in every piece together with the pot's energy and water balance, exactly conservative, by implicit
 * Euler on `grid`. Result arrays have `grid.count` entries. Throws `RangeError` if there is no piece or no phase.
 */
export function runBraise(setup: RunSetup, grid: TimeGrid, cells: number): SimulationTrace {
  const [course] = emptyTraces(1, setup.bodies.length, grid.count);
  runInto(setup, grid, cells, course as SimulationTrace);
  return course as SimulationTrace;
}

/** The same with everything a drawing or a proof needs. */
export function runDetailed(setup: RunSetup, grid: TimeGrid, cells: number): DetailedTrace {
  const [course] = emptyTraces(1, setup.bodies.length, grid.count);
  const detail = new DetailRecorder(setup.bodies.length, cells, grid.count);
  runInto(setup, grid, cells, course as SimulationTrace, detail);
  return { ...(course as SimulationTrace), ...detail.result() };
}

/** The surroundings in the current step. */
const around = new Float64Array(PHASE_SIZE);

/**
 * Runs the problem into a trace allocated for it. One flat loop on local numbers: a forecast passes through it a
 * hundred thousand times, and a number handed from one function to another would be allocated each time.
 */
export function runInto(
  setup: RunSetup,
  grid: TimeGrid,
  cells: number,
  course: SimulationTrace,
  detail?: DetailRecorder,
): void {
  if (setup.bodies.length === 0) throw new RangeError('A braise needs at least one piece.');
  if (setup.stages.length === 0) throw new RangeError('A braise needs at least one heat phase.');
  const { pressurePa, vesselHeatJK, surfaceM2 } = setup;
  const [stillFilm, simmeringFilm, boilingFilm] = setup.liquidFilm;
  const boilC = boilingPointC(pressurePa);
  const bodies = setup.bodies.length;
  const lengths =
    setup.history.length === 0
      ? grid.lengths
      : Float64Array.from([...grid.lengths, ...dryPreCookDurations(setup.history)]);
  const shells = loadShells(setup.bodies, cells, lengths);
  const { slow, lost: juice } = startPieces(setup, lengths, shells, cells, detail);
  const { film, offset, gain, mean, temp, forward, backward, slowCookRate } = shells;
  const body = (of: (setup: BodySetup, g: number) => number): Float64Array =>
    numbers(bodies, (g) => of(setup.bodies[g] as BodySetup, g));
  const outside = body((b) => 1 - b.submergedFraction);
  const edibleKg = body((b) => b.edibleKg);
  const maxJuice = body((b) => b.maxJuiceFraction);
  const coreAt = body((b, g) => g * cells + geometryOf(b.pieces, cells).firstMeat);
  const rate = body((_, g) => slowCookRate(g));
  const settling = grid.lengths.map((stepS) => 1 - Math.exp(-stepS / JUICE_TIME_S));
  const stages = new StageClock(setup.stages, slow, setup.liquidTempC);
  const givers = new VegetableWaterRelease(setup.vegetables, grid);

  let liquidC = setup.liquidTempC;
  // Poured liquid that has not steamed off has heat capacity; what meat and vegetables released has none. Once no
  // poured liquid is left, steam is taken from what they released.
  let ownKg = setup.liquidKg;
  let givenKg = 0;
  let goneKg = 0;
  let key = -1;
  let law = dryingLaw(pressurePa, 0);
  course.dryS = Infinity;

  for (let step = 0; step < grid.count; step++) {
    const stepS = grid.stepS[step] as number;
    const endS = grid.endS[step] as number;
    const length = grid.length[step] as number;
    const keyNow = grid.key[step] as number;
    if (stages.advance(endS - stepS, liquidC, ownKg + givenKg) || keyNow !== key) {
      key = keyNow;
      const phase = stages.phase(key);
      law = dryingLaw(pressurePa, phase.ambientVapourPa);
      packPhase(phase, around);
    }
    const read = grid.reading[step] as number;
    if (read >= 0) {
      const { liquidKg, liquidC: readC } = setup.readings[read] as Reading;
      if (readC !== undefined) liquidC = readC;
      if (liquidKg !== undefined) {
        ownKg = Math.max(0, Math.min(liquidKg, liquidKg - givenKg));
        givenKg = liquidKg - ownKg;
      }
    }
    const poured = grid.topUp[step] as number;
    if (poured >= 0) {
      // It mixes with pot and liquid at once.
      const { massKg, tempC } = setup.topUps[poured] as TopUp;
      const held = vesselHeatJK + LIQUID_HEAT_JKGK * Math.max(ownKg, MIN_LIQUID_KG);
      const added = LIQUID_HEAT_JKGK * massKg;
      liquidC = (held * liquidC + added * tempC) / (held + added);
      ownKg += massKg;
    }

    // Heat exchange of the pieces with the liquid, as far as it wets them: what all would give to a liquid at 0 °C, W,
    // and absorb per kelvin above, W/K.
    const standingKg = Math.max(0, ownKg + givenKg);
    const wet = standingKg >= SCANT_KG ? 1 : standingKg / SCANT_KG;
    const capacity = (vesselHeatJK + LIQUID_HEAT_JKGK * Math.max(ownKg, MIN_LIQUID_KG)) / stepS;
    const dropK = around[HEADSPACE_DROP_K] as number;
    const belowBoilK = boilC - liquidC;
    let liquidFilm = stillFilm;
    if (belowBoilK <= 0) liquidFilm = boilingFilm;
    else if (belowBoilK < SIMMERING_K)
      liquidFilm = simmeringFilm + ((boilingFilm - simmeringFilm) * (SIMMERING_K - belowBoilK)) / SIMMERING_K;
    else if (belowBoilK < STILL_K)
      liquidFilm = stillFilm + ((simmeringFilm - stillFilm) * (STILL_K - belowBoilK)) / (STILL_K - SIMMERING_K);
    const under = 1 / liquidFilm;
    const above = ((around[TOP_RESISTANCE] as number) - under) * (around[EXPOSURE_SCALE] as number);
    let piecesW = 0;
    let piecesWK = 0;
    for (let g = 0; g < bodies; g++) {
      const resistance = under + (outside[g] as number) * above;
      forward(g, length, wet === 1 ? resistance : 1 / (wet / resistance + (1 - wet) * DRY_FILM));
      const filmWK = film[g] as number;
      piecesW += filmWK * (offset[g] as number);
      piecesWK += filmWK * (1 - (gain[g] as number));
    }

    // The pot's balance: final liquid temperature, and steam.
    const leak = grid.lidOff[step] === 1 ? 1 : (around[LID_LEAK] as number);
    const wetting = leak * surfaceM2 * pressurePa * (around[MASS_TRANSFER] as number);
    let nextC: number;
    let latent: number;
    let steamW: number;
    let suppliedW: number;
    let netW: number;
    // Surroundings of the pieces over the step: liquid between two temperatures, or held at one.
    let feltC: number;
    if (around[THERMOSTATIC] === 1) {
      // The cook keeps the liquid at its temperature: the heat that takes.
      nextC = Math.min(around[HOLD_C] as number, boilC);
      latent = latentHeatJKg(nextC);
      steamW = Math.max(0, wetting * lookUp(law.drive, nextC) * latent);
      const mostW = (standingKg * latent) / stepS;
      if (steamW > mostW) {
        steamW = mostW;
        course.dryS = Math.min(course.dryS, endS);
      }
      feltC = nextC - dropK;
      netW = capacity * (nextC - liquidC) + piecesWK * feltC - piecesW + steamW;
      suppliedW = netW + (around[CONDUCTANCE_WK] as number) * (nextC - (around[AMBIENT_C] as number));
    } else {
      // Heat flows freely. At the boil all surplus makes steam; water that is not there cannot, and the heat goes into
      // the pot instead.
      const gasC = (around[AMBIENT_C] as number) - (around[BEHIND_DOOR] as number) * (grid.airDropK[step] as number);
      let conductance = (around[CONDUCTANCE_WK] as number) + gasConductanceWK(around, gasC, liquidC);
      suppliedW = conductance * gasC + (around[POWER_W] as number);
      const dewC = around[DEW_C] as number;
      if (liquidC < dewC) {
        const condensing = around[CONDENSING_WK] as number;
        conductance += condensing;
        suppliedW += condensing * dewC;
      }
      latent = latentHeatJKg(liquidC);
      const base = wetting * latent * lookUp(law.drive, liquidC);
      const slope = wetting * latent * lookUp(law.slope, liquidC);
      const numerator = capacity * liquidC + suppliedW + piecesW + piecesWK * (dropK - liquidC / 2);
      const given = capacity + conductance + piecesWK / 2;
      nextC = (numerator - base + slope * liquidC) / (given + slope);
      steamW = base + slope * (nextC - liquidC);
      if (steamW < 0) {
        steamW = 0;
        nextC = numerator / given;
      }
      if (nextC > boilC) {
        nextC = boilC;
        latent = latentHeatJKg(boilC);
        steamW = numerator - given * nextC;
      }
      const mostW = (standingKg * latent) / stepS;
      if (steamW > mostW) {
        steamW = mostW;
        nextC = (numerator - mostW) / given;
        course.dryS = Math.min(course.dryS, endS);
      }
      feltC = (liquidC + nextC) / 2 - dropK;
      netW = suppliedW - conductance * nextC;
    }

    // The pieces updated from their new surroundings, and the resulting temperatures.
    detail?.before(liquidC);
    const halfMin = stepS / 120;
    const settled = settling[length] as number;
    let juiceKg = 0;
    for (let g = 0; g < bodies; g++) {
      backward(g, length, feltC);
      const before = rate[g] as number;
      const after = slowCookRate(g);
      const cooked = (slow[g] as number) + (before + after) * halfMin;
      rate[g] = after;
      slow[g] = cooked;
      const more = (tabulatedJuiceShare(mean[g] as number) * (maxJuice[g] as number) - (juice[g] as number)) * settled;
      if (more > 0) {
        juice[g] = (juice[g] as number) + more;
        juiceKg += more * (edibleKg[g] as number);
      }
      (course.slowCookValue[g] as Float64Array)[step] = cooked;
      (course.coreC[g] as Float64Array)[step] = temp[coreAt[g] as number] as number;
    }

    const steamKg = (steamW * stepS) / latent;
    const ofOwnKg = Math.min(steamKg, ownKg);
    ownKg -= ofOwnKg;
    givenKg = Math.max(-ownKg, givenKg + juiceKg + givers.in(step, nextC) - (steamKg - ofOwnKg));
    goneKg += steamKg;
    liquidC = nextC;
    course.liquidC[step] = nextC;
    course.liquidKg[step] = ownKg + givenKg;
    course.evaporatedKg[step] = goneKg;
    detail?.after(step, juice, { stepS, suppliedW, netW, evaporationW: steamW, capacityWK: capacity, nextC });
  }
}

/** The pieces as the pot meets them, after anything before it. */
function startPieces(
  setup: RunSetup,
  lengths: Float64Array,
  shells: Shells,
  cells: number,
  detail: DetailRecorder | undefined,
): DryPreCookResult {
  detail?.begin(shells, setup.bodies);
  const bare = runDryPreCook(
    shells,
    cells,
    setup.bodies,
    setup.history,
    setup.pressurePa,
    (stepS) => lengths.indexOf(stepS),
    detail
      ? (stepS) => {
          detail.bare(stepS);
        }
      : undefined,
  );
  detail?.entersPot(bare.heatJ, bare.lost);
  return bare;
}
