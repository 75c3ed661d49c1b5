import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { mainStage } from '../choices';
import { planFromRecipe } from './plan';
import { matchIngredient, minutesOfIso, type RawRecipe, readIngredient, readRecipe, type Recognised } from './recipe';
import { CUTS, FATS, GARNISHES, HERBS, LIQUIDS, SPICES } from '../larder';
import { checkPlanInput, composePlan } from '../plan';
import { recipeJsonLd } from '../../exports/recipe';
import { findRecipe } from '../../contract/recipe';
import { NOON_MS, OXTAIL_PLAN, TEST_KITCHEN } from '../../testing/fixtures';
import { english, WORDS, US_WORDS } from '../../testing/words';
import { ofRow } from '../message';
import { HOUR_MS } from '../quantity';

const taken = (line: string): Recognised => {
  const read = readIngredient(line).taken;
  if (!read) throw new Error(`“${line}” was not understood`);
  return read;
};

describe('a line of ingredients', () => {
  it.each([
    ['1.5 kg oxtail, cut into joints', 'cut', 'beef_oxtail', 1.5],
    ['3 lb beef chuck, cut into 2-inch cubes', 'cut', 'beef_chuck_cubes', 1.361],
    ['800g pork cheeks, trimmed', 'cut', 'pork_cheek', 0.8],
    ['2 lb 3 oz lamb shoulder', 'cut', 'lamb_shoulder', 0.992],
    ['2 to 3 large carrots, peeled', 'garnish', 'carrot', 0.2],
    ['1 cup chopped onion', 'garnish', 'onion', 0.13],
    ['6 cloves garlic, smashed', 'garnish', 'garlic', 0.03],
    ['1 head of garlic', 'garnish', 'garlic', 0.05],
    ['500 ml stout', 'liquid', 'stout', 0.5],
    ['1 bottle (750 ml) red wine', 'liquid', 'redWine', 0.75],
    ['2 cups low-sodium beef broth', 'liquid', 'stockLowSalt', 0.473],
    ['2 x 400 g cans chopped tomatoes', 'liquid', 'cannedTomato', 0.8],
    ['2 tbsp. tomato paste', 'paste', '', 0.033],
    ['3 bay leaves', 'herb', 'bay', 3],
    ['a bunch of thyme', 'herb', 'thyme', 6],
    ['1 tbsp smoked paprika', 'spice', 'smokedPaprika', 6.65],
    ['2 tsp fine salt', 'salt', '', 11.8],
    ['3 tablespoons olive oil', 'fat', 'olive', 0.044],
    ['¼ cup flour', 'flour', '', 0.059],
    ['½ preserved lemon, rind only', 'garnish', 'preservedLemon', 0.03],
  ] as const)('“%s” is %s %s', (line, kind, id, amount) => {
    const read = taken(line);
    expect(read).toMatchObject({ role: kind, id });
    expect(read.amount).toBeCloseTo(amount, 1);
    expect(Math.abs(read.amount / amount - 1)).toBeLessThan(0.03);
  });

  it('counts meat that comes by the piece, and says that it should be weighed', () => {
    const read = readIngredient('4 lamb shanks');
    expect(read.taken).toMatchObject({ role: 'cut', id: 'lamb_shank', pieces: 4 });
    expect(english(read.assumed)).toContain('weigh it');
  });

  it('keeps what nobody knows as it was', () => {
    for (const line of ['1 banana leaf', 'a splash of something good', '2 sheets of nori']) {
      expect(readIngredient(line)).toEqual({ text: line, taken: undefined, assumed: [] });
    }
  });

  it('does not take stock made of meat for meat, nor pepper for peppers', () => {
    expect(taken('1 litre beef stock').role).toBe('liquid');
    expect(taken('freshly ground black pepper')).toMatchObject({ role: 'spice', id: 'blackPepper' });
    expect(taken('2 red peppers')).toMatchObject({ role: 'garnish', id: 'pepper' });
    expect(taken('salt and pepper').role).toBe('salt');
  });

  it('never fails, whatever is written', () => {
    fc.assert(
      fc.property(fc.string(), (line) => {
        expect(readIngredient(line).text).toBe(line);
      }),
    );
  });
});

describe('the words of the larder', () => {
  it.each([
    ['British', WORDS],
    ['American', US_WORDS],
  ])('mean themselves: every cut, vegetable, liquid, herb and spice by its %s name', (_, words) => {
    const misses = [
      ...CUTS.map((c) => [words.say(ofRow('cut', c.id, 'full')), 'cut', c.id] as const),
      ...GARNISHES.map((g) => [words.name('garnish', g.id), 'garnish', g.id] as const),
      ...LIQUIDS.map((l) => [words.name('liquid', l.id), 'liquid', l.id] as const),
      ...HERBS.map((h) => [words.name('herb', h.id), 'herb', h.id] as const),
      ...SPICES.map((s) => [words.name('spice', s.id), 'spice', s.id] as const),
      ...FATS.map((f) => [words.name('fat', f.id), 'fat', f.id] as const),
    ].filter(([name, kind, id]) => {
      const meaning = matchIngredient(name);
      return meaning?.role !== kind || meaning.id !== id;
    });
    expect(misses.map(([name, , id]) => `${name} (${id}): ${matchIngredient(name)?.id ?? 'nothing'}`)).toEqual([]);
  });
});

