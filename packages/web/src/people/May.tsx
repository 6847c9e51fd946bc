import type { ReactNode } from 'react'
import { useSession } from './session'
import type { Right, Role } from './queries'

const WHO: Readonly<Record<Right, string>> = {
  see: 'a viewer',
  remark: 'a reviewer',
  'sign-off': 'a reviewer',
  results: 'a reviewer',
  write: 'an editor',
  delete: 'an editor',
  draw: 'an editor',
  dispatch: 'an editor',
  people: 'an owner',
}

/** Whether who is signed in may do it. */
export function useMay(right: Right): boolean {
  return useSession().data?.rights.includes(right) ?? false
}

export function roleName(role: Role): string {
  return role === 'editor' || role === 'owner' ? `an ${role}` : `a ${role}`
}

/** What takes a right: the thing itself, or in its place who could. Nothing dead to press. */
export function May({
  right,
  to,
  children,
}: {
  readonly right: Right
  /** What it would do, as in "to …"; left out, nothing is said. */
  readonly to?: string
  readonly children: ReactNode
}) {
  const person = useSession().data
  if (!person || person.rights.includes(right)) return children
  if (to === undefined) return null
  return (
    <span className="text-xs text-muted">
      You are {roleName(person.role)}; to {to} takes {WHO[right]}.
    </span>
  )
}
