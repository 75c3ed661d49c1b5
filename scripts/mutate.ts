import { spawnSync } from 'node:child_process';
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { mutateSample } from './mutateSample';

const args = process.argv.slice(2);
const numberAfter = (option: string): number | undefined => {
  const at = args.indexOf(option);
  return at < 0 ? undefined : Number(args[at + 1]);
};
const sample = numberAfter('--sample');
if (sample !== undefined) process.exit(mutateSample(sample, numberAfter('--seed') ?? 1) ? 0 : 1);

/**
 * Mutates one folder of the core and counts what its tests notice: `npm run mutate -- season`, or single files: `npm
 * run mutate -- heat run.ts shells.ts`. One file at a time: every mutable place slows each run, so this keeps the loops
 * of the other files fast.
 */
const [folder = '', ...named] = args;
const root = join('src/core', folder);
if (!/^\w+$/.test(folder) || !existsSync(root)) {
  console.error('Name a folder of src/core, e.g. npm run mutate -- season');
  process.exit(2);
}

interface Report {
  readonly files: Readonly<Record<string, { readonly mutants: readonly { readonly status: string }[] }>>;
}

const NOTICED = ['Killed', 'Timeout', 'RuntimeError'];
const COUNTED = [...NOTICED, 'Survived', 'NoCoverage'];
const AT_LEAST = 80;

const files =
  named.length > 0
    ? named
    : readdirSync(root, { recursive: true, encoding: 'utf8' }).filter(
        (f) => f.endsWith('.ts') && !f.endsWith('.test.ts'),
      );
const tallies = files.sort().flatMap((file) => {
  const report = join('.stryker', `${folder}-${file.replaceAll('/', '-')}.json`);
  const { status } = spawnSync('npx', ['--no-install', 'stryker', 'run'], {
    stdio: 'inherit',
    env: { ...process.env, MUTATE: folder, MUTATE_FILE: file, MUTATE_REPORT: report },
  });
  if (status !== 0) {
    console.error(`${file} could not be mutated.`);
    process.exit(status ?? 1);
  }
  if (!existsSync(report)) return [];
  const { files: reported } = JSON.parse(readFileSync(report, 'utf8')) as Report;
  const states = Object.values(reported).flatMap((f) => f.mutants.map((m) => m.status));
  const count = (of: readonly string[]): number => states.filter((s) => of.includes(s)).length;
  return [{ file, noticed: count(NOTICED), of: count(COUNTED) }];
});

const line = (name: string, noticed: number, of: number): string =>
  `${name.padEnd(24)} ${String(noticed).padStart(5)} of ${String(of).padStart(5)}  ${of === 0 ? '' : ((100 * noticed) / of).toFixed(1)} %`;
const noticed = tallies.reduce((sum, t) => sum + t.noticed, 0);
const of = tallies.reduce((sum, t) => sum + t.of, 0);
for (const t of tallies) if (t.of > 0) console.log(line(t.file, t.noticed, t.of));
console.log(line('all', noticed, of));
process.exit(of > 0 && (100 * noticed) / of < AT_LEAST ? 1 : 0);
