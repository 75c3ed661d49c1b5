import { describe, expect, it } from 'vitest';
import { roundTimes, snapped, zoomsFor } from './emberScale';
import { clock } from '../time';

const HOUR_MS = 3_600_000;
const at = (iso: string): number => Date.parse(iso);

describe('how near to look', () => {
  it('offers only what shows less than the whole', () => {
    const labels = (hours: number): string[] => zoomsFor({ fromMs: 0, toMs: hours * HOUR_MS }).map((z) => z.label);
    expect(labels(7)).toEqual(['all', '3 h', '1 h', '½ h']);
    expect(labels(1.5)).toEqual(['all', '1 h', '½ h']);
    expect(labels(0.5)).toEqual(['all']);
  });
});

describe('round times', () => {
  it('stand at full hours or fives of minutes, whatever the line begins with', () => {
    const day = { fromMs: at('2026-11-28T12:07:31Z'), toMs: at('2026-11-28T18:30:00Z') };
    const hours = roundTimes(day, 1240, 'UTC').map((ms) => clock(ms, 'UTC'));
    expect(hours[0]).toBe('12:30');
    expect(hours.every((t) => t.endsWith(':00') || t.endsWith(':30'))).toBe(true);
    const near = roundTimes(day, 16_000, 'UTC').map((ms) => clock(ms, 'UTC'));
    expect(near[0]).toBe('12:10');
    expect(near.every((t) => t.endsWith('0') || t.endsWith('5'))).toBe(true);
  });

  it('stay at full hours when the clock is put back on the way, and in zones half an hour off', () => {
    const night = { fromMs: at('2026-10-24T22:10:00Z'), toMs: at('2026-10-25T06:00:00Z') };
    const berlin = roundTimes(night, 600, 'Europe/Berlin').map((ms) => clock(ms, 'Europe/Berlin'));
    expect(berlin.every((t) => t.endsWith(':00'))).toBe(true);
    expect(new Set(berlin).size).toBeGreaterThan(4);
    const kolkata = roundTimes(night, 600, 'Asia/Kolkata').map((ms) => clock(ms, 'Asia/Kolkata'));
    expect(kolkata.every((t) => t.endsWith(':00'))).toBe(true);
  });
});

it('a moved thing stands at whole five minutes', () => {
  expect(clock(snapped(at('2026-11-28T18:07:40Z')), 'UTC')).toBe('18:10');
  expect(clock(snapped(at('2026-11-28T18:07:20Z')), 'UTC')).toBe('18:05');
});
