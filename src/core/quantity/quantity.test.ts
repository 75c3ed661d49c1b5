import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  formatLength,
  formatMass,
  formatMinutes,
  formatMinutesRange,
  formatTemperature,
  formatTemperatureStep,
  formatVolume,
  roundForKitchen,
  withFraction,
} from './format';
import { parseQuantity } from './parse';
import { sentenceInUnits } from './sentence';
import { type Dimension, displayUnit, fromUnit, GAS_MARKS, METRIC, toUnit, type UnitChoice, UNITS } from './units';

const US: UnitChoice = { weight: 'us', temperature: 'F' };
const DIMENSIONS: readonly Dimension[] = ['mass', 'volume', 'length', 'temperature', 'temperatureStep'];

function read(text: string, dimension: Dimension, choice = METRIC): number {
  const parsed = parseQuantity(text, dimension, choice);
  if (!parsed.ok) throw new Error(parsed.message);
  return parsed.si;
}

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

describe('a typed quantity', () => {
  it.each<[string, Dimension, number]>([
    ['2 lb 3 oz', 'mass', 0.99223],
    ['2lb3oz', 'mass', 0.99223],
    ['2 lb, 3 oz', 'mass', 0.99223],
    ['1.2 kg', 'mass', 1.2],
    ['1,2 kg', 'mass', 1.2],
    ['1 kg 200 g', 'mass', 1.2],
    ['800g', 'mass', 0.8],
    ['800 grams', 'mass', 0.8],
    ['1.8', 'mass', 1.8],
    ['½ lb', 'mass', 0.226796],
    ['1½ in', 'length', 38.1],
    ['1 1/2 in.', 'length', 38.1],
    ['1 ½"', 'length', 38.1],
    ['3/4 inch', 'length', 19.05],
    ['4.5 cm', 'length', 45],
    ['45', 'length', 45],
    ['1 quart', 'volume', 0.946353],
    ['2 cups', 'volume', 0.473176],
    ['12 fl oz', 'volume', 0.354882],
    ['12 fl. oz.', 'volume', 0.354882],
    ['1 tbsp 1 tsp', 'volume', 0.019716],
    ['750', 'volume', 0.75],
    ['0.75 l', 'volume', 0.75],
    ['300 °F', 'temperature', 148.889],
    ['300F', 'temperature', 148.889],
    ['150C', 'temperature', 150],
    ['150', 'temperature', 150],
    ['gas mark 3', 'temperature', 170],
    ['Gas ½', 'temperature', 130],
    ['-5 °C', 'temperature', -5],
  ])('%s of %s', (text, dimension, si) => {
    expect(read(text, dimension)).toBeCloseTo(si, 3);
  });

  it('takes a bare number in the unit the kitchen shows', () => {
    expect(read('2', 'mass', US)).toBeCloseTo(0.907185, 5);
    expect(read('3', 'volume', US)).toBeCloseTo(0.709765, 5);
    expect(read('1.5', 'length', US)).toBeCloseTo(38.1, 9);
    expect(read('325', 'temperature', US)).toBeCloseTo(162.78, 2);
  });

  it('is empty rather than nought when nothing was typed', () => {
    expect(read('  ', 'mass')).toBeNaN();
  });

  it.each<[string, Dimension]>([
    ['two pounds', 'mass'],
    ['2 lb 3', 'mass'],
    ['3 oz 2 lb', 'mass'],
    ['500 ml', 'mass'],
    ['5 kg', 'length'],
    ['gas 12', 'temperature'],
    ['150 °C 3 °C', 'temperature'],
    ['1/0 kg', 'mass'],
    ['1.2.3', 'mass'],
    ['kg', 'mass'],
  ])('refuses “%s” as a %s with an example of what would do', (text, dimension) => {
    const parsed = parseQuantity(text, dimension, METRIC);
    expect(parsed.ok).toBe(false);
    if (!parsed.ok) expect(parsed.message).toMatch(/Type it like|gas mark/);
  });

  it('reads back what it shows, to what the showing keeps', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.12, max: 9, noNaN: true }), fc.constantFrom(METRIC, US), (si, choice) => {
        expect(Math.abs(read(formatMass(si, choice), 'mass', choice) - si)).toBeLessThan(0.026);
        expect(Math.abs(read(formatVolume(si, choice), 'volume', choice) - si)).toBeLessThan(0.031);
        expect(Math.abs(read(formatLength(si * 20, choice), 'length', choice) - si * 20)).toBeLessThan(1.6);
        expect(Math.abs(read(formatTemperature(si * 25, choice), 'temperature', choice) - si * 25)).toBeLessThan(1.4);
      }),
    );
  });
});

