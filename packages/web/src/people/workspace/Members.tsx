import { format } from 'date-fns'
import { useState } from 'react'
import type { Schemas } from '../../api/client'
import { useSession } from '../session'
import { Button } from '../../parts/Button'
import { Part } from '../AccountPage'
import { Fault, Field } from '../../parts/fields'
import { OneTimeLink } from '../OneTimeLink'
import { type Role, usePeopleChanges } from '../queries'

const ROLES: readonly Role[] = ['owner', 'editor', 'reviewer', 'viewer']

const ABOUT: Readonly<Record<Role, string>> = {
  owner: 'looks after people and the workspace, and does everything else',
  editor: 'drafts, changes, draws, sends and deletes',
  reviewer: 'signs off, makes remarks, sees results',
  viewer: 'looks',
}

const SELECT = 'rounded-[3px] border border-edge bg-sheet px-1.5 py-1'

export function Members({ workspace }: { readonly workspace: Schemas['WorkspaceDto'] }) {
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

export function Invitations({ workspace }: { readonly workspace: Schemas['WorkspaceDto'] }) {
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
