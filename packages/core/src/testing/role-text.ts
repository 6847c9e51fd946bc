import type { Line, Reading } from '../draft/model.ts'
import { readingOutline } from '../draft/outline.ts'
import { cleanLines } from '../draft/text/clean.ts'
import { unitsOf } from '../draft/facts/units.ts'
import { surround, type ReadRoles } from '../draft/roles/read-roles.ts'
import { ROLE_INDEX, type Role } from '../draft/roles/roles.ts'
import { readingFrom } from '../draft/weigh-draft.ts'

/** One sign before each line says its role, so that what follows roles is tested without any weights. */
const SIGNS: Readonly<Record<string, Role>> = {
  S: 'stem',
  M: 'more',
  O: 'option',
  W: 'wrapped',
  K: 'answer',
  F: 'feedback',
  H: 'hint',
  I: 'facts',
  R: 'row',
  B: 'bank',
  L: 'lines',
  X: 'keys',
  N: 'remark',
  P: 'passage',
  '-': 'out',
}

/** Lines with their roles, `S|1. Which?` each. @throws Error for a sign that there is not. */
export function signedRoles(signed: string): {
  readonly read: ReadRoles
  readonly lines: Line[]
  readonly text: string
} {
  const roles: Role[] = []
  const text = signed
    .split('\n')
    .map((line) => {
      if (!line.trim()) return ''
      const role = SIGNS[line.charAt(0)]
      if (!role || line.charAt(1) !== '|') throw new Error(`no role in “${line}”`)
      roles.push(role)
      return line.slice(2)
    })
    .join('\n')
  const lines = cleanLines({ text })
  const draft = surround(unitsOf(lines))
  const given = Uint8Array.from(roles, (role) => ROLE_INDEX[role])
  const sure = Float64Array.from(roles, () => 1)
  const read = {
    draft,
    roles: given,
    others: given,
    margins: sure,
    probabilities: sure,
    weighed: null,
    said: new Map(),
  }
  return { read, lines, text }
}

/** The sign of each line's role. */
export function signsOf({ roles }: ReadRoles): string {
  const signs = new Map(Object.entries(SIGNS).map(([sign, role]) => [ROLE_INDEX[role], sign]))
  return [...roles].map((role) => signs.get(role) ?? '?').join('')
}

/** Reads lines with their roles. */
export function readSigned(signed: string): Reading {
  const { read, lines, text } = signedRoles(signed)
  return readingFrom(read, lines, { text })
}

export function signedItems(signed: string): readonly Record<string, unknown>[] {
  return readingOutline(readSigned(signed))['items'] as readonly Record<string, unknown>[]
}
