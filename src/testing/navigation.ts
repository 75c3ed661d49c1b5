import { vi } from 'vitest';

/** Stands in for the router: where a screen went is asked of it. */
export const router = { push: vi.fn<(href: string) => void>(), refresh: vi.fn(), replace: vi.fn(), prefetch: vi.fn() };

let path = '/';

export function standAt(where: string): void {
  path = where;
}

export const useRouter = (): typeof router => router;
export const usePathname = (): string => path;
