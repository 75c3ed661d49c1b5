import { type MessageFormatElement, parse, TYPE } from '@formatjs/icu-messageformat-parser';
import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { FIGURES, WORDS as TABLE } from './en';
import { languageOf } from './languages';
import { wordsFor, wordsHeard } from './words';
import { kg, listParam, litres, minutes, timeParam, nameOf, say, storedMessage, tempC } from '../core/message';
import { CUTS, FATS, GARNISHES, HERBS, LID_KINDS, LIQUIDS, SIDES, SPICES } from '../core/larder';
import { BRAISE_STYLES } from '../core/styles';
import { METRIC } from '../core/quantity';
import { TECHNIQUE_TOPICS, TECHNIQUES } from '../core/choices';
import { NOON_MS } from '../testing/fixtures';
import { US, US_WORDS, WORDS } from '../testing/words';
import { BRITISH, tableOf } from './tables';

const PSEUDO = wordsFor({ units: METRIC, language: languageOf('pseudo'), timeZone: 'UTC' });
const codes = Object.keys(TABLE);

const ROW_TABLES = [
  'cut',
  'garnish',
  'liquid',
  'fat',
  'herb',
  'spice',
  'salt',
  'side',
  'lid',
  'avoid',
  'kind',
  'stage',
  'vessel',
  'decision',
  'swap',
  'suits',
  'hidden',
  'trim',
  'way',
  'thickener',
  'rung',
  'step',
  'noun',
  'input',
];

/** The text of every source file under a folder, without tests. */
function sources(folder: URL): string {
  return readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((f) => f.isFile() && /\.tsx?$/.test(f.name) && !/\.test\.tsx?$/.test(f.name))
    .map((f) => readFileSync(`${f.parentPath}/${f.name}`, 'utf8'))
    .join('\n');
}

/** Argument names of an ICU message, including those inside plurals and selects. */
function argumentsOf(text: string): string[] {
  const visit = (elements: readonly MessageFormatElement[]): string[] =>
    elements.flatMap((e) => {
      if (e.type === TYPE.literal || e.type === TYPE.pound) return [];
      if (e.type !== TYPE.plural && e.type !== TYPE.select) return [e.value];
      return [e.value, ...Object.values(e.options).flatMap(({ value }) => visit(value))];
    });
  return visit(parse(text, { ignoreTag: true }));
}

const uncapitalized = (name: string): string => name.charAt(0).toLowerCase() + name.slice(1);

const src = new URL('../', import.meta.url);
const core = sources(new URL('core/', src));
const rest = [
  'app/',
  'ui/',
  'exports/',
  'contract/',
  'server/',
  'cli/',
  'words/words.ts',
  'words/measure.ts',
  'proxy.ts',
]
  .map((f) => (f.endsWith('/') ? sources(new URL(f, src)) : readFileSync(new URL(f, src), 'utf8')))
  .join('\n');

