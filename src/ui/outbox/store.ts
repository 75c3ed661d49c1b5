import { type DBSchema, type IDBPDatabase, openDB } from 'idb';
import { type OutboxRow } from './record';

interface OutboxSchema extends DBSchema {
  events: { key: string; value: OutboxRow; indexes: { cookId: string } };
}

let opened: Promise<IDBPDatabase<OutboxSchema>> | undefined;

function database(): Promise<IDBPDatabase<OutboxSchema>> {
  opened ??= openDB<OutboxSchema>('even-ember-queue', 1, {
    upgrade(db) {
      db.createObjectStore('events', { keyPath: 'event.id' }).createIndex('cookId', 'cookId');
    },
  });
  // A refusal may be temporary: it is tried again the next time.
  opened.catch(() => {
    opened = undefined;
  });
  return opened;
}

/** Stores a record on this device. Rejects if the browser cannot: no room, or storage denied. */
export async function keepRow(row: OutboxRow): Promise<void> {
  await (await database()).put('events', row);
}

/** All records stored on this device, oldest first. Rejects if the browser stores nothing. */
export async function keptRows(): Promise<OutboxRow[]> {
  const rows = await (await database()).getAll('events');
  return rows.sort((a, b) => a.order - b.order);
}

/** Deletes a record. */
export async function dropRow(eventId: string): Promise<void> {
  await (await database()).delete('events', eventId);
}
