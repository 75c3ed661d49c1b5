/** The folders of src/core as layers; its tests, which may look anywhere, left out. */
module.exports = {
  forbidden: [
    {
      name: 'core-has-layers',
      comment: 'No two folders of the core hold each other, by whatever way round.',
      severity: 'error',
      scope: 'folder',
      from: { path: '^src/core' },
      to: { circular: true },
    },
  ],
  options: {
    exclude: { path: '\\.test\\.ts$' },
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    doNotFollow: { path: 'node_modules' },
  },
};
