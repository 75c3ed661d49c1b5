import { describe, expect, it } from 'vitest';
import { daysBetween, hourOn, machineTimeZone, sameClockLater } from './calendar';

const at = (iso: string): number => Date.parse(iso);
const HOUR_MS = 3_600_000;

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
