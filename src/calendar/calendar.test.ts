import { describe, expect, it } from 'vitest';
import { daysBetween, hourOn, machineTimeZone, sameClockLater, meantMoment } from './calendar';
import { HOUR_MS } from '../core/quantity';

const at = (iso: string): number => Date.parse(iso);

describe('days of the calendar', () => {
  it('are counted by midnight in the kitchen, not by 24 hours', () => {
    const lateEvening = at('2026-11-28T22:50:00Z');
    expect(daysBetween(lateEvening, lateEvening + 2 * HOUR_MS, 'UTC')).toBe(1);
    expect(daysBetween(lateEvening, lateEvening + 2 * HOUR_MS, 'America/New_York')).toBe(0);
    expect(daysBetween(lateEvening, lateEvening - 23 * HOUR_MS, 'UTC')).toBe(-1);
  });

  it('hold when the night is an hour shorter or longer', () => {
    // In Berlin the clock leaps at 02:00 on 29 March 2026 and is put back on 25 October.
    const beforeLeap = at('2026-03-28T22:30:00Z');
    expect(daysBetween(beforeLeap, at('2026-03-29T21:00:00Z'), 'Europe/Berlin')).toBe(1);
    const beforeBack = at('2026-10-24T21:59:00Z');
    expect(daysBetween(beforeBack, at('2026-10-25T22:30:00Z'), 'Europe/Berlin')).toBe(1);
  });
});

describe('supper tomorrow', () => {
  it('is at the same hour of the clock, whatever the clock does in between', () => {
    const friday = at('2026-03-27T12:00:00Z');
    expect(hourOn(friday, 1, 19, 'Europe/Berlin')).toBe(at('2026-03-28T18:00:00Z'));
    expect(hourOn(friday, 2, 19, 'Europe/Berlin')).toBe(at('2026-03-29T17:00:00Z'));
    expect(hourOn(friday, 0, 19, 'Asia/Kolkata')).toBe(at('2026-03-27T13:30:00Z'));
  });

  it('comes after the leap when the clock leaps over its hour', () => {
    expect(hourOn(at('2026-03-28T12:00:00Z'), 1, 2, 'Europe/Berlin')).toBe(at('2026-03-29T01:00:00Z'));
  });

  it('is found for a braise made again', () => {
    const served = at('2026-10-24T17:00:00Z');
    expect(sameClockLater(served, 1, 'Europe/Berlin') - served).toBe(25 * HOUR_MS);
    expect(sameClockLater(served, 7, 'UTC') - served).toBe(7 * 24 * HOUR_MS);
  });
});

it('knows the zone of its machine', () => {
  expect(() => new Intl.DateTimeFormat('en', { timeZone: machineTimeZone() })).not.toThrow();
});

describe('the moment a cook means', () => {
  // A Thursday, 14:00 in Lisbon.
  const nowMs = Date.UTC(2026, 10, 26, 14);
  const meant = (...[day, minute]: [Parameters<typeof meantMoment>[0], number?]): string =>
    new Date(meantMoment(day, minute, nowMs, 'Europe/Lisbon')).toISOString().slice(0, 16);

  it('is supper where no time is named, and the next day with time enough where no day is', () => {
    expect(meant(undefined)).toBe('2026-11-27T19:00');
    expect(meant(undefined, 19.5 * 60)).toBe('2026-11-26T19:30');
    expect(meant(undefined, 18 * 60)).toBe('2026-11-27T18:00');
    expect(meant({ kind: 'inDays', days: 0 })).toBe('2026-11-26T19:00');
    expect(meant({ kind: 'inDays', days: 3 }, 750)).toBe('2026-11-29T12:30');
  });

  it('is the next such weekday, today where its time is to come', () => {
    expect(meant({ kind: 'weekday', weekday: 6 }, 1140)).toBe('2026-11-28T19:00');
    expect(meant({ kind: 'weekday', weekday: 4 }, 1140)).toBe('2026-11-26T19:00');
    expect(meant({ kind: 'weekday', weekday: 4 }, 720)).toBe('2026-12-03T12:00');
    expect(meant({ kind: 'weekday', weekday: 3 })).toBe('2026-12-02T19:00');
  });

  it('is a date to come, within its month', () => {
    expect(meant({ kind: 'date', month: 11, day: 28 })).toBe('2026-11-28T19:00');
    expect(meant({ kind: 'date', month: 11, day: 3 })).toBe('2027-11-03T19:00');
    expect(meant({ kind: 'date', month: 2, day: 31 })).toBe('2027-02-28T19:00');
  });

  it('keeps to the clock of the kitchen over a change of it', () => {
    const before = Date.UTC(2026, 9, 24, 12);
    expect(meantMoment({ kind: 'inDays', days: 1 }, 1140, before, 'Europe/Berlin')).toBe(Date.UTC(2026, 9, 25, 18));
  });
});
