import type { Element } from '@xmldom/xmldom'
import { allNamed, attribute, ImportError, named, trimmed } from './dom.ts'
import { Interpreter } from './interpret.ts'
import type { Media } from './incoming.ts'
import { isVersion1, pointsOf1, score1 } from './version1.ts'
import { parseQti } from './version3.ts'

/** An item as the site keeps it: the file as it came, and what its pages need to know. */
export interface SiteItem {
  readonly id: string
  readonly identifier: string
  readonly title: string
  readonly source: string
  readonly points: number
  readonly media?: Readonly<Record<string, Media>>
}

/** The interactions that the site has pages for. */
const SUPPORTED = new Set([
  'choiceInteraction',
  'textEntryInteraction',
  'extendedTextInteraction',
  'inlineChoiceInteraction',
  'matchInteraction',
  'orderInteraction',
  'sliderInteraction',
])

/**
 * Takes an item file: checks that it can be shown and graded here, and that its key earns points.
 *
 * @throws ImportError with the reason for the import's report.
 */
export function takeItem(id: string, source: string, media: Readonly<Record<string, Media>> = {}): SiteItem {
  const root = parseQti(source)
  if (isVersion1(root)) return takeItem1(id, root, source, media)
  if (root.localName !== 'assessmentItem') throw new ImportError(`holds ${root.localName ?? 'something'}, not an item`)
  if (!/imsqti_v2p[12]/.test(root.namespaceURI ?? '')) throw new ImportError('is not in a QTI namespace of 2.1 to 3.0')
  const interactions = interactionsOf(root)
  const foreign = interactions.find((one) => !SUPPORTED.has(one.localName ?? ''))
  if (foreign) throw new ImportError(`${foreign.localName ?? ''} is not supported here`)
  const correct = correctResponses(root)
  const isKeyed = Object.values(correct).some((values) => values.length > 0)
  if (isKeyed && new Interpreter(root, correct).score() <= 0)
    throw new ImportError('its correct response scores nothing')
  const identifier = attribute(root, 'identifier') ?? id
  return { id, identifier, title: attribute(root, 'title') ?? id, source, points: maxScore(root), media }
}

/** An item of QTI 1.2: its conditions must be of those that are known here. */
function takeItem1(id: string, root: Element, source: string, media: Readonly<Record<string, Media>>): SiteItem {
  score1(root, {})
  const identifier = attribute(root, 'ident') ?? id
  return { id, identifier, title: attribute(root, 'title') ?? id, source, points: pointsOf1(root), media }
}

export function gradeSource(source: string, responses: Readonly<Record<string, readonly string[]>>): number {
  const root = parseQti(source)
  return isVersion1(root) ? score1(root, responses) : new Interpreter(root, responses).score()
}

/** What takes an answer; a button that ends the attempt takes none, and is not shown here. */
export function interactionsOf(root: Element): Element[] {
  return named(root, 'itemBody').flatMap((body) =>
    Array.from(body.getElementsByTagNameNS('*', '*')).filter(
      ({ localName }) => (localName ?? '').endsWith('Interaction') && localName !== 'endAttemptInteraction',
    ),
  )
}

/** What an item can earn: MAXSCORE, or what its correct response scores. */
export function maxScore(root: Element): number {
  const declared = named(root, 'outcomeDeclaration').find((one) => attribute(one, 'identifier') === 'MAXSCORE')
  const value = declared && allNamed(declared, 'value')[0]
  return value ? Number(trimmed(value)) : new Interpreter(root, correctResponses(root)).score()
}

/** What each response declares as correct. */
export function correctResponses(root: Element): Record<string, string[]> {
  return Object.fromEntries(
    named(root, 'responseDeclaration').map((one) => [
      attribute(one, 'identifier') ?? '',
      named(one, 'correctResponse').flatMap((correct) => named(correct, 'value').map(trimmed)),
    ]),
  )
}
