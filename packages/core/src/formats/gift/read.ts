import { contentOfLines } from '../../content/elements.ts'
import { contentFromHtml, markupFromHtml } from '../../content/html.ts'
import { contentFromMarkdown } from '../../content/markdown.ts'
import { leftOutOf, mayLeaveOut } from '../../content/left-out.ts'
import type { Content } from '../../content/model.ts'
import { contentOfUnmarked } from '../../content/unmarked.ts'
import { DEFAULT_TEXT_RULES, optionId, type Item, type Option } from '../../item/model.ts'
import { FormatError, type FormatData, type ReadResult, type Unread } from '../format.ts'
import { matchLists, parseGift, type GiftAnswer, type GiftQuestion, type GiftText } from './parse.ts'

/** Reads a GIFT file into items; a question that no kind of ours holds is listed as unread with its source. */
export function readGift(data: FormatData): ReadResult {
  if (data.form !== 'text') throw new FormatError('A GIFT file is text, not a package.')
  const file = parseGift(data.text)
  const items: Item[] = []
  const unread: Unread[] = file.broken.map((one) => ({
    where: `line ${one.line}`,
    reason: one.reason,
    source: one.source,
  }))
  const shared = sharedStart(file.questions.map((question) => question.category))
  const categories: string[] = []
  for (const question of file.questions) {
    const below = question.category.slice(shared.length)
    const item = toItem(question, below.at(-1))
    const say = (reason: string): void =>
      void unread.push({ where: `line ${question.line}`, reason, source: question.source.trim() })
    if (typeof item === 'string') {
      say(item)
      continue
    }
    items.push(item)
    categories.push(below.join('/'))
    for (const reason of [...leftOut(question), ...playedIn(question)]) say(reason)
  }
  return { title: shared.join('/') || null, items, unread, ...(categories.some(Boolean) && { categories }) }
}

/** The parts that all categories begin with. */
function sharedStart(categories: readonly (readonly string[])[]): readonly string[] {
  const [first = [], ...others] = categories
  const end = first.findIndex((part, at) => others.some((category) => category[at] !== part))
  return end < 0 ? first : first.slice(0, end)
}

