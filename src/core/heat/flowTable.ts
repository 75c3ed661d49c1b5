/** What a pot exchanges with its surroundings at one temperature of its liquid. */
export interface PotFlow {
  /** Heat lost other than with steam, W; negative if it gains. */
  readonly dryW: number;
  readonly steamKgS: number;
  /** How much more is lost for each kelvin the air is cooler, W/K. */
  readonly airWK: number;
  /** How much cooler than the liquid whatever stands wholly out of it is kept, K. */
  readonly coolerK: number;
}

/** Nodes lie this far apart up to 100 °C, and that far where only a dry pot goes. Linear between: within 0.2 %. */
const NODE_K = 2.5;
const HOT_NODE_K = 20;
const HOT_C = 100;
const FIRST_C = -10;
const HOT_AT = (HOT_C - FIRST_C) / NODE_K;
const LAST = HOT_AT + 15;
/** Columns of a node. */
export const DRY_W = 0;
export const STEAM_KGS = 1;
export const AIR_WK = 2;
export const COOLER_K = 3;
export const FLOW_COLUMNS = 4;

/** Position of a temperature among the nodes: 3.25 is a quarter of the way from node 3 to node 4. */
export function flowPosition(tempC: number): number {
  const at = tempC < HOT_C ? (tempC - FIRST_C) / NODE_K : HOT_AT + (tempC - HOT_C) / HOT_NODE_K;
  return at < 0 ? 0 : at > LAST - 1e-9 ? LAST - 1e-9 : at;
}

/** Nodes per kelvin at a node. */
export function nodesPerKelvin(node: number): number {
  return node < HOT_AT ? 1 / NODE_K : 1 / HOT_NODE_K;
}

/** A pot's exchange by temperature, each node worked out when a run first comes near it. */
export class FlowTable {
  /** By node and column; NaN where not yet worked out. */
  readonly values = new Float64Array((LAST + 1) * FLOW_COLUMNS).fill(Number.NaN);

  constructor(private readonly flow: (liquidC: number) => PotFlow) {}

  /** Fills the two nodes about a position. */
  fill(node: number): void {
    for (let i = node; i <= node + 1; i++) {
      if (!Number.isNaN(this.values[i * FLOW_COLUMNS])) continue;
      const tempC = i <= HOT_AT ? FIRST_C + i * NODE_K : HOT_C + (i - HOT_AT) * HOT_NODE_K;
      const { dryW, steamKgS, airWK, coolerK } = this.flow(tempC);
      this.values.set([dryW, steamKgS, airWK, coolerK], i * FLOW_COLUMNS);
    }
  }

  /** A column at a temperature, °C. */
  at(column: number, tempC: number): number {
    const position = flowPosition(tempC);
    const node = position | 0;
    this.fill(node);
    const from = this.values[node * FLOW_COLUMNS + column] as number;
    const to = this.values[(node + 1) * FLOW_COLUMNS + column] as number;
    return from + (position - node) * (to - from);
  }
}
