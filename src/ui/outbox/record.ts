import { type NewEvent } from '@/contract/cook';
import { type Message } from '@/core/message';

/** A record waiting to be sent: with the version of its act, so that an update in between does no harm. */
export type QueuedEvent = NewEvent & { readonly actVersion?: number };

/** A record on this device that the server does not have. */
export interface OutboxRow {
  readonly cookId: string;
  /** Title of the braise. */
  readonly title?: string;
  readonly event: QueuedEvent;
  readonly order: number;
  /** Why the server refused it; omitted while it is waiting. */
  readonly refused?: Message;
}

/** When a record of this device happened on the kitchen's clock, ms. */
export function happenedMs({ atMs, aheadMs = 0 }: QueuedEvent): number {
  return atMs - aheadMs;
}
