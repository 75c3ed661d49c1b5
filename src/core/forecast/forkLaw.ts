import { normalCdf } from '../numbers';
import { type Cut } from '../larder';
import { donenessThresholds } from '../tenderness';

/** How finely a cook feels from test to test: scale of the error in ln cook value. */
const FORK_SPREAD = 0.12;
/** Beyond so many scales the error's tails are exponential: a test that goes wrong is still likelier near than far. */
const CORE = 0.8;

const TAIL = Math.exp((-CORE * CORE) / 2) / CORE;
const ROOT_2PI = Math.sqrt(2 * Math.PI);
/** Area under the density before it is divided by this. */
const AREA = ROOT_2PI * (2 * normalCdf(CORE) - 1) + 2 * TAIL;

/** Chance of an error of less than `z` scales, for `z` below zero. */
function below(z: number): number {
  if (z < -CORE) return Math.exp(CORE * z + (CORE * CORE) / 2) / (CORE * AREA);
  return (TAIL + ROOT_2PI * (normalCdf(z) - normalCdf(-CORE))) / AREA;
}

/** Chance of an error between `from` and `to` scales, exact far out too. */
function between(from: number, to: number): number {
  if (from >= 0) return below(-from) - below(-to);
  return (to <= 0 ? below(to) : 1 - below(-to)) - below(from);
}

/**
 * Probability of each doneness being reported when the slowest quarter is at `progress` of where this cook's fork finds
 * it done. Six shares, sum 1. The error is Gaussian in its core and exponential in its tails. Its density is log-concave,
 * so that a stronger finding always speaks for meat that is further on: a mixture with wide slips has no such law.
 */
export function stageChances(cut: Cut, progress: number): number[] {
  return findingChances(
    donenessThresholds(cut).map((threshold) => threshold / cut.cookValue.twists),
    progress,
  );
}

/** The same with the thresholds as shares of the cook value at which it is done; ascending. */
export function findingChances(thresholds: readonly number[], progress: number): number[] {
  const x = Math.log(Math.max(progress, 1e-9));
  const edges = [-Infinity, ...thresholds.map((t) => (Math.log(t) - x) / FORK_SPREAD), Infinity];
  return edges.slice(1).map((to, k) => Math.max(Number.MIN_VALUE, between(edges[k] as number, to)));
}
