import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

/** Every package the app ships with or runs on, with its licence text: public/licences.txt, linked from Settings. */
const { packages } = JSON.parse(readFileSync('package-lock.json', 'utf8'));

const parts = Object.entries(packages)
  .filter(([path, { dev, devOptional }]) => path !== '' && !dev && !devOptional && existsSync(path))
  .map(([path, { version, license }]) => {
    const name = path.slice(path.lastIndexOf('node_modules/') + 'node_modules/'.length);
    const file = readdirSync(path).find((f) => /^(licen[cs]e|copying|ofl)(\.|$)/i.test(f));
    const text = file === undefined ? '' : `\n\n${readFileSync(join(path, file), 'utf8').trim()}`;
    return `${name} ${version}, ${license ?? 'licence not stated'}${text}`;
  })
  .sort((a, b) => a.localeCompare(b, 'en'));

const head = `Even Ember is made with these ${String(parts.length)} packages. Each comes under its own licence.`;
writeFileSync('public/licences.txt', [head, ...parts].join(`\n\n${'-'.repeat(80)}\n\n`) + '\n');
