import { type ConductingBody } from './body';
import { equilibriumJuice, JUICE_TIME_S, tabulatedCookRate } from '../tenderness';

/** The parts of a run that only drawings, proofs and single runs need; kept out of the particles' path. */
export interface DetailSeries {
  readonly meanC: readonly Float64Array[];
  readonly meanCookValue: readonly Float64Array[];
  readonly coreCookValue: readonly Float64Array[];
  /** Per body: share of the edible mass given up as juice. */
  readonly juiceFraction: readonly Float64Array[];
  /** Net heat into pot and pieces so far, J; in held phases what the cook had to supply. */
  readonly heatInJ: Float64Array;
  readonly evaporationHeatJ: Float64Array;
  /** Heat put in that is found neither in pot, pieces nor steam, J. */
  readonly energyResidualJ: Float64Array;
  /** Power supplied by burner or surroundings during each step, wall losses not taken off, W. */
  readonly suppliedW: Float64Array;
  /** Per body: temperature of every cell at each step's end, `count * cells` values. */
  readonly profiles: readonly Float32Array[];
  readonly bodies: readonly ConductingBody[];
}

interface PotStep {
  readonly stepS: number;
  /** What burner or oven puts in, losses through the wall not yet taken off, W. */
  readonly suppliedW: number;
  /** What of it reaches liquid, pot and pieces, W. */
  readonly netW: number;
  readonly evaporationW: number;
  readonly storedW: number;
}

export class DetailRecorder {
  private readonly series: DetailSeries;
  private readonly ratesBefore: readonly Float64Array[];
  private readonly juice: Float64Array;
  private readonly startEnthalpyJ: number;
  private heatInJ = 0;
  private evaporationJ = 0;
  private storedJ = 0;

  constructor(bodies: readonly ConductingBody[], count: number) {
    const perBody = (): Float64Array[] => bodies.map(() => new Float64Array(count));
    this.series = {
      meanC: perBody(),
      meanCookValue: perBody(),
      coreCookValue: perBody(),
      juiceFraction: perBody(),
      heatInJ: new Float64Array(count),
      evaporationHeatJ: new Float64Array(count),
      energyResidualJ: new Float64Array(count),
      suppliedW: new Float64Array(count),
      profiles: bodies.map((body) => new Float32Array(count * body.cells)),
      bodies,
    };
    this.ratesBefore = bodies.map((body) => new Float64Array(body.cells));
    this.juice = new Float64Array(bodies.length);
    this.startEnthalpyJ = this.enthalpyJ();
  }

  private enthalpyJ(): number {
    return this.series.bodies.reduce((sum, body) => sum + body.enthalpyJ(), 0);
  }

  before(group: number, body: ConductingBody): void {
    const rates = this.ratesBefore[group] as Float64Array;
    for (let i = 0; i < body.cells; i++) rates[i] = tabulatedCookRate(body.temp[i] as number);
  }

  after(group: number, body: ConductingBody, step: number, stepS: number): void {
    const rates = this.ratesBefore[group] as Float64Array;
    const profile = this.series.profiles[group] as Float32Array;
    for (let i = 0; i < body.cells; i++) {
      const temp = body.temp[i] as number;
      body.cookValue[i] =
        (body.cookValue[i] as number) + (((rates[i] as number) + tabulatedCookRate(temp)) * stepS) / 120;
      profile[step * body.cells + i] = temp;
    }
    const mean = body.meatMean(body.temp);
    const target = equilibriumJuice(mean, body.setup.maxJuiceFraction);
    const held = this.juice[group] as number;
    if (target > held) this.juice[group] = held + (target - held) * (1 - Math.exp(-stepS / JUICE_TIME_S));
    (this.series.meanC[group] as Float64Array)[step] = mean;
    (this.series.meanCookValue[group] as Float64Array)[step] = body.meatMean(body.cookValue);
    (this.series.coreCookValue[group] as Float64Array)[step] = body.cookValue[body.firstMeat] as number;
    (this.series.juiceFraction[group] as Float64Array)[step] = this.juice[group] as number;
  }

  pot(step: number, flows: PotStep): void {
    this.heatInJ += flows.netW * flows.stepS;
    this.evaporationJ += flows.evaporationW * flows.stepS;
    this.storedJ += flows.storedW * flows.stepS;
    this.series.heatInJ[step] = this.heatInJ;
    this.series.evaporationHeatJ[step] = this.evaporationJ;
    this.series.suppliedW[step] = flows.suppliedW;
    this.series.energyResidualJ[step] =
      this.heatInJ - this.evaporationJ - this.storedJ - (this.enthalpyJ() - this.startEnthalpyJ);
  }

  result(): DetailSeries {
    return this.series;
  }
}
