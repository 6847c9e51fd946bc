import { decode, type RoleWeights } from './decode.ts'
import { marginalsOf } from './marginals.ts'
import { canFollow, ROLE_COUNT, ROLES } from './roles.ts'
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

test('a table for other roles is refused', () => {
  expect(() => parseWeights('# first\nlook: nonsense 3\n# second\n')).toThrow(/no such role/)
})
