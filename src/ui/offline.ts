/** The service worker that caches pages for offline use. */
const WORKER = '/offline.js';

/** Registers the service worker; a browser without, or one that refuses, goes without. */
export async function registerServiceWorker(): Promise<void> {
  if (!('serviceWorker' in navigator)) return;
  try {
    await navigator.serviceWorker.register(WORKER);
    await navigator.serviceWorker.ready;
  } catch {
    // The server is already away, or the browser refuses: the cache stays as it was.
  }
}

/** Caches pages as they are now for offline use. Does nothing without a service worker. */
export async function cachePages(paths: readonly string[]): Promise<void> {
  if (!('serviceWorker' in navigator)) return;
  const registration = await navigator.serviceWorker.getRegistration().catch(() => undefined);
  registration?.active?.postMessage({ keep: [...new Set(paths)] });
}

/** Pages that matter at the stove, listed by the server; empty if it does not answer. */
export async function offlinePaths(): Promise<readonly string[]> {
  try {
    const { paths = [] } = (await (await fetch('/api/offline')).json()) as { readonly paths?: readonly string[] };
    return paths;
  } catch {
    return [];
  }
}
