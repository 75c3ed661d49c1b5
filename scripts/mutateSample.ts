import { execFileSync, spawnSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import { dirname, join, normalize } from 'node:path';
import ts from 'typescript';
import { randomStream } from '../src/core/numbers';

/** Test files run for one mutation, nearest first by how many imports away they are: these, then the others. */
const NEAREST_TESTS = 3;
const MOST_TESTS = 12;
/** A mutation whose tests take longer than this goes round in circles, ms. */
const HANGS_AFTER_MS = 120_000;
const AT_LEAST = 0.8;

/** Logic a mutation can be drawn from; sentences and data rows are held by tests of their own. */
const DRAWN_FROM = /^src\/(core|words|contract|server|ui)\/.*\.ts$/;
const LEFT_OUT = /(\.test\.ts|\.d\.ts)$|^src\/(words\/(en|de)\/|core\/intake\/english)|\/index\.ts$/;

interface Mutation {
  readonly line: number;
  readonly from: number;
  readonly to: number;
  readonly text: string;
  readonly what: string;
}

const COMPARED: Readonly<Record<string, string>> = {
  '<': '<=',
  '<=': '<',
  '>': '>=',
  '>=': '>',
  '===': '!==',
  '!==': '===',
};
const SIGNED: Readonly<Record<string, string>> = { '+': '-', '-': '+', '*': '/', '/': '*' };

/** Every mutation of a file: comparisons, signs, constants by a fifth either way, conditions, removed statements. */
function mutationsOf(file: string, source: string): Mutation[] {
  const tree = ts.createSourceFile(file, source, ts.ScriptTarget.Latest, true);
  const out: Mutation[] = [];
  const put = (node: ts.Node, text: string, what: string): void => {
    const from = node.getStart(tree);
    out.push({ line: tree.getLineAndCharacterOfPosition(from).line + 1, from, to: node.getEnd(), text, what });
  };
  const visit = (node: ts.Node): void => {
    if (ts.isTypeNode(node) || ts.isImportDeclaration(node) || ts.isInterfaceDeclaration(node)) return;
    if (ts.isBinaryExpression(node)) {
      const token = node.operatorToken.getText(tree);
      const text = ts.isStringLiteralLike(node.left) || ts.isTemplateExpression(node.left);
      const other = COMPARED[token] ?? (text ? undefined : SIGNED[token]);
      if (other !== undefined) put(node.operatorToken, other, token in COMPARED ? 'comparison' : 'sign');
    }
    if (ts.isNumericLiteral(node) && Number(node.text) !== 0) {
      put(node, String(Number(node.text.replaceAll('_', '')) * 1.2), 'constant');
      put(node, String(Number(node.text.replaceAll('_', '')) * 0.8), 'constant');
    }
    if (ts.isIfStatement(node) || ts.isWhileStatement(node)) {
      put(node.expression, `!(${node.expression.getText(tree)})`, 'condition');
    }
    if (ts.isConditionalExpression(node)) put(node.condition, `!(${node.condition.getText(tree)})`, 'condition');
    if (ts.isExpressionStatement(node) && !ts.isStringLiteral(node.expression)) put(node, ';', 'removed statement');
    ts.forEachChild(node, visit);
  };
  visit(tree);
  return out;
}

/** Which files of the sources import which, read the other way round. */
function importersOf(files: readonly string[]): ReadonlyMap<string, readonly string[]> {
  const known = new Set(files);
  const importers = new Map<string, string[]>();
  for (const file of files) {
    for (const [, , spec = ''] of readFileSync(file, 'utf8').matchAll(/(from |import\()'([@.][^']*)'/g)) {
      const base = spec.startsWith('@/') ? join('src', spec.slice(2)) : normalize(join(dirname(file), spec));
      const path = ['.ts', '.tsx', '/index.ts', ''].map((end) => base + end).find((p) => known.has(p));
      if (path !== undefined) importers.set(path, [...(importers.get(path) ?? []), file]);
    }
  }
  return importers;
}

/** Test files that reach `file` by imports: the one of its name, those of its folder, then the nearest. */
function testsNear(file: string, importers: ReadonlyMap<string, readonly string[]>): string[] {
  const far = new Map([[file, 0]]);
  for (const [at, steps] of far) {
    for (const next of importers.get(at) ?? []) if (!far.has(next)) far.set(next, steps + 1);
  }
  const ofItsName = file.replace(/\.ts$/, '.test.ts');
  const away = (test: string): number =>
    test === ofItsName ? -1 : dirname(test) === dirname(file) ? 0 : (far.get(test) ?? 0);
  return (
    [...far.keys()]
      // A screen's tests take long and seldom tell what the core's own do not.
      .filter((f) => (file.startsWith('src/ui/') ? /\.test\.tsx?$/ : /\.test\.ts$/).test(f))
      .sort((a, b) => away(a) - away(b) || a.localeCompare(b))
      .slice(0, MOST_TESTS)
  );
}

/** Whether one of these test files fails. */
function fails(tests: readonly string[]): boolean {
  if (tests.length === 0) return false;
  const options = [
    '--project',
    'pure',
    '--project',
    'unit',
    '--bail',
    '1',
    '--testTimeout',
    '30000',
    '--reporter',
    'dot',
  ];
  const { status } = spawnSync('npx', ['--no-install', 'vitest', 'run', ...options, ...tests], {
    stdio: 'ignore',
    timeout: HANGS_AFTER_MS,
    killSignal: 'SIGKILL',
  });
  return status !== 0;
}

/**
 * Draws `count` mutations, lines evenly, and counts how many the nearest tests notice. Each file is put back as it was.
 * Prints the survivors; returns whether enough were noticed.
 */
export function mutateSample(count: number, seed: number): boolean {
  const all = execFileSync('git', ['ls-files', 'src'], { encoding: 'utf8' }).trim().split('\n');
  const importers = importersOf(all.filter((f) => /\.tsx?$/.test(f)));
  const lines = all
    .filter((f) => DRAWN_FROM.test(f) && !LEFT_OUT.test(f))
    .flatMap((file) => {
      const source = readFileSync(file, 'utf8');
      const byLine = new Map<number, Mutation[]>();
      for (const m of mutationsOf(file, source)) byLine.set(m.line, [...(byLine.get(m.line) ?? []), m]);
      return [...byLine.values()].map((mutations) => ({ file, source, mutations }));
    });
  const random = randomStream(seed);
  let noticed = 0;
  const beganMs = Date.now();
  for (let i = 0; i < count; i++) {
    const drawn = lines[Math.floor(random() * lines.length)];
    const mutation = drawn?.mutations[Math.floor(random() * drawn.mutations.length)];
    if (!drawn || !mutation) continue;
    const { file, source } = drawn;
    let seen = false;
    try {
      writeFileSync(file, source.slice(0, mutation.from) + mutation.text + source.slice(mutation.to));
      const tests = testsNear(file, importers);
      seen = fails(tests.slice(0, 1)) || fails(tests.slice(1, NEAREST_TESTS)) || fails(tests.slice(NEAREST_TESTS));
    } finally {
      writeFileSync(file, source);
    }
    if (seen) noticed++;
    const was = source.slice(mutation.from, mutation.to).replace(/\s+/g, ' ').slice(0, 60);
    const said = `${String(i + 1).padStart(3)}  ${seen ? 'noticed ' : 'SURVIVED'}  ${file}:${String(mutation.line)}  ${mutation.what}`;
    console.log(`${said}  ${was} → ${mutation.text.slice(0, 60)}`);
  }
  const minutes = ((Date.now() - beganMs) / 60_000).toFixed(0);
  console.log(`${String(noticed)} of ${String(count)} noticed in ${minutes} min, seed ${String(seed)}.`);
  return noticed >= AT_LEAST * count;
}
