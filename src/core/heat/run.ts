import { bareLengths, type BareResult, type HeatingStage, passBare } from './bare';
import { type BodySetup } from './body';
import { DetailRecorder, type DetailSeries, type StepFlows } from './detail';
import { type DryingLaw, dryingLaw, lookUp } from './drying';
import {
  AMBIENT_C,
  BEHIND_DOOR,
  CONDENSING_WK,
  CONDUCTANCE_WK,
  DEW_C,
  EXPOSURE_SCALE,
  gasConductanceWK,
  HEADSPACE_DROP_K,
  type HeatStage,
  HOLD_C,
  LID_LEAK,
  MASS_TRANSFER,
  packPhase,
  PHASE_SIZE,
  type PotPhase,
  POWER_W,
  type StageEnd,
  TOP_RESISTANCE,
} from './phase';
import { Shells } from './shells';
import { type Reading, type TimeGrid, type TopUp } from './timeGrid';
import { boilingPointC, latentHeatJKg } from './water';
import { JUICE_TIME_S, tabulatedCookRate, tabulatedJuiceShare } from '../tenderness';
import { RELEASE_FROM_C, type WaterGiver } from '../material';

/** One pot with everything known: the deterministic problem. */
export interface RunSetup {
  readonly bodies: readonly BodySetup[];
  /** One after another; how the first begins is how the pot begins. */
  readonly stages: readonly HeatStage[];
  readonly topUps: readonly TopUp[];
  readonly readings: readonly Reading[];
  /** What the pieces went through before the pot, e.g. smoking: seconds in air at a temperature and film. */
  readonly history: readonly HeatingStage[];
  /** What gives water to the liquid, or takes it up, besides meat. */
  readonly vegetables: readonly WaterGiver[];
  readonly vesselHeatJK: number;
  readonly liquidKg: number;
  readonly liquidTempC: number;
  readonly surfaceM2: number;
  readonly pressurePa: number;
  /** Film under the liquid, W/m²K: still, simmering, boiling. */
  readonly liquidFilm: readonly [still: number, simmering: number, boiling: number];
}

/** Film coefficients of clear liquid. A thick sauce halves them; a circulated bath is `BATH_FILM`. */
export const CLEAR_LIQUID_FILM: readonly [number, number, number] = [200, 400, 600];
export const BATH_FILM: readonly [number, number, number] = [200, 200, 200];

/** Specific heat of braising liquid, J/kgK. */
export const LIQUID_HEAT_JKGK = 4100;
const LEAST_LIQUID_KG = 0.02;
/** Under this the pot begins to run dry: what stands in it no longer wets all the meat, kg. */
const SCANT_KG = 0.15;
/** Film between the hot air and walls of a dry pot and the meat, W/m²K. Modeller's judgement. */
const DRY_FILM = 15;

/** Course of one run; every array has one entry per step of the grid, taken at the step's end. */
export interface RunCourse {
  readonly liquidC: Float64Array;
  /** Gone as steam so far, kg. */
  readonly evaporatedKg: Float64Array;
  /** Standing in the pot: poured, given by meat and vegetables, less steam; never under nothing. */
  readonly liquidKg: Float64Array;
  /** Per body: cook value of the slowest quarter, min. */
  readonly slowCookValue: readonly Float64Array[];
  /** Per body: coldest meat, °C. */
  readonly coreC: readonly Float64Array[];
  /** When the pot first ran dry, s; Infinity if it never did. Set by the run. */
  dryS: number;
}

/** A run with everything a drawing or a proof needs. */
export type DetailedCourse = RunCourse & DetailSeries;

/** Cells per piece: the proven production grid, and the coarse one for many particles. */
export const PLAIN_CELLS = 40;
export const FAST_CELLS = 14;

/** Empty courses for `runs` runs of `bodies` size classes over `steps` steps, all in one block of memory. */
export function emptyCourses(runs: number, bodies: number, steps: number): RunCourse[] {
  const rows = 3 + 2 * bodies;
  const block = new Float64Array(runs * rows * steps);
  return Array.from({ length: runs }, (_, run) => {
    const row = (k: number): Float64Array => block.subarray((run * rows + k) * steps, (run * rows + k + 1) * steps);
    return {
      liquidC: row(0),
      evaporatedKg: row(1),
      liquidKg: row(2),
      slowCookValue: Array.from({ length: bodies }, (_, g) => row(3 + g)),
      coreC: Array.from({ length: bodies }, (_, g) => row(3 + bodies + g)),
      dryS: Infinity,
    };
  });
}

