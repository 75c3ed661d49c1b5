import { By } from 'selenium-webdriver';
import { type Driver } from 'selenium-webdriver/chrome';
import { afterAll, beforeAll } from 'vitest';
import { type Browser, openBrowser, WAIT_MS } from './browser';
import { type AppServer, startApp } from './server';

/** The app and a browser for the tests of one file. */
export interface Served {
  readonly app: AppServer;
  readonly driver: Driver;
  /** All text of the page. */
  readonly bodyText: () => Promise<string>;
  /** Waits until the page contains `text`. */
  readonly waitForText: (text: string | RegExp) => Promise<void>;
  /** Waits until the stove page is there and runs on the kitchen's clock. */
  readonly inTime: () => Promise<void>;
  /** Moves the kitchen's clock, and the page with it, forward by this many minutes. */
  readonly on: (minutes: number) => Promise<void>;
}

/** Where a page stores how far its own clock is ahead of the kitchen's. */
const AHEAD = "return localStorage.getItem('even-ember:clock-ahead-ms')";
/** The difference allowed, and how long an answer may take before the clock is asked again, ms. */
const HONEST_MS = 3000;
const ASK_AGAIN_MS = 3000;
const DRAWN_MS = 300;

/** Starts the app and a browser before the first test of a file, and stops both after the last. */
export function served(options: { readonly demo: boolean }): Served {
  let app: AppServer | undefined;
  let browser: Browser | undefined;
  beforeAll(async () => {
    app = await startApp(options);
    browser = await openBrowser();
  });
  afterAll(async () => {
    await browser?.close();
    await app?.close();
  });
  const begun = <T>(value: T | undefined): T => {
    if (value === undefined) throw new Error('Nothing is served before the first test.');
    return value;
  };
  const inTime = async (): Promise<void> => {
    const { driver } = begun(browser);
    await driver.wait(async () => (await driver.findElements(By.id('so-far'))).length > 0, WAIT_MS, 'No stove.');
    let askedMs = Date.now();
    await driver.wait(
      async () => {
        const ahead = await driver.executeScript<string | null>(AHEAD);
        if (ahead !== null && Math.abs(Number(ahead) + begun(app).shiftedMs()) < HONEST_MS) return true;
        // A slow answer says little about the clock.
        if (Date.now() - askedMs > ASK_AGAIN_MS) {
          askedMs = Date.now();
          await driver.executeScript("window.dispatchEvent(new Event('online'))");
        }
        return false;
      },
      WAIT_MS,
      'The page does not hear what time it is.',
    );
    // What is computed from it appears with the next render.
    await driver.sleep(DRAWN_MS);
  };
  const bodyText = (): Promise<string> => begun(browser).driver.findElement(By.css('body')).getText();
  return {
    get app() {
      return begun(app);
    },
    get driver() {
      return begun(browser).driver;
    },
    bodyText,
    inTime,
    on: async (minutes) => {
      await begun(app).shift(minutes);
      await begun(browser).driver.navigate().refresh();
      await inTime();
    },
    waitForText: async (text) => {
      const { driver } = begun(browser);
      const shown = async (): Promise<boolean> => {
        const body = await bodyText();
        return typeof text === 'string' ? body.includes(text) : text.test(body);
      };
      await driver.wait(shown, WAIT_MS, `“${String(text)}” never appeared.`);
    },
  };
}
