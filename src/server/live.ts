import 'server-only';
import { followed } from './planAtStart';
import { findBraise } from './braises';
import { type Database } from './database';
import { work } from './engine';
import { log } from './log';
import { type CookEvent } from '../core/cook';

/** Update for the open screens of a braise: all its records and, as text, the forecast; or that it is gone. */
export type LiveUpdate =
  | { readonly name: 'view'; readonly events: readonly CookEvent[]; readonly liveText: string }
  | { readonly name: 'gone' };

interface Watched {
  readonly listeners: Set<(news: LiveUpdate) => void>;
  working: boolean;
  /** It has changed since the current computation began. */
  again: boolean;
}

declare global {
  var evenEmberWatched: Map<string, Watched> | undefined;
}

function watched(): Map<string, Watched> {
  globalThis.evenEmberWatched ??= new Map<string, Watched>();
  return globalThis.evenEmberWatched;
}

async function newsOf(db: Database, cookId: string): Promise<LiveUpdate | undefined> {
  const cook = await findBraise(db, cookId);
  if (!cook) return { name: 'gone' };
  if (!cook.ok) return undefined;
  const { events } = cook.value;
  const text = await work(cookId, 'liveText', await followed(db, cook.value), Date.now());
  return text.ok ? { name: 'view', events, liveText: text.value } : undefined;
}

/** Whether there is something new to tell, and somebody to tell it to. */
const hasChanged = (one: Watched): boolean => one.again && one.listeners.size > 0;

/**
 * Computes the update of a braise once, however many screens are open, and sends it to all. Changes made meanwhile are
 * computed afterwards, only the last of them.
 */
async function tellAll(db: Database, cookId: string, one: Watched): Promise<void> {
  if (one.working) {
    one.again = true;
    return;
  }
  one.working = true;
  one.again = false;
  try {
    const news = await newsOf(db, cookId);
    if (news) for (const listener of one.listeners) listener(news);
  } catch (err) {
    log().error({ err, cookId }, 'live view could not be computed');
  }
  one.working = false;
  if (hasChanged(one)) await tellAll(db, cookId, one);
}

/** Broadcasts the current state to open screens (fire and forget). */
export function publish(db: Database, cookId: string): void {
  const one = watched().get(cookId);
  if (one) void tellAll(db, cookId, one);
}

/** Tells `listener` the state of a braise, now and after every change. Returns an unsubscribe function. */
export function watch(db: Database, cookId: string, listener: (news: LiveUpdate) => void): () => void {
  const one = watched().get(cookId) ?? { listeners: new Set(), working: false, again: false };
  watched().set(cookId, one);
  one.listeners.add(listener);
  void tellAll(db, cookId, one);
  return () => {
    one.listeners.delete(listener);
    if (one.listeners.size === 0) watched().delete(cookId);
  };
}
