import { mkdir, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { By, type WebDriver } from 'selenium-webdriver';
import { findText, openBrowser, press, setViewport } from '../e2e/browser';
import { doAsAsked } from '../e2e/finishing';
import { startApp } from '../e2e/server';
import { WORDS } from '../src/testing/words';

const DESK = [1280, 800] as const;
const PHONE = [390, 844] as const;
const SETTLE_MS = 1500;

const folder = process.argv[2] ?? 'docs/screenshots';

async function shoot(driver: WebDriver, name: string): Promise<void> {
  await driver.sleep(SETTLE_MS);
  await writeFile(join(folder, `${name}.png`), await driver.takeScreenshot(), 'base64');
  console.log(`${name}.png`);
}

async function linkTo(driver: WebDriver, prefix: string): Promise<string> {
  const link = await driver.findElement(By.css(`main a[href^="${prefix}"]:not([href$="/new"])`));
  return (await link.getAttribute('href')) ?? '';
}

/** The recipe shown in the picture of the import. */
const RECIPE = {
  '@type': 'Recipe',
  name: 'Duck legs with lentils',
  recipeYield: 'Serves 4',
  recipeIngredient: [
    '4 duck legs',
    '2 onions, sliced',
    '1 star fruit',
    '250 g lentils',
    '½ bottle white wine',
    '2 cups chicken stock',
    '2 bay leaves',
    'Salt and pepper',
  ],
  recipeInstructions: [
    'Heat the oven to 160 °C.',
    'Brown the legs well.',
    'Braise in the oven for 1½ to 2 hours, until the bone turns.',
  ],
};

/** Takes a picture of every main view from demo data, into docs/screenshots or the folder given. */
async function main(): Promise<void> {
  await mkdir(folder, { recursive: true });
  const app = await startApp({ demo: true });
  const browser = await openBrowser(...DESK);
  const { driver } = browser;
  try {
    await driver.get(app.url);
    await findText(driver, 'h1', 'Home');
    await shoot(driver, 'home');
    const plan = await linkTo(driver, '/plan/');
    const cook = await linkTo(driver, '/braise/');
    const entry = await linkTo(driver, '/log/');

    await driver.get(plan);
    await findText(driver, 'h2', WORDS.text('benchSheet.theDay'));
    await shoot(driver, 'plan-meat');
    for (const [decision, name] of [
      ['Liquid', 'plan-liquid'],
      ['Sear', 'plan-sear'],
      ['Heat', 'plan-heat'],
      ['Finish', 'plan-finish'],
    ] as const) {
      await press(driver, `${decision}: `);
      await shoot(driver, name);
    }

    await press(driver, WORDS.text('dayLine.pullUp'));
    await shoot(driver, 'plan-day');

    await driver.get(`${app.url}/plan/new`);
    await driver.findElement(By.css('form input')).sendKeys('pork cheeks in cider for 6 saturday 7pm, 140, wide pot');
    await shoot(driver, 'plan-begin');

    await driver.get(`${app.url}/plan/import`);
    const box = await driver.findElement(By.css('textarea'));
    await box.sendKeys(JSON.stringify(RECIPE));
    await press(driver, WORDS.text('recipeImport.readIt'));
    await findText(driver, 'h2', 'Line by line');
    await shoot(driver, 'import');

    await driver.get(`${plan}/compare`);
    await findText(driver, 'th', WORDS.text('compare.readyAbout'));
    await shoot(driver, 'compare');

    await driver.get(cook);
    await findText(driver, 'h2', 'So far');
    await shoot(driver, 'cook');

    await driver.get(`${app.url}/log`);
    await shoot(driver, 'log');
    await driver.get(entry);
    await findText(driver, 'h2', 'How it came out');
    await shoot(driver, 'log-entry');

    await driver.get(`${app.url}/kitchen`);
    await findText(driver, 'h2', 'Burners');
    await shoot(driver, 'kitchen');

    await setViewport(driver, ...PHONE);
    await driver.get(app.url);
    await shoot(driver, 'home-phone');
    await driver.get(plan);
    await findText(driver, 'h2', WORDS.text('benchSheet.theDay'));
    await shoot(driver, 'plan-phone');
    await driver.get(cook);
    await findText(driver, 'h2', 'So far');
    await shoot(driver, 'cook-phone');
    await press(driver, 'last: ');
    await shoot(driver, 'cook-phone-fork');

    // Last, because it ends the braise the others show: off the heat, and the sauce.
    await press(driver, WORDS.label('stage', 'twists'));
    await setViewport(driver, ...DESK);
    await press(driver, WORDS.text('next.button.offHeat'));
    await doAsAsked(driver, (asked) => asked.startsWith(WORDS.text('step.season.title')), 12);
    await shoot(driver, 'cook-sauce');
  } finally {
    await browser.close();
    await app.close();
  }
}

await main();
