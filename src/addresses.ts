/** Addresses that have changed, old to new: bookmarks and screens opened before an update still find their page. */
const MOVED: readonly (readonly [string, string])[] = [
  ['/cook', '/braise'],
  ['/copies', '/backups'],
  ['/api/cooks', '/api/braises'],
  ['/api/rows/cooks', '/api/rows/braises'],
];

/** The present address of a path: its current name, without trailing slashes. */
export function presentPath(pathname: string): string {
  const path = pathname.length > 1 ? pathname.replace(/\/+$/, '') || '/' : pathname;
  const moved = MOVED.find(([old]) => path === old || path.startsWith(`${old}/`));
  return moved ? moved[1] + path.slice(moved[0].length) : path;
}

/** Pages cached for offline use when opened, whichever page they were opened from: Home, a braise, a plan. */
const AT_THE_STOVE = /^\/$|^\/braise\/|^\/plan\/[\da-f-]{36}$/;

/** Whether the page at a path is needed at the stove when the server is away. */
export const isNeededOffline = (path: string): boolean => AT_THE_STOVE.test(path);
