import {
  CalendarDate,
  fromAbsolute,
  getDayOfWeek,
  Time,
  toCalendarDate,
  toCalendarDateTime,
  toZoned,
} from '@internationalized/date';
import { type WishDay } from '../core/intake';
import { HOUR_MS } from '../core/quantity';

/** The zone of the machine the code runs on, e.g. "Europe/Berlin". */
export function machineTimeZone(): string {
  return Intl.DateTimeFormat().resolvedOptions().timeZone;
}

/** Calendar days from the day of `fromMs` to the day of `toMs` on the clock of `timeZone`. */
export function daysBetween(fromMs: number, toMs: number, timeZone: string): number {
  const date = (ms: number) => toCalendarDate(fromAbsolute(ms, timeZone));
  return date(toMs).compare(date(fromMs));
}

/** The full hour `hour`, `days` after the day of `nowMs`, ms. An hour the clock skips becomes the one after it. */
export function hourOn(nowMs: number, days: number, hour: number, timeZone: string): number {
  const day = toCalendarDate(fromAbsolute(nowMs, timeZone)).add({ days });
  return toZoned(toCalendarDateTime(day, new Time(hour)), timeZone)
    .toDate()
    .getTime();
}

/** The same time of day `days` later, ms; a day on which the clock changes is an hour shorter or longer. */
export function sameClockLater(ms: number, days: number, timeZone: string): number {
  return fromAbsolute(ms, timeZone).add({ days }).toDate().getTime();
}

const SUPPER_MINUTE = 19 * 60;
/** Less time than this on the same day is taken to mean another day, ms. */
const SAME_DAY_MS = 5 * HOUR_MS;

/**
 * The moment a cook means by a day and a time in `timeZone`, either of which may be missing, ms. Without a time it is
 * supper; without a day the next day on which that time is still hours away. A past date is next year's; a day the
 * month does not have becomes its last.
 */
export function meantMoment(
  day: WishDay | undefined,
  minuteOfDay: number | undefined,
  nowMs: number,
  timeZone: string,
): number {
  const minute = minuteOfDay ?? SUPPER_MINUTE;
  const today = toCalendarDate(fromAbsolute(nowMs, timeZone));
  const on = (date: CalendarDate): number =>
    toZoned(toCalendarDateTime(date, new Time(Math.floor(minute / 60), minute % 60)), timeZone)
      .toDate()
      .getTime();
  const inDays = (days: number): number => on(today.add({ days }));
  if (day === undefined) {
    return inDays(minuteOfDay !== undefined && inDays(0) - nowMs >= SAME_DAY_MS ? 0 : 1);
  }
  if (day.kind === 'inDays') return inDays(day.days);
  if (day.kind === 'date') {
    const date = new CalendarDate(today.year, day.month, 1);
    const inYear = (years: number): number => {
      const first = date.add({ years });
      return on(first.set({ day: Math.min(day.day, first.calendar.getDaysInMonth(first)) }));
    };
    return inYear(0) >= nowMs ? inYear(0) : inYear(1);
  }
  const ahead = (day.weekday - getDayOfWeek(today, 'en-GB', 'mon') - 1 + 7) % 7;
  return inDays(ahead) >= nowMs ? inDays(ahead) : inDays(ahead + 7);
}
