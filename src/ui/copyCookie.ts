/** Names the copy a browser looks at; none where it looks at the present. */
export const COPY_COOKIE = 'even-ember-copy';

/** Has every page look at a copy, or at the present again. */
export function lookAtCopy(name: string | undefined): void {
  document.cookie = `${COPY_COOKIE}=${name ?? ''}; path=/; samesite=strict; max-age=${name === undefined ? '0' : '86400'}`;
}
