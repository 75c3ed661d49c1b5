import { LiveHub, type LiveUpdate } from '../ui/live/hub';

/** Messages from a page: it starts or stops following a braise, under a key of its own. */
export type FromPage =
  | { readonly follow: string; readonly key: number }
  | { readonly unfollow: number }
  /** It closes, and follows nothing any more. */
  | { readonly bye: true };

/** Messages to a page: an update for the follower of a key. */
export interface FromWorker {
  readonly key: number;
  readonly news: LiveUpdate;
}

const hub = new LiveHub();

/** One worker for all tabs: they share its one stream. */
(self as unknown as { onconnect: (event: MessageEvent) => void }).onconnect = ({ ports }) => {
  const port = ports[0] as MessagePort;
  const following = new Map<number, () => void>();
  port.onmessage = ({ data }: MessageEvent<FromPage>) => {
    if ('follow' in data) {
      const { key } = data;
      const tell = (news: LiveUpdate): void => {
        port.postMessage({ key, news } satisfies FromWorker);
      };
      following.set(key, hub.follow(data.follow, tell));
    } else if ('unfollow' in data) {
      following.get(data.unfollow)?.();
      following.delete(data.unfollow);
    } else {
      for (const stop of following.values()) stop();
      following.clear();
    }
  };
};
