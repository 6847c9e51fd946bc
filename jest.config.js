const swc = [
  '@swc/jest',
  {
    jsc: {
      target: 'es2022',
      parser: { syntax: 'typescript', tsx: true, decorators: true },
      transform: { legacyDecorator: true, decoratorMetadata: true, react: { runtime: 'automatic' } },
    },
    module: { type: 'commonjs' },
  },
]

const project = (name, more = {}) => ({
  displayName: name,
  rootDir: `packages/${name}`,
  testEnvironment: 'node',
  testMatch: ['<rootDir>/src/**/*.test.{ts,tsx}'],
  transform: { '^.+\\.[cm]?[jt]sx?$': swc },
  // Packages that ship as ES modules only are turned into CommonJS like our own code.
  transformIgnorePatterns: [
    '/node_modules/(?!(?:parse5|marked|entities|unist|vfile|stringify-entities|character-entities|ccount|pure-rand|property-information|space-separated|comma-separated|devlop|mdast|fast-check|@nestjs|file-type|strtok3|token-types|uint8array-extras|@tokenizer|@borewit|d3|internmap|delaunator|robust-predicates|eventsource-parser|wink-nlp|wink-eng)[^/]*)',
  ],
  moduleNameMapper: {
    '^@zakuska/core$': '<rootDir>/../core/src/index.ts',
    '^@zakuska/documents$': '<rootDir>/../documents/src/index.ts',
    '^@zakuska/standins/(\\w+)$': '<rootDir>/../standins/src/$1/index.ts',
  },
  ...more,
})

export default {
  projects: [
    project('core'),
    project('documents'),
    project('cli'),
    project('standins'),
    project('web', {
      testEnvironment: '<rootDir>/src/testing/browser.mjs',
      setupFilesAfterEnv: ['<rootDir>/src/testing/patience.ts'],
    }),
    project('server', { setupFilesAfterEnv: ['<rootDir>/src/testing/patience.ts'] }),
  ],
}
