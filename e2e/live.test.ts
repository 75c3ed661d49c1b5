import { randomUUID } from 'node:crypto';
import { By } from 'selenium-webdriver';
import { describe, expect, it } from 'vitest';
import { fill, findText, press, WAIT_MS } from './browser';
import { served } from './served';
import { post } from './server';
import { OXTAIL_PLAN } from '../src/testing/fixtures';
import { WORDS } from '../src/testing/words';
import { HOUR_MS } from '../src/core/quantity';

const here = served({ demo: false });
const { bodyText, waitForText } = here;

const made = (act: object, atMs = Date.now()) => ({ id: randomUUID(), atMs, act, actVersion: 2 });

/** A braise whose meat went in an hour ago. */
async function underWay(title: string): Promise<string> {
  const id = randomUUID();
  const input = { ...OXTAIL_PLAN, title, serveAtMs: Date.now() + 8 * HOUR_MS };
  expect((await post(here.app, '/api/braises', { id, input, planId: null })).status).toBe(201);
  const into = made({ kind: 'intoPot' }, Date.now() - HOUR_MS);
  expect((await post(here.app, `/api/braises/${id}/events`, into)).status).toBe(201);
  return id;
}

describe('eight tabs and seven braises', () => {
  it('all hear of what happens, over one stream that stops no request', async () => {
    const { driver } = here;
    const ids: string[] = [];
    for (let i = 0; i < 7; i++) ids.push(await underWay(`Live ${String(i)}`));
    const first = await driver.getWindowHandle();
    const tabs = [first];
    for (const path of ['/', ...ids.map((id) => `/braise/${id}`)]) {
      if (path !== '/') {
        await driver.switchTo().newWindow('tab');
        tabs.push(await driver.getWindowHandle());
      }
      await driver.get(here.app.url + path);
      await findText(driver, 'h1', path === '/' ? 'Home' : '');
    }
    expect(tabs).toHaveLength(8);
    // A browser allows six connections per server: with one stream per page, nothing else would load.
    const health = await driver.executeAsyncScript<number>(
      `const done = arguments[0]; fetch('/api/health').then((r) => done(r.status), () => done(0));`,
    );
    expect(health).toBe(200);
    await driver.switchTo().window(tabs[7] ?? '');
    await press(driver, 'Note');
    await fill(driver, 'Note', 'smells of the harbour');
    await press(driver, WORDS.text('recordSheets.keepTheNote'));
    await waitForText('smells of the harbour');
    expect((await post(here.app, `/api/braises/${ids[0] ?? ''}/events`, made({ kind: 'turned' }))).status).toBe(201);
    await driver.switchTo().window(tabs[1] ?? '');
    await waitForText('Turned');
    for (const tab of tabs.slice(1)) {
      await driver.switchTo().window(tab);
      await driver.close();
    }
    await driver.switchTo().window(first);
  });
});

describe('a record that is not with the server', () => {
  /** Whether this device's browser can reach any server. */
  const reach = async (online: boolean): Promise<void> => {
    await here.driver.sendDevToolsCommand('Network.enable', {});
    await here.driver.sendDevToolsCommand('Network.emulateNetworkConditions', {
      offline: !online,
      latency: 0,
      downloadThroughput: -1,
      uploadThroughput: -1,
    });
  };

  it('stays, when it was refused, on every page with why, and goes when it is thrown away', async () => {
    const { driver } = here;
    const id = await underWay('Gone');
    await driver.get(`${here.app.url}/braise/${id}`);
    await findText(driver, 'h2', 'So far');
    await here.app.kill();
    await press(driver, 'Note');
    await fill(driver, 'Note', 'written while it went');
    await press(driver, WORDS.text('recordSheets.keepTheNote'));
    await waitForText(WORDS.text('soFar.keptOnThisDeviceNot'));
    // The braise is deleted before this device reaches the server again, so nothing can be sent in between.
    await reach(false);
    await here.app.restart();
    const gone = await fetch(`${here.app.url}/api/braises/${id}`, {
      method: 'DELETE',
      headers: { Origin: here.app.url },
    });
    expect(gone.status).toBe(204);
    await reach(true);
    await driver.wait(
      async () => (await driver.getCurrentUrl()) === `${here.app.url}/`,
      WAIT_MS,
      'It stayed on the page.',
    );
    await waitForText(WORDS.text('outbox.head', { count: 1 }));
    await driver.get(`${here.app.url}/plan`);
    await waitForText('The server rejected it');
    await press(driver, 'Send again');
    await waitForText('The server rejected it');
    await driver.findElement(By.css('button[aria-label^="Discard “written"]')).click();
    await press(driver, WORDS.text('outbox.discard'));
    await driver.wait(async () => !(await bodyText()).includes('not with the server'), WAIT_MS, 'It is still there.');
    await driver.navigate().refresh();
    await findText(driver, 'h1', 'Plan');
    expect(await bodyText()).not.toContain('not with the server');
  });

  it('is not said to be kept by a browser that keeps nothing, and is sent when it can be', async () => {
    const { driver } = here;
    const id = await underWay('Unkept');
    await driver.sendDevToolsCommand('Page.addScriptToEvaluateOnNewDocument', {
      source: 'indexedDB.open = () => { throw new DOMException("refused", "SecurityError"); };',
    });
    await driver.get(`${here.app.url}/braise/${id}`);
    await findText(driver, 'h2', 'So far');
    await here.app.kill();
    await driver.findElement(By.css('body')).sendKeys('t');
    await waitForText('only on this page');
    expect(await bodyText()).not.toContain('saved on this device');
    await here.app.restart();
    await driver.wait(
      async () => !(await bodyText()).includes('only on this page'),
      WAIT_MS,
      'It was not sent when the server was back.',
    );
    const file = await (await fetch(`${here.app.url}/api/braises/${id}/export`)).text();
    expect(file).toContain('"turned"');
  });
});
