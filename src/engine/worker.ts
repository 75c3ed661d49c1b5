import { setFlagsFromString } from 'node:v8';
import { runInNewContext } from 'node:vm';
import { type JobInput, type JobKind, JOBS } from './jobs';

/** Released heat traces are garbage-collected once they add up to this, bytes. */
const MAX_LEFT_BYTES = 24_000_000;

setFlagsFromString('--expose-gc');
const collect = runInNewContext('gc') as () => void;

let heldBytes = 0;

/**
 * Frees what jobs have left behind. Almost all of a forecast is in buffers outside the heap, which put no pressure on
 * the collector: left alone, hundreds of megabytes of them accumulate.
 */
function tidy(): void {
  if (process.memoryUsage().arrayBuffers < heldBytes + MAX_LEFT_BYTES) return;
  collect();
  heldBytes = process.memoryUsage().arrayBuffers;
}

/** One job in a worker of the server's pool. */
export default function run<Kind extends JobKind>({ kind, input }: { kind: Kind; input: JobInput<Kind> }): unknown {
  const job = JOBS[kind] as (...given: JobInput<Kind>) => unknown;
  const result = job(...input);
  setImmediate(tidy);
  return result;
}
