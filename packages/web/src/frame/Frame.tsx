import { DropdownMenu } from 'radix-ui'
import { NavLink, Outlet } from 'react-router'
import type { Schemas } from '../api/client'
import { useCounts, useSignOut } from './queries'

const STATIONS = [
  { path: '/drafts', name: 'Drafts', count: 'drafts' },
  { path: '/bank', name: 'Bank', count: 'bank' },
  { path: '/papers', name: 'Papers', count: 'papers' },
  { path: '/dispatch', name: 'Dispatch', count: 'dispatch' },
  { path: '/results', name: 'Results', count: 'results' },
] as const

/** The band across the top: the five stations in working order, the workspace, the person. */
export function Frame({ person }: { readonly person: Schemas['PersonDto'] }) {
  const counts = useCounts()
  return (
    <div className="flex h-full flex-col">
      <a
        href="#desk"
        className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-sheet focus:px-3 focus:py-2"
      >
        Skip to the desk
      </a>
      <header className="flex h-[42px] shrink-0 items-stretch gap-4 border-b border-ink px-3 sm:px-[18px]">
        <NavLink
          to="/drafts"
          className="hidden self-center font-text text-[17px] font-semibold tracking-tight sm:block"
        >
          Zakuska
        </NavLink>
        <nav aria-label="Stations" className="flex min-w-0 items-stretch overflow-x-auto">
          {STATIONS.map(({ path, name, count }, index) => (
            <NavLink
              key={path}
              to={path}
              className={({ isActive }) =>
                `relative flex items-center gap-1.5 px-2 sm:px-3.5 ${isActive ? 'font-semibold text-ink after:absolute after:inset-x-2 after:-bottom-px after:h-[3px] after:bg-mustard sm:after:inset-x-3.5' : 'text-muted hover:text-ink'}`
              }
            >
              {index > 0 && (
                <span aria-hidden="true" className="absolute -left-1.5 hidden text-line sm:block">
                  →
                </span>
              )}
              {name}
              <span className="text-[11.5px] tabular-nums">{counts.data?.[count] ?? ''}</span>
            </NavLink>
          ))}
        </nav>
        <PersonMenu person={person} />
      </header>
      <main id="desk" className="flex min-h-0 flex-1 flex-col">
        <Outlet />
      </main>
    </div>
  )
}

function PersonMenu({ person }: { readonly person: Schemas['PersonDto'] }) {
  const signOut = useSignOut()
  const initials = person.name
    .split(/\s+/)
    .map((word) => word.charAt(0))
    .join('')
    .slice(0, 2)
  return (
    <div className="ml-auto flex items-center gap-3.5 text-muted">
      <span className="hidden whitespace-nowrap md:inline">{person.workspace}</span>
      <DropdownMenu.Root>
        <DropdownMenu.Trigger
          aria-label={`${person.name}, account`}
          className="grid size-[26px] place-items-center rounded-full border border-ink text-[11px] text-ink"
        >
          {initials}
        </DropdownMenu.Trigger>
        <DropdownMenu.Portal>
          <DropdownMenu.Content
            align="end"
            sideOffset={6}
            className="z-30 min-w-44 rounded-[3px] border border-ink bg-sheet py-1"
          >
            <p className="px-3 py-1 text-muted">
              {person.name}
              <br />
              {person.workspace}
            </p>
            <DropdownMenu.Item
              className="cursor-pointer px-3 py-1 outline-none data-[highlighted]:bg-mustard-wash"
              onSelect={() => signOut.mutate()}
            >
              Sign out
            </DropdownMenu.Item>
          </DropdownMenu.Content>
        </DropdownMenu.Portal>
      </DropdownMenu.Root>
    </div>
  )
}

/** The head of a desk: title, what it is, what can be done. */
export function Head({
  title,
  about,
  children,
}: {
  readonly title: React.ReactNode
  readonly about?: React.ReactNode
  readonly children?: React.ReactNode
}) {
  return (
    <div className="flex shrink-0 flex-wrap items-center gap-x-3.5 gap-y-1.5 border-b border-line px-3 py-2.5 sm:px-[18px]">
      {typeof title === 'string' ? (
        <h1 className="text-xl leading-tight font-semibold tracking-tight">{title}</h1>
      ) : (
        title
      )}
      {about && <span className="text-xs text-muted">{about}</span>}
      <div className="ml-auto flex flex-wrap items-center gap-2">{children}</div>
    </div>
  )
}
