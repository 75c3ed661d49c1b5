import { By, Key } from 'selenium-webdriver';
import { describe, expect, it } from 'vitest';
import { beginPlan, complaints, fill, findText, press, setViewport, WAIT_MS } from './browser';
import { doAsAsked, title } from './finishing';
import { served } from './served';
import { WORDS } from '../src/testing/words';
import { say } from '../src/core/message';

const here = served({ demo: false });
const { bodyText, on, waitForText } = here;

/** Counts the browser features (sound, notices, wake lock) the page uses, in every page opened from here on. */
const SPIES = `
  window.asked = { tones: 0, notices: 0, awake: 0, released: 0 };
  const tone = AudioContext.prototype.createOscillator;
  AudioContext.prototype.createOscillator = function () { window.asked.tones += 1; return tone.call(this); };
  Notification.requestPermission = () => { window.asked.notices += 1; return Promise.resolve('granted'); };
  Object.defineProperty(navigator, 'wakeLock', { value: { request: async () => {
    window.asked.awake += 1;
    return { release: async () => { window.asked.released += 1; }, addEventListener() {} };
  } } });
`;

const asked = (): Promise<Record<string, number>> => here.driver.executeScript('return window.asked');
/** A braise planned from one line, at the stove. */
async function begun(line: string): Promise<void> {
  const { driver } = here;
  await driver.get(`${here.app.url}/plan/new`);
  await beginPlan(driver, line);
  await driver.wait(
    async () =>
      (await driver.findElements(By.xpath('//button[contains(., "Start the braise")][not(@disabled)]'))).length > 0,
    WAIT_MS,
    'It cannot be started.',
  );
  await press(driver, 'Start the braise');
  await findText(driver, 'h2', 'So far');
}

const potted = async (): Promise<boolean> =>
  (await here.driver.findElements(By.xpath('//button[starts-with(normalize-space(.), "Fork")]'))).length > 0;

