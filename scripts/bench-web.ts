import { By, type WebDriver, type WebElement } from 'selenium-webdriver';
import { type Browser, openBrowser } from '../e2e/browser';
import { costOf, openLine, watchPages } from '../e2e/measure';
import { startApp } from '../e2e/server';
import { demoPlaces, WALK } from '../e2e/walk';

/**
 * Measures what each screen costs in a real browser: scripts, layout shift and first paint with fonts and forecasts
 * delayed, then main-thread time for a typed key and a pointer move. Prints only; fails only if measuring fails.
 */
const FONTS_MS = 2500;
const WORKERS_MS = 1500;
const KEYS = 'and some more of the same';
const MOVES = 90;
const FRAME_MS = 16;
const SETTLE_MS = 3000;

const say = (text: string): void => {
  process.stdout.write(`${text}\n`);
};
const kb = (bytes: number): string => (bytes / 1000).toFixed(0).padStart(6);

async function screens(browser: Browser, url: string, line: Awaited<ReturnType<typeof openLine>>): Promise<void> {
  const places = await demoPlaces(browser.driver, url);
  say(`${'kB gzip'.padEnd(22)}  first  later worker   shift  paint ms`);
  for (const stop of WALK) {
    const cost = await costOf(browser, line, stop, stop.address(places));
    const bytes = [cost.firstBytes, cost.laterBytes, cost.workerBytes].map(kb).join(' ');
    say(
      `${(stop.route || 'home').padEnd(22)} ${bytes}  ${cost.shift.toFixed(3).padStart(6)} ${cost.paintMs.toFixed(0).padStart(9)}`,
    );
    if (cost.shift > 0.01) for (const m of cost.moved.slice(0, 6)) say(`    ${m}`);
  }
}

interface Busy {
  readonly taskMs: number;
  readonly scriptMs: number;
}

async function busy({ driver }: Browser): Promise<Busy> {
  const { metrics } = (await driver.sendAndGetDevToolsCommand('Performance.getMetrics', {})) as unknown as {
    metrics: readonly { readonly name: string; readonly value: number }[];
  };
  const of = (name: string): number => (metrics.find((m) => m.name === name)?.value ?? Number.NaN) * 1000;
  return { taskMs: of('TaskDuration'), scriptMs: of('ScriptDuration') };
}

/** Counts frames and long tasks from now on. */
const COUNT = `
  window.frames_ = []; window.long_ = [];
  new PerformanceObserver((l) => { for (const e of l.getEntries()) window.long_.push(e.duration); }).observe({ type: 'longtask' });
  let last = performance.now();
  const tick = (t) => { window.frames_.push(t - last); last = t; window.raf_ = requestAnimationFrame(tick); };
  requestAnimationFrame(tick);
`;

async function during(browser: Browser, what: string, times: number, hand: () => Promise<void>): Promise<void> {
  const { driver } = browser;
  await driver.executeScript(COUNT);
  const before = await busy(browser);
  await hand();
  await driver.sleep(100);
  const after = await busy(browser);
  const { frames, long } = await driver.executeScript<{ frames: number[]; long: number[] }>(
    'cancelAnimationFrame(window.raf_); return { frames: window.frames_, long: window.long_ };',
  );
  const middle = frames.sort((a, b) => a - b)[Math.floor(frames.length / 2)] ?? Number.NaN;
  const each = (ms: number): string => (ms / times).toFixed(1).padStart(6);
  say(
    `${what.padEnd(34)} ${each(after.taskMs - before.taskMs)} ${each(after.scriptMs - before.scriptMs)} ${(1000 / middle).toFixed(0).padStart(6)} ${String(long.length).padStart(6)} ${Math.max(
      0,
      ...long,
    )
      .toFixed(0)
      .padStart(8)}`,
  );
}

async function type(browser: Browser, what: string, input: WebElement): Promise<void> {
  await browser.driver.executeScript('arguments[0].scrollIntoView({ block: "center" })', input);
  await input.click();
  await during(browser, what, KEYS.length, async () => {
    for (const key of KEYS) {
      await input.sendKeys(key);
      await browser.driver.sleep(60);
    }
  });
}

async function drag(browser: Browser, what: string, handle: WebElement, byX: number, byY: number): Promise<void> {
  const { driver } = browser;
  await driver.executeScript('arguments[0].scrollIntoView({ block: "center" })', handle);
  await driver.sleep(300);
  const { x, y, width, height } = await handle.getRect();
  const [scrollX, scrollY] = await driver.executeScript<[number, number]>('return [scrollX, scrollY]');
  const at = { x: x - scrollX + width / 2, y: y - scrollY + height / 2 };
  const mouse = (kind: string, share: number, buttons: number): Promise<void> =>
    driver.sendDevToolsCommand('Input.dispatchMouseEvent', {
      type: kind,
      x: at.x + byX * share,
      y: at.y + byY * share,
      button: 'left',
      buttons,
      clickCount: 1,
    });
  await mouse('mouseMoved', 0, 0);
  await mouse('mousePressed', 0, 1);
  await during(browser, what, MOVES, async () => {
    for (let i = 1; i <= MOVES; i++) {
      await mouse('mouseMoved', Math.sin((i / MOVES) * Math.PI), 1);
      await driver.sleep(FRAME_MS / 2);
    }
  });
  await mouse('mouseReleased', 0, 0);
}

const one = (driver: WebDriver, css: string): Promise<WebElement> => Promise.resolve(driver.findElement(By.css(css)));

async function hands(browser: Browser, url: string): Promise<void> {
  const { driver } = browser;
  const { plan } = await demoPlaces(driver, url);
  await driver.get('data:text/html,<input>');
  say(`\n${'the hand'.padEnd(34)} task ms  script    fps   long longest`);
  await type(browser, 'typing into a page with nothing on it', await one(driver, 'input'));
  await driver.get(`${url}/plan/new`);
  await driver.sleep(SETTLE_MS);
  await type(browser, 'typing on the first minute', await one(driver, 'form input'));
  await driver.get(`${url}${plan}`);
  await driver.sleep(SETTLE_MS);
  await type(browser, 'typing the name of the dish', await one(driver, '[data-place="work"] input[type="text"]'));
  await drag(
    browser,
    'moving the plate on the day',
    await one(driver, '[data-place="day"] [data-task="plate"], [data-place="day"] [role="slider"]'),
    -120,
    0,
  );
  await driver.get(`${url}${plan}?at=liquid`);
  await driver.sleep(SETTLE_MS);
  await drag(
    browser,
    'moving the level of the liquid',
    await one(driver, '[data-place="work"] [role="slider"], [data-place="work"] input[type="range"]'),
    0,
    -60,
  );
  await driver.get(`${url}${plan}?at=finish`);
  await driver.sleep(SETTLE_MS);
  await drag(
    browser,
    'moving the sauce',
    await one(driver, '[data-place="work"] [role="slider"], [data-place="work"] input[type="range"]'),
    0,
    30,
  );
}

async function main(): Promise<void> {
  const app = await startApp({ demo: true });
  const line = await openLine(app, { fontsMs: FONTS_MS, workersMs: WORKERS_MS });
  const browser = await openBrowser();
  try {
    await watchPages(browser);
    if (!process.argv.includes('hand')) await screens(browser, line.url, line);
    await hands(browser, app.url);
  } finally {
    await browser.close();
    await line.close();
    await app.close();
  }
}

await main();
