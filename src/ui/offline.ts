/** The worker that has pages ready when the server is away. */
const WORKER = '/offline.js';

/** Has the worker begin; a browser without service workers, or one that refuses, goes without. */
export async function registerServiceWorker(): Promise<void> {
  if (!('serviceWorker' in navigator)) return;
  try {
    await navigator.serviceWorker.register(WORKER);
    await navigator.serviceWorker.ready;
  } catch {
    // The server is away already, or the browser refuses: pages are as they were.
  }
}

/** Has pages kept as they are now, for when the server is away. Does nothing where the worker has not begun. */
export async function cachePages(paths: readonly string[]): Promise<void> {
  if (!('serviceWorker' in navigator)) return;
  const registration = await navigator.serviceWorker.getRegistration().catch(() => undefined);
  registration?.active?.postMessage({ keep: [...new Set(paths)] });
}

/** Pages that matter at the stove, as the server names them; none where it does not answer. */
export async function offlinePaths(): Promise<readonly string[]> {
  try {
    const { paths = [] } = (await (await fetch('/api/offline')).json()) as { readonly paths?: readonly string[] };
    return paths;
  } catch {
    return [];
  }
}
