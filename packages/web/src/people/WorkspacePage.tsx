import { format } from 'date-fns'
import { useRef, useState } from 'react'
import { Link, useNavigate } from 'react-router'
import type { Schemas } from '../api/client'
import { Head } from '../frame/Frame'
import { useSession } from '../frame/queries'
import { Button } from '../parts/Button'
import { Dialog } from '../parts/Dialog'
import { Empty, Problem, Waiting } from '../parts/Empty'
import { counted } from '../parts/item-words'
import { useTell } from '../parts/notices'
import { Part } from './AccountPage'
import { Fault, Field } from './fields'
import { May } from './May'
import { OneTimeLink } from './OneTimeLink'
import { useCopyLinkChanges, useCopyLinks, usePeopleChanges, useRecord, useWorkspace, type Role } from './queries'

const ROLES: readonly Role[] = ['owner', 'editor', 'reviewer', 'viewer']
const ABOUT: Readonly<Record<Role, string>> = {
  owner: 'looks after people and the workspace, and does everything else',
  editor: 'drafts, changes, draws, sends and deletes',
  reviewer: 'signs off, makes remarks, sees results',
  viewer: 'looks',
}
const SELECT = 'rounded-[3px] border border-edge bg-sheet px-1.5 py-1'

/** Who is in the workspace as what, what was handed over, what was done. */
export function WorkspacePage() {
  const workspace = useWorkspace()
  if (workspace.isPending) return <Waiting what="the workspace" />
  if (workspace.isError) return <Problem error={workspace.error} again={() => void workspace.refetch()} />
  const { data } = workspace
  return (
    <>
      <Head title={data.name} about={counted(data.members.length, 'person', 'people')}>
        <Link
          to="/workspace/writing"
          className="rounded-[3px] border border-line bg-sheet px-2.5 py-1 hover:border-edge"
        >
          Writing help
        </Link>
      </Head>
      <div className="min-h-0 flex-1 overflow-y-auto px-3 py-5 sm:px-[18px]">
        <div className="grid max-w-5xl gap-8 lg:grid-cols-[1fr_340px]">
          <div className="grid content-start gap-8">
            {data.goneAt && <Deleted goneAt={data.goneAt} />}
            <Members workspace={data} />
            <May right="people" to="see the record of what was done">
              <RecordPart />
            </May>
          </div>
          <div className="grid content-start gap-8">
            <May right="people" to="invite somebody">
              <Invitations workspace={data} />
            </May>
            <HandedOver />
            <Workspaces workspace={data} />
          </div>
        </div>
      </div>
    </>
  )
}

function Deleted({ goneAt }: { readonly goneAt: string }) {
  const { setDeleted } = usePeopleChanges()
  return (
    <div role="alert" className="rounded-[3px] border border-l-4 border-beet bg-sheet px-4 py-3">
      <p>This workspace was deleted. It is gone for good on {format(goneAt, 'd MMMM yyyy')}.</p>
      <Button className="mt-2" onClick={() => setDeleted.mutate(false)}>
        Bring it back
      </Button>
    </div>
  )
}

function Members({ workspace }: { readonly workspace: Schemas['WorkspaceDto'] }) {
  const me = useSession().data
  const { setRole, remove, reset } = usePeopleChanges()
  const [link, setLink] = useState<{ readonly token: string; readonly name: string } | null>(null)
  const isOwner = me?.rights.includes('people') ?? false
  const problem = setRole.error ?? remove.error ?? reset.error
  return (
    <Part title="People">
      <Fault error={problem} />
      <ul>
        {workspace.members.map((member) => (
          <li key={member.id} className="flex flex-wrap items-center gap-x-3 gap-y-1.5 border-b border-line py-2">
            <span className="min-w-40 flex-1">
              {member.name}
              {member.id === me?.id && <span className="text-muted"> · you</span>}
              {member.email && <span className="block text-xs break-all text-muted">{member.email}</span>}
            </span>
            {isOwner ? (
              <>
                <select
                  aria-label={`Role of ${member.name}`}
                  className={SELECT}
                  value={member.role}
                  onChange={(event) => setRole.mutate({ id: member.id, role: event.target.value as Role })}
                >
                  {ROLES.map((role) => (
                    <option key={role}>{role}</option>
                  ))}
                </select>
                {member.id !== me?.id && (
                  <>
                    <Button
                      onClick={() =>
                        reset.mutate(member.id, {
                          onSuccess: ({ token }) => setLink({ token, name: member.name }),
                        })
                      }
                    >
                      New password
                    </Button>
                    <Button tone="quiet" onClick={() => remove.mutate(member.id)}>
                      Take out
                    </Button>
                  </>
                )}
              </>
            ) : (
              <span className="text-muted">{member.role}</span>
            )}
          </li>
        ))}
      </ul>
      <dl className="mt-2 grid grid-cols-[auto_1fr] gap-x-3 text-xs text-muted">
        {ROLES.map((role) => (
          <div key={role} className="contents">
            <dt>{role}</dt>
            <dd>{ABOUT[role]}</dd>
          </div>
        ))}
      </dl>
      {link && (
        <OneTimeLink
          title={`A new password for ${link.name}`}
          about="Give it to them by a way that you trust. Whoever opens it first sets the password. It works once, for a day."
          path={`/link/${link.token}`}
          close={() => setLink(null)}
        />
      )}
    </Part>
  )
}

