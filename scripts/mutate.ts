import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';

/** Mutates one folder of the core and counts what its tests notice: `npm run mutate -- season`. */
const [folder = ''] = process.argv.slice(2);
if (!/^\w+$/.test(folder) || !existsSync(`src/core/${folder}`)) {
  console.error('Name a folder of src/core, e.g. npm run mutate -- season');
  process.exit(2);
}
const { status } = spawnSync('npx', ['--no-install', 'stryker', 'run'], {
  stdio: 'inherit',
  env: { ...process.env, MUTATE: folder },
});
process.exit(status ?? 1);
