import { readFileSync } from 'node:fs';
import { build } from 'esbuild';
import { getManifest } from 'workbox-build';

/** The service worker as one file, with the names of the build's scripts, styles and fonts in it. */
const { manifestEntries, warnings } = await getManifest({
  globDirectory: '.next/static',
  globPatterns: ['**/*.{js,css,woff2}'],
  modifyURLPrefix: { '': '/_next/static/' },
  // Next puts what a file holds into its name.
  dontCacheBustURLsMatching: /./,
  maximumFileSizeToCacheInBytes: 8_000_000,
});
for (const warning of warnings) console.warn(warning);

await build({
  entryPoints: ['src/workers/offline.worker.ts'],
  outfile: '.next/offline.js',
  bundle: true,
  minify: true,
  format: 'iife',
  target: 'es2022',
  define: {
    EVEN_EMBER_FILES: JSON.stringify(manifestEntries),
    EVEN_EMBER_BUILD: JSON.stringify(readFileSync('.next/BUILD_ID', 'utf8').trim()),
    'process.env.NODE_ENV': '"production"',
  },
  logLevel: 'warning',
});