function Invitations({ workspace }: { readonly workspace: Schemas['WorkspaceDto'] }) {
  const { invite, takeBack } = usePeopleChanges()
  const [given, setGiven] = useState<{ note: string; role: Role }>({ note: '', role: 'editor' })
  const [token, setToken] = useState<string | null>(null)
  return (
    <Part title="Invite somebody">
      <form
        className="grid gap-2"
        onSubmit={(event) => {
          event.preventDefault()
          invite.mutate(given, {
            onSuccess: (made) => {
              setToken(made.token)
              setGiven({ ...given, note: '' })
            },
          })
        }}
      >
        <Field
          name="Who it is for"
          value={given.note}
          placeholder="Berit, physics"
          onChange={(event) => setGiven({ ...given, note: event.target.value })}
        />
        <label>
          Role
          <select
            aria-label="Role"
            className={`${SELECT} ml-2`}
            value={given.role}
            onChange={(event) => setGiven({ ...given, role: event.target.value as Role })}
          >
            {ROLES.map((role) => (
              <option key={role}>{role}</option>
            ))}
          </select>
        </label>
        <Fault error={invite.error} />
        <div>
          <Button tone="lead" type="submit" disabled={invite.isPending}>
            Make a link
          </Button>
        </div>
      </form>
      <ul className="mt-3">
        {workspace.invitations.map((one) => (
          <li key={one.id} className="flex items-center gap-2 border-b border-line py-1.5">
            <span className="min-w-0 flex-1 break-words">
              {one.note || 'Somebody'}, {one.role}
              <span className="block text-xs text-muted">
                not taken up yet; until {format(one.expiresAt, 'd MMM, HH:mm')}
              </span>
            </span>
            <Button tone="quiet" onClick={() => takeBack.mutate(one.id)}>
              Take back
            </Button>
          </li>
        ))}
      </ul>
      {token && (
        <OneTimeLink
          title="The invitation"
          about="Send it to whom you invite. It works once, for seven days, and is shown only here."
          path={`/link/${token}`}
          close={() => setToken(null)}
        />
      )}
    </Part>
  )
}

function HandedOver() {
  const links = useCopyLinks()
  const { takeBack } = useCopyLinkChanges()
  if (!links.data?.length) return null
  return (
    <Part title="Handed over by link">
      <ul>
        {links.data.map((link) => (
          <li key={link.id} className="flex items-center gap-2 border-b border-line py-1.5">
            <span className="min-w-0 flex-1 break-words">
              {link.title}
              <span className="block text-xs text-muted">
                {link.kind}, by {link.madeBy} · {counted(link.copies, 'copy', 'copies')}
                {link.expiresAt && ` · until ${format(link.expiresAt, 'd MMM yyyy')}`}
              </span>
            </span>
            <May right="write">
              <Button tone="quiet" onClick={() => takeBack.mutate(link.id)}>
                Take back
              </Button>
            </May>
          </li>
        ))}
      </ul>
    </Part>
  )
}

