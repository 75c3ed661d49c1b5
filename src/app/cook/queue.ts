import { type DBSchema, type IDBPDatabase, openDB } from 'idb';
import { type NewEvent } from '@/contract/cook';
import { ACT } from '@/contract/kept/act';

/** A record as it waits to be sent: with the version of what it says, so that an update in between does no harm. */
export type QueuedEvent = NewEvent & { readonly actVersion?: number };

interface QueueSchema extends DBSchema {
  events: {
    key: string;
    value: { readonly cookId: string; readonly event: QueuedEvent; readonly order: number };
    indexes: { cookId: string };
  };
}

let opened: Promise<IDBPDatabase<QueueSchema>> | undefined;

function queue(): Promise<IDBPDatabase<QueueSchema>> {
  opened ??= openDB<QueueSchema>('even-ember-queue', 1, {
    upgrade(db) {
      db.createObjectStore('events', { keyPath: 'event.id' }).createIndex('cookId', 'cookId');
    },
  });
  return opened;
}

/** Keeps a record on this device until the server has it. */
export async function enqueue(cookId: string, event: NewEvent): Promise<void> {
  await (await queue()).put('events', { cookId, event: { ...event, actVersion: ACT.version }, order: Date.now() });
}

/** Records of a cook that the server does not have yet, oldest first. */
export async function waiting(cookId: string): Promise<QueuedEvent[]> {
  const rows = await (await queue()).getAllFromIndex('events', 'cookId', cookId);
  return rows.sort((a, b) => a.order - b.order).map((r) => r.event);
}

/** Forgets a record that the server has taken or refused. */
export async function dequeue(eventId: string): Promise<void> {
  await (await queue()).delete('events', eventId);
}
