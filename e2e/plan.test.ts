import { By, Key, until } from 'selenium-webdriver';
import { describe, expect, it } from 'vitest';
import { beginPlan, dismiss, fill, findText, press, setViewport, WAIT_MS } from './browser';
import { served } from './served';
import { WORDS } from '../src/testing/words';
import { say } from '../src/core/message';

const here = served({ demo: true });
const { bodyText, waitForText } = here;

/** Opens the select labelled so and takes the option that starts with `option`. */
async function choose(label: string, option: string): Promise<void> {
  const { driver } = here;
  const named = await driver.wait(
    until.elementLocated(By.xpath(`//span[normalize-space(.)=${JSON.stringify(label)}]/following::button[1]`)),
    WAIT_MS,
    `No list is labelled “${label}”.`,
  );
  await driver.executeScript('arguments[0].scrollIntoView({block: "center"})', named);
  await named.click();
  const item = await driver.wait(
    until.elementLocated(By.xpath(`//*[@role="option"][starts-with(normalize-space(.), ${JSON.stringify(option)})]`)),
    WAIT_MS,
    `“${label}” offers no “${option}”.`,
  );
  await driver.executeScript('arguments[0].scrollIntoView({block: "center"})', item);
  await item.click();
}

async function level(): Promise<number> {
  const handle = await here.driver.findElement(By.css('[role="slider"][aria-orientation="vertical"]'));
  return Number(await handle.getAttribute('aria-valuenow'));
}

