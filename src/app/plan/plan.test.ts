import { describe, expect, it } from 'vitest';
import { fixing, letGo } from './lockedTasks';
import { choices, fillsUp, LEAVE, measureOf, openOn, type Settled, resolvedFrom, takenOf } from './import/resolveLines';
import { asHeatMode, heatOptionList, levelWays, lidWays } from './techniqueOptions';
import { readIngredient } from '@/core/intake';
import { HEAT_MODES } from '@/core/choices';
import { OXTAIL_PLAN } from '@/testing/fixtures';
import { english, WORDS } from '@/testing/words';
import { saying } from '@/testing/saying';

describe('fixing a task', () => {
  const { day } = OXTAIL_PLAN;

  it('keeps the newest wish of each task, last', () => {
    const once = fixing(fixing(day, { task: 'meat', startMs: 1 }), { task: 'chop', startMs: 2 });
    const again = fixing(once, { task: 'meat', startMs: 3 });
    expect(again.fixed).toEqual([
      { task: 'chop', startMs: 2 },
      { task: 'meat', startMs: 3 },
    ]);
    expect(letGo(again, 'chop').fixed).toEqual([{ task: 'meat', startMs: 3 }]);
    expect(letGo(day, 'meat')).toEqual(day);
  });
});

describe('settling a recipe', () => {
  const line = (text: string): Settled => resolvedFrom(readIngredient(text));

  it('is open where nothing was understood or no amount is there, and done where it is left out', () => {
    expect(english(openOn(line('1 star fruit')))).toMatch(saying('settle.notUnderstood'));
    expect(openOn({ ...line('1 star fruit'), choice: LEAVE })).toBeUndefined();
    expect(english(openOn(line('oxtail')))).toBe('How much of it?');
    expect(openOn(line('1 kg oxtail'))).toBeUndefined();
    expect(openOn(line('salt to taste'))).toBeUndefined();
    expect(openOn(line('some chicken stock'))).toBeUndefined();
    expect(english(openOn({ ...line('1 kg oxtail'), amount: -2 }))).toBe('How much of it?');
  });

  it('measures each choice in its own way', () => {
    expect(measureOf('cut:beef_oxtail')).toBe('mass');
    expect(measureOf('liquid:redWine')).toBe('volume');
    expect(measureOf('liquid:stockReady')).toBeUndefined();
    expect(measureOf('spice:cumin')).toBe('grams');
    expect(measureOf('herb:bay')).toBe('count');
    expect(measureOf(LEAVE)).toBeUndefined();
    expect(fillsUp('liquid:water')).toBe(true);
    expect(fillsUp('liquid:stout')).toBe(false);
  });

  it('gives the core what was taken and nothing that was left out', () => {
    const taken = takenOf([line('4 lamb shanks'), { ...line('1 star fruit'), choice: LEAVE }, line('2 bay leaves')]);
    expect(taken).toMatchObject([
      { role: 'cut', id: 'lamb_shank', pieces: 4 },
      { role: 'herb', id: 'bay', amount: 2 },
    ]);
  });

  it('offers everything a line can become, each once', () => {
    const ids = choices(WORDS).flatMap((s) => s.options.map((o) => o.id));
    expect(new Set(ids).size).toBe(ids.length);
    for (const text of [
      '1 kg oxtail',
      '2 onions',
      '1 cup stock',
      '1 tsp cumin',
      '1 tbsp lard',
      '2 tbsp flour',
      '1 g salt',
    ]) {
      expect(ids).toContain(line(text).choice);
    }
  });
});

it('every heat, lid and level has a name and a line of why, as a sentence begins', () => {
  expect(heatOptionList(WORDS).map((s) => s.id)).toEqual([...HEAT_MODES]);
  for (const s of [...heatOptionList(WORDS), ...lidWays(WORDS), ...levelWays(WORDS)]) {
    expect(s.name).toMatch(/^[A-Z¼½¾\d]/);
    expect(s.why.length).toBeGreaterThan(8);
  }
  expect(asHeatMode('grill')).toBe('grill');
  expect(asHeatMode('microwave')).toBe('still');
});
