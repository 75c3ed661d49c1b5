import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { parseQuantity } from './amounts';
import { type Dimension, METRIC, type UnitChoice } from '../quantity';
import { english, US, US_WORDS, WORDS } from '../../testing/words';

function read(text: string, dimension: Dimension, choice = METRIC): number {
  const parsed = parseQuantity(text, dimension, choice);
  if (!parsed.ok) throw new Error(english(parsed.says));
  return parsed.si;
}

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
    ['¼ kg', 'mass', 0.25],
    ['¾ kg', 'mass', 0.75],
    ['⅓ l', 'volume', 1 / 3],
    ['⅔ l', 'volume', 2 / 3],
    ['⅛ kg', 'mass', 0.125],
    ['⅜ kg', 'mass', 0.375],
    ['⅝ kg', 'mass', 0.625],
    ['1⅞ kg', 'mass', 1.875],
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
    if (!parsed.ok) expect(english(parsed.says)).toMatch(/\d/);
  });

  const words = (choice: UnitChoice) => (choice === US ? US_WORDS : WORDS);

  it('reads back what it shows, to what the showing keeps', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.12, max: 9, noNaN: true }), fc.constantFrom(METRIC, US), (si, choice) => {
        expect(Math.abs(read(words(choice).quantity(si, 'mass'), 'mass', choice) - si)).toBeLessThan(0.026);
        expect(Math.abs(read(words(choice).quantity(si, 'volume'), 'volume', choice) - si)).toBeLessThan(0.031);
        expect(Math.abs(read(words(choice).quantity(si * 20, 'length'), 'length', choice) - si * 20)).toBeLessThan(1.6);
        expect(
          Math.abs(read(words(choice).quantity(si * 25, 'temperature'), 'temperature', choice) - si * 25),
        ).toBeLessThan(1.4);
      }),
    );
  });
});
