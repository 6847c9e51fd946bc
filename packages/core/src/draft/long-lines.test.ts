import { readDraft } from './read-draft.ts'

/** Lines that nobody types, each of one piece again and again, in which a pattern once went from every place to the end. */
const PIECES = [
  ...['1', '*_', '_*', 'or (', '^1', 'b *', 'b B', 'x^1 ', '1. *', '- 1', '\t1 ', '1×101 ', '$*', '$1 ', '1. a', ' 1 '],
  ...['%', '"', '[', '](', '<a ', '&a ', 'Answer: ', 'a) ', '__ ', 'e\u0301', '1/', '(a1 '],
]

const NEAR = 3000
/** Four times as long a line may take ten times as long, where it is more than a busy machine's hiccup. */
const MOST_TIMES = 10
const HICCUP_MS = 1000

function timeOf(piece: string, letters: number): number {
  const text = `1. Which ${piece.repeat(Math.ceil(letters / piece.length))}`
  const times = [1, 2].map(() => {
    const start = performance.now()
    readDraft({ text })
    return performance.now() - start
  })
  return Math.min(...times)
}

test.each(PIECES)('a line of %j takes no more than its length', (piece) => {
  const near = timeOf(piece, NEAR)
  expect(timeOf(piece, 4 * NEAR)).toBeLessThan(Math.max(HICCUP_MS, MOST_TIMES * near) * PATIENCE)
})

/** Other tests run beside this one. */
const PATIENCE = 2
