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
  // A refusal may pass: it is asked again the next time.
  opened.catch(() => {
    opened = undefined;
  });
  return opened;
}

/** Keeps a record on this device. Rejects where the browser does not: no room, or none of it for us. */
export async function keepRow(row: OutboxRow): Promise<void> {
  await (await database()).put('events', row);
}

/** All records kept on this device, oldest first. Rejects where the browser keeps nothing. */
export async function keptRows(): Promise<OutboxRow[]> {
  const rows = await (await database()).getAll('events');
  return rows.sort((a, b) => a.order - b.order);
}

/** Forgets a record. */
export async function dropRow(eventId: string): Promise<void> {
  await (await database()).delete('events', eventId);
}
