import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { LARDER_FILES } from './larder';

const FOLDER = new URL('../core/larder/data/', import.meta.url);
const read = (name: string): { id: string }[] =>
  JSON.parse(readFileSync(new URL(`${name}.json`, FOLDER), 'utf8')) as { id: string }[];
const names = Object.keys(LARDER_FILES) as (keyof typeof LARDER_FILES)[];

describe('a data file of the larder', () => {
  it('has a schema, each of them', () => {
    expect(readdirSync(FOLDER).sort()).toEqual(names.map((name) => `${name}.json`).sort());
  });

  it.each(names)('%s holds what its schema says, one row a line', (name) => {
    const rows = read(name);
    const checked = LARDER_FILES[name].safeParse(rows);
    const faults = checked.error?.issues.map(
      (i) => `${rows[Number(i.path[0])]?.id ?? ''}: ${i.path.join('.')}: ${i.message}`,
    );
    expect(faults ?? []).toEqual([]);
    const lines = readFileSync(new URL(`${name}.json`, FOLDER), 'utf8')
      .trim()
      .split('\n');
    expect(lines).toHaveLength(rows.length + 2);
  });

  it('is refused where a figure cannot be', () => {
    const cuts = read('cuts');
    const with_ = (change: object) => LARDER_FILES.cuts.safeParse([{ ...cuts[0], ...change }]).success;
    expect(with_({})).toBe(true);
    expect(with_({ cookValue: { gives: 100, twists: 90, falls: 150, strings: 240 } })).toBe(false);
    expect(with_({ composition: { water: 0.9, protein: 0.2, fat: 0.1, ash: 0.01 } })).toBe(false);
    expect(with_({ boneFraction: 0.2 })).toBe(false);
    expect(with_({ source: 'a friend' })).toBe(false);
    expect(with_({ colour: 'red' })).toBe(false);
    expect(LARDER_FILES.cuts.safeParse([cuts[0], cuts[0]]).success).toBe(false);
    expect(LARDER_FILES.liquids.safeParse([{ ...read('liquids')[0], alcohol: 40 }]).success).toBe(false);
  });
});
