import { describe, expect, it } from 'vitest';
import { roundForKitchen, withFraction } from './measure';
import { clock, clockBeside, day, dayFrom, weekday } from './moments';
import { type Words } from './words';
import { GAS_MARKS, DAY_MS, MINUTE_MS } from '../core/quantity';
import { NOON_MS } from '../testing/fixtures';
import { US_WORDS, WORDS } from '../testing/words';

describe('reading', () => {
  it.each([
    [0.237, '240 g'],
    [1.8, '1.8 kg'],
    [2.04, '2.05 kg'],
    [0.012, '12 g'],
    [0.0043, '4.5 g'],
  ])('%s kg is %s', (kg, text) => {
    expect(WORDS.quantity(kg, 'mass')).toBe(text);
  });

  it('uses pounds and ounces, cups and spoons, inches, °F', () => {
    expect(US_WORDS.quantity(1, 'mass')).toBe('2 lb 3 oz');
    expect(US_WORDS.quantity(0.2, 'mass')).toBe('7 oz');
    expect(US_WORDS.quantity(0.01, 'mass')).toBe('⅜ oz');
    expect(US_WORDS.quantity(0.90718474, 'mass')).toBe('2 lb');
    expect(US_WORDS.quantity(0.69, 'volume')).toBe('3 cups');
    expect(US_WORDS.quantity(0.24, 'volume')).toBe('1 cup');
    expect(US_WORDS.quantity(0.1, 'volume')).toBe('3½ fl oz');
    expect(US_WORDS.quantity(0.03, 'volume')).toBe('2 tbsp');
    expect(US_WORDS.quantity(0.005, 'volume')).toBe('1 tsp');
    expect(US_WORDS.quantity(45, 'length')).toBe('1¾ in');
    expect(WORDS.quantity(45.4, 'length')).toBe('45 mm');
    expect(US_WORDS.quantity(150, 'temperature')).toBe('300 °F');
    expect(US_WORDS.quantity(95, 'temperature')).toBe('203 °F');
    expect(WORDS.quantity(150.4, 'temperature')).toBe('150 °C');
    expect(US_WORDS.quantity(8, 'temperatureStep')).toBe('14 °F');
  });

  it('rounds to what a jug can tell', () => {
    expect(roundForKitchen(237.4)).toBe(240);
    expect(roundForKitchen(13.4)).toBe(13);
    expect(roundForKitchen(67)).toBe(65);
    expect(WORDS.quantity(1.237, 'volume')).toBe('1.25 l');
    expect(WORDS.quantity(0.0374, 'volume')).toBe('35 ml');
  });

  it('says short times in seconds and long ones in hours', () => {
    expect(WORDS.quantity(0.75, 'minutes')).toBe('45 s');
    expect(WORDS.quantity(1, 'minutes')).toBe('1 min');
    expect(WORDS.range(1, 3, 'minutes')).toBe('1 to 3 min');
    expect(WORDS.quantity(3.5, 'minutes')).toBe('3½ min');
    expect(WORDS.quantity(12.2, 'minutes')).toBe('12 min');
    expect(WORDS.quantity(125, 'minutes')).toBe('2 h 05');
    expect(WORDS.range(9, 16, 'minutes')).toBe('9 to 16 min');
    expect(WORDS.range(55, 70, 'minutes')).toBe('55 min to 1 h 10');
    expect(WORDS.range(125, 190, 'minutes')).toBe('2 h 05 to 3 h 10');
    expect(WORDS.range(5, 5, 'minutes')).toBe('5 min');
  });

  it('writes fractions as cooks do', () => {
    expect(withFraction(1.74, 4)).toBe('1¾');
    expect(withFraction(0.51, 2)).toBe('½');
    expect(withFraction(-0.5, 2)).toBe('−½');
    expect(withFraction(3.02, 8)).toBe('3');
  });

  it('has the gas marks of common dials', () => {
    expect(GAS_MARKS).toEqual([
      [0.25, 110],
      [0.5, 130],
      [1, 140],
      [2, 150],
      [3, 170],
      [4, 180],
      [5, 190],
      [6, 200],
      [7, 220],
      [8, 230],
      [9, 240],
    ]);
  });

  it('rounds degrees as they are read: Fahrenheit to five on an oven, to one in meat', () => {
    const read = (words: Words, tempC: number) => words.quantity(tempC, 'temperature');
    expect([149, 150, 152, 163, 175, 190].map((c) => read(US_WORDS, c))).toEqual([
      '300 °F',
      '300 °F',
      '305 °F',
      '325 °F',
      '345 °F',
      '375 °F',
    ]);
    expect([57, 63, 74, 99.6, 100].map((c) => read(US_WORDS, c))).toEqual([
      '135 °F',
      '145 °F',
      '165 °F',
      '211 °F',
      '212 °F',
    ]);
    expect([57.4, 63, 149.6].map((c) => read(WORDS, c))).toEqual(['57 °C', '63 °C', '150 °C']);
  });
});