describe('the words', () => {
  it('are checked by the compiler: codes, parameters, figures', () => {
    // @ts-expect-error There is no such code.
    say('no.such.code');
    // @ts-expect-error A parameter is missing.
    say('step.pour', { liquid: 'stout' });
    // @ts-expect-error A parameter is not taken.
    say('target.twists', { liquid: 'stout' });
    // @ts-expect-error A parameter within a plural is missing.
    say('prep.tie');
    expect(say('step.pour', { liquid: 'stout', volume: litres(0.3) }).code).toBe('step.pour');
  });

  it('are there for every fault a shape is refused with', () => {
    const named = [...rest.matchAll(/'(shape(?:\.\w+)+)'/g)].map((m) => m[1] ?? '');
    expect(named.length).toBeGreaterThan(20);
    expect([...new Set(named)].filter((code) => !WORDS.has(code))).toEqual([]);
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
      ...BRAISE_STYLES.flatMap((k) => [`kind.${k.id}`, `kind.${k.id}.why`]),
      ...TECHNIQUE_TOPICS.flatMap((t) => [
        `ways.${t}`,
        ...TECHNIQUES[t].ways.flatMap((w) => [`way.${t}.${w}`, `way.${t}.${w}.why`]),
      ]),
    ];
    expect(rows.filter((code) => !WORDS.has(code))).toEqual([]);
  });

  it('are all used: by their code, or by a beginning that codes are made of', () => {
    const named = new Set<string>();
    const begun = new Set<string>();
    for (const [, code, start] of (core + rest).matchAll(/['"`](\w+(?:\.\w+)*)['"`]|[`'](\w+(?:\.\w+)*\.)\$\{/g)) {
      if (code !== undefined) named.add(code);
      if (start !== undefined) begun.add(start);
    }
    // Rows of data are looked up by table, see `nameOf` and `ofRow`.
    for (const table of ROW_TABLES) begun.add(`${table}.`);
    const made = (code: string): boolean =>
      code.split('.').some((_, i, parts) => i > 0 && begun.has(`${parts.slice(0, i).join('.')}.`));
    const dead = codes.filter((code) => !named.has(code) && !made(code) && !code.endsWith('.short'));
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
    expect(texts.filter((t) => /\bof 100 such|please|!/i.test(t))).toEqual([]);
  });
});

describe('a message', () => {
  it('has its quantities, names, moments and lists in the reader’s own way', () => {
    const params = { ice: kg(0.9), time: minutes(47) };
    expect(WORDS.text('next.cool.why', params)).toMatch(/47 min.*900 g/);
    expect(US_WORDS.text('next.cool.why', params)).toMatch(/47 min.*2 lb/);
    expect(WORDS.text('line.markAt', { what: say('mark.turn'), at: timeParam(NOON_MS) })).toBe('turn at 12:00');
    const names = listParam([nameOf('cut', 'beef_oxtail'), nameOf('liquid', 'stout'), 'a bone']);
    expect(WORDS.text('line.went', { what: names })).toContain('oxtail, stout and a bone');
  });

  it('begins with a capital where its words ask for one', () => {
    expect(WORDS.text('line.ready', { target: say('target.twists'), likely: 'x', low: 'y', high: 'z' })).toMatch(
      /^[A-Z]/,
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

  it('says how sure as so many times, and next to nothing as such', () => {
    expect(WORDS.quantity(0.9, 'evenings')).toMatch(/\b9\b.*\b10\b/);
    expect(WORDS.quantity(0.87, 'evenings')).toMatch(/\b87\b.*\b100\b/);
    expect(WORDS.quantity(0.004, 'share')).toContain('1%');
    expect(WORDS.quantity(Number.NaN, 'evenings')).toBe('–');
    expect(WORDS.range(20, 35, 'minutes')).toBe('20 to 35 min');
    expect(WORDS.range(5, 5, 'minutes')).toBe('5 min');
    expect(WORDS.quantity(0.25, 'volumePerHour')).toContain('250 ml');
  });

  it('from an old file is shown as far as it can be', () => {
    expect(WORDS.say(storedMessage({ code: 'no.such.code' }))).toBe('…');
    expect(WORDS.say(storedMessage({ code: 'step.pour', params: { liquid: 'stout' } }))).toContain('stout');
    expect(WORDS.say(say('step.pour', { liquid: 'stout', volume: litres(0.3) }))).toBe('300 ml stout');
  });
});

describe('another language', () => {
  const GERMAN = wordsFor({ units: METRIC, language: languageOf('de'), timeZone: 'UTC' });
  const GERMAN_CUPS = wordsFor({ units: US, language: languageOf('de'), timeZone: 'UTC' });

  it('shows the English sentence for each it lacks', () => {
    const lacking = codes.filter((code) => !Object.hasOwn(tableOf('de'), code));
    expect(lacking.length).toBeGreaterThan(3000);
    expect(GERMAN.text('target.gives')).toBe(tableOf('de')['target.gives'] ?? WORDS.text('target.gives'));
    expect(GERMAN.text('topBar.kitchen')).toBe(WORDS.text('topBar.kitchen'));
  });

  it('has only sentences English has, with parameters English gives', () => {
    for (const id of ['de', 'en-US'] as const) {
      for (const [code, text] of Object.entries(tableOf(id))) {
        const english = (BRITISH as Readonly<Record<string, string>>)[code];
        expect(english, `${id} ${code}`).toBeDefined();
        const given = new Set(argumentsOf(english ?? '').map(uncapitalized));
        const added = argumentsOf(text).filter((name) => !given.has(uncapitalized(name)) && !/_\d/.test(name));
        expect(added, `${id} ${code}`).toEqual([]);
      }
    }
  });

  it('writes amounts, hours and ranges its own way', () => {
    expect(GERMAN_CUPS.quantity(1.242, 'volume')).toBe('5¼ Tassen');
    expect(GERMAN_CUPS.quantity(0.2366, 'volume')).toBe('1 Tasse');
    expect(GERMAN.range(60, 90, 'minutes')).toBe('1 Std. 00 bis 1 Std. 30');
    expect(GERMAN.quantity(1.25, 'mass')).toBe('1,25 kg');
  });
});

describe('the pseudo-language', () => {
  it('has every word of English, marked and longer, with the same parameters', () => {
    const words = tableOf('pseudo');
    for (const code of (codes as (keyof typeof TABLE)[]).filter((c) => !c.startsWith('unit.'))) {
      expect(words[code]?.startsWith('⟦'), code).toBe(true);
      expect(argumentsOf(words[code] ?? ''), code).toEqual(argumentsOf(TABLE[code]));
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
  /** Engineers' words. They are allowed only in the why of a figure and its inputs. */
  const ENGINEERS = /median|percentile|cook value|surer|JSON-LD|schema\.org|slow animal|\bband\b|\d+ of 100|80 ?%/i;
  const table: Readonly<Record<string, string>> = TABLE;

  it('is a cook with one evening: no engineer’s word outside the why', () => {
    const said = codes.filter((code) => !/^(figure|input)\./.test(code) && ENGINEERS.test(table[code] ?? ''));
    expect(said.map((code) => `${code}: ${table[code] ?? ''}`)).toEqual([]);
  });

  it('hears of doubt in evenings or as a time between two, never as a share of it', () => {
    expect(WORDS.text('common.between', { p10: '17:15', p90: '18:15' })).toMatch(/17:15.*18:15/);
    expect(WORDS.quantity(0.0085, 'saltStrength')).toMatch(/^9 g .*litre$/);
    expect(US_WORDS.quantity(0.0085, 'saltStrength')).toMatch(/^9 g .*liter$/);
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
    expect([...heard.keys()].sort()).toEqual(['liquid.stout', 'no.such.code', 'step.pour', 'unit.ml']);
    expect(heard.get('no.such.code')).toBeNull();
    expect(heard.get('step.pour')).toBe(TABLE['step.pour']);
  });
});
