import { randomUUID } from 'node:crypto';
import { By, Key } from 'selenium-webdriver';
import { describe, expect, it } from 'vitest';
import { complaints, fill, findText, press, WAIT_MS } from './browser';
import { doAsAsked, title } from './finishing';
import { served } from './served';
import { post } from './server';
import { ACT } from '../src/contract/stored/act';
import { type PlanInput } from '../src/core/choices';
import { BRAISES } from '../src/testing/braises';
import { OXTAIL_PLAN } from '../src/testing/fixtures';
import { WORDS } from '../src/testing/words';
import { HOUR_MS, MINUTE_MS } from '../src/core/quantity';
import { saying } from '../src/testing/saying';

const here = served({ demo: false });
const { bodyText, on, waitForText } = here;

/** What the clock in the kitchen says. */
const kitchenMs = (): number => Date.now() + here.app.shiftedMs();

/** A braise whose meat has been in for this long, off the heat for a minute, to be served in this many minutes. */
async function offTheHeat(input: PlanInput, inPotMin: number, serveInMin: number): Promise<string> {
  const id = randomUUID();
  const now = kitchenMs();
  const of = { ...input, serveAtMs: now + serveInMin * MINUTE_MS };
  expect((await post(here.app, '/api/braises', { id, input: of, planId: null })).status).toBe(201);
  for (const [act, ago] of [
    [{ kind: 'intoPot' }, inPotMin],
    [{ kind: 'fork', stage: 'twists' }, 2],
    [{ kind: 'offHeat' }, 1],
  ] as const) {
    const event = { id: randomUUID(), atMs: now - ago * MINUTE_MS, act, actVersion: ACT.version };
    expect((await post(here.app, `/api/braises/${id}/events`, event)).status).toBe(201);
  }
  await here.driver.get(`${here.app.url}/braise/${id}`);
  await here.inTime();
  return id;
}

const braise = (name: string): PlanInput => {
  const found = BRAISES.find((b) => b.title === name);
  if (!found) throw new Error(`No braise is called “${name}”.`);
  return found;
};

const verdictAsked = (said: string): boolean => said.startsWith(WORDS.text('step.verdict.title'));

async function sayHow(): Promise<void> {
  const { driver } = here;
  await press(driver, WORDS.text('next.button.finished'));
  for (const word of ['just right', 'succulent', 'sticky', 'a bit salty']) await press(driver, word, 'label');
  await press(driver, WORDS.text('recordSheets.finishAndLogIt'));
  await driver.wait(async () => (await driver.getCurrentUrl()).includes('/log/'), WAIT_MS);
}

const noComplaints = async (): Promise<void> => {
  expect((await complaints(here.driver)).filter((m) => !m.includes('AudioContext'))).toEqual([]);
};

