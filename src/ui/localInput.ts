import { fromAbsolute, parseDateTime, toCalendarDateTime, toZoned } from '@internationalized/date';

/** A moment as a `datetime-local` field takes it in `timeZone`, e.g. "2026-11-28T19:30"; empty for no moment. */
export function localInputValue(ms: number, timeZone: string): string {
  if (!Number.isFinite(ms)) return '';
  return toCalendarDateTime(fromAbsolute(ms, timeZone)).toString().slice(0, 16);
}

/** The moment a `datetime-local` field's text stands for in `timeZone`, ms; NaN for an empty or half-typed field. */
export function momentFromLocalInput(text: string, timeZone: string): number {
  if (text === '') return Number.NaN;
  try {
    return toZoned(parseDateTime(text), timeZone).toDate().getTime();
  } catch {
    return Number.NaN;
  }
}