/**
 * Solves conduction in every piece together with the pot's energy and water balance, exactly conservative, by implicit
 * Euler on `grid`. Result arrays have `grid.count` entries. Throws `RangeError` if there is no piece or no phase.
 */
export function runBraise(setup: RunSetup, grid: TimeGrid, cells: number): RunCourse {
  const [course] = emptyCourses(1, setup.bodies.length, grid.count);
  runInto(setup, grid, cells, course as RunCourse);
  return course as RunCourse;
}

/** The same with all that a drawing or a proof needs. */
export function runDetailed(setup: RunSetup, grid: TimeGrid, cells: number): DetailedCourse {
  const [course] = emptyCourses(1, setup.bodies.length, grid.count);
  const detail = new DetailRecorder(setup.bodies.length, cells, grid.count);
  runInto(setup, grid, cells, course as RunCourse, detail);
  return { ...(course as RunCourse), ...detail.result() };
}

/** What every run uses again; a run leaves nothing in it that the next one reads. */
const shells = new Shells();

/**
 * The step in hand, as numbers in one block: what is passed between the parts of a step as numbers would be allocated anew
 * at every call, and a forecast makes a hundred thousand steps.
 */
const now = new Float64Array(20);
const STEP_S = 0;
/** Liquid at the step's start, °C. */
const LIQUID_C = 1;
/** What was poured and has not gone as steam; it holds heat of its own, kg. */
const OWN_KG = 2;
/** What meat and vegetables gave, less steam once nothing that was poured is left, kg. */
const GIVEN_KG = 3;
/** What stands in the pot, kg; the share of the meat it wets. */
const STANDING_KG = 4;
const WET = 5;
/** Heat capacity of pot and liquid over the step's length, W/K. */
const CAPACITY = 6;
/** How far the gas around the pot is under its setting, K. */
const AIR_DROP_K = 7;
/** Heat all pieces would give a liquid at 0 °C, W, and draw for each kelvin above, W/K. */
const PIECES_W = 8;
const PIECES_WK = 9;
/** Liquid at the step's end, °C. */
const NEXT_C = 10;
const EVAPORATION_W = 11;
/** Latent heat of what evaporates, J/kg. */
const LATENT = 12;
/** What burner or surroundings put in, losses through the wall not yet taken off, W; what of it reaches the pot. */
const SUPPLIED_W = 13;
const NET_W = 14;
/** 1 where there was not enough to evaporate. */
const DRY = 15;
/** What ran out of meat and vegetables in the step, kg. */
const JUICE_KG = 16;
const VEGETABLE_KG = 17;
/** Share of an open surface's evaporation that gets away. */
const LEAK = 18;

/** What surrounds the pot in the step in hand. */
const around = new Float64Array(PHASE_SIZE);

/** A pot with its surroundings: the balance of one step. */
class PotBalance {
  /** The pot's own numbers: surface times pressure, Pa m², boiling point and latent heat there. */
  private readonly own = new Float64Array(3);
  private readonly pressurePa: number;
  private drying: DryingLaw;

  constructor(setup: RunSetup, phase: PotPhase, boilC: number) {
    this.pressurePa = setup.pressurePa;
    this.own[0] = setup.surfaceM2 * setup.pressurePa;
    this.own[1] = boilC;
    this.own[2] = latentHeatJKg(boilC);
    this.drying = dryingLaw(setup.pressurePa, phase.ambientVapourPa);
    packPhase(phase, around);
  }

  enter(phase: PotPhase): void {
    this.drying = dryingLaw(this.pressurePa, phase.ambientVapourPa);
    packPhase(phase, around);
  }

  /** The cook keeps the liquid at its heat: what that takes. */
  hold(): void {
    const n = now;
    const a = around;
    const nextC = Math.min(a[HOLD_C] as number, this.own[1] as number);
    const latent = latentHeatJKg(nextC);
    const wetting = (n[LEAK] as number) * (this.own[0] as number) * (a[MASS_TRANSFER] as number);
    const mostW = ((n[STANDING_KG] as number) * latent) / (n[STEP_S] as number);
    let evaporationW = Math.max(0, wetting * lookUp(this.drying.drive, nextC) * latent);
    n[DRY] = evaporationW > mostW ? 1 : 0;
    if (evaporationW > mostW) evaporationW = mostW;
    const netW =
      (n[CAPACITY] as number) * (nextC - (n[LIQUID_C] as number)) +
      (n[PIECES_WK] as number) * (nextC - (a[HEADSPACE_DROP_K] as number)) -
      (n[PIECES_W] as number) +
      evaporationW;
    n[EVAPORATION_W] = evaporationW;
    n[NEXT_C] = nextC;
    n[LATENT] = latent;
    n[NET_W] = netW;
    n[SUPPLIED_W] = netW + (a[CONDUCTANCE_WK] as number) * (nextC - (a[AMBIENT_C] as number));
  }

