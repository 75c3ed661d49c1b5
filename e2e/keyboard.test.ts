import { By, Key, type WebDriver } from 'selenium-webdriver';
import { describe, expect, it } from 'vitest';
import { WAIT_MS } from './browser';
import { doAsAsked, title } from './finishing';
import { served } from './served';
import { WORDS } from '../src/testing/words';

const here = served({ demo: false });
const { on, waitForText } = here;

const send = (driver: WebDriver, ...keys: string[]): Promise<void> =>
  driver
    .actions()
    .sendKeys(...keys)
    .perform();

/** What has the focus, as a screen reader announces it. */
const inFocus = (driver: WebDriver): Promise<string> =>
  driver.executeScript(`
    const e = document.activeElement;
    if (!e?.matches('a, button, input, textarea, [role]')) return '';
    const named = (e.getAttribute('aria-labelledby') ?? '').split(' ').map((id) => document.getElementById(id)?.textContent ?? '').join(' ').trim();
    return (e.getAttribute('aria-label') ?? (named || e.closest('label')?.textContent || e.textContent || '')).trim();
  `);

/** Presses Tab until the named element has the focus. */
async function tabTo(driver: WebDriver, text: string, most = 150): Promise<void> {
  for (let i = 0; i < most; i++) {
    if ((await inFocus(driver)).includes(text)) return;
    await send(driver, Key.TAB);
  }
  throw new Error(`“${text}” is not reached by tabbing; in focus: ${await inFocus(driver)}.`);
}

/** Tabs to a button or link, which may still be loading or disabled, and presses it. */
async function pressed(driver: WebDriver, text: string): Promise<void> {
  await driver.wait(
    async () =>
      (
        await driver.findElements(
          By.xpath(
            `//*[self::button or self::a][not(@disabled)][contains(., "${text}") or contains(@aria-label, "${text}")]`,
          ),
        )
      ).length > 0,
    WAIT_MS,
    `There is no “${text}” to press.`,
  );
  await tabTo(driver, text);
  await send(driver, Key.ENTER);
}

const headingInFocus = (): Promise<boolean> =>
  here.driver.executeScript('return document.activeElement?.tagName === "H1"');

describe('with a keyboard alone', () => {
  it('goes from Home to a finished entry in the log', { timeout: 240_000 }, async () => {
    const { driver } = here;
    await driver.get(here.app.url);
    // Past the navigation bar.
    await send(driver, Key.TAB);
    expect(await inFocus(driver)).toBe(WORDS.text('topBar.skip'));
    await send(driver, Key.ENTER);
    await pressed(driver, 'Plan a braise');
    await driver.wait(async () => (await driver.findElements(By.css('form input'))).length > 0, WAIT_MS, 'Not there.');
    await driver.wait(
      async () => (await driver.executeScript('return document.activeElement.tagName')) !== 'BODY',
      WAIT_MS,
      'The new page has no focus.',
    );
    for (let i = 0; i < 20 && (await driver.executeScript('return document.activeElement.tagName')) !== 'INPUT'; i++) {
      await send(driver, Key.TAB);
    }
    await send(driver, 'oxtail in stout for 4 tomorrow 20:00', Key.ENTER);
    await pressed(driver, 'Start the braise');
    await driver.wait(async () => (await driver.findElements(By.id('so-far'))).length > 0, WAIT_MS, 'Not there.');
    await driver.wait(headingInFocus, WAIT_MS, 'The heading at the stove has not the focus.');
    const potted = async (): Promise<boolean> =>
      (await driver.findElements(By.xpath('//button[starts-with(normalize-space(.), "Fork")]'))).length > 0;
    expect((await doAsAsked(driver, potted)).length).toBeGreaterThan(8);
    // The key puts the cursor in the note; leaving it half typed asks first.
    await send(driver, 'n');
    await driver.wait(
      async () => (await driver.executeScript('return document.activeElement.tagName')) === 'TEXTAREA',
      WAIT_MS,
      'The cursor is not in the note.',
    );
    await send(driver, 'smells of stout', Key.ESCAPE);
    await waitForText(WORDS.text('sheet.unkept'));
    await driver.wait(async () => (await inFocus(driver)) === WORDS.text('sheet.goOn'), WAIT_MS);
    await send(driver, Key.ENTER);
    await pressed(driver, WORDS.text('recordSheets.keepTheNote'));
    await waitForText('smells of stout');
    await on(220);
    await send(driver, 'f');
    await driver.wait(
      async () => (await driver.findElements(By.css('[role="dialog"]'))).length > 0,
      WAIT_MS,
      'Not there.',
    );
    await pressed(driver, WORDS.label('stage', 'twists'));
    await waitForText('tender, since');
    await driver.wait(async () => (await driver.findElements(By.css('[role="dialog"]'))).length === 0, WAIT_MS);
    await doAsAsked(driver, (t) => t.startsWith(WORDS.text('step.verdict.title')), 24, pressed);
    expect(await title(driver)).toBe(WORDS.text('step.verdict.title'));
    await pressed(driver, WORDS.text('next.button.finished'));
    await driver.wait(
      async () => (await driver.findElements(By.css('[role="dialog"] [role="radiogroup"]'))).length === 4,
      WAIT_MS,
    );
    const groups = await driver.findElements(By.css('[role="dialog"] [role="radiogroup"]'));
    for (const group of groups) {
      for (let i = 0; i < 40; i++) {
        if (await driver.executeScript('return arguments[0].contains(document.activeElement)', group)) break;
        await send(driver, Key.TAB);
      }
      await send(driver, Key.ARROW_RIGHT, Key.ARROW_RIGHT);
      expect(await group.findElements(By.css('input:checked'))).toHaveLength(1);
    }
    await pressed(driver, WORDS.text('recordSheets.finishAndLogIt'));
    await driver.wait(async () => (await driver.getCurrentUrl()).includes('/log/'), WAIT_MS, 'It is not in the log.');
    await driver.wait(headingInFocus, WAIT_MS, 'The heading of the entry has not the focus.');
  });
});
