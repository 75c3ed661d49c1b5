import { openBrowser } from '../e2e/browser';
import { startApp } from '../e2e/server';
import { demoPlaces } from '../e2e/walk';
import { COUNTED_SCREENS, readScreen } from '../e2e/wordsInView';

const USAGE =
  'Usage: npm run words -- --screens [--read]\n  --screens  count the words in view on each screen\n  --read     print them too';

/** Counts the words a cook has in view on each screen of the demo kitchen. */
async function main(): Promise<void> {
  const options = process.argv.slice(2);
  if (!options.includes('--screens')) {
    console.log(USAGE);
    return;
  }
  const app = await startApp({ demo: true });
  const browser = await openBrowser();
  try {
    const places = await demoPlaces(browser.driver, app.url);
    for (const screen of COUNTED_SCREENS) {
      const words = await readScreen(browser.driver, screen, app.url, places);
      const most = screen.most === null ? 'no limit yet' : `at most ${String(screen.most)}`;
      console.log(`${screen.name.padEnd(16)} ${String(words.length).padStart(4)}  ${most}`);
      if (options.includes('--read')) console.log(`  ${words.join(' ')}\n`);
    }
  } finally {
    await browser.close();
    await app.close();
  }
}

await main();
