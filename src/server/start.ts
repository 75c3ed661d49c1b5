import 'server-only';
import { closeBackup, scheduleBackups } from './backups';
import { database, dataFolder, inEnglish, TRY_AGAIN_MS } from './database';
import { loadDemoIfEmpty } from './demo';
import { closeEngine, pools } from './engine';
import { backfillEntries } from './entries';
import { closeStreams } from './hub';
import { log } from './log';
import { restore, startupMessage } from './openDatabaseFile';
import { guardRequests } from './requestGuards';

/** Longest time the server takes to stop, whatever is still open, ms. */
const STOPS_WITHIN_MS = 1500;

/** Ends open streams and soon everything else: anything acknowledged as saved is saved by then. */
function stop(): void {
  closeStreams();
  setTimeout(() => {
    void database()
      .then((db) => db.close())
      .then(closeBackup)
      .then(closeEngine)
      .catch((err: unknown) => {
        log().error({ err }, 'server did not shut down cleanly');
      })
      .finally(() => {
        process.exit(0);
      });
  }, STOPS_WITHIN_MS).unref();
}

/**
 * Starts backups and backfill once the data can be served; until then every page says why not, and the terminal was
 * told.
 */
async function seeToKept(): Promise<void> {
  try {
    const db = await database();
    await loadDemoIfEmpty(db);
    void backfillEntries(db);
    scheduleBackups(dataFolder());
  } catch (error) {
    if (!startupMessage(error)) throw error;
    setTimeout(() => {
      void seeToKept();
    }, TRY_AGAIN_MS).unref();
  }
}

/** Restores the backup named at startup; if that fails nothing is served. */
async function restoreIfAsked(): Promise<void> {
  const copy = process.env.EVEN_EMBER_RESTORE;
  delete process.env.EVEN_EMBER_RESTORE;
  if (copy === undefined || copy === '') return;
  try {
    await restore(dataFolder(), copy);
  } catch (error) {
    const says = startupMessage(error);
    if (!says) throw error;
    process.stderr.write(`${inEnglish(says)}\n`);
    process.exit(1);
  }
}

/** Opens the database and sets up what happens when asked to stop. */
export async function startServer(): Promise<void> {
  await restoreIfAsked();
  for (const signal of ['SIGTERM', 'SIGINT'] as const) process.prependListener(signal, stop);
  guardRequests();
  pools();
  await seeToKept();
}
