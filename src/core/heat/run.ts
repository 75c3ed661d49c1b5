import { type BodySetup, geometryOf } from './body';
import { dryPreCookDurations, type DryPreCookResult, runDryPreCook } from './dryPreCook';
import { emptyTraces, LIQUID_HEAT_JKGK, type SimulationTrace, type RunSetup } from './trace';
import { DetailRecorder, type DetailSeries } from './detail';
import { dryingLaw, lookUp } from './drying';
import { AIR_WK, COOLER_K, FLOW_COLUMNS, flowPosition, type FlowTable, nodesPerKelvin, STEAM_KGS } from './flowTable';
import { VegetableWaterRelease } from './vegetableWater';
import {
  AMBIENT_C,
  BEHIND_DOOR,
  CONDENSING_WK,
  DEW_C,
  EXPOSURE_SCALE,
  gasConductanceWK,
  HEADSPACE_DROP_K,
  THERMOSTATIC,
  WALLS_FACTOR,
  HOLD_C,
  LID_LEAK,
  MASS_TRANSFER,
  packPhase,
  PHASE_SIZE,
  POWER_W,
  TOP_RESISTANCE,
} from './phase';
import { Rewind } from './rewind';
import { loadShells, type Shells } from './shells';
import { StageClock } from './stageClock';
import { allowedStep, type Reading, type TimeGrid, type TopUp } from './timeGrid';
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

/** Why a part of a step ended where it did. */
const GRID = 0;
const STAGE_OVER = 1;
const RUNS_LOW = 2;
const RUNS_DRY = 3;
/** No part of a step is shorter, s. */
const SHORTEST_S = 1;
/** A pot with less than this is as good as dry, kg. */
const DROP_KG = 0.005;
/** Steps stay short for this long after the pot changed by itself, s. */
const SHORT_FOR_S = 1800;
/** A pot that is low loses no more than this in one part, kg: it wets less and less of its meat. */
const EBB_KG = 0.03;
/** A pot that hovers about running low does so anew only after this long, s. */
const LOW_AGAIN_S = 1800;
/** The balance is solved to this, K; its tables are linear between nodes, so that Newton ends exactly. */
const SOLVED_K = 1e-10;
const MOST_TRIES = 40;
/** Nothing in a pot gets colder or hotter, °C. */
const COLDEST_C = -40;
const HOTTEST_C = 1500;

