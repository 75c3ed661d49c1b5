import { build } from 'esbuild';

/** The engine as one file for the server's workers. */
export async function buildEngine(outfile) {
  await build({
    entryPoints: ['src/engine/worker.ts'],
    outfile,
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    sourcemap: 'inline',
    logLevel: 'warning',
  });
}

const [, script, outfile] = process.argv;
if (script?.endsWith('build-engine.mjs')) await buildEngine(outfile ?? '.next/engine.mjs');
