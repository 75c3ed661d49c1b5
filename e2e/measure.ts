import { createServer, type IncomingMessage, request, type ServerResponse } from 'node:http';
import { By, type WebDriver } from 'selenium-webdriver';
import { type Browser, WAIT_MS } from './browser';
import { type AppServer } from './server';
import { type Stop } from './walk';

/** Delays, ms: a slow line for the fonts, a slow machine for the forecasting workers. */
export interface HeldBack {
  readonly fontsMs: number;
  readonly workersMs: number;
}

/** A proxy between browser and app that delays responses and counts bytes. */
export interface Line {
  readonly url: string;
  /** Scripts transferred since the last call, by path, in bytes as sent (gzip). */
  scripts(): ReadonlyMap<string, number>;
  close(): Promise<void>;
}

const wait = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));

export async function openLine(app: AppServer, held: HeldBack): Promise<Line> {
  let passed = new Map<string, number>();
  const heldMs = (asked: IncomingMessage): number => {
    if (asked.url?.endsWith('.woff2')) return held.fontsMs;
    return asked.headers['sec-fetch-dest'] === 'worker' ? held.workersMs : 0;
  };
  const pass = async (asked: IncomingMessage, answer: ServerResponse): Promise<void> => {
    if (asked.headers['service-worker'] === 'script') {
      // The service worker's cache would answer what is to be measured.
      answer.writeHead(404).end();
      return;
    }
    await wait(heldMs(asked));
    const path = asked.url ?? '/';
    const headers = { ...asked.headers, host: `127.0.0.1:${String(app.port)}` };
    if (headers.origin !== undefined) headers.origin = app.url;
    const onward = request({ host: '127.0.0.1', port: app.port, path, method: asked.method, headers }, (got) => {
      answer.writeHead(got.statusCode ?? 502, got.headers);
      if (path.includes('.js')) {
        const name = path.replace(/\?.*/, '');
        got.on('data', (part: Buffer) => passed.set(name, (passed.get(name) ?? 0) + part.length));
      }
      got.pipe(answer);
    });
    onward.on('error', () => answer.destroy());
    answer.on('close', () => onward.destroy());
    asked.pipe(onward);
  };
  const server = createServer((asked, answer) => void pass(asked, answer));
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const address = server.address();
  if (address === null || typeof address === 'string') throw new Error('The line has no port');
  return {
    url: `http://127.0.0.1:${String(address.port)}`,
    scripts: () => {
      const since = passed;
      passed = new Map();
      return since;
    },
    close: async () => {
      server.closeAllConnections();
      await new Promise((resolve) => server.close(resolve));
    },
  };
}

/** What a screen cost until it had settled. Bytes are as sent, gzip. */
export interface ScreenCost {
  /** Scripts named in the page itself: the main thread reads them before the page reacts. */
  readonly firstBytes: number;
  /** Scripts the main thread fetched later. */
  readonly laterBytes: number;
  /** Scripts of workers, which do not block the page. */
  readonly workerBytes: number;
  /** Cumulative layout shift by its standard definition. */
  readonly shift: number;
  /** The element that moved most, for the report. */
  readonly moved: readonly string[];
  readonly paintMs: number;
  /** Whether the page as sent already contained a forecast. */
  readonly forecast: boolean;
}

/** Collects layout shifts and long tasks from before the first paint. */
const WATCH = `
  window.seen = { shift: 0, moved: [], long: [] };
  new PerformanceObserver((list) => {
    for (const e of list.getEntries()) {
      if (e.hadRecentInput) continue;
      window.seen.shift += e.value;
      for (const s of e.sources ?? []) {
        const n = s.node;
        const name = n ? (n.id ? '#' + n.id : '') + ' ' + (n.nodeName ?? '') + ' ' + (n.textContent ?? '').slice(0, 40) : '?';
        window.seen.moved.push(e.value.toFixed(3) + ' ' + name + ' ' + [s.previousRect.y, s.previousRect.height, s.currentRect.y, s.currentRect.height].map(Math.round).join(','));
      }
    }
  }).observe({ type: 'layout-shift', buffered: true });
  new PerformanceObserver((list) => {
    for (const e of list.getEntries()) window.seen.long.push(e.duration);
  }).observe({ type: 'longtask', buffered: true });
`;

interface Seen {
  readonly shift: number;
  readonly moved: readonly string[];
}

/** Makes every page opened from here on collect them. */
export async function watchPages({ driver }: Browser): Promise<void> {
  await driver.sendDevToolsCommand('Page.addScriptToEvaluateOnNewDocument', { source: WATCH });
  await driver.sendDevToolsCommand('Network.enable', {});
  await driver.sendDevToolsCommand('Network.setCacheDisabled', { cacheDisabled: true });
  await driver.sendDevToolsCommand('Performance.enable', {});
}

export const seen = (driver: WebDriver): Promise<Seen> => driver.executeScript('return window.seen');

/** How long the page must stay unchanged to count as settled, ms. */
const STILL_MS = 2200;

/** Opens a screen with an empty browser cache and measures its cost. */
export async function costOf(
  browser: Browser,
  line: Line,
  stop: Pick<Stop, 'ready'>,
  path: string,
): Promise<ScreenCost> {
  const { driver } = browser;
  line.scripts();
  await driver.get(line.url + path);
  await driver.wait(
    async () => (await driver.findElements(By.css(stop.ready))).length > 0,
    WAIT_MS,
    `No ${stop.ready}.`,
  );
  await driver.sleep(STILL_MS);
  const { named, fetched, paintMs } = await driver.executeScript<{
    named: string[];
    fetched: string[];
    paintMs: number;
  }>(`return {
    named: [...document.scripts].filter((s) => s.src && !s.noModule).map((s) => new URL(s.src).pathname),
    fetched: performance.getEntriesByType('resource').map((e) => new URL(e.name).pathname),
    paintMs: performance.getEntriesByName('first-contentful-paint')[0]?.startTime ?? NaN,
  }`);
  // Scripts that React adds for lazy parts appear in the document too, although they were fetched later.
  const html = await (await fetch(line.url + path)).text();
  const first = new Set(named.filter((n) => html.includes(n)));
  const page = new Set(fetched);
  const sum = { first: 0, later: 0, worker: 0 };
  for (const [name, bytes] of line.scripts()) {
    sum[first.has(name) ? 'first' : page.has(name) ? 'later' : 'worker'] += bytes;
  }
  const { shift, moved } = await seen(driver);
  return {
    firstBytes: sum.first,
    laterBytes: sum.later,
    workerBytes: sum.worker,
    shift,
    moved,
    paintMs,
    forecast: /<main[\s\S]*\d\d:\d\d[\s\S]*between/.test(html),
  };
}
