import 'server-only';
import { EventEmitter } from 'node:events';

declare global {
  var evenEmberHub: EventEmitter | undefined;
}

function hub(): EventEmitter {
  if (!globalThis.evenEmberHub) {
    globalThis.evenEmberHub = new EventEmitter();
    globalThis.evenEmberHub.setMaxListeners(0);
  }
  return globalThis.evenEmberHub;
}

const CLOSING = 'closing';

/**
 * Calls `listener` when the server is asked to stop, so that open streams do not keep it alive. Returns an unsubscribe
 * function.
 */
export function onClose(listener: () => void): () => void {
  hub().on(CLOSING, listener);
  return () => {
    hub().off(CLOSING, listener);
  };
}

/** Ends every open stream. */
export function closeStreams(): void {
  hub().emit(CLOSING);
}
