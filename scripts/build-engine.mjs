import { build } from 'esbuild';

/**
 * The engine as one file for the server's workers. Not an ES module: what lies in the scope of one is read through a cell at
 * every use, which makes the particles a third slower.
 */
export function buildEngine(outfile) {
  return bundle('src/engine/worker.ts', outfile);
}

async function bundle(entry, outfile) {
  await build({
    entryPoints: [entry],
    outfile,
    bundle: true,
    platform: 'node',
    format: 'cjs',
    target: 'node20',
    sourcemap: 'inline',
    logLevel: 'warning',
  });
}

const [, script, outfile = '.next/engine.cjs', entry] = process.argv;
if (script?.endsWith('build-engine.mjs')) await (entry ? bundle(entry, outfile) : buildEngine(outfile));
