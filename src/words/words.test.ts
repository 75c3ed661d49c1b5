import { type MessageFormatElement, parse, TYPE } from '@formatjs/icu-messageformat-parser';
import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { FIGURES, WORDS as TABLE } from './en';
import { languageOf } from './languages';
import { wordsFor, wordsHeard } from './words';
import { kg, listed, litres, minutes, moment, nameOf, say, tempC } from '../core/message';
import { CUTS, FATS, GARNISHES, HERBS, LID_KINDS, LIQUIDS, SIDES, SPICES } from '../core/larder';
import { KINDS } from '../core/kinds';
import { METRIC } from '../core/quantity';
import { WAY_TOPICS, WAYS } from '../core/choices';
import { NOON_MS } from '../testing/fixtures';
import { US_WORDS, WORDS } from '../testing/words';
import { tablesOf } from './tables';

const PSEUDO = wordsFor({ units: METRIC, language: languageOf('pseudo'), timeZone: 'UTC' });
const codes = Object.keys(TABLE);

/** The text of every file under a folder of the sources, tests left out. */
function sources(folder: URL): string {
  return readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((f) => f.isFile() && /\.tsx?$/.test(f.name) && !/\.test\.tsx?$/.test(f.name))
    .map((f) => readFileSync(`${f.parentPath}/${f.name}`, 'utf8'))
    .join('\n');
}

/** Names of the arguments of an ICU message, those within plurals and selections too. */
function argumentsOf(text: string): string[] {
  const visit = (elements: readonly MessageFormatElement[]): string[] =>
    elements.flatMap((e) => {
      if (e.type === TYPE.literal || e.type === TYPE.pound) return [];
      if (e.type !== TYPE.plural && e.type !== TYPE.select) return [e.value];
      return [e.value, ...Object.values(e.options).flatMap(({ value }) => visit(value))];
    });
  return visit(parse(text, { ignoreTag: true }));
}

const src = new URL('../', import.meta.url);
const core = sources(new URL('core/', src));
const rest = ['app/', 'ui/', 'exports/', 'contract/', 'server/', 'cli/', 'words/words.ts', 'proxy.ts']
  .map((f) => (f.endsWith('/') ? sources(new URL(f, src)) : readFileSync(new URL(f, src), 'utf8')))
  .join('\n');

