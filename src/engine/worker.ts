import { setFlagsFromString } from 'node:v8';
import { runInNewContext } from 'node:vm';
import { type JobInput, type JobKind, JOBS } from './jobs';

/** Courses of heat no longer held come to this much before they are given back, bytes. */
const MAX_LEFT_BYTES = 24_000_000;

setFlagsFromString('--expose-gc');
const collect = runInNewContext('gc') as () => void;

let heldBytes = 0;

/**
 * Gives back what jobs have left behind. Of a forecast almost everything is in buffers outside the heap, which the collector
 * does not feel: left alone it lets hundreds of megabytes of them lie.
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
