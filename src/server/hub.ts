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

/** Tells every open screen of a cook that it has changed. */
export function announce(cookId: string): void {
  hub().emit(cookId);
}

/** Calls `listener` whenever the cook changes; returns how to stop. */
export function listen(cookId: string, listener: () => void): () => void {
  hub().on(cookId, listener);
  return () => {
    hub().off(cookId, listener);
  };
}

const CLOSING = 'closing';

/** Calls `listener` when the server is asked to stop, so that open streams do not keep it alive. Returns how to forget it. */
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
