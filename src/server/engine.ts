import 'server-only';
import { availableParallelism } from 'node:os';
import { join } from 'node:path';
import { Piscina } from 'piscina';
import { log } from './log';
import { hashOf } from '../core/numbers';
import { type JobInput, type JobKind, type JobResult } from '../engine/jobs';
import { MINUTE_MS } from '../core/quantity';

/** No job takes longer than this: a worker that has not answered by then is hanging and is replaced, ms. */
const HANGS_AFTER_MS = MINUTE_MS;
const hangsAfterMs = (): number => Number(process.env.EVEN_EMBER_HANGS_MS ?? HANGS_AFTER_MS);

/** The engine as one file for workers, made by the build. */
const file = (): string => process.env.EVEN_EMBER_ENGINE ?? join(process.cwd(), '.next', 'engine.cjs');

/** Workers, each a pool of one: related jobs go to the same one, which has cached earlier results. */
interface Workers {
  readonly pools: readonly Piscina[];
  /** The last job given to each; a job starts, and its time counts, when those before it are done. */
  readonly last: Map<Piscina, Promise<unknown>>;
}

declare global {
  var evenEmberWorkers: Workers | undefined;
}

/** The workers, started on first use. */
export function pools(): readonly Piscina[] {
  globalThis.evenEmberWorkers ??= {
    pools: Array.from(
      { length: Math.max(1, availableParallelism() - 1) },
      () => new Piscina({ filename: file(), minThreads: 1, maxThreads: 1, idleTimeout: Infinity }),
    ),
    last: new Map(),
  };
  return globalThis.evenEmberWorkers.pools;
}

/**
 * Runs a job in a worker; jobs of one `topic` go to the same one, in order. A worker that dies or hangs is replaced and
 * its job is run again, once. Rejects with what the job itself throws.
 */
export async function work<Kind extends JobKind>(
  topic: string,
  kind: Kind,
  ...input: JobInput<Kind>
): Promise<JobResult<Kind>> {
  const all = pools();
  const pool = all[hashOf(topic) % all.length] as Piscina;
  const last = globalThis.evenEmberWorkers?.last;
  const run = () =>
    pool.run({ kind, input }, { signal: AbortSignal.timeout(hangsAfterMs()) }) as Promise<JobResult<Kind>>;
  const job = async (): Promise<JobResult<Kind>> => {
    try {
      return await run();
    } catch (err) {
      // Closed meanwhile: there is nobody to run it, and nobody waiting for it.
      if (globalThis.evenEmberWorkers?.pools !== all) throw err;
      log().warn({ err, kind, topic }, 'job failed, trying again');
      return run();
    }
  };
  const done = (last?.get(pool) ?? Promise.resolve()).then(job);
  last?.set(
    pool,
    done.catch(() => undefined),
  );
  return done;
}

/** Stops all workers. */
export async function closeEngine(): Promise<void> {
  const open = globalThis.evenEmberWorkers?.pools ?? [];
  globalThis.evenEmberWorkers = undefined;
  await Promise.all(open.map((pool) => pool.destroy()));
}
