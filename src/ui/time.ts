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

/** Day in words as seen from `nowMs`: "today", "tomorrow", "yesterday" or "Sat 28 Nov". */
export function dayFrom(ms: number, nowMs: number, timeZone: string): string {
  const shown = day(ms, timeZone);
  if (shown === day(nowMs, timeZone)) return 'today';
  if (shown === day(nowMs + 86_400_000, timeZone)) return 'tomorrow';
  if (shown === day(nowMs - 86_400_000, timeZone)) return 'yesterday';
  return shown;
}

/** Length of time, e.g. "54 min", "2 h 05"; a dash for what never ends. */
export function duration(minutes: number): string {
  if (!Number.isFinite(minutes)) return '–';
  const whole = Math.max(0, Math.round(minutes));
  if (whole < 60) return `${String(whole)} min`;
  return `${String(Math.floor(whole / 60))} h ${String(whole % 60).padStart(2, '0')}`;
}
