import 'server-only';

/** The current time, ms since 1970. Pages read the clock here, once per request. */
export function nowMs(): number {
  return Date.now();
}
