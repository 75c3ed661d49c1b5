import { daysBetween } from '../calendar/calendar';
import { HOUR_MS } from '../core/quantity';

const formatters = new Map<string, Intl.DateTimeFormat>();

function formatter(language: string, timeZone: string, options: Intl.DateTimeFormatOptions): Intl.DateTimeFormat {
  const key = `${language}${timeZone}${JSON.stringify(options)}`;
  const known = formatters.get(key);
  if (known) return known;
  const made = new Intl.DateTimeFormat(language, { timeZone, ...options });
  formatters.set(key, made);
  return made;
}

/** Hours of a reader's clock: twelve-hour for those who write the month first. */
export const hoursOf = (language: string): 12 | 24 => (language === 'en-US' ? 12 : 24);

const TIMES = {
  12: { hour: 'numeric', minute: '2-digit', hourCycle: 'h12' },
  24: { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' },
} as const;

/**
 * Clock time, e.g. "18:20" or "6:20 PM"; in the hour that occurs twice when clocks go back, with the zone: "02:30
 * CEST".
 */
export function clock(ms: number, timeZone: string, language: string): string {
  if (!Number.isFinite(ms)) return '–';
  const options = TIMES[hoursOf(language)];
  const plain = formatter(language, timeZone, options);
  // Server and browser use different space characters before AM and PM.
  const time = plain.format(ms).replaceAll(/\s/g, '\u00a0');
  const twice = [-HOUR_MS, HOUR_MS].some((by) => plain.format(ms + by) === plain.format(ms));
  return twice
    ? formatter(language, timeZone, { ...options, timeZoneName: 'short' })
        .format(ms)
        .replaceAll('\u202f', ' ')
    : time;
}

/** Day, e.g. "Sat 28 Nov"; a dash for no moment. */
export function day(ms: number, timeZone: string, language: string): string {
  if (!Number.isFinite(ms)) return '–';
  return formatter(language, timeZone, { weekday: 'short', day: 'numeric', month: 'short' })
    .format(ms)
    .replaceAll(',', '');
}

/** Day of the week, e.g. "Sat"; empty for no moment. */
export function weekday(ms: number, timeZone: string, language: string): string {
  return Number.isFinite(ms) ? formatter(language, timeZone, { weekday: 'short' }).format(ms) : '';
}

/** Clock time, preceded by the day if it differs from that of `besideMs`, e.g. "Fri 23:40". */
export function clockBeside(ms: number, besideMs: number, timeZone: string, language: string): string {
  if (!Number.isFinite(ms) || !Number.isFinite(besideMs) || daysBetween(besideMs, ms, timeZone) === 0) {
    return clock(ms, timeZone, language);
  }
  return `${weekday(ms, timeZone, language)} ${clock(ms, timeZone, language)}`;
}

/** The day in words as seen from `nowMs`: "today", "tomorrow", "yesterday" or "Sat 28 Nov". */
export function dayFrom(ms: number, nowMs: number, timeZone: string, language: string): string {
  if (!Number.isFinite(ms)) return '–';
  const days = daysBetween(nowMs, ms, timeZone);
  if (Math.abs(days) > 1) return day(ms, timeZone, language);
  return new Intl.RelativeTimeFormat(language, { numeric: 'auto' }).format(days, 'day');
}
