import { type NewEvent } from '@/contract/cook';
import { type Message } from '@/core/message';

/** A record as it waits to be sent: with the version of what it says, so that an update in between does no harm. */
export type QueuedEvent = NewEvent & { readonly actVersion?: number };

/** A record on this device that the server does not have. */
export interface OutboxRow {
  readonly cookId: string;
  /** What the braise is called. */
  readonly title?: string;
  readonly event: QueuedEvent;
  readonly order: number;
  /** Why the server would not have it; left out while it waits. */
  readonly refused?: Message;
}

/** When a record of this device happened by the kitchen's clock, ms. */
export function happenedMs({ atMs, aheadMs = 0 }: QueuedEvent): number {
  return atMs - aheadMs;
}
