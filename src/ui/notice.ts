/** What a browser lets the page do to be heard: asked for, given, refused, or not there at all. */
export type Allowed = 'ask' | 'on' | 'refused' | 'none';

const canNotify = (): boolean => typeof Notification !== 'undefined' && globalThis.isSecureContext;

/** Whether the browser shows notices of this page. */
export function noticeNow(): Allowed {
  if (!canNotify()) return 'none';
  return Notification.permission === 'granted' ? 'on' : Notification.permission === 'denied' ? 'refused' : 'ask';
}

/** Shows a notice where the page is not seen and notices are allowed; one of the same `tag` takes its place. */
export function notify(tag: string, says: string): void {
  if (noticeNow() === 'on' && document.visibilityState !== 'visible') new Notification(says, { tag });
}
