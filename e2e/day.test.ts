import { By, until } from 'selenium-webdriver';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { type Browser, complaints, dismiss, field, findText, openBrowser, press, WAIT_MS } from './browser';
import { type AppServer, startApp } from './server';

let app: AppServer;
let browser: Browser;

beforeAll(async () => {
  app = await startApp({ demo: true });
  browser = await openBrowser();
});

afterAll(async () => {
  await browser.close();
  await app.close();
});

describe('the kitchen’s clock', () => {
  async function chooseZone(text: string, option: string): Promise<void> {
    const { driver } = browser;
    await driver.findElement(By.css('header button[aria-label^="Units and clock"]')).click();
    const zone = await field(driver, 'Time zone of the kitchen');
    await driver.executeScript('arguments[0].focus(); arguments[0].select();', zone);
    await zone.sendKeys(text);
    await (await findText(driver, 'div[@role="option"]', option)).click();
    await dismiss(driver);
  }
  const plates = async (): Promise<string> =>
    (await browser.driver
      .wait(until.elementLocated(By.css('[role="slider"][aria-label="Plates out"]')), WAIT_MS)
      .getAttribute('aria-valuetext')) ?? '';

  it('runs in the zone that is chosen, and is kept', async () => {
    const { driver } = browser;
    await driver.get(`${app.url}/plan/new`);
    await findText(driver, 'h2', 'The day');
    expect(await plates()).toBe('19:00');
    await chooseZone('Adelai', 'Australia/Adelaide');
    await driver.wait(async () => (await plates()) !== '19:00', WAIT_MS, 'The clock stays where it was.');
    expect(await plates()).toMatch(/:[03]0$/);
    await driver.get(`${app.url}/plan/new`);
    await findText(driver, 'h2', 'The day');
    expect(await plates()).toBe('19:00');
    await chooseZone('As this', 'As this machine');
    await driver.wait(async () => (await plates()) !== '19:00', WAIT_MS, 'The machine’s clock does not come back.');
    expect(await complaints(driver)).toEqual([]);
  });
});

describe('cooking it the day before', () => {
  it('lays the day out over two days, with the cooling between', async () => {
    const { driver } = browser;
    await driver.get(`${app.url}/plan/new`);
    await findText(driver, 'h2', 'The day');
    await press(driver, 'Serve: ');
    await press(driver, 'Ahead', 'label');
    await findText(driver, 'h3', 'Cold in time, and warm again');
    expect(await (await field(driver, 'In the fridge by')).getAttribute('value')).toMatch(/T21:00$/);
    await findText(driver, 'span', 'cool in ice water, into the fridge');
    await press(driver, 'The same day', 'label');
    await driver.wait(
      async () => (await driver.findElements(By.xpath('//h3[starts-with(., "Cold in time")]'))).length === 0,
      WAIT_MS,
      'The cooling stays.',
    );
    expect(await complaints(driver)).toEqual([]);
  });
});

describe('other ways', () => {
  it('take the braise to another place, with what changes there', async () => {
    const { driver } = browser;
    await driver.get(app.url);
    const link = await driver.wait(
      until.elementLocated(By.css('main a[href^="/plan/"]:not([href$="/new"])')),
      WAIT_MS,
      'The demo has no plan.',
    );
    const href = (await link.getAttribute('href')) ?? '';
    await driver.get(`${href}/compare`);
    await findText(driver, 'h2', 'Taken elsewhere');
    const place = await findText(driver, 'article[starts-with(@aria-label, "Covered grill")]', 'carbon monoxide');
    const button = await place.findElement(By.css('button'));
    await driver.executeScript('arguments[0].scrollIntoView({block: "center"})', button);
    await button.click();
    await driver.wait(until.urlIs(href), WAIT_MS, 'Keeping a place does not lead back to the plan.');
    await findText(driver, 'button', 'Covered grill');
    expect(await complaints(driver)).toEqual([]);
  });
});
