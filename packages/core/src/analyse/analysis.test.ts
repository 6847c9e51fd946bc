import { mean, median, sampleCorrelation, sampleStandardDeviation, sampleVariance, sum } from 'simple-statistics'
import fc from 'fast-check'
import { contentOf } from '../content/model.ts'
import type { Item } from '../item/model.ts'
import { analyse, type Analysis } from './analysis.ts'
import { thirdsOf } from './options.ts'
import type { Attempt } from './scores.ts'

function statement(points = 1): Item {
  return { kind: 'truefalse', stem: contentOf('Is it so?'), points, tags: [], key: [true] }
}

/** Items of one point, right or wrong as the rows say. */
function analysed(rows: readonly (readonly number[])[]): Analysis {
  const attempts = rows.map((row, at): Attempt => ({
    student: `S${at}`,
    responses: row.map((right) => ({ kind: 'truth', value: right === 1 })),
  }))
  return analyse(
    (rows[0] ?? []).map(() => statement()),
    attempts,
  )
}

const rounded = (values: readonly (number | null | undefined)[], places = 4): (number | null)[] =>
  values.map((value) => (value === null || value === undefined ? null : Number(value.toFixed(places))))

// Law School Admission Test, section 6: 1,000 people, five items (Bock & Lieberman 1970, Psychometrika 35, table 1). The
// figures as Rizopoulos 2006, "ltm: An R Package for Latent Variable Modeling", J. Stat. Software 17(5), section 4.1,
// prints them: proportions, alpha, alpha without each item, point-biserial without the item. Both from memory; that two
// independent tables agree to the fourth place shows that they were remembered right.
const LSAT6: Readonly<Record<string, number>> = {
  ...{ '00000': 3, '00001': 6, '00010': 2, '00011': 11, '00100': 1, '00101': 1, '00110': 3, '00111': 4 },
  ...{ '01000': 1, '01001': 8, '01010': 0, '01011': 16, '01100': 0, '01101': 3, '01110': 2, '01111': 15 },
  ...{ '10000': 10, '10001': 29, '10010': 14, '10011': 81, '10100': 3, '10101': 28, '10110': 15, '10111': 80 },
  ...{ '11000': 16, '11001': 56, '11010': 21, '11011': 173, '11100': 11, '11101': 61, '11110': 28, '11111': 298 },
}

describe('a published example: the Law School Admission Test, section 6', () => {
  const rows = Object.entries(LSAT6).flatMap(([pattern, count]) =>
    Array.from({ length: count }, () => [...pattern].map(Number)),
  )
  const { items, reliability, figures } = analysed(rows)
  test('difficulty', () => {
    expect(figures.attempts).toHaveLength(1000)
    expect(items.map(({ difficulty }) => difficulty)).toEqual([0.924, 0.709, 0.553, 0.763, 0.87])
  })
  test('alpha, which is KR-20 here, and alpha without each item', () => {
    expect(rounded([reliability?.alpha, reliability?.kr20])).toEqual([0.295, 0.295])
    expect(rounded(items.map(({ alphaWithout }) => alphaWithout))).toEqual([0.2754, 0.2376, 0.2168, 0.2459, 0.2663])
  })
  test('point-biserial, corrected for the item itself', () => {
    expect(rounded(items.map(({ itemRest }) => itemRest))).toEqual([0.1128, 0.1532, 0.1728, 0.1444, 0.1216])
  })
})

// Worked by hand from the definitions: ten people, totals 4 4 3 3 2 2 1 1 0 0; 27 % of ten are three people. The third of
// the upper group is one of two with 3 points, who count for a half each.
describe('a small example, worked by hand', () => {
  const rows = [
    [1, 1, 1, 1],
    [1, 1, 1, 1],
    [1, 1, 1, 0],
    [1, 1, 0, 1],
    [1, 1, 0, 0],
    [1, 0, 1, 0],
    [1, 0, 0, 0],
    [0, 0, 0, 1],
    [0, 0, 0, 0],
    [0, 0, 0, 0],
  ]
  const { items, spread, reliability } = analysed(rows)
  test('spread', () => {
    expect(spread).toMatchObject({ count: 10, mean: 2, median: 2, low: 0, high: 4 })
    expect(spread?.deviation).toBeCloseTo(Math.sqrt(20 / 9), 12)
  })
  test('upper-lower discrimination', () => {
    // Item 1: upper 3 of 3; lower: both zeros wrong, one of the two with 1 point right by a half.
    expect(items.map(({ upperLower }) => upperLower)).toEqual(
      [3, 3, 2.5, 2.5].map((up, at) => {
        const low = [0.5, 0, 0, 0.5][at] ?? 0
        return Number(((up - low) / 3).toFixed(12))
      }),
    )
  })
  test('standard error of measurement', () => {
    const { alpha = 0, error = 0 } = reliability ?? {}
    expect(error).toBeCloseTo(Math.sqrt(20 / 9) * Math.sqrt(1 - alpha), 12)
  })
})

