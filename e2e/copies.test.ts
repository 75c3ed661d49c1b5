import { randomUUID } from 'node:crypto';
import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { By } from 'selenium-webdriver';
import { describe, expect, it } from 'vitest';
import { findText, press } from './browser';
import { served } from './served';
import { post, startApp } from './server';
import { OXTAIL_PLAN } from '../src/testing/fixtures';
import { WORDS } from '../src/testing/words';
import { HOUR_MS } from '../src/core/quantity';
import { saying } from '../src/testing/saying';

const here = served({ demo: true });
const { bodyText, waitForText } = here;

async function addPlan(title: string): Promise<void> {
  const input = { ...OXTAIL_PLAN, title, serveAtMs: Date.now() + 40 * HOUR_MS };
  expect((await post(here.app, '/api/plans', { id: randomUUID(), input })).status).toBe(201);
}

describe('the copy a server makes by itself', () => {
  it('says what would be lost, opens in the ordinary pages, where nothing is written, and lets go again', async () => {
    const { driver } = here;
    await addPlan('Since the copy');
    await driver.get(`${here.app.url}/backups`);
    await press(driver, 'Compare', 'a');
    await waitForText('One thing would be lost');
    expect(await bodyText()).toContain('the plan “Since the copy”');
    await press(driver, WORDS.text('copies.look'));
    await waitForText(saying('copies.looking'));
    await findText(driver, 'h1', 'Home');
    expect(await bodyText()).toContain('Oxtail in stout');
    expect(await bodyText()).not.toContain('Since the copy');
    const wrote = await driver.executeAsyncScript<{ status: number; says: { code: string } }>(`
      const done = arguments[0];
      fetch('/api/demo', { method: 'POST' }).then(async (r) => done({ status: r.status, ...(await r.json()) }));
    `);
    expect(wrote).toMatchObject({ status: 503, says: { code: 'copy.stays' } });
    await driver.get(`${here.app.url}/log`);
    await waitForText('Pork cheeks');
    await driver.findElement(By.css('main a[href^="/log/"]')).click();
    await findText(driver, 'h2', 'How it came out');
    await press(driver, 'Back to the present');
    await findText(driver, 'h1', WORDS.text('copies.copies'));
    expect(await bodyText()).not.toMatch(saying('copies.looking'));
    await driver.get(`${here.app.url}/plan`);
    await waitForText('Since the copy');
  });

  it('takes the place of what is kept when the start is told so, and what was kept is a copy then', async () => {
    const { driver } = here;
    const [copy = ''] = readdirSync(join(here.app.folder, 'copies'));
    await here.app.stop();
    await here.app.restart(join(here.app.folder, 'copies', copy));
    await driver.get(`${here.app.url}/plan`);
    await findText(driver, 'h1', 'Plans');
    expect(await bodyText()).not.toContain('Since the copy');
    await driver.get(`${here.app.url}/backups`);
    await waitForText(saying('copies.before'));
    // The request is used once: the next start leaves the data alone.
    await addPlan('After the restoring');
    await here.app.stop();
    await here.app.restart();
    await driver.get(`${here.app.url}/plan`);
    await waitForText('After the restoring');
  });
});

describe('everything in one file', () => {
  it('goes to another machine and back without doubles', async () => {
    const { driver } = here;
    const text = await (await fetch(`${here.app.url}/api/archive`)).text();
    const head = JSON.parse(text.slice(0, text.indexOf('\n'))) as object;
    expect(head).toMatchObject({ format: 'even-ember/archive', version: 1 });
    const other = await startApp({ demo: false });
    try {
      const send = async () => {
        const headers = { origin: other.url };
        const response = await fetch(`${other.url}/api/archive`, { method: 'POST', headers, body: text });
        return (await response.json()) as { added: number; changed: number; known: number; refused: number };
      };
      const lines = text.trim().split('\n').length - 1;
      const first = await send();
      expect([first.added + first.changed, first.known, first.refused]).toEqual([lines, 0, 0]);
      expect(await send()).toEqual({ added: 0, changed: 0, known: lines, refused: 0 });
      await driver.get(`${other.url}/log`);
      await waitForText('Pork cheeks');
      const foreign = await fetch(`${other.url}/api/archive`, {
        method: 'POST',
        headers: { origin: 'http://evil.example' },
        body: text,
      });
      expect(foreign.status).toBe(403);
    } finally {
      await other.close();
    }
  });
});
