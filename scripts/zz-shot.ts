import { writeFile } from 'node:fs/promises';
import { openBrowser } from '../e2e/browser';
import { startApp } from '../e2e/server';
import { demoPlaces } from '../e2e/walk';
import { COUNTED_SCREENS, readScreen } from '../e2e/wordsInView';
const want = process.argv.slice(2);
const app = await startApp({ demo: true });
const b = await openBrowser();
const places = await demoPlaces(b.driver, app.url);
for (const s of COUNTED_SCREENS) {
  if (want.length && !want.some((w) => s.name.toLowerCase().includes(w))) continue;
  const w = await readScreen(b.driver, s, app.url, places);
  await writeFile(`/tmp/shots/${s.name.replace(/[^a-z]+/gi, '-')}.png`, await b.driver.takeScreenshot(), 'base64');
  console.log(s.name, w.length);
}
await b.close();
await app.close();