// A general statistics package, fed with the same scores.
test('every figure is what a general statistics package makes of the same scores', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 3, max: 7 }).chain((width) =>
        fc.array(fc.array(fc.constantFrom(0, 1), { minLength: width, maxLength: width }), {
          minLength: 4,
          maxLength: 40,
        }),
      ),
      (rows) => {
        const { items, spread, reliability } = analysed(rows)
        const totals = rows.map((row) => sum(row))
        const columns = (rows[0] ?? []).map((_one, at) => rows.map((row) => row[at] ?? 0))
        expect(spread?.mean).toBeCloseTo(mean(totals), 9)
        expect(spread?.median).toBeCloseTo(median(totals), 9)
        expect(spread?.deviation).toBeCloseTo(sampleStandardDeviation(totals), 9)
        const alpha = (chosen: number[][]): number => {
          const whole = rows.map((_row, at) => sum(chosen.map((column) => column[at] ?? 0)))
          const parts = sum(chosen.map((column) => sampleVariance(column)))
          return (chosen.length / (chosen.length - 1)) * (1 - parts / sampleVariance(whole))
        }
        if (sampleVariance(totals) > 0) expect(reliability?.alpha).toBeCloseTo(alpha(columns), 9)
        else expect(reliability).toBeNull()
        columns.forEach((column, at) => {
          const rest = totals.map((total, place) => total - (column[place] ?? 0))
          const varies = sampleVariance(column) > 0 && sampleVariance(rest) > 0
          if (varies) expect(items[at]?.itemRest).toBeCloseTo(sampleCorrelation(column, rest), 9)
          else expect(items[at]?.itemRest).toBeNull()
          if (sampleVariance(rest) > 0)
            expect(items[at]?.alphaWithout).toBeCloseTo(alpha(columns.filter((_one, place) => place !== at)), 9)
        })
      },
    ),
    { numRuns: 200 },
  )
})

describe('little or nothing', () => {
  test('nobody, one person, all alike', () => {
    expect(analysed([])).toMatchObject({ spread: null, reliability: null })
    const one = analyse(
      [statement(), statement()],
      [{ student: 'A', responses: [{ kind: 'truth', value: true }, null] }],
    )
    expect([one.reliability, one.items[0]?.itemRest, one.items[0]?.upperLower]).toEqual([null, null, null])
    expect(
      analysed([
        [1, 1],
        [1, 1],
        [1, 1],
      ]).reliability,
    ).toBeNull()
  })
  test('items that do not count have no figures, and are in none', () => {
    const items = [statement(), statement(), statement()]
    const yes = { kind: 'truth', value: true } as const
    const attempts = [3, 2, 1, 0].map((right): Attempt => ({
      student: `${right}`,
      responses: items.map((_item, at) => (at < right ? yes : null)),
    }))
    const { items: found, figures, reliability } = analyse(items, attempts, { leftOut: [0] })
    expect(found[0]).toMatchObject({ counts: false, itemRest: null, flags: [] })
    expect(figures.pointsPossible).toBe(2)
    expect(figures.attempts.map(({ total }) => total)).toEqual([2, 1, 0, 0])
    expect(reliability?.itemCount).toBe(2)
  })
  test('KR-20 is told only where every item is all or nothing', () => {
    const half: Item = {
      ...{
        kind: 'multiple',
        stem: contentOf('Which?'),
        points: 2,
        tags: [],
        key: ['a', 'b'],
        shuffle: true,
        credit: 'each',
      },
      options: ['a', 'b', 'c'].map((id) => ({ id, content: contentOf(id) })),
    }
    const attempts = [['a', 'b'], ['a'], []].map((chosen, at): Attempt => ({
      student: `${at}`,
      responses: [
        { kind: 'choice', chosen },
        { kind: 'truth', value: at < 2 },
      ],
    }))
    const { reliability } = analyse([half, statement()], attempts)
    expect(reliability?.kr20).toBeNull()
    expect(reliability?.alpha).toBeGreaterThan(0)
  })
})