  /** Heat flows as it will. At the boil all surplus leaves as steam; what is not there cannot, and heats the pot instead. */
  drive(): void {
    const n = now;
    const a = around;
    const { drying, own } = this;
    const boilC = own[1] as number;
    const liquidC = n[LIQUID_C] as number;
    const piecesWK = n[PIECES_WK] as number;
    const capacity = n[CAPACITY] as number;
    const gasC = (a[AMBIENT_C] as number) - (a[BEHIND_DOOR] as number) * (n[AIR_DROP_K] as number);
    let conductance = (a[CONDUCTANCE_WK] as number) + gasConductanceWK(a, gasC, liquidC);
    let source = conductance * gasC + (a[POWER_W] as number);
    const dewC = a[DEW_C] as number;
    if (liquidC < dewC) {
      const condensing = a[CONDENSING_WK] as number;
      conductance += condensing;
      source += condensing * dewC;
    }
    let latent = latentHeatJKg(liquidC);
    const wetting = (n[LEAK] as number) * (own[0] as number) * (a[MASS_TRANSFER] as number) * latent;
    const base = wetting * lookUp(drying.drive, liquidC);
    const slope = wetting * lookUp(drying.slope, liquidC);
    const pull = (n[PIECES_W] as number) + piecesWK * (a[HEADSPACE_DROP_K] as number);
    const numerator = capacity * liquidC + source + pull;
    const given = capacity + conductance + piecesWK;
    let nextC = (numerator - base + slope * liquidC) / (given + slope);
    let evaporationW = base + slope * (nextC - liquidC);
    if (evaporationW < 0) {
      evaporationW = 0;
      nextC = numerator / given;
    }
    if (nextC > boilC) {
      nextC = boilC;
      latent = own[2] as number;
      evaporationW = numerator - given * nextC;
    }
    const mostW = ((n[STANDING_KG] as number) * latent) / (n[STEP_S] as number);
    n[DRY] = evaporationW > mostW ? 1 : 0;
    if (evaporationW > mostW) {
      evaporationW = mostW;
      nextC = (numerator - mostW) / given;
    }
    n[NEXT_C] = nextC;
    n[EVAPORATION_W] = evaporationW;
    n[LATENT] = latent;
    n[SUPPLIED_W] = source;
    n[NET_W] = source - conductance * nextC;
  }
}

/** What the pieces of one run have come to. Arrays by body. */
class PieceState {
  readonly juice: Float64Array;
  readonly slowLow: Float64Array;
  readonly slowHigh: Float64Array;
  private readonly rateLow: Float64Array;
  private readonly rateHigh: Float64Array;
  private readonly settling: Float64Array;
  /** Film under the liquid: still, simmering and boiling, W/m²K; and the boiling point. */
  private readonly film: Float64Array;

  constructor(setup: RunSetup, bare: BareResult, lengths: Float64Array, boilC: number) {
    const { bodies } = shells;
    this.juice = bare.lost;
    this.slowLow = bare.slowLow;
    this.slowHigh = bare.slowHigh;
    this.rateLow = new Float64Array(bodies);
    this.rateHigh = new Float64Array(bodies);
    for (let g = 0; g < bodies; g++) {
      this.rateLow[g] = tabulatedCookRate(shells.temp[shells.slowLowAt[g] as number] as number);
      this.rateHigh[g] = tabulatedCookRate(shells.temp[shells.slowHighAt[g] as number] as number);
    }
    this.settling = new Float64Array(lengths.length);
    for (let k = 0; k < lengths.length; k++) this.settling[k] = 1 - Math.exp(-(lengths[k] as number) / JUICE_TIME_S);
    this.film = Float64Array.of(...setup.liquidFilm, boilC);
  }