/**
 * Runs the problem into a trace allocated for it. One flat loop on local numbers: a forecast passes through it a
 * hundred thousand times, and a number handed from one function to another would be allocated each time. A step in
 * which the pot itself ends a stage, runs low or runs dry is taken in parts: up to that moment, and short ones after it.
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
  // The last length stands for whatever a part of a step needs.
  const before = dryPreCookDurations(setup.history);
  const anyLength = grid.lengths.length + before.length;
  const lengths = new Float64Array(anyLength + 1);
  lengths.set(grid.lengths);
  lengths.set(before, grid.lengths.length);
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
  const givers = new VegetableWaterRelease(setup.vegetables);
  const rewind = stages.several ? new Rewind(shells, givers, { slow, rate, juice }) : undefined;

  let liquidC = setup.liquidTempC;
  // Poured liquid that has not steamed off has heat capacity; what meat and vegetables released has none. Once no
  // poured liquid is left, steam is taken from what they released.
  let ownKg = setup.liquidKg;
  let givenKg = 0;
  let goneKg = 0;
  let key = -1;
  let law = dryingLaw(pressurePa, 0);
  let walls: FlowTable | undefined;
  let surface: FlowTable | undefined;
  /** When the pot itself last changed its state, s. */
  let changedS = -1;
  let lowS = -Infinity;
  course.dryS = Infinity;

  for (let step = 0; step < grid.count; step++) {
    const stepS = grid.stepS[step] as number;
    const endS = grid.endS[step] as number;
    const keyNow = grid.key[step] as number;
    const airDropK = grid.airDropK[step] as number;
    let fromS = endS - stepS;
    let begins = keyNow !== key;
    if (stages.advance(fromS, liquidC, ownKg + givenKg)) {
      begins = true;
      changedS = stages.ownMoment ? fromS : -1;
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

    // The step, or the parts of it: each as long as nothing but the grid, or the pot, ends it.
    let partS = 0;
    let endedBy = GRID;
    while (endS - fromS > 1e-6) {
      if (begins) {
        begins = false;
        key = keyNow;
        const phase = stages.phase(key);
        law = dryingLaw(pressurePa, phase.ambientVapourPa);
        walls = phase.walls;
        surface = phase.surface;
        packPhase(phase, around);
      }
      if (endedBy === GRID) {
        partS = endS - fromS;
        if (changedS >= 0) {
          if (fromS - changedS < SHORT_FOR_S) partS = Math.min(partS, allowedStep(grid.rules, fromS - changedS));
          else changedS = -1;
        }
        if (stages.several && stages.endS > fromS) partS = Math.min(partS, stages.endS - fromS);
        if (endS - fromS - partS < SHORTEST_S) partS = endS - fromS;
      }
      const whole = partS === stepS;
      const length = whole ? (grid.length[step] as number) : anyLength;
      if (!whole) shells.relength(anyLength, partS);
      const watched = endedBy === GRID && stages.endsByPot ? rewind : undefined;

      // Heat exchange of the pieces with the liquid, as far as it wets them: what all would give to a liquid at 0 °C, W,
      // and absorb per kelvin above, W/K.
      const standingKg = Math.max(0, ownKg + givenKg);
      const wet = standingKg >= SCANT_KG ? 1 : standingKg / SCANT_KG;
      const capacity = (vesselHeatJK + LIQUID_HEAT_JKGK * Math.max(ownKg, MIN_LIQUID_KG)) / partS;
      const dropK = around[HEADSPACE_DROP_K] as number;
      const exposure = around[EXPOSURE_SCALE] as number;
      const belowBoilK = boilC - liquidC;
      let liquidFilm = stillFilm;
      if (belowBoilK <= 0) liquidFilm = boilingFilm;
      else if (belowBoilK < SIMMERING_K)
        liquidFilm = simmeringFilm + ((boilingFilm - simmeringFilm) * (SIMMERING_K - belowBoilK)) / SIMMERING_K;
      else if (belowBoilK < STILL_K)
        liquidFilm = stillFilm + ((simmeringFilm - stillFilm) * (STILL_K - belowBoilK)) / (STILL_K - SIMMERING_K);
      const under = 1 / liquidFilm;
      const above = ((around[TOP_RESISTANCE] as number) - under) * exposure;
      // What stands out of an open pot is cooler than its liquid; and what is dry there gains from the air alone.
      let coolerK = 0;
      let airWK = 0;
      if (surface !== undefined) {
        const position = flowPosition(liquidC);
        const node = position | 0;
        const at = node * FLOW_COLUMNS;
        const part = position - node;
        const { values } = surface;
        if (Number.isNaN(values[at]) || Number.isNaN(values[at + FLOW_COLUMNS])) surface.fill(node);
        const cooler = values[at + COOLER_K] as number;
        coolerK = wet * exposure * (cooler + part * ((values[at + FLOW_COLUMNS + COOLER_K] as number) - cooler));
        const air = values[at + AIR_WK] as number;
        airWK = air + part * ((values[at + FLOW_COLUMNS + AIR_WK] as number) - air);
      }
      let piecesW = 0;
      let piecesWK = 0;
      for (let g = 0; g < bodies; g++) {
        const resistance = under + (outside[g] as number) * above;
        forward(g, length, wet === 1 ? resistance : 1 / (wet / resistance + (1 - wet) * DRY_FILM));
        const filmWK = film[g] as number;
        const perKelvin = filmWK * (1 - (gain[g] as number));
        piecesW += filmWK * (offset[g] as number) + perKelvin * (outside[g] as number) * coolerK;
        piecesWK += perKelvin;
      }

      // The pot's balance: final liquid temperature, and steam.
      const leak = grid.lidOff[step] === 1 ? 1 : (around[LID_LEAK] as number);
      const wetting = leak * surfaceM2 * pressurePa * (around[MASS_TRANSFER] as number);
      const held = around[THERMOSTATIC] === 1;
      const gasC = (around[AMBIENT_C] as number) - (around[BEHIND_DOOR] as number) * airDropK;
      const wallsFactor = around[WALLS_FACTOR] as number;
      const latent = latentHeatJKg(Math.min(liquidC, boilC));
      const mostW = (standingKg * latent) / partS;
      // Heat held in the pot, given by the pieces, burner and gas: what `given` times the final temperature must leave
      // for walls and steam. Where the cook keeps a temperature, it is what he has to supply.
      let conductance = 0;
      let suppliedW = 0;
      let given = 0;
      let numerator = 0;
      if (!held) {
        conductance = gasConductanceWK(around, gasC, liquidC) + (1 - wet) * airWK;
        suppliedW =
          conductance * gasC + (around[POWER_W] as number) - wet * airWK * airDropK * (around[BEHIND_DOOR] as number);
        const dewC = around[DEW_C] as number;
        if (liquidC < dewC) {
          const condensing = around[CONDENSING_WK] as number;
          conductance += condensing;
          suppliedW += condensing * dewC;
        }
        given = capacity + conductance + piecesWK / 2;
        numerator = capacity * liquidC + suppliedW + piecesW + piecesWK * (dropK - liquidC / 2);
      }
      // Surplus heat falls with the final temperature: Newton's rule between a colder and a hotter bound, up to the boil,
      // or as far as a pot gone dry gets.
      let nextC = Math.min(held ? (around[HOLD_C] as number) : liquidC, boilC);
      let low = COLDEST_C;
      let high = HOTTEST_C;
      let mostC = boilC;
      let dryW = 0;
      let steamW = 0;
      let wantedW = 0;
      let dries = false;
      for (let n = 0; n < MOST_TRIES; n++) {
        dryW = 0;
        steamW = 0;
        let slope = given;
        if (walls !== undefined) {
          const position = flowPosition(nextC);
          const node = position | 0;
          const at = node * FLOW_COLUMNS;
          const { values } = walls;
          if (Number.isNaN(values[at]) || Number.isNaN(values[at + FLOW_COLUMNS])) walls.fill(node);
          const from = values[at] as number;
          const rise = (values[at + FLOW_COLUMNS] as number) - from;
          dryW = wallsFactor * (from + (position - node) * rise);
          slope += wallsFactor * rise * nodesPerKelvin(node);
        }
        if (dries) steamW = mostW;
        else {
          if (surface !== undefined) {
            const position = flowPosition(nextC);
            const node = position | 0;
            const at = node * FLOW_COLUMNS;
            const part = position - node;
            const { values } = surface;
            if (Number.isNaN(values[at]) || Number.isNaN(values[at + FLOW_COLUMNS])) surface.fill(node);
            const from = values[at] as number;
            const rise = (values[at + FLOW_COLUMNS] as number) - from;
            const steamFrom = (values[at + STEAM_KGS] as number) * latent;
            const steamRise = (values[at + FLOW_COLUMNS + STEAM_KGS] as number) * latent - steamFrom;
            dryW += wet * (from + part * rise);
            steamW = wet * (steamFrom + part * steamRise);
            slope += wet * (rise + steamRise) * nodesPerKelvin(node);
          }
          if (wetting > 0) {
            const drive = lookUp(law.drive, nextC);
            if (drive > 0) {
              steamW += wetting * latent * drive;
              slope += wetting * latent * lookUp(law.slope, nextC);
            }
          }
          wantedW = steamW;
        }
        if (held) {
          dries = steamW > mostW;
          if (dries) steamW = mostW;
          break;
        }
        const surplusW = numerator - given * nextC - dryW - steamW;
        const shift = surplusW / slope;
        // At the boil all surplus makes steam; water that is not there cannot, and heats the pot instead.
        const boils = !dries && nextC === boilC && surplusW >= 0;
        if (boils) {
          steamW += surplusW;
          wantedW = steamW;
        }
        if (boils || Math.abs(shift) < SOLVED_K) {
          if (dries || steamW <= mostW) break;
          dries = true;
          low = COLDEST_C;
          high = HOTTEST_C;
          mostC = HOTTEST_C;
          nextC = liquidC;
          continue;
        }
        if (surplusW < 0) high = nextC;
        else low = nextC;
        nextC = Math.min(nextC + shift, mostC);
        if (!(nextC > low && nextC < high)) nextC = (low + high) / 2;
      }

      // A pot that runs low or dry within this part: up to that moment first.
      const steamKg = (steamW * partS) / latent;
      if (endedBy === GRID) {
        const lowers = standingKg > SCANT_KG && standingKg - steamKg < SCANT_KG && fromS - lowS > LOW_AGAIN_S;
        const ebbs = standingKg <= SCANT_KG && standingKg > DROP_KG && steamKg > EBB_KG;
        let share = 1;
        if (lowers) share = (standingKg - SCANT_KG) / steamKg;
        else if (dries && (standingKg > DROP_KG || course.dryS === Infinity)) share = mostW / wantedW;
        const drySoon = !lowers && share < 1 && !(ebbs && EBB_KG / steamKg < share);
        if (ebbs) share = Math.min(share, EBB_KG / steamKg);
        if (share * partS < partS - SHORTEST_S) {
          partS = Math.max(SHORTEST_S, share * partS);
          endedBy = drySoon ? RUNS_DRY : RUNS_LOW;
          continue;
        }
      }

      // Surroundings of the pieces over the step: liquid between two temperatures, or held at one.
      const feltC = (held ? nextC : (liquidC + nextC) / 2) - dropK;
      let netW: number;
      if (held) {
        netW = capacity * (nextC - liquidC) + piecesWK * feltC - piecesW + steamW;
        suppliedW = netW + dryW;
      } else netW = suppliedW - conductance * nextC - dryW;

      // The pieces updated from their new surroundings, and the resulting temperatures.
      watched?.keep();
      detail?.before();
      const untilS = fromS + partS;
      const halfMin = partS / 120;
      const settled = whole ? (settling[length] as number) : 1 - Math.exp(-partS / JUICE_TIME_S);
      let juiceKg = 0;
      for (let g = 0; g < bodies; g++) {
        backward(g, length, feltC - (outside[g] as number) * coolerK);
        const before = rate[g] as number;
        const after = slowCookRate(g);
        const cooked = (slow[g] as number) + (before + after) * halfMin;
        rate[g] = after;
        slow[g] = cooked;
        const more =
          (tabulatedJuiceShare(mean[g] as number) * (maxJuice[g] as number) - (juice[g] as number)) * settled;
        if (more > 0) {
          juice[g] = (juice[g] as number) + more;
          juiceKg += more * (edibleKg[g] as number);
        }
        (course.slowCookValue[g] as Float64Array)[step] = cooked;
        (course.coreC[g] as Float64Array)[step] = temp[coreAt[g] as number] as number;
      }
      const ofOwnKg = Math.min(steamKg, ownKg);
      const leftKg = ownKg - ofOwnKg;
      const addedKg = Math.max(-leftKg, givenKg + juiceKg + givers.in(partS, untilS, nextC) - (steamKg - ofOwnKg));
      if (watched) {
        const share = stages.shareUntilOver(liquidC, nextC, standingKg, leftKg + addedKg, watched.slow);
        if (share * partS < partS - SHORTEST_S) {
          watched.back();
          partS = Math.max(SHORTEST_S, share * partS);
          endedBy = STAGE_OVER;
          continue;
        }
      }

      if (dries) course.dryS = Math.min(course.dryS, fromS + partS * Math.min(1, mostW / wantedW));
      ownKg = leftKg;
      givenKg = addedKg;
      goneKg += steamKg;
      detail?.after(step, juice, {
        stepS: partS,
        share: partS / stepS,
        suppliedW,
        netW,
        evaporationW: steamW,
        capacityWK: capacity,
        nextC,
        liquidC,
      });
      liquidC = nextC;
      fromS = untilS;
      if (endedBy !== GRID) {
        if (endedBy === RUNS_LOW) lowS = fromS;
        else changedS = fromS;
        if (endedBy === STAGE_OVER) {
          stages.next(fromS, liquidC);
          begins = true;
        }
        endedBy = GRID;
      }
      if (endS - fromS > 1e-6 && stages.advance(fromS, liquidC, ownKg + givenKg)) {
        begins = true;
        changedS = stages.ownMoment ? fromS : -1;
      }
    }
    course.liquidC[step] = liquidC;
    course.liquidKg[step] = ownKg + givenKg;
    course.evaporatedKg[step] = goneKg;
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