describe('who took which option', () => {
  const item: Item = {
    ...{ kind: 'single', stem: contentOf('Which?'), points: 1, tags: [], key: ['a'], shuffle: true },
    options: ['a', 'b', 'c'].map((id) => ({ id, content: contentOf(id) })),
  }
  /** Others settle who stands where; the best take what `best` says. */
  function sitting(people: number, choiceOf: (rank: number) => string): Analysis {
    const others = Array.from({ length: 5 }, () => statement())
    const attempts = Array.from({ length: people }, (_none, rank): Attempt => ({
      student: `${rank}`,
      responses: [
        { kind: 'choice', chosen: [choiceOf(rank)] },
        ...others.map((_one, at) => ({ kind: 'truth', value: rank / people < (at + 1) / 6 }) as const),
      ],
    }))
    return analyse([item, ...others], attempts)
  }
  test('thirds are counted per option', () => {
    const { items } = sitting(30, (rank) => (rank < 10 ? 'a' : 'b'))
    expect(items[0]?.options?.options).toEqual([
      { id: 'a', isKey: true, upper: 10, middle: 0, lower: 0 },
      { id: 'b', isKey: false, upper: 0, middle: 10, lower: 10 },
      { id: 'c', isKey: false, upper: 0, middle: 0, lower: 0 },
    ])
    expect(items[0]?.options?.sizes).toEqual({ upper: 10, middle: 10, lower: 10 })
    expect(items[0]?.flags).toEqual([{ code: 'dead-option', option: 'c', figure: 0 }])
  })
  test('the best took another option than the key: look at the key', () => {
    const { items } = sitting(30, (rank) => (rank < 12 ? 'c' : 'a'))
    expect(items[0]?.flags[0]).toMatchObject({ code: 'key-doubtful', option: 'c' })
  })
  test('everybody has it, the weakest too', () => {
    const { items } = sitting(30, () => 'a')
    expect(items[0]?.flags).toEqual([{ code: 'given-away', figure: 1 }])
  })
  test('nothing is flagged for nine people', () => {
    expect(sitting(9, (rank) => (rank < 4 ? 'c' : 'a')).items.flatMap(({ flags }) => flags)).toEqual([])
  })
})

describe('what the order of a list must not decide', () => {
  test('the third of a person: who has the same total is in the same one', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 5 }), { minLength: 1, maxLength: 30 }), (totals) => {
        const third = (list: readonly number[]): Map<number, string> =>
          new Map(thirdsOf(list).map((one, at) => [list[at] ?? 0, one]))
        const [forward, backward] = [thirdsOf(totals), thirdsOf([...totals].reverse()).reverse()]
        expect(forward).toEqual(backward)
        totals.forEach((total, at) => expect(forward[at]).toBe(third(totals).get(total)))
      }),
    )
  })

  test.each([
    [
      [5, 4, 3, 2, 1, 0],
      ['upper', 'upper', 'middle', 'middle', 'lower', 'lower'],
    ],
    [
      [3, 3, 3, 3, 1, 0],
      ['upper', 'upper', 'upper', 'upper', 'lower', 'lower'],
    ],
    [
      [1, 1, 1],
      ['middle', 'middle', 'middle'],
    ],
    [
      [2, 1],
      ['upper', 'lower'],
    ],
  ])('%j', (totals, thirds) => expect(thirdsOf(totals)).toEqual(thirds))
})

describe('what has not been read', () => {
  const essay: Item = { kind: 'essay', stem: contentOf('Why?'), points: 4, tags: [] }
  const people = (given: readonly (number | null)[]): Attempt[] =>
    given.map((points, at) => ({
      student: `S${at}`,
      responses: [
        { kind: 'truth', value: at % 2 === 0 },
        { kind: 'truth', value: at < 3 },
        { kind: 'text', text: 'Because.' },
      ],
      ...(points !== null && { given: { 2: points } }),
    }))
  const items = [statement(), statement(), essay]

  test('is in no figure of how far scores can be trusted, as if it earned nothing', () => {
    const waiting = analyse(items, people([4, null, 3, 0, 2, 1]))
    const without = analyse(items, people([4, 4, 3, 0, 2, 1]), { leftOut: [2] })
    expect(waiting.reliability?.alpha).toBeCloseTo(without.reliability?.alpha ?? NaN, 9)
    expect(waiting.reliability?.itemCount).toBe(2)
    expect(waiting.items[2]).toMatchObject({ counts: true, itemRest: null, flags: [] })
  })

  test('once it is read, it counts', () => {
    expect(analyse(items, people([4, 4, 3, 0, 2, 1])).reliability?.itemCount).toBe(3)
  })
})

test('KR-20 is the name of alpha only where items weigh the same', () => {
  const rows: Attempt[] = [
    [true, true],
    [true, false],
    [false, false],
    [true, true],
  ].map((row, at) => ({ student: `S${at}`, responses: row.map((value) => ({ kind: 'truth', value })) }))
  expect(analyse([statement(2), statement(2)], rows).reliability?.kr20).not.toBeNull()
  expect(analyse([statement(1), statement(2)], rows).reliability).toMatchObject({ kr20: null })
})
