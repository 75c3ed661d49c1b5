import { By } from 'selenium-webdriver';
import { type Driver } from 'selenium-webdriver/chrome';
import { afterAll, beforeAll } from 'vitest';
import { type Browser, openBrowser, WAIT_MS } from './browser';
import { type AppServer, startApp } from './server';

/** The app and a browser for the tests of one file. */
export interface Served {
  readonly app: AppServer;
  readonly driver: Driver;
  /** All that the page says. */
  readonly bodyText: () => Promise<string>;
  /** Waits until the page says `text`. */
  readonly waitForText: (text: string) => Promise<void>;
}

/** Serves the app and opens a browser before the first test of a file, and ends both after the last. */
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
  const bodyText = (): Promise<string> => begun(browser).driver.findElement(By.css('body')).getText();
  return {
    get app() {
      return begun(app);
    },
    get driver() {
      return begun(browser).driver;
    },
    bodyText,
    waitForText: async (text) => {
      const { driver } = begun(browser);
      await driver.wait(async () => (await bodyText()).includes(text), WAIT_MS, `“${text}” never appeared.`);
    },
  };
}
