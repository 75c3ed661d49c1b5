const TRIED = 'even-ember:reloaded-for';

/**
 * Reloads the page when the server has become another build than the page's: the page may not understand what the
 * server now sends. Tried once per build, so that a page from a cache cannot loop.
 */
export function reloadForBuild(
  pageBuild: string,
  serverBuild: string,
  reload = () => {
    location.reload();
  },
): void {
  if (serverBuild === pageBuild || sessionStorage.getItem(TRIED) === serverBuild) return;
  sessionStorage.setItem(TRIED, serverBuild);
  reload();
}
