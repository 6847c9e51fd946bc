import all from './jest.config.js'

const core = all.projects.find(({ displayName }) => displayName === 'core')

/** The tests of core alone, without those that read many whole drafts: they take long and say little of a single line. */
export default {
  ...core,
  setupFilesAfterEnv: ['<rootDir>/src/testing/few-runs.ts'],
  testPathIgnorePatterns: [
    '/draft/(?:read-draft|weigh-draft|reread|tidy)\\.test',
    '/draft/doubt/unsure-mark',
    '/labelled/labelled',
  ],
}
