import { textInlines } from '../../content/elements.ts'
import { contentFromHtml } from '../../content/html.ts'
import { normalizeContent, paragraph, type Content } from '../../content/model.ts'
import { DEFAULT_TEXT_RULES, optionId, type KeptItem, type Option } from '../../item/model.ts'
import { FormatError, type FormatData, type ReadResult, type Unread } from '../format.ts'
import { parseGift, type GiftAnswer, type GiftQuestion, type GiftText } from './parse.ts'

/** Reads a GIFT file into items; questions of other kinds are listed as unread with their source. */
export function readGift(data: FormatData): ReadResult {
  if (data.form !== 'text') throw new FormatError('A GIFT file is text, not a package.')
  const file = parseGift(data.text)
  const items: KeptItem[] = []
  const unread: Unread[] = file.broken.map((one) => ({
    where: `line ${one.line}`,
    reason: one.reason,
    source: one.source,
  }))
  for (const question of file.questions) {
    const item = toItem(question)
    if (typeof item === 'string') unread.push({ where: `line ${question.line}`, reason: item, source: question.source })
    else items.push(item)
  }
  return { title: file.questions[0]?.category ?? null, items, unread }
}

function toItem(question: GiftQuestion): KeptItem | string {
  const answers = question.answers
  if (!answers) return 'A text without an answer block is a note, which is not kept yet.'
  const common = {
    stem: stemOf(question),
    points: 1,
    tags: question.tags,
    ...(question.feedback && { feedback: contentOfGift(question.feedback) }),
  }
  switch (answers.form) {
    case 'truth':
      return { ...common, kind: 'truefalse', key: [answers.value] }
    case 'choices':
      return fromChoices(common, answers.choices)
    case 'essay':
      return 'An essay question is not kept yet.'
    case 'numeric':
      return 'A numeric question is not kept yet.'
    case 'matching':
      return 'A matching question is not kept yet.'
  }
}

type Common = Pick<KeptItem, 'stem' | 'points' | 'tags' | 'feedback'>

/** All `=`: typed answers. One right, the others plain wrong: single choice. Weights: multiple response. */
function fromChoices(common: Common, choices: readonly GiftAnswer[]): KeptItem | string {
  if (choices.every((choice) => choice.sign === '=')) {
    const full = choices.filter((choice) => choice.weight === null || choice.weight === 100)
    if (full.length < choices.length) return 'A short answer with part credit is not kept yet.'
    return { ...common, kind: 'short', key: full.map((choice) => choice.text.text), rules: DEFAULT_TEXT_RULES }
  }
  const options: Option[] = choices.map((choice, index) => ({
    id: optionId(index),
    content: contentOfGift(choice.text),
    ...(choice.feedback && choice.feedback.text !== '' && { feedback: contentOfGift(choice.feedback) }),
  }))
  const keyed = options.filter((_option, index) => isRight(choices[index])).map((option) => option.id)
  if (choices.some((choice) => choice.sign === '='))
    return { ...common, kind: 'single', options, key: keyed, shuffle: true }
  return { ...common, kind: 'multiple', options, key: keyed, shuffle: true, credit: 'each' }
}

function isRight(choice: GiftAnswer | undefined): boolean {
  return choice !== undefined && (choice.sign === '=' || (choice.weight ?? 0) > 0)
}

function stemOf(question: GiftQuestion): Content {
  if (!question.after) return contentOfGift(question.before)
  return contentOfGift({ ...question.before, text: `${question.before.text} _____ ${question.after}` })
}

function contentOfGift(text: GiftText): Content {
  if (text.format === 'html') return contentFromHtml(text.text)
  return normalizeContent(text.text.split('\n').map((line) => paragraph(textInlines(line))))
}
