import 'server-only';
import { database } from './database';
import { loadDemoIfEmpty } from './demo';
import { closeStreams } from './hub';

/** Opens the database and, asked to stop, ends open streams first: they would hold the server for 20 s. */
export async function startServer(): Promise<void> {
  for (const signal of ['SIGTERM', 'SIGINT'] as const) process.prependListener(signal, closeStreams);
  await loadDemoIfEmpty(await database());
}