  /** Film under the liquid as warm as it is, linear between still, simmering and boiling, W/m²K. */
  private filmNow(): number {
    const { film } = this;
    const under = (film[3] as number) - (now[LIQUID_C] as number);
    const simmering = film[1] as number;
    if (under >= 10) return film[0] as number;
    if (under >= 3) return (film[0] as number) + ((simmering - (film[0] as number)) * (10 - under)) / 7;
    return under > 0 ? simmering + (((film[2] as number) - simmering) * (3 - under)) / 3 : (film[2] as number);
  }

  /** First half of a step: how the pieces draw on the liquid, as far as it wets them. */
  draw(length: number): void {
    const n = now;
    const a = around;
    const s = shells;
    const under = 1 / this.filmNow();
    const above = ((a[TOP_RESISTANCE] as number) - under) * (a[EXPOSURE_SCALE] as number);
    const wet = n[WET] as number;
    let atZeroW = 0;
    let conductanceWK = 0;
    for (let g = 0; g < s.bodies; g++) {
      const resistance = under + (s.outside[g] as number) * above;
      s.forward(g, length, wet === 1 ? resistance : 1 / (wet / resistance + (1 - wet) * DRY_FILM));
      const film = s.film[g] as number;
      atZeroW += film * (s.offset[g] as number);
      conductanceWK += film * (1 - (s.gain[g] as number));
    }
    n[PIECES_W] = atZeroW;
    n[PIECES_WK] = conductanceWK;
  }

  /** Second half: fills the pieces from their new surroundings, and books what they have come to. */
  fill(length: number, step: number, course: RunCourse): void {
    const n = now;
    const a = around;
    const s = shells;
    const surroundingsC = (n[NEXT_C] as number) - (a[HEADSPACE_DROP_K] as number);
    const halfMinutes = (n[STEP_S] as number) / 120;
    const settled = this.settling[length] as number;
    const { slowLow, slowHigh, rateLow, rateHigh, juice } = this;
    const { temp } = shells;
    let juiceKg = 0;
    for (let g = 0; g < s.bodies; g++) {
      s.backward(g, length, surroundingsC);
      const nowLow = tabulatedCookRate(temp[s.slowLowAt[g] as number] as number);
      const nowHigh = tabulatedCookRate(temp[s.slowHighAt[g] as number] as number);
      const sumLow = (slowLow[g] as number) + ((rateLow[g] as number) + nowLow) * halfMinutes;
      const sumHigh = (slowHigh[g] as number) + ((rateHigh[g] as number) + nowHigh) * halfMinutes;
      slowLow[g] = sumLow;
      slowHigh[g] = sumHigh;
      rateLow[g] = nowLow;
      rateHigh[g] = nowHigh;
      const held = juice[g] as number;
      const more = tabulatedJuiceShare(s.mean[g] as number) * (s.maxJuice[g] as number) - held;
      if (more > 0) {
        juice[g] = held + more * settled;
        juiceKg += more * settled * (s.edibleKg[g] as number);
      }
      (course.slowCookValue[g] as Float64Array)[step] = sumLow + (s.slowWeight[g] as number) * (sumHigh - sumLow);
      (course.coreC[g] as Float64Array)[step] = temp[s.coreAt[g] as number] as number;
    }
    n[JUICE_KG] = juiceKg;
  }
}

/** Sets the step in hand up from where the last one left the pot. */
function beginStep(grid: TimeGrid, step: number, vesselHeatJK: number): void {
  const n = now;
  const a = around;
  const stepS = grid.stepS[step] as number;
  const ownKg = n[OWN_KG] as number;
  const standingKg = Math.max(0, ownKg + (n[GIVEN_KG] as number));
  n[STEP_S] = stepS;
  n[AIR_DROP_K] = grid.airDropK[step] as number;
  n[LEAK] = grid.lidOff[step] === 1 ? 1 : (a[LID_LEAK] as number);
  n[STANDING_KG] = standingKg;
  n[WET] = standingKg >= SCANT_KG ? 1 : standingKg / SCANT_KG;
  n[CAPACITY] = (vesselHeatJK + LIQUID_HEAT_JKGK * Math.max(ownKg, LEAST_LIQUID_KG)) / stepS;
}

