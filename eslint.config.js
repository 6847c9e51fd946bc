import reactHooks from 'eslint-plugin-react-hooks'
import globals from 'globals'
import tseslint from 'typescript-eslint'

const TYPED = ['packages/*/src/**/*.ts', 'packages/*/src/**/*.tsx', 'e2e/**/*.ts']

const TESTS = [
  'packages/*/src/**/*.test.ts',
  'packages/*/src/**/*.test.tsx',
  'packages/*/src/testing/**/*.{ts,tsx}',
  'e2e/**/*.ts',
]

/** A limit of lines, blank ones and comments not counted. */
const most = (max) => ['error', { max, skipBlankLines: true, skipComments: true }]

export default tseslint.config(
  {
    ignores: [
      '**/dist/**',
      '**/dist-types/**',
      '.data/**',
      'test-results/',
      'packages/web/src/api/schema.d.ts',
      'packages/web/vite.config.ts',
      'packages/core/src/draft/roles/weights-table.ts',
    ],
  },
  {
    files: TYPED,
    extends: [...tseslint.configs.recommendedTypeChecked, ...tseslint.configs.stylisticTypeChecked],
    languageOptions: {
      parserOptions: { projectService: { allowDefaultProject: [] }, tsconfigRootDir: import.meta.dirname },
    },
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/switch-exhaustiveness-check': ['error', { considerDefaultExhaustiveForUnions: true }],
      '@typescript-eslint/consistent-type-definitions': ['error', 'interface'],
      '@typescript-eslint/no-extraneous-class': 'off',
      // An index that is known to be inside is asserted with the type that it gives.
      '@typescript-eslint/non-nullable-type-assertion-style': 'off',
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      '@typescript-eslint/prefer-nullish-coalescing': ['error', { ignorePrimitives: { string: true } }],
      '@typescript-eslint/dot-notation': 'off',
      '@typescript-eslint/prefer-optional-chain': 'off',
      '@typescript-eslint/prefer-for-of': 'off',
      '@typescript-eslint/class-literal-property-style': 'off',
      eqeqeq: 'error',
      'no-restricted-imports': 'off',
    },
  },
  {
    files: TESTS,
    languageOptions: {
      parserOptions: { projectService: false, project: './tsconfig.tests.json', tsconfigRootDir: import.meta.dirname },
    },
    rules: {
      // A test may assert what it has just made sure of.
      '@typescript-eslint/no-non-null-assertion': 'off',
      '@typescript-eslint/no-unsafe-return': 'off',
      '@typescript-eslint/no-base-to-string': 'off',
    },
  },
  {
    files: ['packages/*/src/**/*.ts', 'packages/*/src/**/*.tsx'],
    ignores: TESTS,
    rules: { 'max-lines': most(300), complexity: ['error', 25] },
  },
  { files: ['packages/*/src/**/*.ts'], ignores: TESTS, rules: { 'max-lines-per-function': most(40) } },
  { files: ['packages/*/src/**/*.tsx'], ignores: TESTS, rules: { 'max-lines-per-function': most(80) } },
  // What was released is never changed.
  { files: ['packages/server/src/database/migrations/**'], rules: { 'max-lines-per-function': 'off' } },
  {
    // Core runs in workers, servers and the command line: no platform, no clock, no chance.
    files: ['packages/core/src/**/*.ts'],
    ignores: ['**/*.test.ts', 'packages/core/src/testing/**'],
    rules: {
      'no-restricted-imports': ['error', { patterns: ['node:*', '@zakuska/*', 'react*'] }],
      'no-restricted-globals': ['error', 'process', 'window', 'document', 'fetch', 'console', 'Date', 'performance'],
      'no-restricted-properties': ['error', { object: 'Math', property: 'random' }],
    },
  },
  {
    files: ['packages/standins/src/**/*.ts'],
    rules: { 'no-restricted-imports': ['error', { patterns: ['@zakuska/*'] }] },
  },
  {
    files: ['packages/web/src/**/*.tsx', 'packages/web/src/**/*.ts'],
    plugins: { 'react-hooks': reactHooks },
    rules: { 'react-hooks/rules-of-hooks': 'error', 'react-hooks/exhaustive-deps': 'error' },
  },
  {
    files: ['scripts/**/*.mjs', '*.js', '*.cjs'],
    extends: [tseslint.configs.base],
    languageOptions: { globals: globals.node },
    rules: { 'no-undef': 'error', eqeqeq: 'error' },
  },
)
