import { describe, expect, it } from 'vitest';
import { localInputValue, momentFromLocalInput } from './localInput';
import { isTheme } from './themeChoice';
import { clock, clockBeside, day, dayFrom, duration } from './time';
import { NOON_MS } from '../testing/fixtures';

const DAY_MS = 86_400_000;

describe('times in words', () => {
  it('are clock times in the kitchen’s zone', () => {
    expect(clock(NOON_MS, 'UTC')).toBe('12:00');
    expect(clock(NOON_MS, 'America/New_York')).toBe('08:00');
    expect(clock(Infinity, 'UTC')).toBe('–');
  });

  it('name the day as a cook would', () => {
    expect(day(NOON_MS, 'UTC')).toBe('Tue 10 Mar');
    expect(dayFrom(NOON_MS, NOON_MS, 'UTC')).toBe('today');
    expect(dayFrom(NOON_MS + DAY_MS, NOON_MS, 'UTC')).toBe('tomorrow');
    expect(dayFrom(NOON_MS - DAY_MS, NOON_MS, 'UTC')).toBe('yesterday');
    expect(dayFrom(Number.NaN, NOON_MS, 'UTC')).toBe('–');
    expect(dayFrom(NOON_MS + 4 * DAY_MS, NOON_MS, 'UTC')).toBe('Sat 14 Mar');
  });

  it('call the day after the clock is put forward tomorrow, from the last hour of the day before', () => {
    const late = Date.parse('2026-03-28T22:30:00Z');
    expect(dayFrom(Date.parse('2026-03-29T17:00:00Z'), late, 'Europe/Berlin')).toBe('tomorrow');
    expect(dayFrom(Date.parse('2026-03-28T21:00:00Z'), late, 'Europe/Berlin')).toBe('today');
    expect(dayFrom(Date.parse('2026-10-24T21:30:00Z'), Date.parse('2026-10-25T22:30:00Z'), 'Europe/Berlin')).toBe(
      'yesterday',
    );
  });

  it('name the day of what is not on the day of the plate', () => {
    const supper = Date.parse('2026-03-10T18:30:00Z');
    expect(clockBeside(NOON_MS, supper, 'UTC')).toBe('12:00');
    expect(clockBeside(NOON_MS - DAY_MS / 2 - 60_000, supper, 'UTC')).toBe('Mon 23:59');
    expect(clockBeside(Number.NaN, supper, 'UTC')).toBe('–');
  });

  it('say lengths in minutes and hours', () => {
    expect(duration(54.4)).toBe('54 min');
    expect(duration(59.7)).toBe('1 h 00');
    expect(duration(125)).toBe('2 h 05');
    expect(duration(-3)).toBe('0 min');
    expect(duration(Infinity)).toBe('–');
  });
});

describe('the serving time field', () => {
  it('goes there and back in any zone', () => {
    for (const zone of ['UTC', 'Europe/Berlin', 'America/New_York', 'Asia/Kolkata']) {
      expect(momentFromLocalInput(localInputValue(NOON_MS, zone), zone)).toBe(NOON_MS);
    }
  });

  it('knows that a clock springs forward', () => {
    const before = momentFromLocalInput('2026-03-29T01:30', 'Europe/Berlin');
    const after = momentFromLocalInput('2026-03-29T03:30', 'Europe/Berlin');
    expect((after - before) / 3_600_000).toBe(1);
  });

  it('takes half-typed text for no moment at all', () => {
    expect(momentFromLocalInput('', 'UTC')).toBeNaN();
    expect(momentFromLocalInput('2026-13-45T99:00', 'UTC')).toBeNaN();
    expect(localInputValue(Number.NaN, 'UTC')).toBe('');
  });
});

describe('the theme', () => {
  it('is light, dark or the system’s', () => {
    expect(isTheme('dark')).toBe(true);
    expect(isTheme('light')).toBe(true);
    expect(isTheme('solarized')).toBe(false);
    expect(isTheme(undefined)).toBe(false);
  });
});
