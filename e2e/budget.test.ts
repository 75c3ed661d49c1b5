import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { type Browser, openBrowser } from './browser';
import { costOf, type Line, openLine, type ScreenCost, watchPages } from './measure';
import { type AppServer, startApp } from './server';
import { demoPlaces, type Places, WALK } from './walk';

/** Main-thread scripts named by the page itself, in bytes as sent (gzip). */
const FIRST_BYTES: Readonly<Record<string, number>> = {
  '': 260_000,
  plan: 260_000,
  'plan/[id]': 260_000,
  'plan/[id]/sheet': 320_000,
  'plan/[id]/compare': 320_000,
  log: 320_000,
  'log/[id]': 320_000,
  // The laws of open pots and of losses also serve what is kept warm and cooled here.
  'braise/[id]': 330_000,
};
/** Limit for cumulative layout shift. */
const SHIFT = 0.02;

let app: AppServer;
let line: Line;
let browser: Browser;
let places: Places;

beforeAll(async () => {
  app = await startApp({ demo: true });
  // Slower than any page, so that late scripts arrive after the page was drawn.
  line = await openLine(app, { fontsMs: 1200, workersMs: 900 });
  browser = await openBrowser();
  await watchPages(browser);
  places = await demoPlaces(browser.driver, line.url);
});

afterAll(async () => {
  await browser.close();
  await line.close();
  await app.close();
});

describe('with fonts and forecasts held back', () => {
  it.each(Object.entries(FIRST_BYTES))('/%s is light and stands still', async (route, most) => {
    const stop = WALK.find((s) => s.route === route);
    if (!stop) throw new Error(`There is no ${route}.`);
    const cost: ScreenCost = await costOf(browser, line, stop, stop.address(places));
    expect(cost.firstBytes).toBeLessThanOrEqual(most);
    // Measuring before any script has arrived would count zero bytes.
    expect(cost.firstBytes).toBeGreaterThan(100_000);
    expect(cost.shift, cost.moved.join('\n')).toBeLessThan(SHIFT);
    if (route === 'plan/[id]') expect(cost.forecast).toBe(true);
  });
});
