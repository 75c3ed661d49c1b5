import 'server-only';

/** The present moment, ms since 1970. Pages read the clock here, once a request. */
export function presentMs(): number {
  return Date.now();
}
