import { By, type WebDriver } from 'selenium-webdriver';
import { type Driver } from 'selenium-webdriver/chrome';
import { findText, press, setViewport, WAIT_MS } from './browser';
import { type Places } from './walk';
import { WORDS } from '../src/testing/words';

/** Tokens with a letter or digit in every text visible without scrolling: rail, bar, drawings, an open sheet. */
const IN_VIEW = `
  const inside = (r, box) => r.right > box.left && r.left < box.right && r.bottom > box.top && r.top < box.bottom;
  const page = { left: 0, top: 0, right: innerWidth, bottom: innerHeight };
  const clipped = (element) => {
    let box = page;
    for (let e = element; e; e = e.parentElement) {
      const { overflowX, overflowY, clipPath } = getComputedStyle(e);
      if (clipPath !== 'none' && e.getBoundingClientRect().width <= 2) return null;
      if (overflowX === 'visible' && overflowY === 'visible') continue;
      const r = e.getBoundingClientRect();
      box = {
        left: Math.max(box.left, r.left),
        top: Math.max(box.top, r.top),
        right: Math.min(box.right, r.right),
        bottom: Math.min(box.bottom, r.bottom),
      };
    }
    return box;
  };
  const texts = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
  const seen = [];
  while (texts.nextNode()) {
    const node = texts.currentNode;
    const parent = node.parentElement;
    if (!/[\\p{L}\\p{N}]/u.test(node.data) || parent.closest('script, style, noscript, title, desc')) continue;
    if (!parent.checkVisibility({ opacityProperty: true, visibilityProperty: true })) continue;
    const range = document.createRange();
    range.selectNodeContents(node);
    const box = clipped(parent);
    if (box && [...range.getClientRects()].some((r) => r.width > 1 && r.height > 1 && inside(r, box))) seen.push(node.data);
  }
  for (const field of document.querySelectorAll('input, textarea')) {
    const box = field.checkVisibility() && clipped(field);
    if (field.value && box && inside(field.getBoundingClientRect(), box)) seen.push(field.value);
  }
  return seen.flatMap((text) => text.split(/\\s+/)).filter((word) => /[\\p{L}\\p{N}]/u.test(word));
`;

/** The words in view, in page order. */
export function wordsInView(driver: WebDriver): Promise<string[]> {
  return driver.executeScript<string[]>(IN_VIEW);
}

/** A screen and the number of words it may show at 1280x800; null while it is being rebuilt. */
export interface CountedScreen {
  readonly name: string;
  readonly most: number | null;
  readonly open: (driver: Driver, url: string, places: Places) => Promise<void>;
}

const there = async (driver: WebDriver, css: string): Promise<void> => {
  await driver.wait(async () => (await driver.findElements(By.css(css))).length > 0, WAIT_MS, `No ${css}.`);
};

/** Forecasts arrive a moment after the page. */
const SETTLE_MS = 1200;

const DECISIONS = ['meat', 'pot', 'sear', 'base', 'liquid', 'heat', 'finish', 'serve'] as const;
const PLAN_WORDS = 220;

/** In the order they are opened; the last two start a braise. */
export const COUNTED_SCREENS: readonly CountedScreen[] = [
  {
    name: 'Home',
    most: 110,
    open: async (driver, url) => {
      await driver.get(url);
      await there(driver, 'main section');
    },
  },
  {
    name: 'First minute',
    most: 70,
    open: async (driver, url) => {
      await driver.executeScript('localStorage.clear()');
      await driver.get(`${url}/plan/new`);
      await there(driver, 'form input');
    },
  },
  ...DECISIONS.map((id): CountedScreen => ({
    name: `Plan: ${id}`,
    // No limit yet: the finish is being rebuilt.
    most: id === 'finish' ? null : PLAN_WORDS,
    open: async (driver, url, { plan }) => {
      await driver.get(`${url}${plan}?at=${id}`);
      await there(driver, '#the-day');
    },
  })),
  {
    name: 'Braising',
    most: 240,
    open: async (driver, url, { braise }) => {
      await driver.get(`${url}${braise}`);
      await there(driver, '#so-far');
    },
  },
  {
    name: 'Before the pot',
    most: 200,
    open: async (driver, url, { plan }) => {
      await driver.get(`${url}${plan}`);
      await there(driver, '#the-day');
      await press(driver, WORDS.text('planEditor.start'));
      await there(driver, '#so-far');
      await findText(driver, 'h1', '');
    },
  },
];

/** Opens a screen at 1280x800 and reads the words in view once it has settled. */
export async function readScreen(
  driver: Driver,
  screen: CountedScreen,
  url: string,
  places: Places,
): Promise<string[]> {
  await setViewport(driver, 1280, 800);
  await screen.open(driver, url, places);
  await driver.sleep(SETTLE_MS);
  return wordsInView(driver);
}
