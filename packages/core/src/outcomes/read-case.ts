import { OutcomesError, type OutcomeNode } from './outcome.ts'

type Fields = Readonly<Record<string, unknown>>

/**
 * Reads a package of the open format for competencies and academic standards (1EdTech CASE 1.0, CFPackage as JSON):
 * `CFItems` with their `fullStatement` and `humanCodingScheme`, in a tree by the `CFAssociations` of type `isChildOf`,
 * siblings by their `sequenceNumber`. An item whose parent is the document, or is not in the file, stands at the top.
 *
 * @returns parents before their children.
 * @throws OutcomesError if it is no such package.
 */
export function readCase(text: string): OutcomeNode[] {
  const root = parsed(text)
  const items = listOf(root['CFItems'])
  if (!items.length) throw new OutcomesError('There are no CFItems in this file; it is no CASE package.')
  const known = new Map(items.map((item) => [textOf(item['identifier']), item]))
  const above = new Map<string, { readonly parent: string; readonly place: number }>()
  for (const link of listOf(root['CFAssociations'])) {
    if (link['associationType'] !== 'isChildOf') continue
    const [child, parent] = [nodeId(link['originNodeURI']), nodeId(link['destinationNodeURI'])]
    if (known.has(parent)) above.set(child, { parent, place: Number(link['sequenceNumber'] ?? 0) })
    else if (known.has(child)) above.set(child, { parent: '', place: Number(link['sequenceNumber'] ?? 0) })
  }
  return inTree(known, above)
}

function inTree(
  known: ReadonlyMap<string, Fields>,
  above: ReadonlyMap<string, { readonly parent: string; readonly place: number }>,
): OutcomeNode[] {
  const below = new Map<string, string[]>()
  for (const id of known.keys()) {
    const parent = above.get(id)?.parent ?? ''
    below.set(parent, [...(below.get(parent) ?? []), id])
  }
  const found: OutcomeNode[] = []
  const seen = new Set<string>()
  const add = (parent: string): void => {
    const children = [...(below.get(parent) ?? [])]
    children.sort((a, b) => (above.get(a)?.place ?? 0) - (above.get(b)?.place ?? 0))
    for (const id of children) {
      if (seen.has(id)) continue
      seen.add(id)
      found.push(nodeOf(id, parent === '' ? null : parent, known.get(id) ?? {}))
      add(id)
    }
  }
  add('')
  // Items that are each other's parents hang on nothing; they are kept at the top.
  for (const [id, item] of known)
    if (!seen.has(id)) {
      seen.add(id)
      found.push(nodeOf(id, null, item))
      add(id)
    }
  return found
}

function nodeOf(id: string, parent: string | null, item: Fields): OutcomeNode {
  const statement = textOf(item['fullStatement']) || textOf(item['abbreviatedStatement'])
  return { id, parent, code: textOf(item['humanCodingScheme']) || statement.slice(0, 60) || id, statement }
}

function parsed(text: string): Fields {
  let value: unknown
  try {
    value = JSON.parse(text)
  } catch {
    throw new OutcomesError('The file is not JSON.')
  }
  const fields = asFields(value)
  // A service wraps the package in an object of its own.
  return asFields(fields['CFPackage'] ?? fields)
}

function asFields(value: unknown): Fields {
  return typeof value === 'object' && value !== null && !Array.isArray(value) ? (value as Fields) : {}
}

function listOf(value: unknown): Fields[] {
  return Array.isArray(value) ? value.map(asFields) : []
}

function textOf(value: unknown): string {
  return typeof value === 'string' ? value.trim() : ''
}

function nodeId(value: unknown): string {
  return textOf(asFields(value)['identifier']) || textOf(value)
}