describe('after the fork', () => {
  it('strains and boils down to a line drawn by the keyboard, corrected by the jug', { timeout: 240_000 }, async () => {
    const { driver } = here;
    await offTheHeat(braise('Sunday chuck in red wine'), 200, 50);
    const first = await doAsAsked(driver, (t) => t.startsWith('Reduce'), 12);
    expect(first.some((s) => s.startsWith('Strain'))).toBe(true);
    await waitForText('estimated');
    await waitForText('Reducing: about');
    // Arrow keys pressed in a row count as one move.
    const line = await driver.findElement(By.css(`[role="slider"][aria-label="${WORDS.text('sauceColumn.aim')}"]`));
    const before = await line.getAttribute('aria-valuetext');
    await line.sendKeys(Key.ARROW_UP, Key.ARROW_UP, Key.ARROW_UP);
    await driver.wait(async () => (await line.getAttribute('aria-valuetext')) !== before, WAIT_MS, 'The line stays.');
    await waitForText('educing to');
    const kept = await driver.findElements(
      By.xpath('//section[@aria-labelledby="so-far"]//li/p[contains(., "educing to ")]'),
    );
    expect(kept).toHaveLength(1);
    await press(driver, WORDS.text('record.sauce.title'));
    await fill(driver, WORDS.text('record.sauce.litres'), '900');
    await press(driver, 'Coating', 'label');
    await press(driver, WORDS.text('record.sauce.record'));
    await waitForText('900 ml');
    // The current step and the panel beside it name the same target line.
    const to = await driver.executeScript<string>(
      'return document.querySelector("[role=slider][aria-label^=\\"Reduce the sauce\\"]").getAttribute("aria-valuetext")',
    );
    expect(to).not.toBe('');
    await doAsAsked(driver, verdictAsked, 12);
    await sayHow();
    await noComplaints();
  });

  it('pulls the meat into its sauce before it goes to the table', { timeout: 240_000 }, async () => {
    const { driver } = here;
    await offTheHeat(braise('Shoulder pulled into its sauce, with pasta'), 260, 50);
    const steps = await doAsAsked(driver, verdictAsked, 20);
    const at = (words: RegExp): number => steps.findIndex((s) => words.test(s));
    expect(at(/^Blend/), steps.join(' | ')).toBeGreaterThan(-1);
    expect(at(/^Shred/), steps.join(' | ')).toBeGreaterThan(at(/^Blend/));
    expect(at(/^Toss/)).toBeGreaterThan(at(/^Shred/));
    expect(steps.at(-1)).toMatch(/^Take it to the table/);
    await noComplaints();
  });

  it('keeps it hot for two hours, and warns when it is not', { timeout: 240_000 }, async () => {
    const { driver } = here;
    await offTheHeat(OXTAIL_PLAN, 200, 150);
    expect(await title(driver)).toMatch(/^Keep it warm/);
    await waitForText(saying('hold.nowUnsaid'));
    // Left like this, it drops below the limit before the sauce begins, and the screen says so.
    await on(95);
    await driver.wait(async () => /below/.test(await title(driver)), WAIT_MS, 'Nobody says that it went cold.');
    await press(driver, WORDS.text('alarm.record.hold'));
    await press(driver, 'On the lowest heat');
    await waitForText(WORDS.text('hold.flame.short'));
    // A flame does not make it hot at once: being hot again has to be measured.
    expect(await title(driver)).toMatch(/been below/);
    await press(driver, WORDS.text('alarm.record.hold'));
    await press(driver, 'I measured it');
    await fill(driver, WORDS.text('hold.measured'), '90');
    await press(driver, 'On the lowest heat');
    await driver.wait(async () => !/been below/.test(await title(driver)), WAIT_MS, 'It is still said to be cold.');
    await waitForText('measured 90');
    await noComplaints();
  });

  it('cooked ahead goes on the next day, and is scored when it is eaten', { timeout: 240_000 }, async () => {
    const { driver } = here;
    const ahead = { fridgeByMs: kitchenMs() + 4 * HOUR_MS };
    await offTheHeat({ ...OXTAIL_PLAN, day: { ...OXTAIL_PLAN.day, ahead } }, 200, 24 * 60);
    expect(await bodyText()).not.toContain('The sauce\n');
    expect(await title(driver)).toMatch(/^Cool it down/);
    const first = await doAsAsked(driver, (t) => !t.startsWith('Cool it down'), 4);
    expect(first).toHaveLength(1);
    await waitForText('left');
    await press(driver, 'I measured it');
    await fill(driver, 'Reading', '19');
    await press(driver, WORDS.text('recordSheets.recordTheReading'));
    await waitForText('ottest spot 19');
    await on(60);
    await doAsAsked(driver, (t) => !/fridge/i.test(t), 4);
    await on(20 * 60);
    expect(await bodyText()).not.toContain('throw it away');
    const second = await doAsAsked(driver, verdictAsked, 20);
    expect(
      second.some((s) => /fat/i.test(s)),
      second.join(' | '),
    ).toBe(true);
    expect(
      second.some((s) => /heat/i.test(s)),
      second.join(' | '),
    ).toBe(true);
    await sayHow();
    await noComplaints();
  });

  it('is eaten to the last box, and what was touched by mistake is taken back', { timeout: 240_000 }, async () => {
    const { driver } = here;
    await offTheHeat(OXTAIL_PLAN, 200, 40);
    await doAsAsked(driver, verdictAsked, 20);
    await sayHow();
    const log = await driver.getCurrentUrl();
    const id = log.slice(log.lastIndexOf('/') + 1);
    await driver.get(here.app.url);
    await findText(driver, 'section', WORDS.text('step.cool.rest'));
    await driver.get(`${here.app.url}/braise/${id}`);
    await findText(driver, 'h2', 'So far');
    await doAsAsked(driver, (t) => t === '' || t.startsWith(WORDS.text('nextCard.inTheLog')), 6);
    await waitForText(saying('shelf.fridge'));
    await waitForText(WORDS.text('rest.title'));
    await driver.get(`${here.app.url}/labels/${id}`);
    await waitForText('use by');
    await waitForText('Reheat once');
    await driver.get(here.app.url);
    await findText(driver, 'h2', WORDS.text('shelf.title'));
    const boxes = async (): Promise<number> => {
      const said = /(one|\d+) box(?:es)? of [\d.,]+ \w+ in the fridge/.exec(await bodyText())?.[1];
      return said === undefined ? 0 : said === 'one' ? 1 : Number(said);
    };
    const all = await boxes();
    expect(all).toBeGreaterThan(0);
    await press(driver, 'Eaten');
    await driver.wait(async () => (await boxes()) === all - 1, WAIT_MS, 'It was not eaten.');
    await press(driver, WORDS.text('shelf.takeBack'));
    await driver.wait(async () => (await boxes()) === all, WAIT_MS, 'It was not taken back.');
    await press(driver, 'Frozen');
    await waitForText('in the freezer, best before');
    for (let left = all - 1; left > 0; left--) {
      await press(driver, 'Eaten');
      await driver.wait(async () => (await boxes()) === left - 1, WAIT_MS, 'It was not eaten.');
    }
    await press(driver, WORDS.capital(WORDS.text('fate.thawed')));
    await driver.wait(async () => (await boxes()) === 1, WAIT_MS, 'It was not thawed.');
    // Past its use-by day, the screen says to throw it away, and that is recorded.
    await here.app.shift(3 * 24 * 60);
    await driver.get(`${here.app.url}/log`);
    await waitForText('Past its fridge date');
    await press(driver, WORDS.text('shelfNote.toShelf'), 'a');
    await waitForText('Past its date: throw it away');
    await press(driver, 'Thrown away');
    await driver.wait(async () => (await boxes()) === 0, WAIT_MS, 'It is still there.');
    expect(await bodyText()).not.toContain('Past its fridge date');
    await noComplaints();
  });
});
