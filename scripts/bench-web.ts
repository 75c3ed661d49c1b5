import { openBrowser } from '../e2e/browser';
import { costOf, openLine, watchPages } from '../e2e/measure';
import { startApp } from '../e2e/server';
import { demoPlaces, WALK } from '../e2e/walk';

const kb = (bytes: number): string => (bytes / 1000).toFixed(0).padStart(6);
const say = (text: string): void => {
  process.stdout.write(`${text}\n`);
};

async function main(): Promise<void> {
  const app = await startApp({ demo: true });
  const line = await openLine(app, { fontsMs: 2500, workersMs: 1500 });
  const browser = await openBrowser();
  try {
    await watchPages(browser);
    const places = await demoPlaces(browser.driver, line.url);
    say(`${'kB gzip'.padEnd(22)}  first  later worker   shift  paint`);
    for (const stop of WALK) {
      const cost = await costOf(browser, line, stop, stop.address(places));
      say(
        `${(stop.route || 'home').padEnd(22)} ${kb(cost.firstBytes)} ${kb(cost.laterBytes)} ${kb(cost.workerBytes)}  ${cost.shift.toFixed(3).padStart(6)} ${cost.paintMs.toFixed(0).padStart(6)}`,
      );
      if (cost.shift > 0.01) for (const m of cost.moved.slice(0, 6)) say(`    ${m}`);
    }
  } finally {
    await browser.close();
    await line.close();
    await app.close();
  }
}

await main();
