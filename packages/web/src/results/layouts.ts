import type { AnswerRole } from '@zakuska/core'

const KEPT = 'zakuska.response-layouts'
/** The oldest are let go. */
const MOST = 40

interface Kept {
  readonly name: string
  readonly roles: readonly AnswerRole[]
}

/** A layout belongs to a paper and to the very heads of a table. */
function nameOf(paperId: string, head: readonly string[]): string {
  return `${paperId}:${JSON.stringify(head)}`
}

function all(): readonly Kept[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(KEPT) ?? '[]')
    return Array.isArray(kept) ? (kept as Kept[]) : []
  } catch {
    return []
  }
}

/** What the columns of such a table were set to the last time. */
export function keptLayout(paperId: string, head: readonly string[]): readonly AnswerRole[] | null {
  return all().find(({ name }) => name === nameOf(paperId, head))?.roles ?? null
}

export function keepLayout(paperId: string, head: readonly string[], roles: readonly AnswerRole[]): void {
  const name = nameOf(paperId, head)
  const others = all().filter((one) => one.name !== name)
  localStorage.setItem(KEPT, JSON.stringify([{ name, roles }, ...others].slice(0, MOST)))
}
