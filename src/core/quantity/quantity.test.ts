import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type Dimension, displayUnit, fromUnit, toUnit, UNITS } from './units';
import { US } from '../../testing/words';

const DIMENSIONS: readonly Dimension[] = ['mass', 'volume', 'length', 'temperature', 'temperatureStep'];

describe('units', () => {
  it('go there and back a hundred times without drift', () => {
    fc.assert(
      fc.property(fc.constantFrom(...DIMENSIONS), fc.double({ min: 0.01, max: 500, noNaN: true }), (dimension, si) => {
        const unit = displayUnit(dimension, US);
        let value = si;
        for (let i = 0; i < 100; i++) value = fromUnit(toUnit(value, unit), unit);
        expect(Math.abs(value - si)).toBeLessThan(1e-9 * Math.max(1, si));
      }),
    );
  });

  it('know a pound, a cup, an inch and body heat', () => {
    expect(toUnit(0.45359237, UNITS.lb)).toBeCloseTo(1, 12);
    expect(toUnit(0.2365882365, UNITS.cup)).toBeCloseTo(1, 12);
    expect(toUnit(25.4, UNITS.inch)).toBeCloseTo(1, 12);
    expect(toUnit(37, UNITS.fahrenheit)).toBeCloseTo(98.6, 12);
    expect(toUnit(0.946352946, UNITS.quart)).toBeCloseTo(1, 12);
  });
});
