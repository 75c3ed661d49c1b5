import { By, until } from 'selenium-webdriver';
import { describe, expect, it } from 'vitest';
import { fill, findText, press, WAIT_MS } from './browser';
import { served } from './served';
import { WORDS } from '../src/testing/words';

const here = served({ demo: true });
const { bodyText, waitForText } = here;

/** Paths of the pages cached for offline use. */
async function keptPages(): Promise<readonly string[]> {
  return here.driver.executeAsyncScript<readonly string[]>(`
    const done = arguments[0];
    (async () => {
      const names = (await caches.keys()).filter((name) => name.startsWith('even-ember-pages-'));
      const keys = await Promise.all(names.map(async (name) => (await caches.open(name)).keys()));
      return keys.flat().map((request) => new URL(request.url).pathname);
    })().then(done, () => done([]));
  `);
}

describe('when the server is away', () => {
  it('Home, the braise on the fire and the next plan open, say since when, and record; the rest leads home', async () => {
    const { driver } = here;
    await driver.get(here.app.url);
    await findText(driver, 'h1', 'Home');
    const link = async (prefix: string): Promise<string> =>
      (await driver.findElement(By.css(`main a[href^="${prefix}"]:not([href$="/new"])`)).getAttribute('href')) ?? '';
    const [cook, plan] = [await link('/braise/'), await link('/plan/')];
    const wanted = ['/', new URL(cook).pathname, new URL(plan).pathname];
    await driver.wait(
      async () => {
        const kept = await keptPages();
        return wanted.every((path) => kept.includes(path));
      },
      3 * WAIT_MS,
      'The pages were never made ready.',
    );
    await here.app.kill();

    await driver.get(cook);
    await findText(driver, 'h2', 'So far');
    await waitForText('No connection to the server since');
    await driver.findElement(By.css('body')).sendKeys('n');
    await fill(driver, 'Note', 'said to nobody yet');
    await press(driver, WORDS.text('recordSheets.keepTheNote'));
    await waitForText(WORDS.text('soFar.keptOnThisDeviceNot'));
    // Unchanged after a reload.
    await driver.navigate().refresh();
    await findText(driver, 'h2', 'So far');
    await waitForText('said to nobody yet');
    await driver.get(here.app.url);
    await findText(driver, 'h1', 'Home');
    await waitForText('Oxtail in stout');
    await driver.get(plan);
    await waitForText('Start cooking, ');
    // Never visited and not cached: Home is shown instead.
    await driver.get(`${here.app.url}/log`);
    await driver.wait(until.urlIs(`${here.app.url}/`), WAIT_MS, 'What was never seen does not lead home.');

    await here.app.restart();
    await driver.wait(
      async () => !(await bodyText()).includes('No connection to the server'),
      WAIT_MS,
      'It still says that the server is away.',
    );
    const file = `${here.app.url}/api/braises/${cook.split('/').at(-1) ?? ''}/export`;
    await driver.wait(
      async () => (await (await fetch(file)).text()).includes('said to nobody yet'),
      WAIT_MS,
      'What was recorded meanwhile was never sent.',
    );
  });

  it('can be installed: a manifest with icons, and the worker under its own name', async () => {
    const manifest = (await (await fetch(`${here.app.url}/manifest.webmanifest`)).json()) as {
      readonly name: string;
      readonly display: string;
      readonly theme_color: string;
      readonly icons: readonly { readonly src: string; readonly sizes: string; readonly purpose: string }[];
    };
    expect(manifest).toMatchObject({ name: 'Even Ember', display: 'standalone', theme_color: '#17363c' });
    expect(manifest.icons.map((i) => `${i.sizes} ${i.purpose}`)).toEqual([
      '192x192 any',
      '512x512 any',
      '512x512 maskable',
    ]);
    for (const { src } of manifest.icons) {
      const response = await fetch(here.app.url + src);
      expect([response.status, response.headers.get('content-type')]).toEqual([200, 'image/png']);
    }
    const { driver } = here;
    await driver.get(here.app.url);
    const errors = await driver.sendAndGetDevToolsCommand('Page.getInstallabilityErrors', {});
    expect(errors).toEqual({ installabilityErrors: [] });
  });
});
