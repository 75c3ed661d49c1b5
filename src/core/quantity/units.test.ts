import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  type Dimension,
  displayUnit,
  formatLength,
  formatMass,
  formatTemperature,
  formatVolume,
  fromDisplay,
  roundForKitchen,
  toDisplay,
  type UnitChoice,
} from './units';

const METRIC: UnitChoice = { weight: 'metric', temperature: 'C' };
const US: UnitChoice = { weight: 'us', temperature: 'F' };
const DIMENSIONS: readonly Dimension[] = ['mass', 'volume', 'length', 'temperature', 'temperatureStep'];

describe('units', () => {
  it('go there and back a hundred times without drift', () => {
    fc.assert(
      fc.property(fc.constantFrom(...DIMENSIONS), fc.double({ min: 0.01, max: 500, noNaN: true }), (dimension, si) => {
        const unit = displayUnit(dimension, US);
        let value = si;
        for (let i = 0; i < 100; i++) value = fromDisplay(toDisplay(value, unit), unit);
        expect(Math.abs(value - si)).toBeLessThan(1e-9 * Math.max(1, si));
      }),
    );
  });

  it('know a pound, a cup, an inch and body heat', () => {
    expect(toDisplay(0.45359237, displayUnit('mass', US))).toBeCloseTo(1, 12);
    expect(toDisplay(0.2365882365, displayUnit('volume', US))).toBeCloseTo(1, 12);
    expect(toDisplay(25.4, displayUnit('length', US))).toBeCloseTo(1, 12);
    expect(toDisplay(37, displayUnit('temperature', US))).toBeCloseTo(98.6, 12);
    expect(toDisplay(150, displayUnit('temperature', METRIC))).toBe(150);
  });

  it.each([
    [0.237, '240 g'],
    [1.8, '1.8 kg'],
    [2.04, '2.05 kg'],
    [0.012, '12 g'],
  ])('reads %s kg as %s', (kg, text) => {
    expect(formatMass(kg, METRIC)).toBe(text);
  });

  it('reads pounds and ounces, cups and fluid ounces, inches, °F', () => {
    expect(formatMass(1, US)).toBe('2 lb 3 oz');
    expect(formatMass(0.2, US)).toBe('7 oz');
    expect(formatMass(0.90718474, US)).toBe('2 lb');
    expect(formatVolume(0.69, US)).toBe('3 cups');
    expect(formatVolume(0.1, US)).toBe('3.5 fl oz');
    expect(formatLength(45, US)).toBe('1.75 in');
    expect(formatLength(45.4, METRIC)).toBe('45 mm');
    expect(formatTemperature(150, US)).toBe('300 °F');
    expect(formatTemperature(95, US)).toBe('203 °F');
    expect(formatTemperature(150.4, METRIC)).toBe('150 °C');
  });

  it('rounds to what a jug can tell', () => {
    expect(roundForKitchen(237.4)).toBe(240);
    expect(roundForKitchen(13.4)).toBe(13);
    expect(roundForKitchen(67)).toBe(65);
    expect(formatVolume(1.237, METRIC)).toBe('1.25 l');
    expect(formatVolume(0.0374, METRIC)).toBe('35 ml');
  });
});
