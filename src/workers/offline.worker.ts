import { ExpirationPlugin } from 'workbox-expiration';
import { addPlugins, cleanupOutdatedCaches, precacheAndRoute, type PrecacheEntry } from 'workbox-precaching';
import { registerRoute, setCatchHandler } from 'workbox-routing';
import { NetworkFirst } from 'workbox-strategies';

/** The build's scripts, styles and fonts, and its id; filled in when this file is made. */
declare const EVEN_EMBER_FILES: PrecacheEntry[];
declare const EVEN_EMBER_BUILD: string;

interface Scope extends EventTarget {
  readonly registration: { readonly scope: string };
  readonly clients: { claim: () => Promise<void> };
  skipWaiting: () => Promise<void>;
}
const scope = self as unknown as Scope;

/** Pages of one build only: others may need scripts that are gone and misread the server's answers. */
const PAGES = `even-ember-pages-${EVEN_EMBER_BUILD}`;
const MAX_PAGES = 40;
const ANSWERS_WITHIN_S = 8;

/** A page that may be shown offline: complete, and of the present data. */
const isKeepable = (response: Response): boolean =>
  response.status === 200 &&
  !response.redirected &&
  response.headers.get('x-even-ember-page') === 'present' &&
  (response.headers.get('content-type') ?? '').startsWith('text/html');

/**
 * A page takes the URL of the response it was served, and a cached one has lost its fragment: a response without a URL
 * keeps the requested one.
 */
const withoutAddress = (response: Response | undefined): Response | null =>
  response ? new Response(response.body, response) : null;

addPlugins([
  {
    cachedResponseWillBeUsed: ({ event, cachedResponse }) => {
      // During installation nobody has requested anything.
      const destination = (event as { readonly request?: Request } | undefined)?.request?.destination;
      const forWorker = destination === 'worker' || destination === 'sharedworker';
      return Promise.resolve(forWorker ? withoutAddress(cachedResponse) : cachedResponse);
    },
  },
]);
cleanupOutdatedCaches();
precacheAndRoute(EVEN_EMBER_FILES);

registerRoute(
  ({ request }) => request.mode === 'navigate',
  new NetworkFirst({
    cacheName: PAGES,
    networkTimeoutSeconds: ANSWERS_WITHIN_S,
    plugins: [
      { cacheWillUpdate: ({ response }) => Promise.resolve(isKeepable(response) ? response : null) },
      new ExpirationPlugin({ maxEntries: MAX_PAGES }),
    ],
  }),
);

/** A page never visited: Home instead, if cached. */
setCatchHandler(async ({ request }) => {
  const home = await (await caches.open(PAGES)).match('/');
  const away = request.mode === 'navigate' && home !== undefined && new URL(request.url).pathname !== '/';
  return away ? Response.redirect('/', 302) : Response.error();
});

/** Pages to cache, as named by an open page. */
async function keep(paths: readonly string[]): Promise<void> {
  const pages = await caches.open(PAGES);
  for (const path of paths) {
    const response = await fetch(path, { headers: { accept: 'text/html' } }).catch(() => undefined);
    if (response && isKeepable(response)) await pages.put(path, response);
  }
}

interface Lasting extends Event {
  waitUntil: (work: Promise<unknown>) => void;
}

scope.addEventListener('message', (event) => {
  const { data } = event as MessageEvent<{ readonly keep?: readonly string[] }>;
  if (data.keep) (event as unknown as Lasting).waitUntil(keep(data.keep));
});

scope.addEventListener('install', () => {
  void scope.skipWaiting();
});

scope.addEventListener('activate', (event) => {
  const takeOver = async (): Promise<void> => {
    const names = await caches.keys();
    const old = names.filter((name) => name.startsWith('even-ember-pages-') && name !== PAGES);
    await Promise.all(old.map((name) => caches.delete(name)));
    await scope.clients.claim();
  };
  (event as Lasting).waitUntil(takeOver());
});