describe('planning a dinner in full', () => {
  it('takes amounts as people type them, and shows them in the units asked for', async () => {
    const { driver } = here;
    await driver.get(`${here.app.url}/plan/new`);
    await beginPlan(driver, 'oxtail in stout for 4');
    await fill(driver, WORDS.text('meatForm.weightTrimmed'), '4 lb 14 oz');
    await driver.wait(async () => (await bodyText()).includes('Oxtail, 2.2 kg'), WAIT_MS);
    await fill(driver, WORDS.text('meatForm.weightTrimmed'), 'two pounds');
    await waitForText('“two pounds”');
    await fill(driver, WORDS.text('meatForm.weightTrimmed'), '2.2');
    await press(driver, 'g · °C');
    await press(driver, 'US customary', 'label');
    await press(driver, 'Fahrenheit', 'label');
    await dismiss(driver);
    await waitForText('Oxtail, 4 lb 14 oz');
    await waitForText('Oven 300 °F');
    await driver.navigate().refresh();
    await waitForText('Oven 300 °F');
    await press(driver, 'lb · °F');
    await press(driver, 'Metric', 'label');
    await press(driver, 'Celsius', 'label');
    await dismiss(driver);
    await waitForText('Oxtail, 2.2 kg');
  });

  it('moves the level line by keyboard and by dragging it', async () => {
    const { driver } = here;
    await press(driver, 'Liquid: ');
    await findText(driver, 'h2', WORDS.text('panel.liquid'));
    const handle = await driver.findElement(By.css('[role="slider"][aria-orientation="vertical"]'));
    const before = await level();
    await driver.executeScript('arguments[0].focus()', handle);
    await handle.sendKeys(Key.PAGE_UP);
    await driver.wait(async () => (await level()) === before + 10, WAIT_MS, 'Page up did not raise the level.');
    await waitForText(`${String(before + 10)}% up the meat`);
    await driver.actions().move({ origin: handle }).press().move({ origin: handle, y: 14 }).release().perform();
    await driver.wait(async () => (await level()) < before + 10, WAIT_MS, 'Dragging down did not lower the level.');
  });

  it('starts from a base, says why of a number, and pours with no alcohol when asked', async () => {
    const { driver } = here;
    await press(driver, 'Base: ');
    await choose(WORDS.text('baseForm.startFromAKind'), 'Red wine and mushroom');
    await press(driver, 'Liquid: ');
    await waitForText('some always remains');
    const why = await driver.findElement(By.css('button[aria-label*="alcohol"][aria-label^="Why"]'));
    await driver.executeScript('arguments[0].scrollIntoView({block: "center"})', why);
    await why.click();
    await waitForText('What would change it:');
    await dismiss(driver);
    await press(driver, 'Alcohol-free: ');
    await driver.wait(async () => !(await bodyText()).includes('some always remains'), WAIT_MS);
    await waitForText('Wine vinegar');
  });

  it('refuses dry beans with the reason', async () => {
    const { driver } = here;
    await press(driver, 'Base: ');
    await choose(WORDS.text('baseForm.addSomething'), WORDS.label('garnish', 'beansDry'));
    await waitForText('Dry beans contain a toxin');
    await driver
      .findElement(
        By.css(`button[aria-label="${WORDS.text('baseForm.leaveOut', { name: WORDS.name('garnish', 'beansDry') })}"]`),
      )
      .click();
    await driver.wait(async () => !(await bodyText()).includes('Dry beans contain a toxin'), WAIT_MS);
  });

  it('remembers this kitchen’s own way and own bases for the next plan', async () => {
    const { driver } = here;
    await choose('Onion', 'Deep brown');
    await press(driver, WORDS.text('common.makeThisOurWay'));
    await driver.wait(async () => (await bodyText()).includes('Deep brown · yours'), WAIT_MS);
    await fill(driver, WORDS.text('baseForm.nameOfTheKind'), 'Harbour red');
    await press(driver, WORDS.text('baseForm.keepItPerKiloOf'));
    await waitForText(WORDS.text('baseForm.forget', { name: 'Harbour red' }));
    await driver.executeScript('localStorage.clear()');
    await driver.get(`${here.app.url}/plan/new`);
    await beginPlan(driver, 'oxtail in stout for 4');
    await press(driver, 'Base: ');
    await waitForText('Deep brown · yours');
    await choose(WORDS.text('baseForm.startFromAKind'), 'Harbour red');
  });

  it('warns who cannot eat it', async () => {
    const { driver } = here;
    await press(driver, 'Serve: ');
    await press(driver, 'Celery', 'label');
    await waitForText('Someone here avoids celery');
  });

  it('offers ways that fit when the pot is too small, and takes one', async () => {
    const { driver } = here;
    await press(driver, 'Meat: ');
    await fill(driver, WORDS.text('meatForm.weightTrimmed'), '3.6');
    await fill(driver, 'Pieces', '20');
    await press(driver, 'Pot: ');
    await choose('Pot', 'Small steel pot');
    await press(driver, 'To make it fit');
    await press(driver, WORDS.text('verdict.take'));
    await driver.wait(
      async () => (await driver.findElements(By.css('#fit-ways'))).length === 0,
      WAIT_MS,
      'Taking a way did not make it fit.',
    );
    // The pot's form is still the open one.
    expect(await driver.findElements(By.xpath('//label[contains(., "Name of the dish")]'))).toEqual([]);
  });

  it('keeps the plan whole through keeping and opening it again', async () => {
    const { driver } = here;
    const shown = await (await findText(driver, 'button', 'Base: ')).getText();
    await press(driver, WORDS.text('planEditor.keep'));
    await driver.wait(until.urlMatches(/\/plan\/[0-9a-f-]{36}\?at=pot$/), WAIT_MS);
    await driver.navigate().refresh();
    await findText(driver, 'h2', WORDS.text('benchSheet.theDay'));
    expect(await (await findText(driver, 'button', 'Base: ')).getText()).toBe(shown);
  });

  it('asks whose change to keep when two tabs change one plan', async () => {
    const { driver } = here;
    await press(driver, 'Meat: ');
    const plan = await driver.getCurrentUrl();
    const first = await driver.getWindowHandle();
    const keep = async (name: string): Promise<void> => {
      await fill(driver, WORDS.text('common.nameOfTheDish'), name);
      await press(driver, WORDS.text('planEditor.keep'));
    };
    await driver.switchTo().newWindow('tab');
    await driver.get(plan);
    await findText(driver, 'h2', WORDS.text('benchSheet.theDay'));
    await keep('Oxtail, the other tab’s');
    await findText(driver, 'button', WORDS.text('planEditor.kept'));
    await driver.close();
    await driver.switchTo().window(first);
    await keep('Oxtail, this tab’s');
    await waitForText('This plan was changed somewhere else');
    await press(driver, WORDS.text('planEditor.showTheOther'), 'a');
    await waitForText('Oxtail, the other tab’s');
    expect(await bodyText()).not.toContain('this tab’s');
  });
});

