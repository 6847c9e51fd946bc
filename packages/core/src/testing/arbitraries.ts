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
import { optionId, type KeptItem, type TextRules } from '../item/model.ts'

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

const single = fc.tuple(common, options, fc.nat(), fc.boolean()).map(([base, list, at, shuffle]): KeptItem => ({
  ...base,
  kind: 'single',
  options: list,
  key: [optionId(at % list.length)],
  shuffle,
}))

const multiple = fc
  .tuple(
    common,
    options,
    fc.array(fc.boolean(), { minLength: 7, maxLength: 7 }),
    fc.boolean(),
    fc.constantFrom<'all' | 'each'>('all', 'each'),
  )
  .map(([base, list, flags, shuffle, credit]): KeptItem => {
    const key = list.map((option) => option.id).filter((_id, index) => flags[index])
    return { ...base, kind: 'multiple', options: list, key: key.length ? key : [optionId(0)], shuffle, credit }
  })

const truefalse = fc
  .tuple(common, fc.boolean())
  .map(([base, value]): KeptItem => ({ ...base, kind: 'truefalse', key: [value] }))

const rules: fc.Arbitrary<TextRules> = fc.record({
  letterCase: fc.constantFrom('ignore', 'respect'),
  accents: fc.constantFrom('ignore', 'respect'),
})

const short = fc
  .tuple(common, fc.uniqueArray(phrase, { minLength: 1, maxLength: 3, selector: (text) => text.toLowerCase() }), rules)
  .map(([base, key, own]): KeptItem => ({ ...base, kind: 'short', key, rules: own }))

/** An item of any kept kind, with a key. */
export const keptItem: fc.Arbitrary<KeptItem> = fc.oneof(single, multiple, truefalse, short)