const RAW: RawRecipe = {
  name: 'Pork cheeks in cider',
  yields: 'Serves 6',
  ingredients: [
    '1.2 kg pork cheeks',
    '2 onions, sliced',
    '2 tbsp tomato paste',
    '500 ml dry cider',
    '500 ml chicken stock',
    '1 tsp salt',
    '2 bay leaves',
    '1 sheet of gelatine',
  ],
  steps: [
    'Heat the oven to 325°F. Brown the cheeks 4 minutes a side.',
    'Cover and braise in the oven for 2½ to 3 hours, until a fork twists.',
    'Turn the grill to 220 °C and glaze for 5 minutes.',
  ],
  prepMin: 30,
  cookMin: 195,
  totalMin: 225,
};

describe('a recipe', () => {
  const read = readRecipe(RAW);

  it('is read: eaters, heat, time, and every line in its place', () => {
    expect(read.eaters).toEqual({ value: 6, from: 'Serves 6' });
    expect(read.heat?.value).toEqual({ kind: 'oven', tempC: 165, fan: false });
    expect(read.minutes?.value).toEqual([150, 180]);
    expect(read.lines.map((l) => l.text)).toEqual(RAW.ingredients);
    expect(read.lines.filter((l) => l.taken === undefined).map((l) => l.text)).toEqual(['1 sheet of gelatine']);
    expect(read.steps).toEqual(RAW.steps);
  });

  it('takes two things on one line for two, and one thing in two words for one', () => {
    const texts = (...ingredients: string[]) => readRecipe({ ...RAW, ingredients }).lines.map((l) => l.text);
    expect(texts('Salt and freshly ground pepper')).toEqual(['Salt', 'freshly ground pepper']);
    expect(texts('2 carrots & 1 onion')).toEqual(['2 carrots', '1 onion']);
    expect(texts('1 onion, peeled and chopped', '30 g butter and oil')).toEqual([
      '1 onion, peeled and chopped',
      '30 g butter and oil',
    ]);
  });

  it('says what else could have been meant', () => {
    expect(read.unsure).toHaveLength(1);
    expect(english(read.unsure[0])).toContain('220 °C');
  });

  it('finds gas marks, fans and the stove', () => {
    const steps = (...said: string[]) => readRecipe({ ...RAW, steps: said });
    expect(steps('Preheat the oven to gas mark 3.').heat?.value).toEqual({ kind: 'oven', tempC: 170, fan: false });
    expect(steps('Oven to 140C fan.').heat?.value).toEqual({ kind: 'oven', tempC: 140, fan: true });
    expect(steps('Simmer gently on the stove for two hours.').heat?.value).toMatchObject({ kind: 'simmer' });
    expect(steps('Eat it.').heat).toBeUndefined();
    expect(steps('Eat it.').minutes?.value).toEqual([195, 195]);
  });

  it('cuts the meat up where the method does', () => {
    const cubes = readRecipe({
      ...RAW,
      ingredients: ['1 kg chuck'],
      steps: ['Cut the beef into large cubes.'],
    }).lines[0];
    expect(cubes?.taken?.id).toBe('beef_chuck_cubes');
    expect(english(cubes?.assumed)).toContain('as the method says');
  });

  it('becomes a plan that can be cooked', () => {
    const input = planFromRecipe(
      {
        title: read.title,
        eaters: 6,
        heat: read.heat?.value,
        taken: read.lines.flatMap((l) => (l.taken ? [l.taken] : [])),
      },
      TEST_KITCHEN,
      NOON_MS + 9 * HOUR_MS,
    );
    expect(checkPlanInput(input, NOON_MS)).toEqual([]);
    expect(input.meat).toMatchObject({ cutId: 'pork_cheek', massKg: 1.2 });
    expect(input.base.items).toEqual([{ id: 'onion', kg: 0.3, fate: 'melt', when: 'start' }]);
    expect(input.base.pasteKg).toBeGreaterThan(0.02);
    expect(input.liquid.parts).toEqual([{ id: 'cider', litres: 0.5, when: 'start' }]);
    expect(input.liquid.fillerId).toBe('stockReady');
    expect(input.season.gramsPerKg).toBeGreaterThan(3);
    expect(composePlan(input, 64).ok).toBe(true);
  });

  it('without meat is no braise', () => {
    expect(() => planFromRecipe({ title: 'x', eaters: 4, heat: undefined, taken: [] }, TEST_KITCHEN, NOON_MS)).toThrow(
      'needs meat',
    );
  });

  it('of our own making is read back: the same meat, weight, heat and eaters', () => {
    const made = composePlan(OXTAIL_PLAN, 64);
    if (!made.ok) throw new Error('no plan');
    const raw = findRecipe(JSON.parse(JSON.stringify(recipeJsonLd(made.plan, WORDS))));
    if (!raw) throw new Error('no recipe');
    const back = readRecipe(raw);
    expect(back.title).toBe(OXTAIL_PLAN.title);
    expect(back.eaters?.value).toBe(4);
    expect(back.heat?.value).toEqual(mainStage(OXTAIL_PLAN).heat);
    const meat = back.lines.find((l) => l.taken?.role === 'cut');
    expect(meat?.taken).toMatchObject({ id: 'beef_oxtail' });
    expect(meat?.taken?.amount).toBeCloseTo(OXTAIL_PLAN.meat.massKg, 0);
    expect(back.lines.filter((l) => l.taken === undefined).map((l) => l.text)).toEqual([]);
  });
});

it('reads ISO durations', () => {
  expect(minutesOfIso('PT2H30M')).toBe(150);
  expect(minutesOfIso('P1DT30M')).toBe(1470);
  expect(minutesOfIso('PT45S')).toBe(0.75);
  expect(minutesOfIso('PT')).toBeUndefined();
  expect(minutesOfIso('3 hours')).toBeUndefined();
});