describe('at the stove', () => {
  it('an ordinary evening, from the fridge door to the log, by one key', { timeout: 240_000 }, async () => {
    const { driver } = here;
    await driver.sendDevToolsCommand('Page.addScriptToEvaluateOnNewDocument', { source: SPIES });
    await begun('oxtail in stout for 4 tomorrow 20:00');
    const steps = await doAsAsked(driver, potted);
    expect(steps[0]).toContain('Wash your hands');
    expect(steps.filter((s) => s.startsWith('Lay the pieces')).length).toBeGreaterThan(0);
    expect(steps.some((s) => s.includes('Pour in the'))).toBe(true);
    await driver.wait(async () => (await asked())['awake'] === 1, WAIT_MS, 'The screen is not kept awake.');
    // A timer rings in the page, with sound once the page was touched, and is answered.
    await press(driver, WORDS.text('timers.letItRing'));
    await press(driver, 'Timer');
    await fill(driver, WORDS.text('timers.name'), 'potatoes');
    await press(driver, WORDS.text('timers.set'));
    await waitForText('potatoes');
    await here.app.shift(12);
    await driver.navigate().refresh();
    await waitForText(WORDS.text('timers.over', { time: '2 min' }));
    await driver.findElement(By.id('so-far')).click();
    await driver.wait(async () => ((await asked())['tones'] ?? 0) > 0, WAIT_MS, 'Nothing is heard.');
    await press(driver, WORDS.text('timers.ok'));
    await driver.wait(
      async () => (await driver.findElements(By.css('[aria-label="Stop timer: potatoes"]'))).length === 0,
      WAIT_MS,
      'It rings on.',
    );
    // Shown again after being hidden, the page asks for the wake lock again.
    const held = (await asked())['awake'] ?? 0;
    await driver.executeScript("document.dispatchEvent(new Event('visibilitychange'))");
    await driver.wait(async () => ((await asked())['awake'] ?? 0) > held, WAIT_MS, 'It falls asleep.');

    await on(15 * 6);
    expect(await title(driver)).toMatch(/Turn|Check|Fork/);
    await driver.findElement(By.css('body')).sendKeys('t');
    await waitForText('Turned');
    await on(130);
    await driver.findElement(By.css('body')).sendKeys('f');
    await press(driver, WORDS.label('stage', 'twists'));
    await waitForText('tender, since');
    expect(await bodyText()).not.toContain('most likely at');
    expect(await bodyText()).not.toContain('enough liquid to last');
    await press(driver, WORDS.text('next.button.offHeat'));
    const after = await doAsAsked(driver, (t) => t.startsWith(WORDS.text('step.verdict.title')), 20);
    expect(after[0]).toMatch(/^Keep it warm/);
    expect(after.at(-1)).toMatch(/^Take it to the table/);
    await waitForText('erved at');
    expect(await bodyText()).not.toContain('most likely at');
    await press(driver, WORDS.text('next.button.finished'));
    for (const word of ['just right', 'succulent', 'sticky', 'a bit salty']) await press(driver, word, 'label');
    await press(driver, WORDS.text('recordSheets.finishAndLogIt'));
    await driver.wait(async () => (await driver.getCurrentUrl()).includes('/log/'), WAIT_MS);
    expect((await complaints(driver)).filter((m) => !m.includes('AudioContext'))).toEqual([]);
  });

  it('an evening on which everything goes wrong still has an answer to each', { timeout: 240_000 }, async () => {
    const { driver } = here;
    await begun('beef cheek for 4 tomorrow 20:00');
    await doAsAsked(driver, (t) => t.includes('Take the meat out'));
    // Started early: the screen says so and goes on. A problem becomes the current step and goes once it is dealt with.
    await driver.findElement(By.css('body')).sendKeys('x');
    await press(driver, WORDS.text('trouble.burntGarlic'));
    await waitForText(WORDS.text('troubleSheet.cost'));
    await press(driver, 'Dark garlic out');
    await waitForText(WORDS.text('recorded.trouble', { trouble: say('trouble.burntGarlic') }));
    expect(await title(driver)).toContain('garlic');
    await driver.findElement(By.css('body')).sendKeys(Key.SPACE);
    await driver.wait(async () => !(await title(driver)).includes('garlic'), WAIT_MS);
    await press(driver, WORDS.text('cookScreen.inAlready'));
    await waitForText(WORDS.text('recorded.intoPot'));
    await on(60);
    // The lid was forgotten: what that means, and what putting it back on would change.
    await driver.findElement(By.css('body')).sendKeys('h');
    await press(driver, 'lid', 'button[@aria-haspopup="listbox"]');
    await press(driver, 'No lid', 'div[@role="option"]');
    await press(driver, WORDS.text('recordSheets.recordTheLid'));
    await waitForText('back on now');
    // Dry: shown before everything else, with an amount to add.
    await driver.findElement(By.css('body')).sendKeys('l');
    await fill(driver, 'Depth', '0');
    await press(driver, WORDS.text('recordSheets.recordTheLevel'));
    await waitForText(WORDS.text('alarm.dry'));
    expect(await bodyText()).toMatch(/\d+ ml of boiling stock|\d(\.\d+)? l of boiling stock/);
    expect(await bodyText()).not.toContain('enough liquid to last');
    expect((await complaints(driver)).filter((m) => !m.includes('AudioContext'))).toEqual([]);
  });

  it('on a phone whose network is cut twice loses nothing', { timeout: 240_000 }, async () => {
    const { driver } = here;
    await setViewport(driver, 390, 844);
    await begun('lamb shanks for 4 tomorrow 20:00');
    for (let cut = 0; cut < 2; cut++) {
      await driver.sendDevToolsCommand('Network.enable', {});
      await driver.sendDevToolsCommand('Network.emulateNetworkConditions', {
        offline: true,
        latency: 0,
        downloadThroughput: 0,
        uploadThroughput: 0,
      });
      const first = await title(driver);
      await press(driver, 'Done');
      await driver.wait(async () => (await title(driver)) !== first, WAIT_MS, 'The card waits for the network.');
      await waitForText(WORDS.text('soFar.keptOnThisDeviceNot'));
      await driver.sendDevToolsCommand('Network.emulateNetworkConditions', {
        offline: false,
        latency: 0,
        downloadThroughput: -1,
        uploadThroughput: -1,
      });
      await driver.wait(
        async () => !(await bodyText()).includes(WORDS.text('soFar.keptOnThisDeviceNot')),
        WAIT_MS,
        'It was never sent.',
      );
    }
    const now = await title(driver);
    await driver.navigate().refresh();
    await findText(driver, 'h2', 'So far');
    expect(await title(driver)).toBe(now);
    const overflow = await driver.executeScript('return document.documentElement.scrollWidth - window.innerWidth');
    expect(overflow).toBeLessThanOrEqual(0);
    await setViewport(driver, 1280, 800);
  });
});
