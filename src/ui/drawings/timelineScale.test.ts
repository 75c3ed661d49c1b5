import { describe, expect, it } from 'vitest';
import { timelineScale, roundTimes, roundToFiveMinutes, type Span, zoomsFor } from './timelineScale';
import { clock } from '@/words/moments';
import { HOUR_MS } from '@/core/quantity';

const plain = (stretch: Span) => timelineScale(stretch, [stretch]);
const at = (iso: string): number => Date.parse(iso);

describe('how near to look', () => {
  it('offers only what shows less than the whole', () => {
    const offered = (hours: number): string[] => zoomsFor(hours * 60).map((z) => z.id);
    expect(offered(7)).toEqual(['all', '180', '60', '30']);
    expect(offered(1.5)).toEqual(['all', '60', '30']);
    expect(offered(0.5)).toEqual(['all']);
  });
});

describe('a line with a night in it', () => {
  const evening = { fromMs: 0, toMs: 5 * HOUR_MS };
  const noon = { fromMs: 19 * HOUR_MS, toMs: 20 * HOUR_MS };
  const scale = timelineScale({ fromMs: 0, toMs: 20 * HOUR_MS }, [noon, evening]);

  it('folds the wait and leaves the work its room', () => {
    expect(scale.folds).toEqual([{ fromMs: 5 * HOUR_MS, toMs: 19 * HOUR_MS }]);
    expect(scale.minutes).toBe(7 * 60);
    expect(scale.at(0)).toBe(0);
    expect(scale.at(20 * HOUR_MS)).toBe(1);
    expect(scale.at(19 * HOUR_MS) - scale.at(5 * HOUR_MS)).toBeCloseTo(1 / 7);
    expect(scale.at(HOUR_MS)).toBeCloseTo(scale.at(20 * HOUR_MS) - scale.at(19 * HOUR_MS));
  });

  it('goes on all the same within the fold, and shows no time there', () => {
    expect(scale.at(8 * HOUR_MS)).toBeGreaterThan(scale.at(7 * HOUR_MS));
    expect(roundTimes(scale, 1240, 'UTC').some((ms) => ms > 5 * HOUR_MS && ms < 19 * HOUR_MS)).toBe(false);
  });

  it('leaves a short wait as it is', () => {
    expect(timelineScale({ fromMs: 0, toMs: 5 * HOUR_MS }, [{ fromMs: 0, toMs: 3 * HOUR_MS }]).folds).toEqual([]);
  });
});

describe('round times', () => {
  it('stand at full hours or fives of minutes, whatever the line begins with', () => {
    const day = { fromMs: at('2026-11-28T12:07:31Z'), toMs: at('2026-11-28T18:30:00Z') };
    const hours = roundTimes(plain(day), 1240, 'UTC').map((ms) => clock(ms, 'UTC', 'en-GB'));
    expect(hours[0]).toBe('12:30');
    expect(hours.every((t) => t.endsWith(':00') || t.endsWith(':30'))).toBe(true);
    const near = roundTimes(plain(day), 16_000, 'UTC').map((ms) => clock(ms, 'UTC', 'en-GB'));
    expect(near[0]).toBe('12:10');
    expect(near.every((t) => t.endsWith('0') || t.endsWith('5'))).toBe(true);
  });

  it('stay at full hours when the clock is put back on the way, and in zones half an hour off', () => {
    const night = { fromMs: at('2026-10-24T22:10:00Z'), toMs: at('2026-10-25T06:00:00Z') };
    const berlin = roundTimes(plain(night), 600, 'Europe/Berlin').map((ms) => clock(ms, 'Europe/Berlin', 'en-GB'));
    expect(berlin.every((t) => /:00(?: CES?T)?$/.test(t))).toBe(true);
    expect(new Set(berlin).size).toBeGreaterThan(4);
    const kolkata = roundTimes(plain(night), 600, 'Asia/Kolkata').map((ms) => clock(ms, 'Asia/Kolkata', 'en-GB'));
    expect(kolkata.every((t) => t.endsWith(':00'))).toBe(true);
  });
});

it('a moved thing stands at whole five minutes', () => {
  expect(clock(roundToFiveMinutes(at('2026-11-28T18:07:40Z')), 'UTC', 'en-GB')).toBe('18:10');
  expect(clock(roundToFiveMinutes(at('2026-11-28T18:07:20Z')), 'UTC', 'en-GB')).toBe('18:05');
});