/** Recordings and links in the HTML of a question. */
function playedIn({ source }: GiftQuestion): string[] {
  return mayLeaveOut(source) ? leftOutOf(markupFromHtml(source.replace(/\\([~=#{}:\\])/g, '$1'))) : []
}

/** What an item has no place for, said of it; the item itself is kept. */
function leftOut({ answers }: GiftQuestion): string[] {
  if (!answers) return []
  if (answers.form === 'truth') return answers.wrongFeedback ? ['The feedback to the wrong judgement is left out.'] : []
  if (answers.form === 'numeric')
    return answers.bands.some((band) => band.feedback?.text) ? ['The feedback to single numbers is left out.'] : []
  if (answers.form !== 'choices') return []
  const typed = answers.choices.every((choice) => choice.sign === '=')
  const said: string[] = []
  if (typed && answers.choices.some((choice) => (choice.weight ?? 100) < 100))
    said.push('Typed answers that earn only a part of the points are left out.')
  if (typed && answers.choices.some((choice) => choice.feedback?.text))
    said.push('The feedback to single typed answers is left out.')
  const isSingle = answers.choices.filter((choice) => choice.sign === '=').length === 1
  if (!typed && isSingle && answers.choices.some((choice) => choice.sign === '~' && (choice.weight ?? 0) < 0))
    said.push('Wrong options that take points away take none here.')
  if (!typed && answers.choices.filter((choice) => choice.sign === '=').length > 1)
    said.push('More than one option is marked right, so it was read as multiple response.')
  return said
}

/** @param category the innermost part of its category, where the file holds several; it becomes a tag. */
function toItem(question: GiftQuestion, category: string | undefined): Item | string {
  const answers = question.answers
  const right = answers?.form === 'truth' ? answers.rightFeedback : null
  const feedback = question.feedback ?? right
  const common = {
    stem: stemOf(question),
    points: 1,
    tags: category ? [...new Set([...question.tags, category])] : question.tags,
    ...(feedback && { feedback: contentOfGift(feedback) }),
  }
  if (!answers) return { ...common, kind: 'note', points: 0 }
  switch (answers.form) {
    case 'truth':
      return { ...common, kind: 'truefalse', key: [answers.value] }
    case 'choices':
      return fromChoices(common, answers.choices)
    case 'essay':
      return { ...common, kind: 'essay' }
    case 'numeric':
      return {
        ...common,
        kind: 'numeric',
        key: answers.bands.map(({ band, weight }) => (weight >= 100 ? band : { ...band, credit: weight / 100 })),
      }
    case 'matching': {
      const { left, right, key } = matchLists(answers.pairs)
      if (left.length < 1 || right.length < 2) return 'A matching question needs at least two sides to choose from.'
      return {
        ...common,
        kind: 'match',
        left: left.map(contentOfGift),
        right: right.map((text) => contentOfGift({ format: 'plain', text })),
        key,
      }
    }
  }
}

type Common = Pick<Item, 'stem' | 'points' | 'tags' | 'feedback'>

/** All `=`: typed answers. One right, the others plain wrong: single choice. Weights: multiple response. */
function fromChoices(common: Common, choices: readonly GiftAnswer[]): Item | string {
  if (choices.every((choice) => choice.sign === '=')) {
    const full = choices.filter((choice) => choice.weight === null || choice.weight === 100)
    if (!full.length) return 'No typed answer earns all the points.'
    return { ...common, kind: 'short', key: full.map((choice) => choice.text.text), rules: DEFAULT_TEXT_RULES }
  }
  const options: Option[] = choices.map((choice, index) => ({
    id: optionId(index),
    content: contentOfGift(choice.text),
    ...(choice.feedback && choice.feedback.text !== '' && { feedback: contentOfGift(choice.feedback) }),
  }))
  const right = options.filter((_option, index) => choices[index]?.sign === '=').map((option) => option.id)
  if (right.length > 1) return { ...common, kind: 'multiple', options, key: right, shuffle: true, credit: 'each' }
  // Without a right option and without weights the key is missing, not shared out.
  if (right.length || choices.every((choice) => choice.weight === null)) return singleItem(common, options, choices)
  return multipleItem(common, options, choices)
}

/** One right option; a wrong one may have a share of its own. */
function singleItem(common: Common, options: readonly Option[], choices: readonly GiftAnswer[]): Item {
  const key = options.flatMap(({ id }, index) => (choices[index]?.sign === '=' ? [id] : []))
  const weights = Object.fromEntries(
    options.flatMap(({ id }, index) => {
      const weight = choices[index]?.sign === '~' ? (choices[index]?.weight ?? 0) : 0
      return weight > 0 ? [[id, weight / 100] as const] : []
    }),
  )
  const partial = Object.keys(weights).length > 0
  return { ...common, kind: 'single', options, key, shuffle: true, ...(partial && { weights }) }
}

function multipleItem(common: Common, options: readonly Option[], choices: readonly GiftAnswer[]): Item {
  const shares = options.map(({ id }, index) => [id, (choices[index]?.weight ?? 0) / 100] as const)
  const key = shares.flatMap(([id, share]) => (share > 0 ? [id] : []))
  const isEach = shares.every(([id, share]) => Math.abs(share - (key.includes(id) ? 1 : -1) / key.length) < 1e-4)
  const plain = { ...common, kind: 'multiple' as const, options, key, shuffle: true }
  if (isEach) return { ...plain, credit: 'each' }
  return {
    ...plain,
    credit: 'weights',
    weights: Object.fromEntries(shares.map(([id, share]) => [id, Number(share.toFixed(6))])),
  }
}

function stemOf(question: GiftQuestion): Content {
  if (!question.after) return contentOfGift(question.before)
  return contentOfGift({ ...question.before, text: `${question.before.text} _____ ${question.after}` })
}

function contentOfGift(text: GiftText): Content {
  if (text.format === 'html') return contentFromHtml(text.text)
  if (text.format === 'markdown') return contentFromMarkdown(text.text)
  return text.format === 'auto' ? contentOfUnmarked(text.text) : contentOfLines(text.text)
}
