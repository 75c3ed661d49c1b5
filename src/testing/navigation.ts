import { useSyncExternalStore } from 'react';
import { vi } from 'vitest';

/** Replaces the router: tests ask it where a screen went. */
export const router = { push: vi.fn<(href: string) => void>(), refresh: vi.fn(), replace: vi.fn(), prefetch: vi.fn() };

let path = '/';

export function standAt(where: string): void {
  path = where;
}

export const useRouter = (): typeof router => router;
export const usePathname = (): string => path;

const asked = new Set<() => void>();
for (const method of ['pushState', 'replaceState'] as const) {
  const real = window.history[method].bind(window.history);
  window.history[method] = (...args) => {
    real(...args);
    for (const tell of asked) tell();
  };
}

const subscribe = (tell: () => void): (() => void) => {
  asked.add(tell);
  window.addEventListener('popstate', tell);
  return () => {
    asked.delete(tell);
    window.removeEventListener('popstate', tell);
  };
};

export const useSearchParams = (): URLSearchParams =>
  new URLSearchParams(useSyncExternalStore(subscribe, () => window.location.search));

export const useServerInsertedHTML = (): void => undefined;
