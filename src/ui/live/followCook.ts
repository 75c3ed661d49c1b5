import { LiveHub, type LiveNews } from './hub';
import { type FromPage, type FromWorker } from '@/workers/live.worker';

interface Follower {
  readonly cookId: string;
  readonly tell: (news: LiveNews) => void;
}

type Follow = (cookId: string, tell: (news: LiveNews) => void) => () => void;

/** Follows through the worker that all tabs share. */
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
  // A page that is put away follows nothing; one that is brought back follows what it did.
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
 * Tells how a braise stands, now and after every change. Returns how to stop. All tabs share one stream where the browser
 * has shared workers; elsewhere each has its own.
 */
export function followCook(cookId: string, tell: (news: LiveNews) => void): () => void {
  follow ??= typeof SharedWorker === 'undefined' ? ownFollow() : sharedFollow();
  return follow(cookId, tell);
}