function Workspaces({ workspace }: { readonly workspace: Schemas['WorkspaceDto'] }) {
  const { rename, make, choose, leave, setDeleted } = usePeopleChanges()
  const tell = useTell()
  const navigate = useNavigate()
  const [asked, setAsked] = useState<'name' | 'new' | 'leave' | 'delete' | null>(null)
  const [name, setName] = useState('')
  const close = (): void => setAsked(null)
  const naming = asked === 'name' || asked === 'new'
  const problem = rename.error ?? make.error ?? leave.error ?? setDeleted.error
  const keep = (): void => {
    if (asked === 'name') return rename.mutate(name, { onSuccess: close })
    make.mutate(name, {
      onSuccess: ({ id }) => choose.mutate(id, { onSuccess: () => void navigate('/drafts') }),
    })
  }
  return (
    <Part title="This workspace">
      <div className="flex flex-wrap gap-2">
        <May right="people">
          <Button
            onClick={() => {
              setName(workspace.name)
              setAsked('name')
            }}
          >
            Rename
          </Button>
        </May>
        <Button
          onClick={() => {
            setName('')
            setAsked('new')
          }}
        >
          New workspace
        </Button>
        <May right="people">
          <a
            href="/api/workspace/archive"
            download="workspace.zip"
            className="rounded-[3px] border border-line bg-sheet px-2.5 py-1 hover:border-edge"
          >
            Take it out as a zip
          </a>
        </May>
        <BringIn done={(id) => choose.mutate(id, { onSuccess: () => void navigate('/drafts') })} />
        <Button tone="quiet" onClick={() => setAsked('leave')}>
          Leave
        </Button>
        {!workspace.goneAt && (
          <May right="people">
            <Button tone="quiet" onClick={() => setAsked('delete')}>
              Delete
            </Button>
          </May>
        )}
      </div>
      <Dialog open={naming} close={close} title={asked === 'name' ? 'Rename the workspace' : 'A new workspace'}>
        <form
          className="grid gap-3"
          onSubmit={(event) => {
            event.preventDefault()
            keep()
          }}
        >
          <Field name="Name" autoFocus value={name} onChange={(event) => setName(event.target.value)} />
          <Fault error={problem} />
          <div>
            <Button tone="lead" type="submit" disabled={!name.trim()}>
              {asked === 'name' ? 'Rename' : 'Make it and go there'}
            </Button>
          </div>
        </form>
      </Dialog>
      <Dialog open={asked === 'leave'} close={close} title={`Leave ${workspace.name}?`}>
        <p className="mb-3">You see nothing of it any more until somebody invites you again. Nothing in it is lost.</p>
        <Fault error={problem} />
        <Button tone="lead" onClick={() => leave.mutate(undefined, { onSuccess: close })}>
          Leave
        </Button>
      </Dialog>
      <Dialog open={asked === 'delete'} close={close} title={`Delete ${workspace.name}?`}>
        <p className="mb-3">
          Nobody sees it any more. For 30 days its owners can bring it back; then it is gone for good, with its drafts,
          items, papers and results.
        </p>
        <Fault error={problem} />
        <Button
          tone="lead"
          onClick={() =>
            setDeleted.mutate(true, {
              onSuccess: () => {
                close()
                tell('The workspace was deleted.', { undo: () => setDeleted.mutate(false) })
              },
            })
          }
        >
          Delete it
        </Button>
      </Dialog>
    </Part>
  )
}

/** Makes a workspace of an archive that was taken out before. */
function BringIn({ done }: { readonly done: (id: string) => void }) {
  const input = useRef<HTMLInputElement>(null)
  const { bringIn } = usePeopleChanges()
  const tell = useTell()
  return (
    <>
      <input
        ref={input}
        type="file"
        accept=".zip"
        className="sr-only"
        tabIndex={-1}
        aria-label="Archive to bring in"
        onChange={(event) => {
          const file = event.target.files?.[0]
          event.target.value = ''
          if (file)
            bringIn.mutate(file, {
              onSuccess: ({ id, itemCount, draftCount, paperCount }) => {
                tell(
                  `${counted(itemCount, 'item', 'items')}, ${counted(draftCount, 'draft', 'drafts')} and ${counted(paperCount, 'paper', 'papers')} are in a workspace of their own.`,
                )
                done(id)
              },
              onError: (error) => tell(error.message, { tone: 'trouble' }),
            })
        }}
      />
      <Button onClick={() => input.current?.click()} disabled={bringIn.isPending}>
        {bringIn.isPending ? 'Bringing it in …' : 'Bring one in'}
      </Button>
    </>
  )
}

function RecordPart() {
  const [text, setText] = useState('')
  const record = useRecord(text)
  return (
    <Part title="Record">
      <input
        type="search"
        aria-label="Search the record"
        placeholder="a name, or what was done"
        value={text}
        onChange={(event) => setText(event.target.value)}
        className="mb-2 w-full max-w-sm rounded-[3px] border border-edge bg-sheet px-2.5 py-1"
      />
      {record.data?.entries.length === 0 && <Empty title="Nothing of that was recorded">Try another word.</Empty>}
      <ol>
        {record.data?.entries.map((entry) => (
          <li key={entry.id} className="grid gap-x-3 border-b border-line py-1.5 sm:grid-cols-[7.5rem_1fr]">
            <span className="text-xs text-muted tabular-nums">{format(entry.at, 'd MMM yyyy, HH:mm')}</span>
            <span className="break-words">
              <b className="font-semibold">{entry.by}</b> {entry.says}
            </span>
          </li>
        ))}
      </ol>
      {record.data?.isMore && <p className="mt-2 text-xs text-muted">The newest hundred; search for older ones.</p>}
    </Part>
  )
}
