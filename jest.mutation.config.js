import all from './jest.config.js'

const core = all.projects.find(({ displayName }) => displayName === 'core')

/** The tests of core alone, without those that read whole drafts: they take long and say little of a single line. */
export default {
  ...core,
  testPathIgnorePatterns: ['/draft/(?!keys/)', '/labelled/'],
}
