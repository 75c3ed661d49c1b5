import { daysBetween } from '../calendar/calendar';

const NEAR_DAYS: ReadonlyMap<number, string> = new Map([
  [-1, 'yesterday'],
  [0, 'today'],
  [1, 'tomorrow'],
]);

const formatters = new Map<string, Intl.DateTimeFormat>();

function formatter(timeZone: string, options: Intl.DateTimeFormatOptions): Intl.DateTimeFormat {
  const key = `${timeZone}${JSON.stringify(options)}`;
  const known = formatters.get(key);
  if (known) return known;
  const made = new Intl.DateTimeFormat('en-GB', { timeZone, ...options });
  formatters.set(key, made);
  return made;
}

/** Clock time, e.g. "18:20". */
export function clock(ms: number, timeZone: string): string {
  return Number.isFinite(ms)
    ? formatter(timeZone, { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' }).format(ms)
    : '–';
}

/** Day, e.g. "Sat 28 Nov"; a dash for no moment. */
export function day(ms: number, timeZone: string): string {
  if (!Number.isFinite(ms)) return '–';
  return formatter(timeZone, { weekday: 'short', day: 'numeric', month: 'short' }).format(ms).replace(',', '');
}

/** Clock time, with the day before it where that is another than the day of `besideMs`, e.g. "Fri 23:40". */
export function clockBeside(ms: number, besideMs: number, timeZone: string): string {
  if (!Number.isFinite(ms) || !Number.isFinite(besideMs) || daysBetween(besideMs, ms, timeZone) === 0) {
    return clock(ms, timeZone);
  }
  return `${formatter(timeZone, { weekday: 'short' }).format(ms)} ${clock(ms, timeZone)}`;
}

/** Day in words as seen from `nowMs`: "today", "tomorrow", "yesterday" or "Sat 28 Nov". */
export function dayFrom(ms: number, nowMs: number, timeZone: string): string {
  if (!Number.isFinite(ms)) return '–';
  const days = daysBetween(nowMs, ms, timeZone);
  return NEAR_DAYS.get(days) ?? day(ms, timeZone);
}

/** Length of time, e.g. "54 min", "2 h 05"; a dash for what never ends. */
export function duration(minutes: number): string {
  if (!Number.isFinite(minutes)) return '–';
  const whole = Math.max(0, Math.round(minutes));
  if (whole < 60) return `${String(whole)} min`;
  return `${String(Math.floor(whole / 60))} h ${String(whole % 60).padStart(2, '0')}`;
}
