import { By, until } from 'selenium-webdriver';
import { describe, expect, it } from 'vitest';
import { beginPlan, complaints, dismiss, field, findText, press, WAIT_MS } from './browser';
import { served } from './served';
import { WORDS } from '../src/testing/words';

const here = served({ demo: true });

describe('the kitchen’s clock', () => {
  async function chooseZone(text: string, option: string): Promise<void> {
    const { driver } = here;
    await driver.findElement(By.css('header button[aria-label^="Settings"]')).click();
    const zone = await field(driver, WORDS.text('unitsMenu.timeZoneOfTheKitchen'));
    await driver.executeScript('arguments[0].focus(); arguments[0].select();', zone);
    await zone.sendKeys(text);
    await (await findText(driver, 'div[@role="option"]', option)).click();
    await dismiss(driver);
  }
  const plates = async (): Promise<string> =>
    (await here.driver
      .wait(until.elementLocated(By.css('[role="slider"][aria-label="Serve"]')), WAIT_MS)
      .getAttribute('aria-valuetext')) ?? '';

  it('runs in the zone that is chosen, and is kept', async () => {
    const { driver } = here;
    await driver.get(`${here.app.url}/plan/new`);
    await beginPlan(driver, 'oxtail for 4');
    expect(await plates()).toBe('19:00');
    await chooseZone('Adelai', 'Australia/Adelaide');
    await driver.wait(async () => (await plates()) !== '19:00', WAIT_MS, 'The clock stays where it was.');
    expect(await plates()).toMatch(/:[03]0$/);
    await driver.get(`${here.app.url}/plan/new`);
    await beginPlan(driver, 'oxtail for 4');
    expect(await plates()).toBe('19:00');
    await chooseZone('As this', WORDS.text('unitsMenu.asThisMachine2'));
    await driver.wait(async () => (await plates()) !== '19:00', WAIT_MS, 'The machine’s clock does not come back.');
    expect(await complaints(driver)).toEqual([]);
  });
});

describe('cooking it the day before', () => {
  it('lays the day out over two days, with the cooling between', async () => {
    const { driver } = here;
    await driver.get(`${here.app.url}/plan/new`);
    // Days ahead, so that the evening before is still to come whatever the time is now.
    await beginPlan(driver, 'oxtail in stout for 4 in 4 days 7pm');
    await press(driver, 'Serve: ');
    await press(driver, WORDS.text('serveForm.ahead'), 'label');
    await findText(driver, 'h3', WORDS.text('servePanel.coldInTimeAndWarm'));
    const fridgeBy = await driver.findElement(By.xpath('//*[normalize-space(text())="In the fridge by"]/parent::*'));
    // Times are wrapped in direction marks, and each part has its own line.
    expect((await fridgeBy.getText()).replaceAll(/[^\d:]/g, '')).toMatch(/21:00$/);
    await press(driver, 'Tasks and sides');
    await findText(driver, 'span', WORDS.text('task.cool'));
    await press(driver, WORDS.text('dayLine.lower'));
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
  it('takes the braise to another place, with what changes there', async () => {
    const { driver } = here;
    await driver.get(here.app.url);
    const link = await driver.wait(
      until.elementLocated(By.css('main a[href^="/plan/"]:not([href$="/new"])')),
      WAIT_MS,
      'The demo has no plan.',
    );
    const href = (await link.getAttribute('href')) ?? '';
    await driver.get(`${href}/compare`);
    await press(driver, WORDS.text('elsewhere.takenElsewhere'), 'summary');
    const place = await findText(driver, 'article[contains(@aria-label, "arbecue")]', 'carbon monoxide');
    const button = await place.findElement(By.css('button'));
    await driver.executeScript('arguments[0].scrollIntoView({block: "center"})', button);
    await button.click();
    await driver.wait(until.urlIs(href), WAIT_MS, 'Keeping a place does not lead back to the plan.');
    await findText(driver, 'button', WORDS.text('heatMode.grill'));
    expect(await complaints(driver)).toEqual([]);
  });
});

describe('a plan from a recipe', () => {
  const PAGE = `<html><head><title>x</title>
    <script type="application/ld+json">{"@context":"https://schema.org","@graph":[{"@type":"WebPage"},
    {"@type":["Recipe"],"name":"Pork cheeks in cider","recipeYield":["6","6 servings"],
    "recipeIngredient":["1.2 kg pork cheeks","2 onions, sliced","500 ml dry cider","500 ml chicken stock","1 sheet of gelatine"],
    "recipeInstructions":[{"@type":"HowToSection","name":"Braise","itemListElement":[
      {"@type":"HowToStep","text":"Heat the oven to 325&deg;F."},
      {"@type":"HowToStep","text":"Cover and braise in the oven for 2&frac12; to 3 hours."}]}]}]}</script></head><body></body></html>`;

  async function paste(text: string): Promise<void> {
    const { driver } = here;
    const box = await driver.wait(until.elementLocated(By.css('textarea')), WAIT_MS);
    await driver.executeScript('arguments[0].focus(); arguments[0].select();', box);
    await box.sendKeys(text.replaceAll(/\s*\n\s*/g, ' '));
    await press(driver, WORDS.text('recipeImport.readIt'));
  }

  it('says where there is none, reads one out of a page, and drops nothing in silence', async () => {
    const { driver } = here;
    await driver.get(`${here.app.url}/plan`);
    await press(driver, 'From a recipe', 'a');
    await paste('<html><body>Only words</body></html>');
    await findText(driver, 'p[@role="alert"]', 'find a recipe in it');
    await paste(PAGE);
    await findText(driver, 'p', WORDS.text('recipeImport.itWants', { time: '2 h 30 to 3 h 00' }));
    await findText(driver, 'blockquote', 'Heat the oven to 325°F.');
    await findText(driver, 'li[@data-open]', '1 sheet of gelatine');
    await findText(driver, 'p[@role="status"]', '1 line');
    expect(await (await findText(driver, 'button', 'Make the plan')).isEnabled()).toBe(false);
    const choice = await driver.findElement(By.xpath('//li[@data-open]//button'));
    await choice.click();
    const leave = await findText(driver, 'div[@role="option"]', WORDS.text('settle.leave'));
    await driver.executeScript('arguments[0].scrollIntoView({block: "center"})', leave);
    await leave.click();
    await press(driver, 'Make the plan');
    await driver.wait(until.urlMatches(/\/plan\/[0-9a-f-]{36}$/), WAIT_MS);
    await findText(driver, 'h1', 'Pork cheeks in cider');
    await findText(driver, 'button', 'cheek, 1.2 kg');
    await findText(driver, 'button', 'Oven 165 °C');
    expect(await complaints(driver)).toEqual([]);
  });
});
