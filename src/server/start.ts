import 'server-only';
import { closeCopy, keepCopies } from './backups';
import { database, dataFolder, inEnglish, TRY_AGAIN_MS } from './database';
import { loadDemoIfEmpty } from './demo';
import { closeEngine, pools } from './engine';
import { backfillEntries } from './entries';
import { closeStreams } from './hub';
import { log } from './log';
import { restore, startSays } from './openDatabaseFile';
import { guardRequests } from './requestGuards';

/** Longest the server takes to stop, whatever is still open, ms. */
const STOPS_WITHIN_MS = 1500;

/** Ends open streams and, before long, everything: what was answered as kept is kept by then. */
function stop(): void {
  closeStreams();
  setTimeout(() => {
    void database()
      .then((db) => db.close())
      .then(closeCopy)
      .then(closeEngine)
      .catch((err: unknown) => {
        log().error({ err }, 'the server could not be closed in order');
      })
      .finally(() => {
        process.exit(0);
      });
  }, STOPS_WITHIN_MS).unref();
}

/** Sees to what is kept once it can be served; until then every page says why not, and the terminal was told. */
async function seeToKept(): Promise<void> {
  try {
    const db = await database();
    await loadDemoIfEmpty(db);
    void backfillEntries(db);
    keepCopies(dataFolder());
  } catch (error) {
    if (!startSays(error)) throw error;
    setTimeout(() => {
      void seeToKept();
    }, TRY_AGAIN_MS).unref();
  }
}

/** Puts the copy that the start was asked for in the place of what is kept; where that cannot be done nothing is served. */
async function restoreIfAsked(): Promise<void> {
  const copy = process.env.EVEN_EMBER_RESTORE;
  delete process.env.EVEN_EMBER_RESTORE;
  if (copy === undefined || copy === '') return;
  try {
    await restore(dataFolder(), copy);
  } catch (error) {
    const says = startSays(error);
    if (!says) throw error;
    process.stderr.write(`${inEnglish(says)}\n`);
    process.exit(1);
  }
}

/** Opens the database and says what to do when asked to stop. */
export async function startServer(): Promise<void> {
  await restoreIfAsked();
  for (const signal of ['SIGTERM', 'SIGINT'] as const) process.prependListener(signal, stop);
  guardRequests();
  pools();
  await seeToKept();
}
