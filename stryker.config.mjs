const folder = process.env.MUTATE ?? '';

/** Small changes to one folder of the core, run against the tests that lie in it. See `npm run mutate`. */
const config = {
  testRunner: 'vitest',
  vitest: { configFile: 'vitest.mutate.config.ts', related: false },
  mutate: [`src/core/${folder}/**/*.ts`, '!src/core/**/*.test.ts'],
  coverageAnalysis: 'perTest',
  ignoreStatic: true,
  incremental: true,
  incrementalFile: `.stryker/${folder}.json`,
  tempDirName: '.stryker/tmp',
  reporters: ['clear-text', 'progress'],
  clearTextReporter: { allowColor: false, logTests: false, reportTests: false },
  thresholds: { high: 90, low: 80, break: 80 },
  concurrency: 2,
  timeoutMS: 5_000,
};

export default config;
