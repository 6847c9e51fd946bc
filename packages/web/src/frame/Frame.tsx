import { DropdownMenu } from 'radix-ui'
import { NavLink, Outlet, useLocation, useNavigate } from 'react-router'
import { Boundary } from '../parts/Boundary'
import type { Schemas } from '../api/client'
import { useTell } from '../parts/notices'
import { usePeopleChanges } from '../people/queries'
import { useCounts, useSignOut } from '../people/session'

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
  const { pathname } = useLocation()
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
                `relative flex items-center gap-1.5 px-1.5 sm:px-3.5 ${isActive ? 'font-semibold text-ink after:absolute after:inset-x-1.5 after:-bottom-px after:h-[3px] after:bg-mustard sm:after:inset-x-3.5' : 'text-muted hover:text-ink'}`
              }
            >
              {index > 0 && (
                <span aria-hidden="true" className="absolute -left-1.5 hidden text-line sm:block">
                  →
                </span>
              )}
              {name}
              <span className="hidden text-[11.5px] tabular-nums min-[30rem]:inline">{counts.data?.[count] ?? ''}</span>
            </NavLink>
          ))}
        </nav>
        <PersonMenu person={person} />
      </header>
      <main id="desk" tabIndex={-1} className="flex min-h-0 flex-1 flex-col outline-none">
        <Boundary place={pathname}>
          <Outlet />
        </Boundary>
      </main>
    </div>
  )
}

const MENU = 'z-30 min-w-52 max-w-[80vw] rounded-[3px] border border-ink bg-sheet py-1'

const MENU_ITEM = 'block cursor-pointer px-3 py-1 outline-none data-[highlighted]:bg-mustard-wash'

/** The workspace that is open, and the way to the others. */
function WorkspaceMenu({ person }: { readonly person: Schemas['PersonDto'] }) {
  const { choose } = usePeopleChanges()
  const navigate = useNavigate()
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger
        aria-label={`${person.workspace}, workspace`}
        className="hidden max-w-64 items-center gap-1 truncate whitespace-nowrap hover:text-ink md:flex"
      >
        <span className="truncate">{person.workspace}</span> <span aria-hidden="true">▾</span>
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content align="end" sideOffset={6} className={MENU}>
          <Workspaces
            person={person}
            choose={(id) => choose.mutate(id, { onSuccess: () => void navigate('/drafts') })}
          />
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  )
}

function Workspaces({
  person,
  choose,
}: {
  readonly person: Schemas['PersonDto']
  readonly choose: (id: string) => void
}) {
  const navigate = useNavigate()
  return (
    <>
      <DropdownMenu.RadioGroup value={person.workspaceId} onValueChange={choose}>
        {person.workspaces.map((one) => (
          <DropdownMenu.RadioItem key={one.id} value={one.id} className={MENU_ITEM}>
            <span aria-hidden="true" className="mr-1.5 inline-block w-3">
              {one.id === person.workspaceId ? '✓' : ''}
            </span>
            {one.name}
            <span className="text-xs text-muted">
              {' '}
              · {one.role}
              {one.isDeleted && ', deleted'}
            </span>
          </DropdownMenu.RadioItem>
        ))}
      </DropdownMenu.RadioGroup>
      <DropdownMenu.Separator className="my-1 border-t border-line" />
      <DropdownMenu.Item className={MENU_ITEM} onSelect={() => void navigate('/workspace')}>
        People and record
      </DropdownMenu.Item>
    </>
  )
}

function PersonMenu({ person }: { readonly person: Schemas['PersonDto'] }) {
  const signOut = useSignOut()
  const tell = useTell()
  const { choose } = usePeopleChanges()
  const navigate = useNavigate()
  const initials = person.name
    .split(/\s+/)
    .map((word) => word.charAt(0))
    .join('')
    .slice(0, 2)
  return (
    <div className="ml-auto flex min-w-0 items-center gap-3.5 text-muted">
      <WorkspaceMenu person={person} />
      <DropdownMenu.Root>
        <DropdownMenu.Trigger
          aria-label={`${person.name}, account`}
          className="grid size-[26px] shrink-0 place-items-center rounded-full border border-ink text-[11px] text-ink"
        >
          {initials}
        </DropdownMenu.Trigger>
        <DropdownMenu.Portal>
          <DropdownMenu.Content align="end" sideOffset={6} className={MENU}>
            <p className="px-3 py-1 text-muted">
              {person.name}
              <br />
              {person.role} of {person.workspace}
            </p>
            <div className="md:hidden">
              <Workspaces
                person={person}
                choose={(id) => choose.mutate(id, { onSuccess: () => void navigate('/drafts') })}
              />
            </div>
            <DropdownMenu.Item className={MENU_ITEM} onSelect={() => void navigate('/account')}>
              Your account
            </DropdownMenu.Item>
            <DropdownMenu.Item
              className={MENU_ITEM}
              onSelect={() =>
                signOut.mutate(undefined, { onError: (error) => tell(error.message, { tone: 'trouble' }) })
              }
            >
              Sign out
            </DropdownMenu.Item>
          </DropdownMenu.Content>
        </DropdownMenu.Portal>
      </DropdownMenu.Root>
    </div>
  )
}
