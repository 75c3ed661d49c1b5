import { describe, expect, it } from 'vitest';
import { cutOf, lidInDoubt, type TimedHeat } from './request';
import { cutById, type LidKind } from '../larder';
import { shortRibRequest } from '../../testing/fixtures';

const oven = { kind: 'oven', tempC: 150, fan: false } as const;
const lids = (...kinds: LidKind[]) => kinds.map((lid, i) => ({ atMin: 30 * i, lid }));
const bringing = (...kinds: (LidKind | undefined)[]): TimedHeat['then'] => {
  const [lid, ...later] = kinds;
  const next = later.length > 0 ? bringing(...later) : undefined;
  return { after: { kind: 'minutes', minutes: 5 }, heat: oven, ...(lid && { lid }), ...(next && { then: next }) };
};
const doubted = (heats: readonly TimedHeat[], ...kinds: LidKind[]): LidKind | undefined =>
  lidInDoubt({ heats, lids: lids(...kinds) });

describe('the lid whose fit is guessed', () => {
  const plain: TimedHeat = { atMin: 0, heat: oven };

  it('is the first that is meant to sit', () => {
    expect(doubted([plain], 'none', 'light', 'heavy')).toBe('light');
    expect(doubted([plain], 'heavy', 'light')).toBe('heavy');
  });

  it('may come with a heat, late in a row', () => {
    expect(doubted([{ ...plain, then: bringing(undefined, 'foil') }], 'none')).toBe('foil');
    expect(doubted([plain, { ...plain, atMin: 60, then: bringing('cartouche', 'heavy') }], 'ajar')).toBe('heavy');
    expect(doubted([{ ...plain, then: bringing('heavy') }], 'none', 'light')).toBe('light');
  });

  it('is the first there is where none is meant to sit', () => {
    expect(doubted([plain], 'cartouche', 'none')).toBe('cartouche');
    expect(doubted([{ ...plain, then: bringing('ajar') }], 'none')).toBe('none');
    expect(doubted([plain])).toBeUndefined();
  });
});

it('a group is of its own cut, or of that of the braise', () => {
  const shank = cutById('beef_shank_cross');
  expect(cutOf(shortRibRequest(), { cut: shank })).toBe(shank);
  expect(cutOf(shortRibRequest(), {})).toBe(shortRibRequest().cut);
});
