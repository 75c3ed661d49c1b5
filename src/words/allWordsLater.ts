import { type AllWords } from './tables';

let tableOf: AllWords['now'] | undefined;
let coming: Promise<void> | undefined;

function whenAll(): Promise<void> {
  coming ??= import('./tables').then(
    (tables) => {
      ({ tableOf } = tables);
    },
    (failure: unknown) => {
      // It is requested again the next time.
      coming = undefined;
      throw failure;
    },
  );
  return coming;
}

/** In a browser a page brings the words it shows; all others are loaded afterwards, so that they do not delay it. */
export const allWords: AllWords = { now: (id) => tableOf?.(id), whenAll };

// A page without a connection asks again when it needs one.
whenAll().catch(() => undefined);
