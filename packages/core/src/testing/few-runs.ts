type Check = typeof import('fast-check')

/** For mutation runs: a law that holds over hundreds of cases is tried with a fifth of them. */
jest.mock('fast-check', () => {
  const SHARE = 5
  const USUAL = 100
  const all = jest.requireActual<Check>('fast-check')
  const assert = (property: never, parameters?: { readonly numRuns?: number }): unknown =>
    all.default.assert(property, { ...parameters, numRuns: Math.ceil((parameters?.numRuns ?? USUAL) / SHARE) })
  return { ...all, __esModule: true, default: { ...all.default, assert } }
})