/** Books what the step in hand has come to. */
function endStep(step: number, course: RunCourse): void {
  const n = now;
  const steamKg = ((n[EVAPORATION_W] as number) * (n[STEP_S] as number)) / (n[LATENT] as number);
  const ownKg = n[OWN_KG] as number;
  const ofOwn = steamKg < ownKg ? steamKg : ownKg;
  const leftKg = ownKg - ofOwn;
  const gained = (n[JUICE_KG] as number) + (n[VEGETABLE_KG] as number) - (steamKg - ofOwn);
  const givenKg = Math.max(-leftKg, (n[GIVEN_KG] as number) + gained);
  n[OWN_KG] = leftKg;
  n[GIVEN_KG] = givenKg;
  n[LIQUID_C] = n[NEXT_C] as number;
  course.liquidC[step] = n[NEXT_C] as number;
  course.liquidKg[step] = leftKg + givenKg;
  course.evaporatedKg[step] = steamKg + (step === 0 ? 0 : (course.evaporatedKg[step - 1] as number));
}

/** Runs the problem into a course made for it. */
export function runInto(
  setup: RunSetup,
  grid: TimeGrid,
  cells: number,
  course: RunCourse,
  detail?: DetailRecorder,
): void {
  if (setup.bodies.length === 0) throw new RangeError('A braise needs at least one piece.');
  if (setup.stages.length === 0) throw new RangeError('A braise needs at least one heat phase.');
  now[LIQUID_C] = setup.liquidTempC;
  now[OWN_KG] = setup.liquidKg;
  now[GIVEN_KG] = 0;
  const boilC = boilingPointC(setup.pressurePa);
  const pieces = startPieces(setup, grid, cells, boilC, detail);
  const stages = new StageClock(setup.stages, pieces);
  const water = new VegetableWater(setup.vegetables, grid);
  let phase = stages.phase(0);
  let phaseKey = 0;
  const balance = new PotBalance(setup, phase, boilC);
  course.dryS = Infinity;

  for (let step = 0; step < grid.count; step++) {
    const key = grid.key[step] as number;
    if (stages.advance(grid, step) || key !== phaseKey) {
      phase = stages.phase(key);
      phaseKey = key;
      balance.enter(phase);
    }
    const read = grid.reading[step] as number;
    if (read >= 0) setTo(setup.readings[read] as Reading);
    const poured = grid.topUp[step] as number;
    if (poured >= 0) pour(setup.topUps[poured] as TopUp, setup.vesselHeatJK);
    const length = grid.length[step] as number;

    beginStep(grid, step, setup.vesselHeatJK);
    pieces.draw(length);
    if (phase.mode === 'held') balance.hold();
    else balance.drive();
    if (now[DRY] === 1 && course.dryS === Infinity) course.dryS = grid.endS[step] as number;
    detail?.before(now[LIQUID_C]);
    pieces.fill(length, step, course);
    water.give(step);
    endStep(step, course);
    detail?.after(step, pieces.juice, flowsNow());
  }
}

/** What the step in hand did, for those who listen. */
function flowsNow(): StepFlows {
  return {
    stepS: now[STEP_S] as number,
    suppliedW: now[SUPPLIED_W] as number,
    netW: now[NET_W] as number,
    evaporationW: now[EVAPORATION_W] as number,
    capacityWK: now[CAPACITY] as number,
    nextC: now[NEXT_C] as number,
  };
}

