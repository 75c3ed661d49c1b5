import { nextSequence } from './device';
import { type OutboxRow } from './record';
import { dropRow, keepRow, keptRows } from './store';
import { noteConnection } from '../connection';
import { clockAheadMs, kitchenNow } from '../serverClock';
import { send } from '../send';
import { CURRENT_VERSION } from '@/contract/stored/versions';
import { type NewEvent } from '@/contract/cook';
import { MINUTE_MS } from '@/core/quantity';

/** A record the server does not have, and whether this device has stored it until then. */
export interface OutboxRecord extends OutboxRow {
  readonly kept: 'yes' | 'no' | 'not yet';
}

export interface OutboxState {
  /** Records the server does not have, oldest first. */
  readonly records: readonly OutboxRecord[];
  /** Records it accepted recently: shown until its own view includes them. */
  readonly sent: readonly OutboxRow[];
}

const RETRY_MS = 4000;
const MAX_SENT = 100;

/** Records of this device on their way to the server. One per page; pages of one browser share the storage. */
export class Outbox {
  private state: OutboxState = { records: [], sent: [] };
  private readonly listeners = new Set<() => void>();
  private readonly others =
    typeof BroadcastChannel === 'undefined' ? undefined : new BroadcastChannel('even-ember-outbox');
  private sending = false;
  private again = false;

  readonly snapshot = (): OutboxState => this.state;

  readonly subscribe = (listener: () => void): (() => void) => {
    if (this.listeners.size === 0) this.wake();
    this.listeners.add(listener);
    return () => {
      this.listeners.delete(listener);
      if (this.listeners.size === 0) this.sleep();
    };
  };

  /** Adds a record of something that happened now or this many minutes ago, and starts sending it. */
  record(cookId: string, title: string, act: NewEvent['act'], agoMin = 0): void {
    const nowMs = Date.now();
    const atMs = nowMs - agoMin * MINUTE_MS;
    const by = nextSequence();
    const ahead = clockAheadMs();
    const event = { id: crypto.randomUUID(), atMs, act, by, ...(ahead === undefined ? {} : { aheadMs: ahead }) };
    const row: OutboxRow = { cookId, title, event: { ...event, actVersion: CURRENT_VERSION.record }, order: nowMs };
    this.set({ records: [...this.state.records, { ...row, kept: 'not yet' }] });
    void this.keep(row).then(() => this.flush());
  }

  /** Sends a refused record again. */
  async retry(eventId: string): Promise<void> {
    const found = this.state.records.find((r) => r.event.id === eventId);
    if (!found) return;
    const { cookId, title, event, order } = found;
    const row = { cookId, event, order, ...(title !== undefined && { title }) };
    this.replace(eventId, { ...row, kept: 'not yet' });
    await this.keep(row);
    await this.flush();
  }

  /** Discards a record. */
  async discard(eventId: string): Promise<void> {
    this.replace(eventId, undefined);
    await this.drop(eventId);
  }

  /** Sends what is waiting, in order. After a 5xx, later records of that braise wait. */
  async flush(): Promise<void> {
    if (this.sending) {
      this.again = true;
      return;
    }
    this.sending = true;
    this.again = false;
    await this.sendAll();
    this.sending = false;
    if (this.hasMore()) await this.flush();
  }

  /** Whether more was to be sent while the last one was on its way. */
  private hasMore(): boolean {
    return this.again;
  }

  private async sendAll(): Promise<void> {
    const stuck = new Set<string>();
    for (const row of this.state.records.filter((r) => r.refused === undefined && r.kept !== 'not yet')) {
      if (stuck.has(row.cookId)) continue;
      // Recorded before the clocks were ever compared.
      const event = { aheadMs: clockAheadMs() ?? 0, ...row.event };
      const sent = await send('POST', `/api/braises/${row.cookId}/events`, event);
      noteConnection(sent.ok || sent.status !== 0, kitchenNow());
      if (!sent.ok && sent.status === 0) return;
      if (!sent.ok && sent.status >= 500) stuck.add(row.cookId);
      else if (sent.ok) await this.taken(row);
      else await this.refuse(row, sent.says);
    }
  }

  private async taken(row: OutboxRecord): Promise<void> {
    this.set({
      records: this.state.records.filter((r) => r.event.id !== row.event.id),
      sent: [...this.state.sent, row].slice(-MAX_SENT),
    });
    await this.drop(row.event.id);
  }

  private async refuse({ kept, ...row }: OutboxRecord, refused: OutboxRow['refused']): Promise<void> {
    const told = { ...row, ...(refused && { refused }) };
    this.replace(row.event.id, { ...told, kept });
    await this.keep(told);
  }

  private async keep(row: OutboxRow): Promise<void> {
    let kept: OutboxRecord['kept'] = 'yes';
    try {
      await keepRow(row);
      this.others?.postMessage('changed');
    } catch {
      kept = 'no';
    }
    this.replace(row.event.id, { ...row, kept });
  }

  private async drop(eventId: string): Promise<void> {
    try {
      await dropRow(eventId);
      this.others?.postMessage('changed');
    } catch {
      // It was never stored, or is sent again: the server recognises its id.
    }
  }

  /** Picks up what other pages have stored, and what was stored before this page opened. */
  private async load(): Promise<void> {
    try {
      const rows = await keptRows();
      const own = this.state.records.filter((r) => r.kept !== 'yes');
      const more = rows.filter((r) => !own.some((o) => o.event.id === r.event.id));
      this.set({
        records: [...more.map((r): OutboxRecord => ({ ...r, kept: 'yes' })), ...own].sort((a, b) => a.order - b.order),
      });
    } catch {
      // Nothing can be stored here; a record says so.
    }
  }

  private readonly onOthers = (): void => {
    void this.load();
  };
  private readonly onOnline = (): void => {
    void this.flush();
  };
  private timer: ReturnType<typeof setInterval> | undefined;

  private wake(): void {
    void this.load().then(() => this.flush());
    this.timer = setInterval(() => {
      if (this.state.records.length > 0) void this.flush();
    }, RETRY_MS);
    this.others?.addEventListener('message', this.onOthers);
    addEventListener('online', this.onOnline);
  }

  private sleep(): void {
    clearInterval(this.timer);
    // The storage is read again on waking; what was accepted is with the server.
    this.state = { ...this.state, records: this.state.records.filter((r) => r.kept !== 'yes'), sent: [] };
    this.others?.removeEventListener('message', this.onOthers);
    removeEventListener('online', this.onOnline);
  }

  private replace(eventId: string, record: OutboxRecord | undefined): void {
    this.set({
      records: this.state.records.flatMap((r) => (r.event.id !== eventId ? [r] : record === undefined ? [] : [record])),
    });
  }

  private set(part: Partial<OutboxState>): void {
    this.state = { ...this.state, ...part };
    for (const listener of this.listeners) listener();
  }
}
