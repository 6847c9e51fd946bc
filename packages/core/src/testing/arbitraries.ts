import fc from 'fast-check'
import {
  normalizeContent,
  paragraph,
  styledText,
  TEXT_STYLES,
  type Block,
  type Content,
  type Inline,
} from '../content/model.ts'
import { optionId, type ClozeGap, type Item, type NumericKey, type TextRules } from '../item/model.ts'

/** Words in several scripts, with the characters that formats escape among them. */
const word = fc.oneof(
  { weight: 6, arbitrary: fc.stringMatching(/^[A-Za-z]{1,8}$/) },
  { weight: 2, arbitrary: fc.constantFrom('Boje', 'Ölstand', 'naïve', 'прилив', '潮汐', '½', '3.5', 'H₂O') },
  {
    weight: 1,
    arbitrary: fc.constantFrom('=', '~', '#', '{', '}', ':', '\\', '<', '>', '&', '"', '%50%', '->', '//', '::', ']]>'),
  },
)

const phrase = fc.array(word, { minLength: 1, maxLength: 6 }).map((words) => words.join(' '))

const styles = fc.subarray(
  [...TEXT_STYLES].filter((style) => style !== 'sub'),
  { maxLength: 2 },
)

const inline: fc.Arbitrary<Inline> = fc.oneof(
  { weight: 5, arbitrary: phrase.map((text): Inline => styledText(text, [])) },
  { weight: 2, arbitrary: fc.tuple(phrase, styles).map(([text, wanted]): Inline => styledText(text, wanted)) },
  {
    weight: 1,
    arbitrary: fc.constantFrom<Inline>(
      { type: 'tex', tex: '\\frac{1}{2}', display: false },
      { type: 'tex', tex: 'x_1 \\neq y', display: false },
      { type: 'tex', tex: '\\sum_{i=1}^n i', display: true },
    ),
  },
)

/** Blanks stand between runs, as they do in text that people write. */
function spaced(nodes: readonly Inline[]): Inline[] {
  return nodes.flatMap((node, index): Inline[] => (index === 0 ? [node] : [styledText(' ', []), node]))
}

const paragraphBlock = fc.array(inline, { minLength: 1, maxLength: 3 }).map((nodes): Block => paragraph(spaced(nodes)))

/** Rich text in its normal form, one to three blocks; no gap, which has a meaning of its own. */
export const richText: fc.Arbitrary<Content> = fc
  .array(
    fc.oneof(
      { weight: 6, arbitrary: paragraphBlock },
      {
        weight: 1,
        arbitrary: phrase.map((text): Block => ({ type: 'preformatted', text: `for x in y:\n    ${text}` })),
      },
      {
        weight: 1,
        arbitrary: fc
          .tuple(
            fc.boolean(),
            fc.array(
              paragraphBlock.map((block) => [block]),
              { minLength: 1, maxLength: 3 },
            ),
          )
          .map(([ordered, entries]): Block => ({ type: 'list', ordered, entries })),
      },
    ),
    { minLength: 1, maxLength: 3 },
  )
  .map(normalizeContent)
  .filter((content) => content.length > 0)

/** One paragraph of plain text. */
export const plainContent: fc.Arbitrary<Content> = phrase.map((text) => [paragraph([styledText(text, [])])])

const common = fc.record(
  {
    stem: richText,
    points: fc.constantFrom(1, 2, 0.5, 10),
    tags: fc.uniqueArray(fc.stringMatching(/^[a-z]{2,8}$/), { maxLength: 3 }),
    feedback: richText,
    hint: richText,
    passage: richText,
    language: fc.constantFrom('en', 'sv'),
    difficulty: fc.constantFrom('easy', 'tricky'),
    outcome: fc.constant('Reads a tide table'),
    level: fc.constant('apply'),
    timeLimit: fc.constantFrom(20, 90),
  },
  { requiredKeys: ['stem', 'points', 'tags'] },
)

const options = fc
  .uniqueArray(plainContent, { minLength: 2, maxLength: 7, selector: (content) => JSON.stringify(content) })
  .chain((contents) =>
    fc
      .tuple(
        fc.constant(contents),
        fc.array(fc.option(plainContent, { freq: 4 }), { minLength: contents.length, maxLength: contents.length }),
      )
      .map(([texts, notes]) =>
        texts.map((content, index) => {
          const feedback = notes[index]
          return { id: optionId(index), content, ...(feedback && { feedback }) }
        }),
      ),
  )

const weightsOf = fc.constantFrom(0.25, 0.5)

const single = fc
  .tuple(common, options, fc.nat(), fc.boolean(), fc.option(weightsOf, { freq: 3 }))
  .map(([base, list, at, shuffle, weight]): Item => {
    const key = optionId(at % list.length)
    const other = optionId((at + 1) % list.length)
    const weights = weight === null ? {} : { weights: { [other]: weight } }
    return { ...base, kind: 'single', options: list, key: [key], shuffle, ...weights }
  })

const multiple = fc
  .tuple(
    common,
    options,
    fc.array(fc.boolean(), { minLength: 7, maxLength: 7 }),
    fc.boolean(),
    fc.constantFrom<'all' | 'each' | 'weights'>('all', 'each', 'weights'),
  )
  .map(([base, list, flags, shuffle, credit]): Item => {
    const chosen = list.map((option) => option.id).filter((_id, index) => flags[index])
    const key = chosen.length ? chosen : [optionId(0)]
    const plain = { ...base, kind: 'multiple' as const, options: list, key, shuffle }
    if (credit !== 'weights' || key.length < 2) return { ...plain, credit: credit === 'weights' ? 'all' : credit }
    // The first keyed option counts for three quarters, the others share the rest; a wrong one takes a tenth back.
    const share = (id: string): number => (id === key[0] ? 0.75 : key.includes(id) ? 0.25 / (key.length - 1) : -0.1)
    return {
      ...plain,
      credit,
      weights: Object.fromEntries(list.map(({ id }) => [id, Number(share(id).toFixed(6))])),
    }
  })

