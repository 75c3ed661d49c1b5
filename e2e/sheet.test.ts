import ICAL from 'ical.js';
import { By, until } from 'selenium-webdriver';
import { beforeAll, describe, expect, it } from 'vitest';
import { findText, press, setViewport, WAIT_MS } from './browser';
import { served } from './served';
import { WORDS } from '../src/testing/words';

const here = served({ demo: true });
let plan: string;

beforeAll(async () => {
  const { driver } = here;
  await driver.get(here.app.url);
  await findText(driver, 'h1', 'Home');
  const link = await driver.findElement(By.css('main a[href^="/plan/"]:not([href$="/new"])'));
  plan = (await link.getAttribute('href')) ?? '';
  await driver.get(plan);
  await findText(driver, 'h2', WORDS.text('benchSheet.theDay'));
  // Keeps what a download would have written.
  await driver.executeScript(`
    const make = URL.createObjectURL;
    window.saved = [];
    URL.createObjectURL = (blob) => {
      blob.text().then((text) => window.saved.push({ type: blob.type, text }));
      return make.call(URL, blob);
    };
    HTMLAnchorElement.prototype.click = function () { window.savedName = this.download; };
  `);
});

async function exported(name: string): Promise<{ name: string; type: string; text: string }> {
  const { driver } = here;
  await driver.executeScript('window.saved.length = 0');
  const open = await driver.findElement(By.css('button[aria-label="Print or export this plan"]'));
  await driver.wait(async () => open.isEnabled(), WAIT_MS);
  await open.click();
  const item = await driver.wait(
    until.elementLocated(By.xpath(`//*[@role="menuitem"][starts-with(normalize-space(.), "${name}")]`)),
    WAIT_MS,
  );
  await item.click();
  await driver.wait(async () => driver.executeScript<boolean>('return window.saved.length > 0'), WAIT_MS);
  const [file] = await driver.executeScript<{ type: string; text: string }[]>('return window.saved');
  return { name: await driver.executeScript<string>('return window.savedName'), ...(file ?? { type: '', text: '' }) };
}

/** Prints the current page to PDF on paper of this size (inches) and returns its page count. */
async function printedPages(paperWidth: number, paperHeight: number): Promise<number> {
  const printed = await here.driver.sendAndGetDevToolsCommand('Page.printToPDF', { paperWidth, paperHeight });
  const pdf = Buffer.from((printed as unknown as { data: string }).data, 'base64').toString('latin1');
  expect(pdf.startsWith('%PDF-')).toBe(true);
  return pdf.match(/\/Type \/Page\b/g)?.length ?? 0;
}

describe('a plan taken along', () => {
  it('exports the day as a calendar an independent parser reads', async () => {
    const file = await exported('Calendar');
    expect(file).toMatchObject({ type: 'text/calendar' });
    expect(file.name).toMatch(/^[a-z0-9-]+\.ics$/);
    const events = new ICAL.Component(ICAL.parse(file.text) as unknown[]).getAllSubcomponents('vevent');
    expect(events.length).toBeGreaterThan(8);
    expect(file.text).toContain('braise in the oven');
  });

  it('exports a recipe to read and one for programs', async () => {
    expect((await exported('Recipe to read')).text).toMatch(/^# .+\n[\s\S]+## Shopping list/);
    const recipe = JSON.parse((await exported('Recipe for other programs')).text) as Record<string, unknown>;
    expect(recipe).toMatchObject({ '@type': 'Recipe', recipeYield: '4' });
  });

  it('exports a plan file that can be read in again', async () => {
    const file = await exported('Plan file');
    const sent = await fetch(`${here.app.url}/api/import`, {
      method: 'POST',
      headers: { 'content-type': 'application/json', origin: here.app.url },
      body: file.text,
    });
    expect(sent.ok).toBe(true);
  });
});

describe('the bench sheet', () => {
  it('keeps ticks and notes through a reload, and clears them when asked', async () => {
    const { driver } = here;
    await driver.findElement(By.css('button[aria-label="Print or export this plan"]')).click();
    await press(driver, WORDS.text('exportMenu.benchSheet'), '*[@role="menuitem"]');
    await findText(driver, 'h2', WORDS.text('benchSheet.toBuyAndWeighOut'));
    await setViewport(driver, 390, 844);
    await press(driver, 'onion', 'label');
    const note = await driver.findElement(By.css('input[aria-label^="Fork"]'));
    await driver.executeScript('arguments[0].scrollIntoView({block: "center"})', note);
    await note.sendKeys('drags, 16:40');
    await driver.navigate().refresh();
    await findText(driver, 'button', WORDS.text('benchSheet.clearTheTicks'));
    expect(await driver.findElements(By.css('input[type=checkbox]:checked'))).toHaveLength(1);
    expect(await driver.findElement(By.css('input[aria-label^="Fork"]')).getAttribute('value')).toBe('drags, 16:40');
    const wide = await driver.executeScript<number>('return document.documentElement.scrollWidth');
    expect(wide).toBeLessThanOrEqual(390);
    await press(driver, WORDS.text('benchSheet.clearTheTicks'));
    await driver.wait(
      async () => (await driver.findElements(By.css('input[type=checkbox]:checked'))).length === 0,
      WAIT_MS,
    );
    await setViewport(driver, 1280, 800);
  });

  it('prints on A4 and on US Letter, without the bar and the buttons', async () => {
    for (const [width, height] of [
      [8.27, 11.69],
      [8.5, 11],
    ] as const) {
      const pages = await printedPages(width, height);
      expect(pages).toBeGreaterThan(0);
      expect(pages).toBeLessThanOrEqual(2);
    }
    const { driver } = here;
    await driver.sendDevToolsCommand('Emulation.setEmulatedMedia', { media: 'print' });
    expect(await driver.findElement(By.css('main nav')).isDisplayed()).toBe(false);
    expect(await driver.findElement(By.css('body > header')).isDisplayed()).toBe(false);
    await driver.sendDevToolsCommand('Emulation.setEmulatedMedia', { media: '' });
  });

  it('says so when there is no such plan', async () => {
    const answer = await fetch(`${here.app.url}/plan/nothing-here/sheet`);
    expect(answer.status).toBe(404);
  });
});

describe('other ways', () => {
  it('sets ways side by side, at most four, and keeps one', async () => {
    const { driver } = here;
    await driver.get(plan);
    await findText(driver, 'h2', WORDS.text('benchSheet.theDay'));
    await press(driver, WORDS.text('verdict.otherWays'));
    await findText(driver, 'th', WORDS.text('compare.readyAbout'));
    const columns = async (): Promise<number> => (await driver.findElements(By.css('thead th'))).length;
    expect(await columns()).toBe(3);
    await press(driver, 'Hob, 95 °C or hotter', 'label');
    await driver.wait(async () => (await columns()) === 4, WAIT_MS);
    expect((await driver.findElements(By.css('label[data-disabled]'))).length).toBeGreaterThan(0);
    expect(await driver.findElement(By.css('table')).getText()).toMatch(/in the pot|narrower|wider/);
    const kept = await driver.findElements(By.xpath('//button[contains(., "Use this option")]'));
    await driver.executeScript('arguments[0].scrollIntoView({block: "center"}); arguments[0].click()', kept.at(-1));
    await driver.wait(async () => (await driver.getCurrentUrl()) === plan, WAIT_MS);
    await findText(driver, 'strong', 'Hob, 95 °C or hotter');
    await driver.navigate().refresh();
    await findText(driver, 'strong', 'Hob, 95 °C or hotter');
  });
});