describe('reading', () => {
  it.each([
    [0.237, '240 g'],
    [1.8, '1.8 kg'],
    [2.04, '2.05 kg'],
    [0.012, '12 g'],
    [0.0043, '4.5 g'],
  ])('%s kg is %s', (kg, text) => {
    expect(formatMass(kg, METRIC)).toBe(text);
  });

  it('uses pounds and ounces, cups and spoons, inches, °F', () => {
    expect(formatMass(1, US)).toBe('2 lb 3 oz');
    expect(formatMass(0.2, US)).toBe('7 oz');
    expect(formatMass(0.01, US)).toBe('⅜ oz');
    expect(formatMass(0.90718474, US)).toBe('2 lb');
    expect(formatVolume(0.69, US)).toBe('3 cups');
    expect(formatVolume(0.24, US)).toBe('1 cup');
    expect(formatVolume(0.1, US)).toBe('3½ fl oz');
    expect(formatVolume(0.03, US)).toBe('2 tbsp');
    expect(formatVolume(0.005, US)).toBe('1 tsp');
    expect(formatLength(45, US)).toBe('1¾ in');
    expect(formatLength(45.4, METRIC)).toBe('45 mm');
    expect(formatTemperature(150, US)).toBe('300 °F');
    expect(formatTemperature(95, US)).toBe('203 °F');
    expect(formatTemperature(150.4, METRIC)).toBe('150 °C');
    expect(formatTemperatureStep(8, US)).toBe('14 °F');
  });

  it('rounds to what a jug can tell', () => {
    expect(roundForKitchen(237.4)).toBe(240);
    expect(roundForKitchen(13.4)).toBe(13);
    expect(roundForKitchen(67)).toBe(65);
    expect(formatVolume(1.237, METRIC)).toBe('1.25 l');
    expect(formatVolume(0.0374, METRIC)).toBe('35 ml');
  });

  it('says short times in seconds and long ones in hours', () => {
    expect(formatMinutes(0.75)).toBe('45 s');
    expect(formatMinutes(1)).toBe('1 min');
    expect(formatMinutesRange({ low: 1, high: 3 })).toBe('1 to 3 min');
    expect(formatMinutes(3.5)).toBe('3½ min');
    expect(formatMinutes(12.2)).toBe('12 min');
    expect(formatMinutes(125)).toBe('2 h 05');
    expect(formatMinutesRange({ low: 9, high: 16 })).toBe('9 to 16 min');
    expect(formatMinutesRange({ low: 55, high: 70 })).toBe('55 min to 1 h 10');
    expect(formatMinutesRange({ low: 125, high: 190 })).toBe('2 h 05 to 3 h 10');
    expect(formatMinutesRange({ low: 5, high: 5 })).toBe('5 min');
  });

  it('writes fractions as cooks do', () => {
    expect(withFraction(1.74, 4)).toBe('1¾');
    expect(withFraction(0.51, 2)).toBe('½');
    expect(withFraction(-0.5, 2)).toBe('−½');
    expect(withFraction(3.02, 8)).toBe('3');
  });

  it('has gas marks that climb', () => {
    GAS_MARKS.slice(1).forEach(([, tempC], i) => {
      expect(tempC).toBeGreaterThan(GAS_MARKS[i]?.[1] ?? 0);
    });
  });
});

describe('a sentence', () => {
  const text = 'At 150 °C the 1.2 kg stand 48 mm high in 690 ml; 35 g/l of gelatin, 10 g/kg of salt, about 12 g.';

  it('keeps its metric words in a metric kitchen', () => {
    expect(sentenceInUnits(text, METRIC)).toBe(text);
  });

  it('says the same in pounds, inches, cups and °F, and leaves ratios alone', () => {
    expect(sentenceInUnits(text, US)).toBe(
      'At 300 °F the 2 lb 10 oz stand 1⅞ in high in 3 cups; 35 g/l of gelatin, 10 g/kg of salt, about ⅜ oz.',
    );
    expect(sentenceInUnits(text, { weight: 'metric', temperature: 'F' })).toContain('At 300 °F the 1.2 kg');
  });

  it('says both ends of a range, each with its unit', () => {
    expect(sentenceInUnits('Anything from 80 to 240 °C.', US)).toBe('Anything from 176 °F to 465 °F.');
    expect(sentenceInUnits('15 to 30 ml is enough', US)).toMatch(/^1 tbsp to 2 tbsp is enough|^½ fl oz to 1 fl oz/);
    expect(sentenceInUnits('A probe shows -5 to 110 °C.', US)).toBe('A probe shows 23 °F to 230 °F.');
    expect(sentenceInUnits('Its air wanders by 15 °C and more.', US)).toBe('Its air wanders by 27 °F and more.');
    expect(sentenceInUnits('Altitude: 5000 m is too much.', US)).toBe('Altitude: 16404 ft is too much.');
    expect(sentenceInUnits('15 to 30 ml is enough', METRIC)).toBe('15 to 30 ml is enough');
  });
});
