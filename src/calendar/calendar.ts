import { fromAbsolute, Time, toCalendarDate, toCalendarDateTime, toZoned } from '@internationalized/date';

/** The zone of the machine the code runs on, e.g. "Europe/Berlin". */
export function machineTimeZone(): string {
  return Intl.DateTimeFormat().resolvedOptions().timeZone;
}

/** Calendar days from the day of `fromMs` to the day of `toMs` as the clock of `timeZone` counts them. */
export function daysBetween(fromMs: number, toMs: number, timeZone: string): number {
  const date = (ms: number) => toCalendarDate(fromAbsolute(ms, timeZone));
  return date(toMs).compare(date(fromMs));
}

/** The full hour `hour` on the day `days` after that of `nowMs`, ms. An hour the clock leaps over is the one after it. */
export function hourOn(nowMs: number, days: number, hour: number, timeZone: string): number {
  const day = toCalendarDate(fromAbsolute(nowMs, timeZone)).add({ days });
  return toZoned(toCalendarDateTime(day, new Time(hour)), timeZone)
    .toDate()
    .getTime();
}

/** The same time of the clock `days` later, ms; a day with a changed clock is an hour shorter or longer. */
export function sameClockLater(ms: number, days: number, timeZone: string): number {
  return fromAbsolute(ms, timeZone).add({ days }).toDate().getTime();
}
