import { LiveHub, type LiveNews } from '../ui/live/hub';

/** What a page says to the worker: it begins or stops to follow a braise, under a key of its own. */
export type FromPage =
  | { readonly follow: string; readonly key: number }
  | { readonly unfollow: number }
  /** It goes, and follows nothing any more. */
  | { readonly bye: true };

/** What the worker says to a page: news for who follows under a key. */
export interface FromWorker {
  readonly key: number;
  readonly news: LiveNews;
}

const hub = new LiveHub();

/** One worker for all tabs: they share its one stream. */
(self as unknown as { onconnect: (event: MessageEvent) => void }).onconnect = ({ ports }) => {
  const port = ports[0] as MessagePort;
  const following = new Map<number, () => void>();
  port.onmessage = ({ data }: MessageEvent<FromPage>) => {
    if ('follow' in data) {
      const { key } = data;
      const tell = (news: LiveNews): void => {
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
