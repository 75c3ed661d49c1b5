import 'server-only';
import { followed } from './planAtStart';
import { findCook } from './cooks';
import { type Database } from './database';
import { work } from './engine';
import { log } from './log';
import { type CookEvent } from '../core/cook';

/** What open screens of a cook are told: all its records and, as text, the forecast; or that it is gone. */
export type News =
  | { readonly name: 'view'; readonly events: readonly CookEvent[]; readonly liveText: string }
  | { readonly name: 'gone' };

interface Watched {
  readonly listeners: Set<(news: News) => void>;
  working: boolean;
  /** It has changed since the work under way began. */
  again: boolean;
}

declare global {
  var evenEmberWatched: Map<string, Watched> | undefined;
}

function watched(): Map<string, Watched> {
  globalThis.evenEmberWatched ??= new Map<string, Watched>();
  return globalThis.evenEmberWatched;
}

async function newsOf(db: Database, cookId: string): Promise<News | undefined> {
  const cook = await findCook(db, cookId);
  if (!cook) return { name: 'gone' };
  if (!cook.ok) return undefined;
  const { events } = cook.value;
  const text = await work(cookId, 'liveText', await followed(db, cook.value), Date.now());
  return text.ok ? { name: 'view', events, liveText: text.value } : undefined;
}

/** Whether there is something new to tell, and somebody to tell it to. */
const hasChanged = (one: Watched): boolean => one.again && one.listeners.size > 0;

/**
 * Works the news of a cook out once, however many look, and tells them all. What changes meanwhile is worked out after it,
 * and only the last of it.
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
    log().error({ err, cookId }, 'a view could not be worked out');
  }
  one.working = false;
  if (hasChanged(one)) await tellAll(db, cookId, one);
}

/** Has every open screen of a cook told how it stands now. Does not wait for it. */
export function publish(db: Database, cookId: string): void {
  const one = watched().get(cookId);
  if (one) void tellAll(db, cookId, one);
}

/** Tells `listener` how a cook stands, now and after every change. Returns how to stop. */
export function watch(db: Database, cookId: string, listener: (news: News) => void): () => void {
  const one = watched().get(cookId) ?? { listeners: new Set(), working: false, again: false };
  watched().set(cookId, one);
  one.listeners.add(listener);
  void tellAll(db, cookId, one);
  return () => {
    one.listeners.delete(listener);
    if (one.listeners.size === 0) watched().delete(cookId);
  };
}
