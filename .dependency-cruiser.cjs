/** The layers of src/: who may import whom. */
module.exports = {
  forbidden: [
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-stands-alone',
      comment: 'The kitchen science imports nothing outside itself: no package, no Node.js, no screen.',
      severity: 'error',
      // Which codes have a sentence, and with which parameters, is read from the English file by the compiler alone.
      from: { path: '^src/core', pathNot: ['\\.test\\.ts$', '^src/core/message/catalogue\\.ts$'] },
      to: { pathNot: '^src/core' },
    },
    {
      name: 'core-folders-have-faces',
      comment: 'What a folder of the core gives to others is in its index.ts; nobody reaches behind it.',
      severity: 'error',
      from: { path: '^src/core/([^/]+)/' },
      to: { path: '^src/core/', pathNot: ['^src/core/$1/', '^src/core/[^/]+/index\\.ts$'] },
    },
    {
      name: 'core-is-used-by-its-faces',
      severity: 'error',
      // The plain solver that proves the fast one is made of the same laws.
      from: { pathNot: '^src/(core/|testing/plainBraise\\.ts$)' },
      to: { path: '^src/core/', pathNot: '^src/core/[^/]+/index\\.ts$' },
    },
    {
      name: 'contract-knows-core-and-zod',
      severity: 'error',
      from: { path: '^src/contract', pathNot: '\\.test\\.ts$' },
      to: { pathNot: ['^src/(contract|core)', '^node_modules/zod'] },
    },
    {
      name: 'migrations-are-frozen',
      comment: 'What brings stored data to the next version imports nothing that can change.',
      severity: 'error',
      from: { path: '^src/contract/stored/frozen/' },
      to: { pathNot: '^src/contract/stored/frozen/' },
    },
    {
      name: 'words-know-core-and-messages',
      comment: 'Words turn what the core says into text: they know nothing of screens, files or the server.',
      severity: 'error',
      from: { path: '^src/words', pathNot: '\\.test\\.ts$' },
      to: {
        pathNot: [
          '^src/(words|core/(message|custom|quantity)|calendar)',
          '^node_modules/(@formatjs|intl-messageformat)',
        ],
      },
    },
    {
      name: 'exports-know-core-and-words',
      severity: 'error',
      from: { path: '^src/exports', pathNot: '\\.test\\.ts$' },
      to: { pathNot: '^src/(exports|core|words)' },
    },
    {
      name: 'ui-never-server',
      severity: 'error',
      from: { path: '^src/(ui|workers)' },
      to: { path: '^src/(server|app)' },
    },
    {
      name: 'only-server-touches-the-database',
      severity: 'error',
      from: { pathNot: ['^src/server', '^e2e', '^scripts'] },
      to: { path: 'node_modules/(sequelize|sqlite3|umzug)' },
    },
    {
      name: 'engine-in-workers-only',
      comment:
        'The heavy work of src/engine runs in the pool; the server and its pages know its types and demo data alone.',
      severity: 'error',
      from: { path: '^src/(server|app)', pathNot: '\\.test\\.tsx?$' },
      to: { path: '^src/engine', pathNot: '^src/engine/demo/kitchen', dependencyTypesNot: ['type-only'] },
    },
    {
      name: 'engine-knows-core-and-contract',
      severity: 'error',
      from: { path: '^src/engine', pathNot: '\\.test\\.ts$' },
      to: { pathNot: '^src/(engine|core|contract|calendar)|^node_modules/lru-cache|^node:|^(crypto|v8|vm)$' },
    },
    {
      name: 'nothing-imports-pages',
      severity: 'error',
      from: { path: '^src/(core|contract|words|exports|engine|server|ui|workers|cli)' },
      to: { path: '^src/app' },
    },
  ],
  options: {
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    doNotFollow: { path: 'node_modules' },
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'require', 'node', 'default'] },
  },
};
