import { describe, expect, it } from 'vitest';
import { localInputValue, momentFromLocalInput } from './localInput';
import { isTheme } from './themeChoice';
import { NOON_MS } from '../testing/fixtures';

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
