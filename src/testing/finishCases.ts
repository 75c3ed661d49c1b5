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

/** Checks every figure of a case within its own tolerance. */
export function close({ outputs, tolerance }: FinishCase, found: Readonly<Record<string, number>>): void {
  for (const [name, value] of Object.entries(found)) {
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
