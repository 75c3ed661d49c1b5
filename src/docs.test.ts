import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { expect, it } from 'vitest';

const PAGES = [
  'README.md',
  'CHANGELOG.md',
  ...readdirSync('docs')
    .filter((f) => f.endsWith('.md'))
    .map((f) => `docs/${f}`),
];
const { scripts } = JSON.parse(readFileSync('package.json', 'utf8')) as {
  readonly scripts: Readonly<Record<string, string>>;
};
/** Where a path in a page may start from. */
const ROOTS = ['', 'src/', 'docs/', 'src/core/', 'src/words/', 'src/ui/', 'src/app/', 'src/server/', 'src/contract/'];
/** Made when the app is built or run. */
const MADE = /^(data|\.next)\b/;

function* pathsIn(text: string): Generator<string> {
  for (const [, code] of text.matchAll(/`([^`\n]+)`/g)) {
    if (code !== undefined && /^[\w.@[\]-]+(\/[\w.@[\]-]+)+$/.test(code) && !/^\d/.test(code)) yield code;
  }
  for (const [, link] of text.matchAll(/\]\(([^)#\s]+)(?:#[^)]*)?\)/g)) {
    if (link !== undefined && !/^https?:/.test(link)) yield link;
  }
}

it.each(PAGES)('%s names only files and commands that are there', (page) => {
  const text = readFileSync(page, 'utf8');
  const dead = [...pathsIn(text)].filter(
    (path) =>
      !MADE.test(path) &&
      !/^(even-ember|application|text)\//.test(path) &&
      !ROOTS.some((root) => existsSync(root + path)),
  );
  expect(dead).toEqual([]);
  const commands = [...text.matchAll(/npm run (?:-s )?([\w:]+)/g)].map(([, name]) => name ?? '');
  expect(commands.filter((name) => scripts[name] === undefined)).toEqual([]);
  const started = [...text.matchAll(/`\.\/(start|check)\b/g)].map(([, name]) => name ?? '');
  expect(started.filter((name) => !existsSync(name))).toEqual([]);
});
