import { LiveHub, type LiveUpdate } from './hub';
import { type FromPage, type FromWorker } from '@/workers/live.worker';

interface Follower {
  readonly cookId: string;
  readonly tell: (news: LiveUpdate) => void;
}

type Follow = (cookId: string, tell: (news: LiveUpdate) => void) => () => void;

/** Follows through the shared worker of all tabs. */
function sharedFollow(): Follow {
  const worker = new SharedWorker(new URL('../../workers/live.worker.ts', import.meta.url), {
    type: 'module',
    name: 'even-ember-live',
  });
  const followers = new Map<number, Follower>();
  let last = 0;
  const say = (message: FromPage): void => {
    worker.port.postMessage(message);
  };
  worker.port.onmessage = ({ data: { key, news } }: MessageEvent<FromWorker>) => {
    followers.get(key)?.tell(news);
  };
  // A hidden page follows nothing; when it is restored it follows what it did before.
  addEventListener('pagehide', () => {
    say({ bye: true });
  });
  addEventListener('pageshow', ({ persisted }) => {
    if (persisted) for (const [key, { cookId }] of followers) say({ follow: cookId, key });
  });
  return (cookId, tell) => {
    const key = ++last;
    followers.set(key, { cookId, tell });
    say({ follow: cookId, key });
    return () => {
      followers.delete(key);
      say({ unfollow: key });
    };
  };
}

function ownFollow(): Follow {
  const hub = new LiveHub();
  return (cookId, tell) => hub.follow(cookId, tell);
}

let follow: Follow | undefined;

/**
 * Reports the state of a braise, now and after every change. Returns an unsubscribe function. All tabs share one stream
 * if the browser has shared workers; otherwise each has its own.
 */
export function followCook(cookId: string, tell: (news: LiveUpdate) => void): () => void {
  follow ??= typeof SharedWorker === 'undefined' ? ownFollow() : sharedFollow();
  return follow(cookId, tell);
}
