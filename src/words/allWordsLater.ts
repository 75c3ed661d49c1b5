import { type AllWords } from './tables';

let tableOf: AllWords['now'] | undefined;
let coming: Promise<void> | undefined;

function whenAll(): Promise<void> {
  coming ??= import('./tables').then(
    (tables) => {
      ({ tableOf } = tables);
    },
    (failure: unknown) => {
      // It is asked for again the next time.
      coming = undefined;
      throw failure;
    },
  );
  return coming;
}

/**
 * In a browser a page brings the words it shows with it; all others come after it, so that none holds up the first
 * answer.
 */
export const allWords: AllWords = { now: (id) => tableOf?.(id), whenAll };

// A page without a line to the server asks again when it needs one.
whenAll().catch(() => undefined);
