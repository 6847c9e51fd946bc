import type { Element } from '@xmldom/xmldom'
import { XMLSerializer } from '@xmldom/xmldom'
import { allNamed, attribute, childElements, ImportError, named, parseDocument, trimmed } from './dom.ts'

/** QTI 1.2 (ASI Information Model, 2002), also in the profile of Common Cartridge: read and graded by its own conditions. */

export interface Version1Section {
  readonly title: string
  readonly items: readonly { readonly ident: string; readonly source: string }[]
}

/** The items of a `questestinterop` document, each as a document of its own, by the section that they stand in. */
export function sectionsIn(source: string): Version1Section[] {
  const root = parseDocument(source)
  if (root.localName !== 'questestinterop') return []
  const printer = new XMLSerializer()
  const found: Version1Section[] = []
  const groups = [...allNamed(root, 'section'), ...allNamed(root, 'objectbank'), root]
  for (const group of groups) {
    const items = named(group, 'item').map((item) => ({
      ident: attribute(item, 'ident') ?? '',
      source: printer.serializeToString(item),
    }))
    if (items.length) found.push({ title: attribute(group, 'title') ?? '', items })
  }
  return found
}

export function isVersion1(root: Element): boolean {
  return root.localName === 'item'
}

/** What takes an answer. */
export function responsesIn(item: Element): Element[] {
  return named(item, 'presentation').flatMap((presentation) =>
    Array.from(presentation.getElementsByTagNameNS('*', '*')).filter(({ localName }) =>
      /^response_(?:lid|str|num)$/.test(localName ?? ''),
    ),
  )
}

/** Most that SCORE can be. */
export function mostOf(item: Element): number {
  const [score] = allNamed(item, 'decvar')
  const most = Number((score && attribute(score, 'maxvalue')) ?? NaN)
  return most > 0 ? most : 1
}

/** What an item counts: its weight where SCORE is a percentage, as in Common Cartridge; else the most of SCORE. */
export function pointsOf1(item: Element): number {
  const fields = new Map(
    allNamed(item, 'qtimetadatafield').map((field) => [
      named(field, 'fieldlabel').map(trimmed)[0] ?? '',
      named(field, 'fieldentry').map(trimmed)[0] ?? '',
    ]),
  )
  const weight = Number(fields.get('cc_weighting'))
  if (weight >= 0 && fields.has('cc_weighting')) return weight
  return fields.has('cc_profile') ? 1 : mostOf(item)
}

type Given = Readonly<Record<string, readonly string[]>>

/** What a response scores, in the points that the item counts. */
export function score1(item: Element, given: Given): number {
  const [processing] = named(item, 'resprocessing')
  let score = 0
  for (const condition of processing ? named(processing, 'respcondition') : []) {
    const [test] = named(condition, 'conditionvar')
    if (!test || !childElements(test).every((one) => holds(one, given))) continue
    for (const change of named(condition, 'setvar')) score = changed(score, change)
    if (attribute(condition, 'continue') !== 'Yes') break
  }
  const most = mostOf(item)
  return (Math.min(most, Math.max(0, score)) / most) * pointsOf1(item)
}

function changed(score: number, change: Element): number {
  const by = Number(trimmed(change))
  switch (attribute(change, 'action') ?? 'Set') {
    case 'Set':
      return by
    case 'Add':
      return score + by
    case 'Subtract':
      return score - by
    case 'Multiply':
      return score * by
    case 'Divide':
      return score / by
    default:
      throw new ImportError(`the action ${attribute(change, 'action') ?? ''} is not supported`)
  }
}

function holds(test: Element, given: Given): boolean {
  const parts = childElements(test)
  const values = (given[attribute(test, 'respident') ?? ''] ?? []).map(folded).filter(Boolean)
  const wanted = folded(trimmed(test))
  switch (test.localName) {
    case 'and':
      return parts.every((part) => holds(part, given))
    case 'or':
      return parts.some((part) => holds(part, given))
    case 'not':
      return !parts.some((part) => holds(part, given))
    case 'other':
      return true
    case 'unanswered':
      return !values.length
    case 'varequal': {
      const index = Number(attribute(test, 'index') ?? 0)
      const tried = index > 0 ? values.slice(index - 1, index) : values
      return tried.some((value) => isSame(value, wanted, attribute(test, 'case') === 'Yes'))
    }
    case 'varsubstring':
      return values.some((value) => value.toLocaleLowerCase('en').includes(wanted.toLocaleLowerCase('en')))
    case 'vargte':
      return values.some((value) => Number(value) >= Number(wanted))
    case 'varlte':
      return values.some((value) => Number(value) <= Number(wanted))
    case 'vargt':
      return values.some((value) => Number(value) > Number(wanted))
    case 'varlt':
      return values.some((value) => Number(value) < Number(wanted))
    default:
      throw new ImportError(`the condition ${test.localName ?? ''} is not supported`)
  }
}

/** Numbers by their value; text letter by letter, or without case. */
function isSame(a: string, b: string, isExact: boolean): boolean {
  if (a !== '' && b !== '' && Number(a) === Number(b)) return true
  return isExact ? a === b : a.toLocaleLowerCase('en') === b.toLocaleLowerCase('en')
}

function folded(text: string): string {
  return text.replace(/\s+/g, ' ').trim()
}
