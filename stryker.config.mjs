const { MUTATE: folder = '', MUTATE_FILE: file = '', MUTATE_REPORT: report = '' } = process.env;

/** Small changes to one file of the core, run against the tests that lie in its folder. See `npm run mutate`. */
const config = {
  testRunner: 'vitest',
  vitest: { configFile: 'vitest.mutate.config.ts', related: false },
  mutate: [`src/core/${folder}/${file}`],
  coverageAnalysis: 'perTest',
  ignoreStatic: true,
  incremental: true,
  incrementalFile: `.stryker/${folder}-${file.replaceAll('/', '-')}.incremental.json`,
  tempDirName: '.stryker/tmp',
  reporters: ['clear-text', 'json'],
  clearTextReporter: { allowColor: false, logTests: false, reportTests: false, reportScoreTable: false },
  jsonReporter: { fileName: report },
  concurrency: 2,
  timeoutMS: 5_000,
};

export default config;
