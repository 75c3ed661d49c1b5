import { build } from 'esbuild';

/**
 * The engine as one file for the server's workers. Not an ES module: what lies in the scope of one is read through a cell at
 * every use, which makes the particles a third slower.
 */
export async function buildEngine(outfile) {
  await build({
    entryPoints: ['src/engine/worker.ts'],
    outfile,
    bundle: true,
    platform: 'node',
    format: 'cjs',
    target: 'node20',
    sourcemap: 'inline',
    logLevel: 'warning',
  });
}

const [, script, outfile] = process.argv;
if (script?.endsWith('build-engine.mjs')) await buildEngine(outfile ?? '.next/engine.cjs');
