import { type BodySetup, type Geometry, geometryOf } from './body';
import { type Shells } from './shells';
import { numbers } from '../numbers';
import { tabulatedCookRate } from '../tenderness';

/** The parts of a run that only drawings, proofs and single runs need; kept off the particles' path. */
export interface DetailSeries {
  readonly meanC: readonly Float64Array[];
  readonly meanCookValue: readonly Float64Array[];
  readonly coreCookValue: readonly Float64Array[];
  /** Per body: share of the edible mass released so far, as juice in the pot or before it. */
  readonly juiceFraction: readonly Float64Array[];
  /** Per body: the part lost before the pot. */
  readonly lostBefore: Float64Array;
  /** Net heat into pot and pieces so far, J; in thermostatic phases what the cook had to supply. */
  readonly heatInJ: Float64Array;
  readonly evaporationHeatJ: Float64Array;
  /** Heat input not accounted for by pot, pieces or steam, J. */
  readonly energyResidualJ: Float64Array;
  /** Power supplied by burner or surroundings during each step, wall losses included, W. */
  readonly suppliedW: Float64Array;
  /** Per body: temperature of every cell at each step's end, `count * cells` values. */
  readonly profiles: readonly Float32Array[];
  /** Per body: cook value of every cell, min. */
  readonly cooked: readonly Float32Array[];
  /** Per body: position of each of those cells, from 0 in the middle to 1 at the surface. */
  readonly depths: readonly Float64Array[];
}

/** Result of a step. */
export interface StepFlows {
  /** Length of this part of the step, and the share of the step it is. */
  readonly stepS: number;
  readonly share: number;
  /** Heat from burner or oven, wall losses included, W; and the part that reached liquid, pot and pieces. */
  readonly suppliedW: number;
  readonly netW: number;
  readonly evaporationW: number;
  /** Heat capacity of pot and liquid over the step's length, W/K; liquid before and after, °C. */
  readonly capacityWK: number;
  readonly nextC: number;
  readonly liquidC: number;
}

/**
 * Observes one run. Called in the order `begin`, `bare` for each step in air, `entersPot`, then `before` and `after` for
 * each step or part of one.
 */
export class DetailRecorder {
  private readonly series: Omit<DetailSeries, 'depths' | 'lostBefore'>;
  private readonly rates: Float64Array;
  private readonly cookValue: Float64Array;
  private shells: Shells | undefined;
  private geometry: readonly Geometry[] = [];
  private lostBefore = new Float64Array(0);
  private startEnthalpyJ = 0;
  private heatInJ = 0;
  private evaporationJ = 0;
  private storedJ = 0;

  constructor(
    private readonly bodies: number,
    private readonly cells: number,
    count: number,
  ) {
    const perBody = (): Float64Array[] => Array.from({ length: bodies }, () => new Float64Array(count));
    const perCell = (): Float32Array[] => Array.from({ length: bodies }, () => new Float32Array(count * cells));
    this.series = {
      meanC: perBody(),
      meanCookValue: perBody(),
      coreCookValue: perBody(),
      juiceFraction: perBody(),
      heatInJ: new Float64Array(count),
      evaporationHeatJ: new Float64Array(count),
      energyResidualJ: new Float64Array(count),
      suppliedW: new Float64Array(count),
      profiles: perCell(),
      cooked: perCell(),
    };
    this.rates = new Float64Array(bodies * cells);
    this.cookValue = new Float64Array(bodies * cells);
  }

  /** The pieces before anything happens to them. */
  begin(shells: Shells, setups: readonly BodySetup[]): void {
    this.shells = shells;
    this.geometry = setups.map((setup) => geometryOf(setup.pieces, this.cells));
    this.startEnthalpyJ = shells.enthalpyJ();
  }

  /** A step in air has ended. */
  bare(stepS: number): void {
    const { temp } = this.shells as Shells;
    for (let i = 0; i < this.cookValue.length; i++) {
      this.cookValue[i] = (this.cookValue[i] as number) + (tabulatedCookRate(temp[i] as number) * stepS) / 60;
    }
  }

  /** The pieces have absorbed `heatJ` before the pot, and lost these shares of their mass. */
  entersPot(heatJ: number, lost: Float64Array): void {
    this.heatInJ = heatJ;
    this.lostBefore = lost.slice();
  }

  /** A step, or a part of one, begins. */
  before(): void {
    const { temp } = this.shells as Shells;
    for (let i = 0; i < this.rates.length; i++) this.rates[i] = tabulatedCookRate(temp[i] as number);
  }

  after(step: number, juice: Float64Array, flows: StepFlows): void {
    const { stepS } = flows;
    const shells = this.shells as Shells;
    const { cells, series } = this;
    for (let g = 0; g < this.bodies; g++) {
      const profile = series.profiles[g] as Float32Array;
      const cooked = series.cooked[g] as Float32Array;
      for (let i = 0; i < cells; i++) {
        const at = g * cells + i;
        const temp = shells.temp[at] as number;
        const rate = (this.rates[at] as number) + tabulatedCookRate(temp);
        const cookValue = (this.cookValue[at] as number) + (rate * stepS) / 120;
        this.cookValue[at] = cookValue;
        profile[step * cells + i] = temp;
        cooked[step * cells + i] = cookValue;
      }
      const { firstMeat } = this.geometry[g] as Geometry;
      (series.meanC[g] as Float64Array)[step] = shells.mean[g] as number;
      (series.meanCookValue[g] as Float64Array)[step] = shells.meatMean(g, this.cookValue);
      (series.coreCookValue[g] as Float64Array)[step] = this.cookValue[g * cells + firstMeat] as number;
      (series.juiceFraction[g] as Float64Array)[step] = juice[g] as number;
    }
    this.heatInJ += flows.netW * stepS;
    this.evaporationJ += flows.evaporationW * stepS;
    this.storedJ += flows.capacityWK * (flows.nextC - flows.liquidC) * stepS;
    series.heatInJ[step] = this.heatInJ;
    series.evaporationHeatJ[step] = this.evaporationJ;
    series.suppliedW[step] = (series.suppliedW[step] as number) + flows.suppliedW * flows.share;
    series.energyResidualJ[step] =
      this.heatInJ - this.evaporationJ - this.storedJ - (shells.enthalpyJ() - this.startEnthalpyJ);
  }

  result(): DetailSeries {
    return { ...this.series, depths: this.geometry.map((piece) => piece.depth), lostBefore: this.lostBefore };
  }
}

/** The inside of a piece at one time of a detailed trace, from the middle out. */
export interface Profile {
  /** 0 in the middle to 1 at the surface. */
  readonly depth: Float64Array;
  readonly tempC: Float64Array;
  /** Cook value so far, min. */
  readonly cookValue: Float64Array;
}

/**
 * Temperature and cook value inside the pieces of one size class, at a time index: 3.25 is a quarter of the way from
 * the end of step 3 to that of step 4. Before the end of the first step it is that end.
 */
export function profileAt(course: DetailSeries, group: number, place: number): Profile {
  const depth = course.depths[group] as Float64Array;
  const cells = depth.length;
  const step = Math.max(0, Math.floor(place));
  const share = Math.max(0, place - step);
  const between = (values: Float32Array): Float64Array =>
    numbers(cells, (i) => {
      const from = values[step * cells + i] as number;
      return share > 0 ? from + share * ((values[(step + 1) * cells + i] as number) - from) : from;
    });
  return {
    depth,
    tempC: between(course.profiles[group] as Float32Array),
    cookValue: between(course.cooked[group] as Float32Array),
  };
}
