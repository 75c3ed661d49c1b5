const TRIED = 'even-ember:reloaded-for';

/**
 * Opens the page anew when the server has become another build than the page was made by: what it sends from now on this
 * page may not know. Tried once for each build, so that a page that keeps coming from elsewhere cannot go round in circles.
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
