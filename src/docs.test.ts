import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { actSchema } from './contract/cook';
import { readFile } from './contract/files';
import { ACT } from './contract/stored/act';
import { FILE } from './contract/stored/file';
import { PLAN_INPUT } from './contract/stored/planInput';
import { english } from './testing/words';

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
/** Folders a path in a page may be relative to. */
const ROOTS = ['', 'src/', 'docs/', 'src/core/', 'src/words/', 'src/ui/', 'src/app/', 'src/server/', 'src/contract/'];
/** Created when the app is built or run. */
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

it('gives the formats’ present versions, and an example that can be read', () => {
  const text = readFileSync('docs/formats.md', 'utf8');
  const now = Object.fromEntries(
    [...text.matchAll(/`(\w+)`\s\(now (\d+)\)/g)].map((m): [string, number] => [m[1] ?? '', Number(m[2])]),
  );
  expect(now).toEqual({ version: FILE.version, inputVersion: PLAN_INPUT.version, actVersion: ACT.version });
  const [, example = ''] = /```json\n(\{\n[^`]+)```/.exec(text) ?? [];
  const read = readFile(example);
  expect(read.ok ? '' : english(read.says)).toBe('');
  expect(JSON.parse(example)).toMatchObject({ version: FILE.version, inputVersion: PLAN_INPUT.version });
  for (const { shape } of actSchema.options) expect(text).toContain(`| \`${shape.kind.value}\``);
});