describe('the words', () => {
  it('are there for every code the core and the screens name outright', () => {
    const named = [...(core + rest).matchAll(/\b(?:say|text|title)\(\s*'([a-z]\w*(?:\.\w+)+)'/g)].map(
      (m) => m[1] ?? '',
    );
    expect(named.length).toBeGreaterThan(500);
    expect(named.filter((code) => !WORDS.has(code))).toEqual([]);
  });

  it('are there for every fault a shape is refused with', () => {
    const named = [...rest.matchAll(/'(shape(?:\.\w+)+)'/g)].map((m) => m[1] ?? '');
    expect(named.length).toBeGreaterThan(20);
    expect([...new Set(named)].filter((code) => !WORDS.has(code))).toEqual([]);
  });

  it('are there for every figure, and every one of its inputs', () => {
    const figures = [...core.matchAll(/\bfigure\(\s*'([\w.]+)'/g)].map((m) => m[1] ?? '');
    expect(figures.length).toBeGreaterThan(20);
    for (const id of figures) expect(Object.keys(FIGURES)).toContain(id);
    const inputs = [...core.matchAll(/\b(?:from|input)\(\s*'(\w+)',/g)].map((m) => m[1] ?? '');
    expect(inputs.filter((id) => !WORDS.has(`input.${id}`))).toEqual([]);
  });

  it('are there for every row of the larder and for every way of doing something', () => {
    const rows = [
      ...CUTS.flatMap(({ id }) => [`cut.${id}`, `cut.${id}.full`, `cut.${id}.sign`, `cut.${id}.connective`]),
      ...GARNISHES.flatMap((g) => [`garnish.${g.id}`, ...(g.noted ? [`garnish.${g.id}.note`] : [])]),
      ...LIQUIDS.flatMap((l) => [`liquid.${l.id}`, ...l.swaps.map((s) => `swap.${s.changes}`)]),
      ...HERBS.flatMap((h) => [`herb.${h.id}`, ...(h.dried ? [`herb.${h.id}.dried`] : [])]),
      ...SPICES.map((s) => `spice.${s.id}`),
      ...FATS.flatMap((f) => [`fat.${f.id}`, `fat.${f.id}.why`]),
      ...SIDES.flatMap((s) => [`side.${s.id}`, ...s.steps.map((step) => `side.${s.id}.${step.id}`)]),
      ...LID_KINDS.flatMap((l) => [`lid.${l}`, `lid.${l}.why`]),
      ...KINDS.flatMap((k) => [`kind.${k.id}`, `kind.${k.id}.why`]),
      ...WAY_TOPICS.flatMap((t) => [
        `ways.${t}`,
        ...WAYS[t].ways.flatMap((w) => [`way.${t}.${w}`, `way.${t}.${w}.why`]),
      ]),
    ];
    expect(rows.filter((code) => !WORDS.has(code))).toEqual([]);
  });

  it('are all used: by their code, or by a beginning that codes are made of', () => {
    const all = core + rest;
    const begun = [...all.matchAll(/[`'](\w+(?:\.\w+)*\.)\$\{/g)].map((m) => m[1] ?? '');
    const made = [...new Set([...begun, 'noun.', 'input.', 'measure.'])];
    const dead = codes.filter(
      (code) =>
        !all.includes(`'${code}'`) &&
        !all.includes(`"${code}"`) &&
        !made.some((start) => code.startsWith(start)) &&
        !/^(cut|garnish|liquid|fat|herb|spice|salt|side|lid|avoid|kind|stage|vessel|decision)\./.test(code) &&
        !code.endsWith('.short'),
    );
    expect(dead).toEqual([]);
  });

  it('write no quantity by hand: each is a parameter, and so in the reader’s units', () => {
    const written = Object.entries(TABLE).filter(
      ([code, text]) =>
        /\d\s?(°|kg\b|g\b|ml\b|l\b|mm\b|cm\b)/.test(text) &&
        !code.startsWith('typed.') &&
        !code.startsWith('unitsMenu.'),
    );
    expect(written).toEqual([]);
    const ofFigures = Object.values(FIGURES).flatMap(({ label, formula, changes }) => [label, formula, changes]);
    expect(ofFigures.filter((text) => /\d\s?(°|kg\b|ml\b|mm\b|cm\b)/.test(text))).toEqual([]);
  });

  it('keep to the words of the kitchen', () => {
    const texts = Object.values(TABLE);
    expect(
      texts.filter((t) => /\blikely \{\w+\} to \{|\bof 100 such|\bfork (should|would|may)? ?turn|please|!/i.test(t)),
    ).toEqual([]);
  });
});

describe('a message', () => {
  it('has its quantities, names, moments and lists in the reader’s own way', () => {
    const params = { ice: kg(0.9), time: minutes(47) };
    expect(WORDS.text('next.cool.why', params)).toContain('About 47 min in its liquid');
    expect(WORDS.text('next.cool.why', params)).toContain('900 g of ice');
    expect(US_WORDS.text('next.cool.why', params)).toContain('2 lb of ice');
    expect(US_WORDS.text('recipe.cool', { time: minutes(5) })).toContain('from 135 °F to 70 °F');
    expect(WORDS.text('line.markAt', { what: say('mark.turn'), at: moment(NOON_MS) })).toBe('turn at 12:00');
    const names = listed([nameOf('cut', 'beef_oxtail'), nameOf('liquid', 'stout'), 'a bone']);
    expect(WORDS.text('line.went', { what: names })).toBe('As it went, oxtail, stout and a bone');
  });

  it('begins with a capital where its words ask for one', () => {
    expect(WORDS.text('line.ready', { target: say('target.twists'), likely: 'x', low: 'y', high: 'z' })).toMatch(
      /^Fork twists/,
    );
    expect(WORDS.label('liquid', 'redWine')).toMatch(/^[A-Z]/);
    expect(WORDS.title(say('task.chop'))).toMatch(/^Chop/);
  });

  it('says of an entry beyond its limits as many figures as show it', () => {
    const entry = (entered: number) => ({ as: 'temperature' as const, entered, limits: [80, 240] as const });
    const of = (entered: number): string =>
      WORDS.text('fault.tooMuch', { name: 'x', entry: entry(entered), limits: 'y' });
    expect(of(482.2)).toContain('482 °C');
    expect(of(240.4)).toContain('240.4 °C');
  });

  it('says how sure in evenings, and next to nothing as such', () => {
    expect(WORDS.quantity(0.9, 'evenings')).toBe('9 evenings in 10');
    expect(WORDS.quantity(0.87, 'evenings')).toBe('87 evenings in 100');
    expect(WORDS.quantity(0.004, 'share')).toBe('under 1 %');
    expect(WORDS.quantity(Number.NaN, 'evenings')).toBe('–');
    expect(WORDS.range(20, 35, 'minutes')).toBe('20 to 35 min');
    expect(WORDS.range(5, 5, 'minutes')).toBe('5 min');
    expect(WORDS.quantity(0.25, 'volumePerHour')).toBe('250 ml an hour');
  });

  it('without words, or without its parameter, is an error', () => {
    expect(() => WORDS.say(say('no.such.code'))).toThrow('no.such.code');
    expect(() => WORDS.text('step.pour', { liquid: 'stout' })).toThrow('volume');
    expect(WORDS.say(say('step.pour', { liquid: 'stout', volume: litres(0.3) }))).toBe('300 ml stout');
  });
});

describe('the pseudo-language', () => {
  it('has every word of English, marked and longer, with the same parameters', () => {
    const { words } = tablesOf('pseudo');
    for (const code of codes as (keyof typeof TABLE)[]) {
      expect(words[code].startsWith('⟦'), code).toBe(true);
      expect(argumentsOf(words[code]), code).toEqual(argumentsOf(TABLE[code]));
    }
  });

  it('keeps quantities whole and says plurals', () => {
    expect(PSEUDO.text('elsewhere.testEarly.why')).toContain('15 °C');
    expect(PSEUDO.text('step.pour', { liquid: 'x', volume: litres(0.3) })).toContain('300 ml');
    expect(PSEUDO.text('prep.tie', { strings: 3 })).toContain('3');
    expect(PSEUDO.name('cut', 'beef_oxtail')).not.toBe('oxtail');
    expect(PSEUDO.quantity(0.9, 'evenings')).toMatch(/9.*10/);
    expect(PSEUDO.quantity(tempC(90).value, 'temperature')).toBe('90 °C');
  });
});

describe('the reader', () => {
  /** What only an engineer says. The why of a figure, with its inputs, is where such words may stand. */
  const ENGINEERS =
    /median|percentile|cook value|surer|JSON-LD|schema\.org|slow animal|\bband\b|hands-on|in hand|\d+ of 100|80 %/i;
  const table: Readonly<Record<string, string>> = TABLE;

  it('is a cook with one evening: no engineer’s word outside the why', () => {
    const said = codes.filter((code) => !/^(figure|input)\./.test(code) && ENGINEERS.test(table[code] ?? ''));
    expect(said.map((code) => `${code}: ${table[code] ?? ''}`)).toEqual([]);
  });

  it('hears of doubt in evenings or as a time between two, never as a share of it', () => {
    expect(WORDS.text('common.between', { p10: '17:15', p90: '18:15' })).toBe('between 17:15 and 18:15');
    expect(WORDS.quantity(0.9, 'evenings')).toBe('9 evenings in 10');
    expect(WORDS.quantity(0.0085, 'saltStrength')).toBe('9 g a litre');
    expect(US_WORDS.quantity(0.0085, 'saltStrength')).toBe('9 g a litre');
    expect(US_WORDS.quantity(0.0005, 'mass')).toBe('under ⅛ oz');
    expect(US_WORDS.quantity(0, 'mass')).toBe('0 oz');
    expect(US_WORDS.quantity(0.002, 'mass')).toBe('⅛ oz');
  });
});

describe('words a page brings', () => {
  it('are all that it looked up, and those there are none for', () => {
    const heard = new Map<string, string | null>();
    const page = wordsHeard({ units: METRIC, language: languageOf('en'), timeZone: 'UTC' }, heard);
    page.say(say('step.pour', { liquid: nameOf('liquid', 'stout'), volume: litres(0.3) }));
    page.say(say('step.pour', { liquid: nameOf('liquid', 'stout'), volume: litres(0.4) }));
    expect(page.has('no.such.code')).toBe(false);
    expect([...heard.keys()].sort()).toEqual(['liquid.stout', 'no.such.code', 'step.pour']);
    expect(heard.get('no.such.code')).toBeNull();
    expect(heard.get('step.pour')).toBe(TABLE['step.pour']);
  });
});
