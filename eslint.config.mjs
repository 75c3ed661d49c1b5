import next from 'eslint-config-next/core-web-vitals';
import tseslint from 'typescript-eslint';

export default tseslint.config(
  { ignores: ['.stryker/**', '.next/**', 'node_modules/**', 'next-env.d.ts', 'data/**', 'docs/**', '*.cjs'] },
  // React's rules read every function they are shown; there is none of React's outside the screens.
  ...next.map((config) =>
    config.ignores && !config.rules ? config : { ...config, files: ['src/{app,ui}/**/*.{ts,tsx}'] },
  ),
  ...tseslint.configs.strictTypeChecked,
  {
    languageOptions: {
      parserOptions: { projectService: { allowDefaultProject: ['*.mjs'] }, tsconfigRootDir: import.meta.dirname },
    },
    rules: {
      '@typescript-eslint/no-non-null-assertion': 'error',
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
      '@typescript-eslint/switch-exhaustiveness-check': ['error', { considerDefaultExhaustiveForUnions: true }],
      // `as number` on typed arrays in hot loops is the alternative to `!`; the index is in range by construction.
      '@typescript-eslint/no-unnecessary-condition': ['error', { allowConstantLoopConditions: true }],
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      // Slow, and there are no enums here and next to no classes.
      '@typescript-eslint/no-unsafe-class-instance-assignment': 'off',
      '@typescript-eslint/no-unsafe-enum-assignment': 'off',
      'no-restricted-exports': ['error', { restrictDefaultExports: { direct: true } }],
    },
  },
  {
    files: ['src/app/**', 'src/engine/worker.ts', 'src/testing/engineFile.ts', '*.config.*', '**/*.mjs'],
    rules: { 'no-restricted-exports': 'off' },
  },
  {
    files: ['**/*.mjs'],
    ...tseslint.configs.disableTypeChecked,
  },
);
