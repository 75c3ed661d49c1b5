import { By, until } from 'selenium-webdriver';
import { expect, it } from 'vitest';
import { beginPlan, complaints, fill, findText, press, WAIT_MS } from './browser';
import { served } from './served';
import { WORDS } from '../src/testing/words';

const here = served({ demo: true });

const bodyText = async (): Promise<string> => here.driver.findElement(By.css('body')).getText();

/** Clicks the element this path finds, once it is there. */
async function click(path: string): Promise<void> {
  const { driver } = here;
  const element = await driver.wait(until.elementLocated(By.xpath(path)), WAIT_MS, `Nothing at ${path}.`);
  await driver.executeScript('arguments[0].scrollIntoView({block: "center"})', element);
  await element.click();
}

async function waitForText(text: string): Promise<void> {
  await here.driver.wait(async () => (await bodyText()).includes(text), WAIT_MS, `“${text}” never comes.`);
}

it('keeps a pot of the cook’s own, plans in it, and carries its stages of heat to the stove', async () => {
  const { driver } = here;
  await driver.get(`${here.app.url}/kitchen`);
  await press(driver, 'Add a pot');
  await findText(driver, 'button', WORDS.text('kitchen.keep'));
  await driver.wait(async () => (await driver.findElements(By.css('[role="dialog"] input'))).length > 0, WAIT_MS);
  await fill(driver, WORDS.text('potFields.name'), 'Harbour oval');
  await fill(driver, WORDS.text('potFields.length'), '34 cm');
  await fill(driver, WORDS.text('potFields.width'), '26 cm');
  await click('//*[@role="dialog"]//button[normalize-space(.)="Save"]');
  await waitForText(WORDS.text('kitchen.kept', { name: 'Harbour oval' }));
  expect(await complaints(driver)).toEqual([]);

  await driver.get(`${here.app.url}/plan/new`);
  await beginPlan(driver, 'lamb shanks for 4 tomorrow 20:00');
  await press(driver, 'Pot: ');
  await click('//button[.//*[contains(text(), "Round casserole")]][@aria-haspopup="listbox"]');
  await (await findText(driver, 'div[@role="option"]', 'Harbour oval')).click();
  await waitForText('Harbour oval');

  await press(driver, 'Heat: ');
  await press(driver, 'On the hob first');
  await press(driver, 'Lid off for the last hour');
  await waitForText('Hob, 96 °C or hotter, then oven 150 °C');

  await driver.wait(
    async () =>
      (await driver.findElements(By.xpath('//button[contains(., "Start the braise")][not(@disabled)]'))).length > 0,
    WAIT_MS,
    'It cannot be started.',
  );
  await press(driver, 'Start the braise');
  await findText(driver, 'h2', 'So far');
  await press(driver, WORDS.text('cookScreen.inAlready'));
  await waitForText(WORDS.text('recorded.intoPot'));
  // The first step due is the hob's bubbles or the oven check, depending on the quarter hour; the heat sheet offers the
  // phase.
  await driver.findElement(By.css('body')).sendKeys('h');
  await press(driver, 'Oven 150 °C, heavy lid');
  await waitForText('Oven 150 °C');
  // From then on the next phase is the lid, and the sheet offers it.
  await driver.findElement(By.css('body')).sendKeys('h');
  await findText(driver, 'button', 'Oven 150 °C, no lid');
  expect(await complaints(driver)).toEqual([]);
});