const truefalse = fc
  .tuple(common, fc.boolean())
  .map(([base, value]): Item => ({ ...base, kind: 'truefalse', key: [value] }))

const rules: fc.Arbitrary<TextRules> = fc.record({
  letterCase: fc.constantFrom('ignore', 'respect'),
  accents: fc.constantFrom('ignore', 'respect'),
})

const answers = fc.uniqueArray(phrase, { minLength: 1, maxLength: 3, selector: (text) => text.toLowerCase() })

const short = fc
  .tuple(common, answers, rules)
  .map(([base, key, own]): Item => ({ ...base, kind: 'short', key, rules: own }))

const figure = fc.constantFrom(0, 1, 3.14, -40, 6.5, 1200, 0.001)

const band: fc.Arbitrary<NumericKey> = fc.oneof(
  fc.tuple(figure, fc.constantFrom(0, 0.5, 2)).map(([value, tolerance]) => ({ value, tolerance })),
  fc.tuple(figure, fc.constantFrom(1, 2.5)).map(([min, width]) => ({ min, max: Number((min + width).toFixed(6)) })),
)

const numeric = fc
  .tuple(
    common,
    fc.array(band, { minLength: 1, maxLength: 2 }),
    fc.option(fc.constantFrom('m', 'kn', '°C'), { nil: undefined }),
    fc.boolean(),
  )
  .map(([base, bands, unit, partly]): Item => {
    const [first, ...others] = bands
    const key = first ? [first, ...others.map((one) => (partly ? { ...one, credit: 0.5 } : one))] : []
    return { ...base, kind: 'numeric', key, ...(unit !== undefined && { unit }) }
  })

const credit = fc.constantFrom<{ readonly credit?: 'all' }>({}, { credit: 'all' })

const gap: fc.Arbitrary<ClozeGap> = fc.oneof(
  answers.map((key) => ({ key })),
  fc
    .uniqueArray(phrase, { minLength: 2, maxLength: 4, selector: (text) => text.toLowerCase() })
    .map((choices) => ({ key: choices.slice(0, 1), choices: [...choices].reverse() })),
)

const cloze = fc
  .tuple(
    common,
    fc.array(fc.tuple(phrase, gap), { minLength: 1, maxLength: 4 }),
    rules,
    credit,
    fc.option(fc.array(phrase, { minLength: 3, maxLength: 5 }), { nil: undefined }),
  )
  .map(([base, parts, own, share, wordBank]): Item => {
    const stem = [
      paragraph(
        parts.flatMap(([text], index): Inline[] => [styledText(`${index ? ' ' : ''}${text} `, []), { type: 'gap' }]),
      ),
    ]
    const gaps = parts.map(([, one]) => one)
    const typed = gaps.some((one) => !one.choices)
    const more = gaps.length > 1 ? share : {}
    const plain: TextRules = { letterCase: 'ignore', accents: 'respect' }
    return { ...base, kind: 'cloze', stem, gaps, rules: typed ? own : plain, ...more, ...(wordBank && { wordBank }) }
  })

const parts = (least: number): fc.Arbitrary<Content[]> =>
  fc.uniqueArray(plainContent, {
    minLength: least,
    maxLength: 5,
    selector: (content) => JSON.stringify(content).toLowerCase(),
  })

const match = fc
  .tuple(common, parts(2), parts(2), fc.array(fc.nat(), { minLength: 5, maxLength: 5 }), credit)
  .map(([base, left, right, at, share]): Item => {
    const key = left.map((_part, index) => [index, (at[index] ?? 0) % right.length] as const)
    return { ...base, kind: 'match', left, right, key, ...share }
  })

const grid = fc
  .tuple(common, parts(2), parts(2), fc.array(fc.nat(), { minLength: 5, maxLength: 5 }), credit)
  .map(([base, rows, columns, at, share]): Item => {
    const key = rows.map((_row, index) => [index, (at[index] ?? 0) % columns.length] as const)
    return { ...base, kind: 'grid', rows, columns, key, ...share }
  })

const order = fc.tuple(common, options, fc.boolean()).map(([base, list, byNeighbours]): Item => {
  const plain = list.map(({ id, content }) => ({ id, content }))
  const key = [...plain.map((option) => option.id)].reverse()
  return {
    ...base,
    kind: 'order',
    options: plain,
    key,
    ...(byNeighbours && plain.length > 2 && { credit: 'neighbours' as const }),
  }
})

const scale = fc.tuple(common, fc.boolean()).map(([base, labelled]): Item => ({
  ...base,
  kind: 'scale',
  points: 0,
  low: 1,
  high: 5,
  ...(labelled && { lowLabel: 'not useful', highLabel: 'very useful' }),
}))

const essay = fc
  .tuple(common, fc.option(richText, { nil: undefined }), fc.boolean())
  .map(([base, sample, withRubric]): Item => ({
    ...base,
    kind: 'essay',
    ...(sample && { sample }),
    ...(withRubric && {
      rubric: [
        { says: 'Names the mark', points: 1 },
        { says: 'Says why', points: 2 },
      ],
    }),
  }))

const note = common.map((base): Item => ({ ...base, kind: 'note', points: 0 }))

/** An item of any kind, with a key where its kind has one. */
export const anyItem: fc.Arbitrary<Item> = fc.oneof(
  single,
  multiple,
  truefalse,
  short,
  numeric,
  cloze,
  match,
  order,
  grid,
  scale,
  essay,
  note,
)