/** The pieces as the pot meets them, after whatever they went through before. */
function startPieces(
  setup: RunSetup,
  grid: TimeGrid,
  cells: number,
  boilC: number,
  detail: DetailRecorder | undefined,
): PieceState {
  const lengths =
    setup.history.length === 0 ? grid.lengths : Float64Array.from([...grid.lengths, ...bareLengths(setup.history)]);
  shells.load(setup.bodies, cells, lengths);
  detail?.begin(shells, setup.bodies);
  const bare = passBare(
    shells,
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
  return new PieceState(setup, bare, grid.lengths, boilC);
}

/** The pot goes on from what was read. */
function setTo({ liquidKg, liquidC }: Reading): void {
  if (liquidC !== undefined) now[LIQUID_C] = liquidC;
  if (liquidKg === undefined) return;
  const ownKg = Math.max(0, Math.min(liquidKg, liquidKg - (now[GIVEN_KG] as number)));
  now[OWN_KG] = ownKg;
  now[GIVEN_KG] = liquidKg - ownKg;
}

/** Liquid poured in mixes with pot and liquid at once. */
function pour({ massKg, tempC }: TopUp, vesselHeatJK: number): void {
  const ownKg = now[OWN_KG] as number;
  const held = vesselHeatJK + LIQUID_HEAT_JKGK * Math.max(ownKg, LEAST_LIQUID_KG);
  const added = LIQUID_HEAT_JKGK * massKg;
  now[LIQUID_C] = (held * (now[LIQUID_C] as number) + added * tempC) / (held + added);
  now[OWN_KG] = ownKg + massKg;
}

/** What vegetables give to the liquid, or take up, step by step: towards all of it with their time above 75 °C. */
class VegetableWater {
  private readonly left: Float64Array;
  private readonly decay: Float64Array;

  constructor(
    private readonly givers: readonly WaterGiver[],
    private readonly grid: TimeGrid,
  ) {
    const { lengths } = grid;
    this.left = Float64Array.from(givers, (v) => v.kg * v.waterShare);
    this.decay = new Float64Array(givers.length * lengths.length);
    givers.forEach((v, i) => {
      for (let k = 0; k < lengths.length; k++) {
        this.decay[i * lengths.length + k] = Math.exp(-(lengths[k] as number) / 60 / v.tauMin);
      }
    });
  }

  /** Books what is given in the step in hand; negative when more is taken up. */
  give(step: number): void {
    const n = now;
    n[VEGETABLE_KG] = 0;
    if ((n[NEXT_C] as number) < RELEASE_FROM_C) return;
    const { grid, givers, left } = this;
    let sum = 0;
    for (let i = 0; i < givers.length; i++) {
      const giver = givers[i] as WaterGiver;
      const sinceMin = (grid.endS[step] as number) / 60 - giver.fromMin;
      if (sinceMin <= 0) continue;
      const whole = sinceMin * 60 >= (grid.stepS[step] as number);
      const stays = whole
        ? (this.decay[i * grid.lengths.length + (grid.length[step] as number)] as number)
        : Math.exp(-sinceMin / giver.tauMin);
      sum += (left[i] as number) * (1 - stays);
      left[i] = (left[i] as number) * stays;
    }
    n[VEGETABLE_KG] = sum;
  }
}

/** Which stage of heat is on, and when it ends. */
class StageClock {
  private index = 0;
  private sinceS = 0;
  private cooler = false;
  /** The next end by the clock of this stage or a later one, s: it is kept even if stages before it have not ended. */
  private clockS = Infinity;
  private clockIndex = -1;

  constructor(
    private readonly stages: readonly HeatStage[],
    private readonly pieces: PieceState,
  ) {
    this.enter(0, 0);
  }

  phase(key: number): PotPhase {
    return (this.stages[this.index] as HeatStage).phases[key] as PotPhase;
  }

  private enter(index: number, nowS: number): void {
    this.index = index;
    this.sinceS = nowS;
    const until = this.stages[index]?.until;
    this.cooler = until?.kind === 'liquid' && (now[LIQUID_C] as number) < until.tempC;
    this.clockIndex = this.stages.findIndex((stage, i) => i >= index && stage.until?.kind === 'clock');
    const clock = this.stages[this.clockIndex]?.until;
    this.clockS = clock?.kind === 'clock' ? clock.atS : Infinity;
  }

  /** Goes on to the stage that is on as `step` begins; whether another one began. */
  advance(grid: TimeGrid, step: number): boolean {
    if (this.stages.length === 1) return false;
    const nowS = (grid.endS[step] as number) - (grid.stepS[step] as number);
    const before = this.index;
    for (;;) {
      if (nowS >= this.clockS - 1e-6) {
        this.enter(this.clockIndex + 1, nowS);
        continue;
      }
      const until = this.stages[this.index]?.until;
      if (!until || !this.isOver(until, nowS)) return this.index !== before;
      this.enter(this.index + 1, nowS);
    }
  }

  private isOver(until: StageEnd, nowS: number): boolean {
    switch (until.kind) {
      case 'clock':
        return false;
      case 'elapsed':
        return nowS - this.sinceS >= until.seconds - 1e-6;
      case 'liquid':
        return this.cooler ? (now[LIQUID_C] as number) >= until.tempC : (now[LIQUID_C] as number) <= until.tempC;
      case 'level':
        return (now[OWN_KG] as number) + (now[GIVEN_KG] as number) <= until.liquidKg;
      case 'cookValue': {
        const { slowLow, slowHigh } = this.pieces;
        return slowLow.every((low, g) => {
          const weight = shells.slowWeight[g] as number;
          return low + weight * ((slowHigh[g] as number) - low) >= (until.minutes[g] ?? Infinity);
        });
      }
    }
  }
}