describe('moving the day by hand', () => {
  const handle = (label: string) =>
    here.driver.wait(until.elementLocated(By.css(`[role="slider"][aria-label^="${label}"]`)), WAIT_MS);
  const timeOf = async (label: string): Promise<string> =>
    (await (await handle(label)).getAttribute('aria-valuetext')) ?? '';

  it('drags the plate along the ember line, and everything replans', async () => {
    const { driver } = here;
    await driver.get(`${here.app.url}/plan/new`);
    await beginPlan(driver, 'oxtail in stout for 4');
    const plates = await timeOf(WORDS.text('emberLine.platesOut'));
    const lights = await timeOf('sear, base, liquid');
    const plate = await handle(WORDS.text('emberLine.platesOut'));
    await driver.executeScript('arguments[0].scrollIntoView({block: "center"})', plate);
    await driver
      .actions({ async: true })
      .move({ origin: plate })
      .press()
      .move({ origin: plate, x: -40, y: 0 })
      .release()
      .perform();
    await driver.wait(
      async () => (await timeOf(WORDS.text('emberLine.platesOut'))) !== plates,
      WAIT_MS,
      'The plate stays where it was.',
    );
    expect(await timeOf('sear, base, liquid')).not.toBe(lights);
    const dragged = await timeOf(WORDS.text('emberLine.platesOut'));
    await waitForText(`Serves 4 at ${dragged}`);
    await driver.actions().sendKeys(Key.TAB).perform();
    const again = await handle(WORDS.text('emberLine.platesOut'));
    await driver.executeScript('arguments[0].focus()', again);
    await driver.actions().sendKeys(Key.ARROW_LEFT).perform();
    await driver.wait(
      async () => (await timeOf(WORDS.text('emberLine.platesOut'))) !== dragged,
      WAIT_MS,
      'The arrow key moves nothing.',
    );
  });

  it('holds a task where the cook wants it, says where that cannot be, and offers days that can', async () => {
    const { driver } = here;
    await press(driver, 'Tasks and sides');
    const meat = await handle(WORDS.text('task.meat'));
    await driver.executeScript('arguments[0].focus()', meat);
    await driver.actions().sendKeys(Key.ARROW_LEFT).perform();
    await handle(WORDS.text('line.fixed', { task: say('task.meat') }));
    const base = await handle(WORDS.text('task.chop'));
    await driver.executeScript('arguments[0].focus()', base);
    await driver.actions().keyDown(Key.SHIFT).sendKeys(Key.ARROW_RIGHT).keyUp(Key.SHIFT).perform();
    await waitForText('can’t wait that long');
    await press(driver, WORDS.text('dayLine.lower'));
    await press(driver, WORDS.text('verdict.toMakeTheDayWork'));
    await press(driver, WORDS.text('verdict.take'));
    await driver.wait(async () => !(await bodyText()).includes('can’t wait that long'), WAIT_MS, 'The trouble stays.');
  });

  it('looks at the last half hour from near by', async () => {
    const { driver } = here;
    await press(driver, 'Tasks and sides');
    await press(driver, '½ h');
    const scroll = await findText(driver, 'div[@role="group"]', 'plate');
    const nearness = 'return arguments[0].scrollWidth / arguments[0].clientWidth';
    await driver.wait(
      async () => Number(await driver.executeScript(nearness, scroll)) > 5,
      WAIT_MS,
      'The line is as far away as it was.',
    );
    await press(driver, 'all');
  });
});

describe('the plan on a phone', () => {
  it('is eight sentences and a bar with the verdict, and each decision a page with a way back', async () => {
    const { driver } = here;
    const seen = async (place: string): Promise<boolean> =>
      (await driver.findElement(By.css(`[data-place="${place}"]`))).isDisplayed();
    await setViewport(driver, 390, 844);
    await driver.get(`${here.app.url}/plan/new?begun`);
    await findText(driver, 'h2', WORDS.text('benchSheet.theDay'));
    expect([await seen('list'), await seen('work'), await seen('bar')]).toEqual([true, false, true]);
    await press(driver, 'Heat: ');
    await driver.wait(() => seen('work'), WAIT_MS, 'The decision does not open.');
    expect([await seen('list'), await seen('bar')]).toEqual([false, true]);
    await driver.navigate().back();
    await driver.wait(() => seen('list'), WAIT_MS, 'Back does not lead to the eight.');
    await driver.findElement(By.css('[data-place="bar"] button')).click();
    const verdict = await driver.findElement(By.css('#verdict'));
    await driver.wait(
      async () => Number(await driver.executeScript('return arguments[0].getBoundingClientRect().top', verdict)) < 400,
      WAIT_MS,
      'The bar does not lead to the verdict.',
    );
    const over = await driver.executeScript('return document.documentElement.scrollWidth - innerWidth');
    expect(over).toBe(0);
    await setViewport(driver, 1280, 800);
  });
});
