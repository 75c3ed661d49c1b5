import { AxeBuilder } from '@axe-core/webdriverjs';
import { By, Key, until } from 'selenium-webdriver';
import { describe, expect, it } from 'vitest';
import { beginPlan, complaints, field, fill, findText, press, setViewport, WAIT_MS } from './browser';
import { doAsAsked } from './finishing';
import { served } from './served';
import { WORDS } from '../src/testing/words';

const here = served({ demo: true });
const { bodyText, waitForText } = here;

/** All axe violations of the current page, as short lines. */
async function violations(): Promise<string[]> {
  const { violations: found } = await new AxeBuilder(here.driver).analyze();
  return found.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join(', ')}`);
}

/** Closes what is open over the page with the keyboard. */
async function dismissed(): Promise<void> {
  await here.driver.switchTo().activeElement().sendKeys(Key.ESCAPE);
  await here.driver.wait(
    async () => (await here.driver.findElements(By.css('[role="listbox"], [role="dialog"]'))).length === 0,
    WAIT_MS,
    'It stays open.',
  );
}

async function turnsAt(): Promise<string> {
  return (await findText(here.driver, 'section', 'Forecast for')).findElement(By.css('strong')).getText();
}

/** Minutes from one time of day to the next occurrence of another. */
function minutesOn(from: string, to: string): number {
  const of = (clock: string): number => {
    const [, hours, minutes] = /(\d+):(\d+)/.exec(clock) ?? [];
    return Number(hours) * 60 + Number(minutes);
  };
  return (of(to) - of(from) + 24 * 60) % (24 * 60);
}

describe('a braise from plan to log', () => {
  it('meets a stranger with a live cook, a plan and a log', async () => {
    const { driver } = here;
    await driver.get(here.app.url);
    await findText(driver, 'h1', 'Home');
    const text = await bodyText();
    expect(text).toContain('Oxtail in stout for the harbour supper');
    expect(text).toContain('Lamb shanks with preserved lemon');
    expect(text).toContain('Pork cheeks in cider');
    expect(await violations()).toEqual([]);
  });

  it('refuses what cannot be cooked in a sentence and loses nothing of the form', async () => {
    const { driver } = here;
    await press(driver, 'Plan a braise', 'a');
    await findText(driver, 'h1', 'What are you braising');
    expect(await violations()).toEqual([]);
    await beginPlan(driver, 'oxtail in stout for 4');
    await waitForText('most likely');
    expect(await violations()).toEqual([]);
    // An open, filtered list and an open “why?” pass the same checks as the page.
    await driver.findElement(By.css('[data-place="work"] button[aria-haspopup="listbox"]')).click();
    await driver.wait(until.elementLocated(By.css('[role="listbox"]')), WAIT_MS, 'No list opens.');
    expect(await violations()).toEqual([]);
    await dismissed();
    await driver.findElement(By.xpath('//button[contains(., "Why this time?")]')).click();
    await driver.wait(until.elementLocated(By.css('[role="dialog"]')), WAIT_MS, 'Nothing says why.');
    expect(await violations()).toEqual([]);
    await dismissed();
    await fill(driver, WORDS.text('common.nameOfTheDish'), 'Saturday oxtail');
    await fill(driver, WORDS.text('meatForm.weightTrimmed'), '0');
    await waitForText('Meat weight: 0 g is too low');
    await driver.sleep(500);
    await driver.navigate().refresh();
    await waitForText('Meat weight: 0 g is too low');
    expect(await (await field(driver, WORDS.text('common.nameOfTheDish'))).getAttribute('value')).toBe(
      'Saturday oxtail',
    );
    await fill(driver, WORDS.text('meatForm.weightTrimmed'), '400');
    await waitForText('400 kg is too high');
    await fill(driver, WORDS.text('meatForm.weightTrimmed'), '2.2');
    await press(driver, 'Heat: ');
    await fill(driver, 'Oven set to', '600');
    await waitForText('Oven set to: 600 °C is too high');
    await fill(driver, 'Oven set to', '150');
    await driver.wait(async () => !(await bodyText()).includes('too high'), WAIT_MS);
  });

  it('plans each of the eight decisions with its drawing', async () => {
    const { driver } = here;
    for (const [decision, title] of [
      ['Pot: ', 'Does it fit?'],
      ['Sear: ', 'How many at a time?'],
      ['Base: ', 'What goes in, and when?'],
      ['Liquid: ', WORDS.text('panel.liquid')],
      ['Heat: ', WORDS.text('panel.heat')],
      ['Finish: ', WORDS.text('panel.finish')],
      ['Serve: ', WORDS.text('panel.serve')],
    ] as const) {
      await press(driver, decision);
      await findText(driver, 'h2', title);
      expect(await violations(), decision).toEqual([]);
    }
    await press(driver, 'Liquid: ');
    const before = await bodyText();
    await press(driver, 'Just covered', 'label');
    await driver.wait(async () => (await bodyText()) !== before, WAIT_MS);
    await waitForText('102% up the meat');
  });

  it('starts the cook, records, moves the forecast and takes a record back', async () => {
    const { driver } = here;
    await press(driver, 'Start the braise');
    await findText(driver, 'h2', 'So far');
    await press(driver, WORDS.text('cookScreen.inAlready'));
    await waitForText(WORDS.text('recorded.intoPot'));
    expect(await violations()).toEqual([]);
    const planned = await turnsAt();
    await driver.findElement(By.css('body')).sendKeys('h');
    await fill(driver, 'Oven set to', '110');
    await press(driver, WORDS.text('recordSheets.recordTheHeat'));
    await waitForText('Oven 110 °C');
    await driver.wait(
      async () => {
        const later = minutesOn(planned, await turnsAt());
        return later > 0 && later < 12 * 60;
      },
      WAIT_MS,
      'A cooler oven did not move the forecast later.',
    );
    await driver.findElement(By.css('button[aria-label="Undo: Oven 110 °C"]')).click();
    await driver.wait(
      async () => (await turnsAt()) === planned,
      WAIT_MS,
      'Taking it back did not restore the forecast.',
    );
  });

  it('loses nothing to a killed server, and a second tab follows', async () => {
    const { driver } = here;
    const cook = await driver.getCurrentUrl();
    await here.app.kill();
    await press(driver, 'Note');
    await fill(driver, 'Note', 'smells of prunes');
    await press(driver, WORDS.text('recordSheets.keepTheNote'));
    await waitForText(WORDS.text('soFar.keptOnThisDeviceNot'));
    await waitForText('No connection to the server');
    await here.app.restart();
    await driver.wait(
      async () => !(await bodyText()).includes(WORDS.text('soFar.keptOnThisDeviceNot')),
      WAIT_MS,
      'The queued note was never sent.',
    );
    await driver.navigate().refresh();
    await waitForText('smells of prunes');

    const first = await driver.getWindowHandle();
    await driver.switchTo().newWindow('tab');
    await driver.get(cook);
    await waitForText('smells of prunes');
    const second = await driver.getWindowHandle();
    await driver.switchTo().window(first);
    await driver.findElement(By.css('body')).sendKeys('t');
    await waitForText('Turned');
    await driver.switchTo().window(second);
    await driver.wait(
      async () => (await driver.findElements(By.css('button[aria-label="Undo: Turned"]'))).length === 1,
      WAIT_MS,
      'The second tab did not hear of it.',
    );
    await driver.close();
    await driver.switchTo().window(first);
  });

  it('asks how it came out and shows it in the log, planned against actual', async () => {
    const { driver } = here;
    await driver.findElement(By.css('body')).sendKeys('f');
    await press(driver, WORDS.label('stage', 'twists'));
    await waitForText(WORDS.text('step.outOfOven.title'));
    await press(driver, WORDS.text('next.button.offHeat'));
    await doAsAsked(driver, (t) => t.startsWith(WORDS.text('step.verdict.title')), 20);
    await press(driver, WORDS.text('next.button.finished'));
    await findText(driver, 'h2', 'How did it come out?');
    expect(await violations()).toEqual([]);
    await press(driver, WORDS.text('recordSheets.finishAndLogIt'));
    await waitForText('Choose one of the five to finish');
    for (const word of ['just right', 'succulent', 'sticky', 'a bit salty']) await press(driver, word, 'label');
    await fill(driver, WORDS.text('recordSheets.oneLineForNextTime'), 'Half the salt');
    await press(driver, WORDS.text('recordSheets.finishAndLogIt'));
    await driver.wait(until.urlContains('/log/'), WAIT_MS);
    await waitForText('Half the salt');
    expect(await violations()).toEqual([]);
    await driver.get(`${here.app.url}/log`);
    await waitForText('Saturday oxtail');
    expect(await violations()).toEqual([]);
  });

  it('exports plan and cook, takes them in again and refuses anything else', async () => {
    const { driver } = here;
    await driver.get(here.app.url + '/plan');
    await waitForText('Saturday oxtail');
    expect(await violations()).toEqual([]);
    const exported = await driver.findElement(By.css('a[aria-label="Export Saturday oxtail"]')).getAttribute('href');
    const text = await fetch(exported ?? '').then((r) => r.text());
    expect(JSON.parse(text)).toMatchObject({ format: 'even-ember/plan', version: 3 });
    const post = (body: string): Promise<Response> =>
      fetch(`${here.app.url}/api/import`, { method: 'POST', body, headers: { origin: here.app.url } });
    const taken = await post(text);
    expect(taken.status).toBe(201);
    const { href } = (await taken.json()) as { href: string };
    await driver.get(here.app.url + href);
    await findText(driver, 'h1', 'Saturday oxtail');
    const refused = await post('{"format": "something else"}');
    expect(refused.status).toBe(422);
    expect(await refused.text()).toContain('file.notOurs');
    expect((await fetch(`${here.app.url}/api/import`, { method: 'POST', body: text })).status).toBe(403);
  });

  it('fits a phone, in both colours, without a complaint from the browser', async () => {
    const { driver } = here;
    await setViewport(driver, 390, 844);
    await driver.get(here.app.url);
    const cook = await findText(driver, 'a', WORDS.text('home.goToThePot'));
    expect(await violations()).toEqual([]);
    await cook.click();
    await findText(driver, 'h2', 'So far');
    expect(await violations()).toEqual([]);
    const overflow = await driver.executeScript('return document.documentElement.scrollWidth - window.innerWidth');
    expect(overflow).toBeLessThanOrEqual(0);
    await setViewport(driver, 1280, 800);
    await driver.get(`${here.app.url}/plan/new`);
    await beginPlan(driver, 'oxtail in stout for 4');
    await driver.findElement(By.css('header button[aria-label*="theme"]')).click();
    expect(await violations()).toEqual([]);
    const said = (await complaints(driver)).filter(
      (m) =>
        !m.includes('ERR_CONNECTION_REFUSED') &&
        !m.includes('ERR_INCOMPLETE_CHUNKED') &&
        !m.includes('ERR_EMPTY_RESPONSE'),
    );
    expect(said).toEqual([]);
  });
});