describe('times in words', () => {
  it('are clock times in the kitchen’s zone', () => {
    expect(clock(NOON_MS, 'UTC', 'en-GB')).toBe('12:00');
    expect(clock(NOON_MS, 'America/New_York', 'en-GB')).toBe('08:00');
    expect(clock(Infinity, 'UTC', 'en-GB')).toBe('–');
  });

  it('say the zone in the hour that comes twice, and in no other', () => {
    const berlin = (at: string) => clock(Date.parse(`2026-10-25T${at}Z`), 'Europe/Berlin', 'en-GB');
    expect(['23:30', '00:00', '00:59', '01:00', '01:59', '02:00'].map((t) => berlin(t))).toEqual([
      '00:30',
      '02:00 CEST',
      '02:59 CEST',
      '02:00 CET',
      '02:59 CET',
      '03:00',
    ]);
    const forward = (at: string) => clock(Date.parse(`2026-03-29T${at}Z`), 'Europe/Berlin', 'en-GB');
    expect(['00:59', '01:00', '01:30'].map((t) => forward(t))).toEqual(['01:59', '03:00', '03:30']);
  });

  it('name the day as a cook would', () => {
    expect(day(NOON_MS, 'UTC', 'en-GB')).toBe('Tue 10 Mar');
    const week = [0, 1, 2, 3, 4, 5, 6].map((days) => NOON_MS + days * DAY_MS);
    const names = ['Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun', 'Mon'];
    expect(week.map((ms) => weekday(ms, 'UTC', 'en-GB'))).toEqual(names);
    expect(week.map((ms) => day(ms, 'UTC', 'en-GB').slice(0, 3))).toEqual(names);
    expect(weekday(Number.NaN, 'UTC', 'en-GB')).toBe('');
    expect(dayFrom(NOON_MS, NOON_MS, 'UTC', 'en-GB')).toBe('today');
    expect(dayFrom(NOON_MS + DAY_MS, NOON_MS, 'UTC', 'en-GB')).toBe('tomorrow');
    expect(dayFrom(NOON_MS - DAY_MS, NOON_MS, 'UTC', 'en-GB')).toBe('yesterday');
    expect(dayFrom(Number.NaN, NOON_MS, 'UTC', 'en-GB')).toBe('–');
    expect(dayFrom(NOON_MS + 4 * DAY_MS, NOON_MS, 'UTC', 'en-GB')).toBe('Sat 14 Mar');
  });

  it('call the day after the clock is put forward tomorrow, from the last hour of the day before', () => {
    const late = Date.parse('2026-03-28T22:30:00Z');
    expect(dayFrom(Date.parse('2026-03-29T17:00:00Z'), late, 'Europe/Berlin', 'en-GB')).toBe('tomorrow');
    expect(dayFrom(Date.parse('2026-03-28T21:00:00Z'), late, 'Europe/Berlin', 'en-GB')).toBe('today');
    expect(
      dayFrom(Date.parse('2026-10-24T21:30:00Z'), Date.parse('2026-10-25T22:30:00Z'), 'Europe/Berlin', 'en-GB'),
    ).toBe('yesterday');
  });

  it('name the day of what is not on the day of the plate', () => {
    const supper = Date.parse('2026-03-10T18:30:00Z');
    expect(clockBeside(NOON_MS, supper, 'UTC', 'en-GB')).toBe('12:00');
    expect(clockBeside(NOON_MS - DAY_MS / 2 - MINUTE_MS, supper, 'UTC', 'en-GB')).toBe('Mon 23:59');
    expect(clockBeside(Number.NaN, supper, 'UTC', 'en-GB')).toBe('–');
  });

  it('say lengths in minutes and hours, never less than none', () => {
    expect(WORDS.quantity(54.4, 'minutes')).toBe('54 min');
    expect(WORDS.quantity(59.7, 'minutes')).toBe('1 h 00');
    expect(WORDS.quantity(125, 'minutes')).toBe('2 h 05');
    expect(WORDS.quantity(0, 'minutes')).toBe('0 min');
    expect(WORDS.quantity(-3, 'minutes')).toBe('0 min');
    expect(WORDS.quantity(Infinity, 'minutes')).toBe('–');
  });
});
