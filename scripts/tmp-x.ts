import { openBrowser } from '../e2e/browser';
import { startApp } from '../e2e/server';
import { demoPlaces, WALK } from '../e2e/walk';
const app = await startApp({ demo: true });
const b = await openBrowser();
const d = b.driver;
try {
  const places = await demoPlaces(d, app.url);
  await d.sendDevToolsCommand('Performance.enable', {});
  const m = async () => {
    const r = (await d.sendAndGetDevToolsCommand('Performance.getMetrics', {})) as any;
    return Object.fromEntries(r.metrics.map((x: any) => [x.name, x.value]));
  };
  for (const route of ['', 'plan/[id]', 'cook/[id]', 'log/[id]', 'kitchen']) {
    const stop = WALK.find((s) => s.route === route)!;
    await d.get(app.url + stop.address(places));
    await d.sleep(5000);
    const a = await m();
    await d.sleep(20000);
    const z = await m();
    console.log(route, 'task ms/s', ((z.TaskDuration - a.TaskDuration) * 50).toFixed(1), 'script', ((z.ScriptDuration - a.ScriptDuration) * 50).toFixed(1), 'layout', ((z.LayoutDuration - a.LayoutDuration) * 50).toFixed(1), 'style', ((z.RecalcStyleDuration - a.RecalcStyleDuration) * 50).toFixed(1));
  }
} finally { await b.close(); await app.close(); }
process.exit(0);
