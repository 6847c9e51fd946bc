import type { Element } from '@xmldom/xmldom'
import { allNamed, attribute, ImportError, named, parseDocument, trimmed } from './dom.ts'
import { Interpreter } from './interpret.ts'

/** An item as the site keeps it: the file as it came, and what its pages need to know. */
export interface SiteItem {
  readonly id: string
  readonly identifier: string
  readonly title: string
  readonly source: string
  readonly points: number
}

const SUPPORTED = new Set(['choiceInteraction', 'textEntryInteraction'])

/**
 * Takes an item file: checks that it can be shown and graded here, and that its key earns points.
 *
 * @throws ImportError with the reason for the import's report.
 */
export function takeItem(id: string, source: string): SiteItem {
  const root = parseDocument(source)
  if (root.localName !== 'assessmentItem') throw new ImportError(`holds ${root.localName ?? 'something'}, not an item`)
  if (!/imsqti_v2p[12]/.test(root.namespaceURI ?? '')) throw new ImportError('is not in the QTI 2.1 namespace')
  const interactions = interactionsOf(root)
  if (!interactions.length) throw new ImportError('has nothing to answer')
  const foreign = interactions.find((one) => !SUPPORTED.has(one.localName ?? ''))
  if (foreign) throw new ImportError(`${foreign.localName ?? ''} is not supported here`)
  const points = maxScore(root)
  if (new Interpreter(root, correctResponses(root)).score() <= 0)
    throw new ImportError('its correct response scores nothing')
  return { id, identifier: attribute(root, 'identifier') ?? id, title: attribute(root, 'title') ?? id, source, points }
}

export function gradeSource(source: string, responses: Readonly<Record<string, readonly string[]>>): number {
  return new Interpreter(parseDocument(source), responses).score()
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
