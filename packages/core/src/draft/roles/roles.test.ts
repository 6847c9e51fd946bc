import { decode, type RoleWeights } from './decode.ts'
import { marginalsOf } from './marginals.ts'
import { canFollow, ROLE_COUNT, ROLES } from './roles.ts'
import { unitsOf } from '../facts/units.ts'
import { cleanLines } from '../text/clean.ts'
import { featuresOf } from './features.ts'
import { surround } from './read-roles.ts'
import { scoresOf } from './scores.ts'
import { WEIGHTS_TABLE } from './weights-table.ts'
import { parseWeights, printWeights } from './weights.ts'

/** Scores and steps by chance, the same each time. */
function chance(seed: number): () => number {
  let state = seed
  return () => {
    state = (state * 1103515245 + 12345) % 2147483648
    return state / 2147483648 - 0.5
  }
}

function example(lines: number): { scores: Float64Array[]; gaps: boolean[]; weights: RoleWeights } {
  const next = chance(lines)
  const steps = (): Float64Array => Float64Array.from({ length: ROLE_COUNT ** 2 }, () => next() * 2)
  return {
    scores: Array.from({ length: lines }, () => Float64Array.from({ length: ROLE_COUNT }, () => next() * 4)),
    gaps: Array.from({ length: lines }, () => next() > 0),
    weights: { features: new Map(), steps: [steps(), steps()] },
  }
}

function flat(rows: readonly Float64Array[]): Float64Array {
  return Float64Array.from(rows.flatMap((row) => [...row]))
}

/** Every sequence of roles that may be, with its score. */
function all({ scores, gaps, weights }: ReturnType<typeof example>): { roles: number[]; score: number }[] {
  let readings: { roles: number[]; score: number }[] = [{ roles: [], score: 0 }]
  scores.forEach((own, at) => {
    readings = readings.flatMap((reading) =>
      ROLES.flatMap((role, index) => {
        const before = reading.roles.at(-1)
        if (!canFollow(before === undefined ? null : ROLES[before]!, role)) return []
        const step = before === undefined ? 0 : weights.steps[gaps[at] ? 1 : 0][before * ROLE_COUNT + index]!
        return [{ roles: [...reading.roles, index], score: reading.score + own[index]! + step }]
      }),
    )
  })
  return readings
}

test.each([1, 2, 3, 4])('of %i lines the best reading of all is chosen, and its margins are exact', (lines) => {
  const given = example(lines)
  const readings = all(given).sort((a, b) => b.score - a.score)
  const best = readings[0]!
  const { roles, margins } = decode(flat(given.scores), given.gaps, given.weights.steps)
  expect([...roles]).toEqual(best.roles)
  for (let at = 0; at < lines; at++) {
    const other = readings.find((reading) => reading.roles[at] !== best.roles[at])!
    expect(margins[at]).toBeCloseTo(best.score - other.score, 8)
  }
})

test('probabilities of roles are those of all readings together', () => {
  const given = example(3)
  const readings = all(given)
  const total = readings.reduce((sum, reading) => sum + Math.exp(reading.score), 0)
  const { roles } = marginalsOf(flat(given.scores), given.gaps, given.weights.steps)
  given.scores.forEach((row, at) =>
    row.forEach((_score, role) => {
      const probability = roles[at * ROLE_COUNT + role]
      const own = readings.reduce((sum, reading) => sum + (reading.roles[at] === role ? Math.exp(reading.score) : 0), 0)
      expect(probability).toBeCloseTo(own / total, 8)
    }),
  )
})

test('weights are printed and read back', () => {
  const features = new Map([['look num0: x', Float64Array.from({ length: ROLE_COUNT }, (_none, at) => at / 2)]])
  const steps = [new Float64Array(ROLE_COUNT ** 2).fill(1.5), new Float64Array(ROLE_COUNT ** 2).fill(-2)] as const
  const weights = { first: { features, steps }, second: { features, steps } }
  const again = parseWeights(printWeights(weights))
  expect([...again.first.features.get('look num0: x')!]).toEqual([...features.get('look num0: x')!])
  expect([...again.second.steps[1]]).toEqual([...steps[1]])
})

test('what the features of a line add up to is what they say one by one, whatever was read before', () => {
  const weights = parseWeights(WEIGHTS_TABLE)
  const drafts = [
    '# Tides\n\n1. Which is the highest?\n   a) neap\n   *b) spring\n\n2) T/F: Buoys drift. ____\n\nKey: 1 b, 2 F',
    '> Ida: 1. Which is the highest?\n> a) neap\n> *b) spring\n- - -\n( ) yes  (x) no\nAnswer: b',
  ]
  for (const text of [...drafts, ...drafts]) {
    const draft = surround(unitsOf(cleanLines({ text })))
    const { first, second } = scoresOf(draft, weights)
    draft.facts.forEach((_facts, at) => {
      const sums = [new Float64Array(ROLE_COUNT), new Float64Array(ROLE_COUNT)] as const
      featuresOf(draft, at, (name, value = 1) => {
        weights.first.features.get(name)?.forEach((weight, role) => (sums[0][role]! += weight * value))
        weights.second.features.get(name)?.forEach((weight, role) => (sums[1][role]! += weight * value))
      })
      for (let role = 0; role < ROLE_COUNT; role++) {
        expect(first[at * ROLE_COUNT + role]).toBeCloseTo(sums[0][role]!, 8)
        expect(second[at * ROLE_COUNT + role]).toBeCloseTo(sums[1][role]!, 8)
      }
    })
  }
})

test('a table for other roles is refused', () => {
  const weights = parseWeights('# first\nlook: nonsense 3\n# second\n')
  expect(() => weights.first.features.get('look')).toThrow(/no such role/)
  expect(() => parseWeights('# first\nstep: stem>nonsense 3\n# second\n')).toThrow(/no such role/)
})
