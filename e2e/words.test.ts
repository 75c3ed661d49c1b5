import { readdirSync } from 'node:fs';
import { By } from 'selenium-webdriver';
import { beforeAll, describe, expect, it } from 'vitest';
import { setViewport, WAIT_MS } from './browser';
import { served } from './served';
import { SALTMARSH_ROW } from '../src/engine/demo/kitchen';
import { OXTAIL, PAST, SHANKS } from '../src/engine/demo/dishes';
import { demoPlaces, type Places, RECIPE_WORDS, WALK } from './walk';
import { COUNTED_SCREENS, readScreen } from './wordsInView';

const here = served({ demo: true });
let places: Places;

beforeAll(async () => {
  places = await demoPlaces(here.driver, here.app.url);
});

/**
 * All text shown or spoken, except commands: text nodes, and the attributes read by screen readers or shown on hover.
 */
const SHOWN = `
  const out = [];
  const texts = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
  while (texts.nextNode()) {
    const { parentElement } = texts.currentNode;
    if (!parentElement.closest('script, style, textarea, noscript, code')) out.push(texts.currentNode.data.trim());
  }
  for (const element of document.querySelectorAll('*')) {
    for (const name of ['aria-label', 'title', 'placeholder', 'aria-valuetext', 'alt']) {
      const text = element.getAttribute(name);
      if (text) out.push(text.trim());
    }
  }
  return [...new Set(out)].filter((t) => t !== '');
`;

/** A phone, where the walk continues. */
const SIZES = [
  [390, 844],
  [1280, 800],
] as const;

/** Buttons, headings and labels whose text does not fit. */
const CUT_OFF = `
  return [...document.querySelectorAll('button, h1, h2, h3, label, strong, th, td, dt, dd, p')]
    .filter((e) => e.scrollWidth > e.clientWidth + 2 && !['inline', 'contents'].includes(getComputedStyle(e).display))
    .filter((e) => !e.closest('.visually-hidden, [style*="clip"]') && e.clientWidth > 1)
    .map((e) => e.tagName + ': ' + e.textContent.trim().slice(0, 60));
`;

/** What the cook or the demo typed: names of dishes, equipment and notes. */
const TYPED = [
  ...RECIPE_WORDS,
  SALTMARSH_ROW.name,
  ...[...SALTMARSH_ROW.pots, ...SALTMARSH_ROW.pans, ...SALTMARSH_ROW.burners, ...SALTMARSH_ROW.ovens].map(
    (e) => e.name,
  ),
  ...[OXTAIL, SHANKS, ...PAST.map((p) => p.dish)].map((d) => d.title),
  ...PAST.map((p) => p.verdict.nextTime),
].sort((a, b) => b.length - a.length);
/** What the date library says about parts of a field, in the reader's own language. */
const DATE_PARTS = /Selected Date: [^⟦]*|\b(day|month|year|hour|minute|AM\/PM),|\d+ – [A-Z][a-z]+/g;

/** Words that are not ours: days, months, units, keys, the product's name. */
const NO_WORDS =
  /\b(Mon|Tue|Wed|Thu|Fri|Sat|Sun|Jan|Feb|Mar|Apr|May|Jun|Jul|Aug|Sep|Oct|Nov|Dec|today|tomorrow|yesterday|and|or|kg|ml|mm|min|kWh|tsp|lb|oz|fl|cups?|Even Ember|Dismiss)\b/g;

/** What somebody typed, and file paths of this machine. */
const untyped = (text: string): string =>
  TYPED.reduce((left, typed) => left.replaceAll(typed, ' '), text).replaceAll(/\/\S*even-ember-\S*/g, ' ');

function unbracketed(text: string): string {
  let left = text;
  while (/⟦[^⟦⟧]*⟧/.test(left)) left = left.replaceAll(/⟦[^⟦⟧]*⟧/g, ' ');
  return untyped(left).replaceAll(DATE_PARTS, ' ').replaceAll(NO_WORDS, ' ');
}

/** Visits every page and calls `look` on it and on everything open on it. */
async function walk(look: (where: string) => Promise<void>): Promise<void> {
  const { driver } = here;
  for (const stop of WALK) {
    await driver.get(here.app.url + stop.address(places));
    await driver.wait(async () => (await driver.findElements(By.css(stop.ready))).length > 0, WAIT_MS, stop.route);
    await look(`/${stop.route}`);
    for (const { what, by } of stop.open) {
      await by(driver);
      await look(`/${stop.route}, ${what}`);
    }
  }
}

async function choose(cookies: Readonly<Record<string, string>>): Promise<void> {
  await here.driver.manage().deleteAllCookies();
  for (const [name, value] of Object.entries(cookies)) await here.driver.manage().addCookie({ name, value });
}

describe('every screen', () => {
  it('is on the walk', () => {
    const pages = readdirSync('src/app', { recursive: true })
      .map(String)
      .filter((f) => /(^|\/)page\.tsx$/.test(f))
      .map((f) => f.replace(/\/?page\.tsx$/, ''));
    expect(
      WALK.map((s) => s.route)
        .filter((r) => r !== 'not-found')
        .sort(),
    ).toEqual(pages.sort());
  });

  it('says nothing that was not looked up, and has room for words two fifths longer, on a phone too', async () => {
    const { driver } = here;
    await choose({ 'even-ember-language': 'pseudo' });
    const bare = new Set<string>();
    const cut = new Set<string>();
    await walk(async (where) => {
      for (const text of await driver.executeScript<string[]>(SHOWN)) {
        if (/\p{L}{2,}/u.test(unbracketed(text))) bare.add(`${where}: ${text}`);
      }
      for (const text of await driver.executeScript<string[]>(CUT_OFF)) cut.add(`${where}: ${text}`);
      for (const [width, height] of SIZES) {
        await setViewport(driver, width, height);
        const over = await driver.executeScript<number>('return document.documentElement.scrollWidth - innerWidth');
        if (over > 0) cut.add(`${where}: the page, by ${String(over)} px of ${String(width)}`);
      }
    });
    expect([...bare]).toEqual([]);
    expect([...cut]).toEqual([]);
  });

  it('has no metric figure for a reader of US units', async () => {
    const { driver } = here;
    await choose({ 'even-ember-units': 'us-F', 'even-ember-language': 'en-US' });
    const metric = new Set<string>();
    await walk(async (where) => {
      for (const text of await driver.executeScript<string[]>(SHOWN)) {
        // Salt in a sauce is in grams per litre in every unit system.
        const rest = untyped(text).replaceAll(/\d+ g per liter/g, ' ');
        if (/\d\s?(kg|g|ml|l|mm|cm|°C)\b|g\/(kg|l)\b/.test(rest)) metric.add(`${where}: ${text}`);
      }
    });
    expect([...metric]).toEqual([]);
  });

  it('shows at once no more words than a cook takes in', async () => {
    const { driver } = here;
    await choose({});
    const counts: Record<string, number> = {};
    for (const screen of COUNTED_SCREENS) {
      const words = await readScreen(driver, screen, here.app.url, places);
      counts[screen.name] = words.length;
      if (screen.most !== null)
        expect(words.length, `${screen.name}: ${words.join(' ')}`).toBeLessThanOrEqual(screen.most);
    }
    console.log(counts);
  });
});
