/** Names the backup a browser previews; empty for the present data. */
export const BACKUP_COOKIE = 'even-ember-copy';

/** Makes every page show a backup, or the present data again. */
export function previewBackup(name: string | undefined): void {
  document.cookie = `${BACKUP_COOKIE}=${name ?? ''}; path=/; samesite=strict; max-age=${name === undefined ? '0' : '86400'}`;
}
