import { contentOfLines } from '../../content/elements.ts'
import { contentFromHtml, markupFromHtml } from '../../content/html.ts'
import { contentFromMarkdown } from '../../content/markdown.ts'
import { leftOutOf, mayLeaveOut } from '../../content/left-out.ts'
import type { Content } from '../../content/model.ts'
import { contentOfUnmarked } from '../../content/unmarked.ts'
import { DEFAULT_TEXT_RULES, optionId, type Item, type Option } from '../../item/model.ts'
import { FormatError, type FormatData, type ReadResult, type Unread } from '../format.ts'
import { matchLists, parseGift, type GiftAnswer, type GiftAnswers, type GiftQuestion, type GiftText } from './parse.ts'

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
    const item = toItem(inheritFormat(question))
    const where = `line ${question.line}`
    const source = question.source.trim()
    if (typeof item === 'string') {
      unread.push({ where, reason: item, source })
      continue
    }
    for (const reason of [...leftOut(question), ...playedIn(question)])
      unread.push({ where, reason, source, item: items.length })
    items.push(item)
    categories.push(question.category.slice(shared.length).join('/'))
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
  if (!typed && answers.choices.filter(isRight).length > 1)
    said.push('More than one option is marked right, so it was read as multiple response.')
  return said
}

/** What names no format of its own has that of the question. */
function inheritFormat(question: GiftQuestion): GiftQuestion {
  const { format } = question.before
  if (format === 'auto') return question
  const own = <T extends GiftText | null>(text: T): T => (text?.format === 'auto' ? { ...text, format } : text)
  return { ...question, feedback: own(question.feedback), answers: question.answers && inFormat(question.answers, own) }
}

function inFormat(answers: GiftAnswers, own: <T extends GiftText | null>(text: T) => T): GiftAnswers {
  switch (answers.form) {
    case 'truth':
      return { ...answers, wrongFeedback: own(answers.wrongFeedback), rightFeedback: own(answers.rightFeedback) }
    case 'choices': {
      // What is typed is compared as it stands.
      const isTyped = answers.choices.every((choice) => choice.sign === '=')
      const choices = answers.choices.map((choice) => ({
        ...choice,
        text: isTyped ? choice.text : own(choice.text),
        feedback: own(choice.feedback),
      }))
      return { ...answers, choices }
    }
    case 'matching':
      return { ...answers, pairs: answers.pairs.map((pair) => ({ ...pair, left: own(pair.left) })) }
    case 'essay':
    case 'numeric':
      return answers
  }
}

function toItem(question: GiftQuestion): Item | string {
  const answers = question.answers
  const right = answers?.form === 'truth' ? answers.rightFeedback : null
  const feedback = question.feedback ?? right
  const common = {
    stem: stemOf(question),
    points: 1,
    tags: question.tags,
    ...(feedback && { feedback: contentOfGift(feedback) }),
  }
  if (!answers) return { ...common, kind: 'note', points: 0 }
  switch (answers.form) {
    case 'truth':
      return { ...common, kind: 'truefalse', key: [answers.value] }
    case 'choices':
      return fromChoices(common, answers.choices)
    case 'essay': {
      // What is shown behind an essay that nothing grades is what could have been written.
      const { feedback: sample, ...rest } = common
      return { ...rest, kind: 'essay', ...(sample && { sample }) }
    }
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
  const right = options.filter((_option, index) => isRight(choices[index])).map((option) => option.id)
  if (right.length > 1) return { ...common, kind: 'multiple', options, key: right, shuffle: true, credit: 'each' }
  // Without a right option and without weights the key is missing, not shared out.
  if (right.length || choices.every((choice) => choice.weight === null)) return singleItem(common, options, choices)
  return multipleItem(common, options, choices)
}

/** An answer behind `=` that earns less than all is a wrong one with a share. */
function isRight(choice: GiftAnswer | undefined): boolean {
  return choice?.sign === '=' && (choice.weight ?? 100) >= 100
}

/** One right option; a wrong one may have a share of its own. */
function singleItem(common: Common, options: readonly Option[], choices: readonly GiftAnswer[]): Item {
  const key = options.flatMap(({ id }, index) => (isRight(choices[index]) ? [id] : []))
  const weights = Object.fromEntries(
    options.flatMap(({ id }, index) => {
      const weight = isRight(choices[index]) ? 0 : (choices[index]?.weight ?? 0)
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

/** Behind the answers stands the rest of a sentence: they fill its gap (the missing word of the grammar). */
function stemOf({ before, isSpaced, after }: GiftQuestion): Content {
  return contentOfGift(after.trim() ? { ...before, text: `${before.text}${isSpaced ? ' ' : ''}_____${after}` } : before)
}

/** TeX between doubled dollar signs, which course sites show as mathematics in any format. */
const DOLLARS = /\$\$(?=\S)([^$\n]{1,2000}?)\$\$/g

function contentOfGift({ format, text }: GiftText): Content {
  const own = text.includes('$$') ? text.replace(DOLLARS, (_whole, tex: string) => `\\(${tex.trim()}\\)`) : text
  if (format === 'html') return contentFromHtml(own)
  if (format === 'markdown') return contentFromMarkdown(own)
  return format === 'auto' ? contentOfUnmarked(own) : contentOfLines(own)
}
