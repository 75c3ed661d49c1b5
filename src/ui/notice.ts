/** Notification permission: not asked, granted, denied, or unavailable. */
export type Allowed = 'ask' | 'on' | 'refused' | 'none';

const canNotify = (): boolean => typeof Notification !== 'undefined' && globalThis.isSecureContext;

/** Whether the browser shows this page's notifications. */
export function noticeNow(): Allowed {
  if (!canNotify()) return 'none';
  return Notification.permission === 'granted' ? 'on' : Notification.permission === 'denied' ? 'refused' : 'ask';
}

/** Shows a notification if the page is hidden and notifications are allowed; one with the same `tag` replaces it. */
export function notify(tag: string, says: string): void {
  if (noticeNow() === 'on' && document.visibilityState !== 'visible') new Notification(says, { tag });
}
