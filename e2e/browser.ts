import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { By, error, Key, logging, until, type WebDriver, type WebElement } from 'selenium-webdriver';
import chrome from 'selenium-webdriver/chrome';
import { WORDS } from '../src/testing/words';

const FLAGS = [
  '--headless=new',
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  '--disable-dev-shm-usage',
  '--hide-scrollbars',
];

export const WAIT_MS = 20_000;
/** How often a wait checks its condition, ms. */
const LOOKS_EVERY_MS = 25;

export interface Browser {
  readonly driver: chrome.Driver;
  close(): Promise<void>;
}

/** Debian's Chromium, headless, with a new empty profile. */
export async function openBrowser(width = 1280, height = 800, flags: readonly string[] = []): Promise<Browser> {
  const profile = await mkdtemp(join(tmpdir(), 'even-ember-chromium-'));
  const options = new chrome.Options();
  options.setChromeBinaryPath('/usr/bin/chromium');
  options.addArguments(
    ...FLAGS,
    ...flags,
    `--user-data-dir=${profile}`,
    `--window-size=${String(width)},${String(height)}`,
  );
  const preferences = new logging.Preferences();
  preferences.setLevel(logging.Type.BROWSER, logging.Level.ALL);
  options.setLoggingPrefs(preferences);
  options.setUserPreferences({ intl: { accept_languages: 'en-GB' } });
  const driver = chrome.Driver.createSession(options, new chrome.ServiceBuilder('/usr/bin/chromedriver').build());
  await setViewport(driver, width, height);
  const wait = driver.wait.bind(driver);
  // Continue as soon as the condition holds instead of waiting for the next poll.
  driver.wait = ((...[condition, timeout, message, poll = LOOKS_EVERY_MS]: Parameters<typeof wait>) =>
    wait(condition, timeout, message, poll)) as typeof driver.wait;
  const get = driver.get.bind(driver);
  driver.get = async (url: string) => {
    await get(url);
    await answered(driver);
  };
  const navigate = driver.navigate.bind(driver);
  driver.navigate = () => {
    const navigation = navigate();
    const refresh = navigation.refresh.bind(navigation);
    navigation.refresh = async () => {
      await refresh();
      await answered(driver);
    };
    return navigation;
  };
  return {
    driver,
    close: async () => {
      await driver.quit();
      await rm(profile, { recursive: true, force: true });
    },
  };
}

/** Waits until no part of the page is still the server-rendered version. */
async function answered(driver: WebDriver): Promise<void> {
  await driver.wait(
    async () => (await driver.findElements(By.css('[data-drawn]'))).length === 0,
    WAIT_MS,
    'A part of the page never answers.',
  );
}

/** Makes the page itself `width` by `height`, whatever the window frame takes. */
export async function setViewport(driver: chrome.Driver, width: number, height: number): Promise<void> {
  await driver.sendDevToolsCommand('Emulation.setDeviceMetricsOverride', {
    width,
    height,
    deviceScaleFactor: 1,
    mobile: width < 500,
  });
}

/** The first element whose accessible text contains `text`, once it is there. */
export async function findText(driver: WebDriver, tag: string, text: string): Promise<WebElement> {
  const path = `//${tag}[contains(normalize-space(.), ${JSON.stringify(text)})]`;
  // An open sheet takes precedence over the page.
  const [sheet] = await driver.findElements(By.xpath(`//*[@role="dialog"]${path}`));
  if (sheet) return sheet;
  return driver.wait(until.elementLocated(By.xpath(path)), WAIT_MS, `No <${tag}> says “${text}”.`);
}

/** Opens every folded section around an element. */
async function unfold(driver: WebDriver, element: WebElement): Promise<void> {
  await driver.executeScript(
    'const own = arguments[0].closest("summary")?.parentElement; for (let e = arguments[0].closest("details"); e; e = e.parentElement.closest("details")) if (e !== own) e.open = true;',
    element,
  );
}

export async function press(driver: WebDriver, text: string, tag = 'button'): Promise<void> {
  await driver.wait(
    async () => {
      const element = await findText(driver, tag, text);
      try {
        if (!(await element.isEnabled())) return false;
        await unfold(driver, element);
        await driver.executeScript('arguments[0].scrollIntoView({block: "center"})', element);
        await element.click();
        return true;
      } catch (e) {
        // Re-rendered between finding and clicking: find it again.
        if (e instanceof error.StaleElementReferenceError) return false;
        throw e;
      }
    },
    WAIT_MS,
    `“${text}” stays disabled.`,
  );
}

/** The input with this label. */
export async function field(driver: WebDriver, label: string): Promise<WebElement> {
  const path = `//label[contains(normalize-space(.), ${JSON.stringify(label)})]`;
  // An open sheet takes precedence over the page.
  const sheet = (await driver.findElements(By.css('[role="dialog"]'))).length > 0 ? '//*[@role="dialog"]' : '';
  const found = await driver.wait(
    until.elementLocated(By.xpath(sheet + path)),
    WAIT_MS,
    `No field is labelled “${label}”.`,
  );
  await unfold(driver, found);
  const id = await found.getAttribute('for');
  return driver.findElement(By.id(id ?? ''));
}

/** Replaces the text of a field and leaves it. */
export async function fill(driver: WebDriver, label: string, text: string): Promise<void> {
  const input = await field(driver, label);
  await driver.executeScript(
    'arguments[0].scrollIntoView({block: "center"}); arguments[0].focus(); arguments[0].select();',
    input,
  );
  await input.sendKeys(text, '\t');
}

/** Types what is to be braised on the quick start page, and waits for the plan. */
export async function beginPlan(driver: WebDriver, line: string): Promise<void> {
  const asked = await driver.wait(until.elementLocated(By.css('form input')), WAIT_MS, 'Nobody asks what it is to be.');
  await driver.wait(
    async () => {
      await asked.sendKeys(Key.chord(Key.CONTROL, 'a'), line);
      return (await asked.getAttribute('value')) === line;
    },
    WAIT_MS,
    'The line is not taken.',
  );
  await press(driver, WORDS.text('begin.plan'));
  await findText(driver, 'h2', WORDS.text('benchSheet.theDay'));
}

/** Closes the open popover by keyboard, once it has the focus, and waits until it is gone. */
export async function dismiss(driver: WebDriver): Promise<void> {
  await driver.wait(
    async () => {
      if ((await driver.findElements(By.css('[role="dialog"]'))).length === 0) return true;
      await driver.switchTo().activeElement().sendKeys(Key.ESCAPE);
      return false;
    },
    WAIT_MS,
    'The popover stays open.',
  );
}

/** Console messages of level warning or worse since the last call. */
export async function complaints(driver: WebDriver): Promise<string[]> {
  const entries = await driver.manage().logs().get(logging.Type.BROWSER);
  return entries.filter((e) => e.level.value >= logging.Level.WARNING.value).map((e) => e.message);
}
