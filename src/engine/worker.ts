import { type JobInput, type JobKind, JOBS } from './jobs';

/** One job in a worker of the server's pool. */
export default function run<Kind extends JobKind>({ kind, input }: { kind: Kind; input: JobInput<Kind> }): unknown {
  const job = JOBS[kind] as (...given: JobInput<Kind>) => unknown;
  return job(...input);
}
