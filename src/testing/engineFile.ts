import { join } from 'node:path';
import { buildEngine } from '../../scripts/build-engine.mjs';

/** Before the unit tests: builds the engine as the server's workers run it. */
export default async function setup(): Promise<void> {
  const file = join(process.cwd(), 'node_modules', '.cache', 'even-ember', 'engine.cjs');
  await buildEngine(file);
  process.env.EVEN_EMBER_ENGINE = file;
}
