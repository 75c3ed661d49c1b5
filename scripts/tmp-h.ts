import { startApp } from '../e2e/server';
import { gzipSync } from 'node:zlib';
const app = await startApp({ demo: true });
const list = async (p: string) => { const h = await (await fetch(app.url+p)).text(); return [...h.matchAll(/<script src="([^"]+)"(?![^>]*noModule)/g)].map(m=>m[1]!); };
const base = new Set(await list('/nothing'));
for (const p of process.argv.slice(2)) { console.log(p);
 let page = p; if (p.startsWith('@')) { const h = await (await fetch(app.url)).text(); page = new RegExp(`href="(/${p.slice(1)}/[0-9a-f-]{36})"`).exec(h)![1]!; }
 for (const u of await list(page)) if (!base.has(u)) { const t = await (await fetch(app.url+u)).text(); console.log(gzipSync(t).length, u.slice(-30), ['lambShank','"garnish','noteTouch','useComboBox','calcPos','ListBox','zod','fieldset','STEP_KINDS','ChevronDown','intlstr','fractionDigits','Drop','useMove','DateField','NumberParser','toCalendar'].filter(k=>t.includes(k)).join(' ')); } }
await app.close();
