import { useState } from 'react'
import { useNavigate, type NavigateFunction } from 'react-router'
import type { Schemas } from '../../api/client'
import { Button } from '../../parts/Button'
import { FileButton } from '../../parts/FileButton'
import { Dialog } from '../../parts/Dialog'
import { counted } from '../../parts/item-words'
import { useTell, type Tell } from '../../parts/notices'
import { Part } from '../AccountPage'
import { Fault, Field } from '../../parts/fields'
import { May } from '../May'
import { usePeopleChanges } from '../queries'

export function Workspaces({ workspace }: { readonly workspace: Schemas['WorkspaceDto'] }) {
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
      <Doings setName={setName} workspace={workspace} setAsked={setAsked} choose={choose} navigate={navigate} />
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
      <DeleteDialog
        asked={asked}
        close={close}
        workspace={workspace}
        problem={problem}
        setDeleted={setDeleted}
        tell={tell}
      />
    </Part>
  )
}

function DeleteDialog({
  asked,
  close,
  workspace,
  problem,
  setDeleted,
  tell,
}: {
  readonly asked: 'delete' | 'name' | 'new' | 'leave' | null
  readonly close: () => void
  readonly workspace: Schemas['WorkspaceDto']
  readonly problem: Error | null
  readonly setDeleted: ReturnType<typeof usePeopleChanges>['setDeleted']
  readonly tell: Tell
}) {
  return (
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
  )
}

function Doings({
  setName,
  workspace,
  setAsked,
  choose,
  navigate,
}: {
  readonly setName: (next: string) => void
  readonly workspace: Schemas['WorkspaceDto']
  readonly setAsked: (next: 'delete' | 'name' | 'new' | 'leave' | null) => void
  readonly choose: ReturnType<typeof usePeopleChanges>['choose']
  readonly navigate: NavigateFunction
}) {
  return (
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
  )
}

/** Makes a workspace of an archive that was taken out before. */
function BringIn({ done }: { readonly done: (id: string) => void }) {
  const { bringIn } = usePeopleChanges()
  const tell = useTell()
  const take = (file: File | undefined): void => {
    if (!file) return
    bringIn.mutate(file, {
      onSuccess: ({ id, itemCount, draftCount, paperCount }) => {
        tell(
          `${counted(itemCount, 'item', 'items')}, ${counted(draftCount, 'draft', 'drafts')} and ${counted(paperCount, 'paper', 'papers')} are in a workspace of their own.`,
        )
        done(id)
      },
      onError: (error) => tell(error.message, { tone: 'trouble' }),
    })
  }
  return (
    <FileButton name="Archive to bring in" accept=".zip" open={take} disabled={bringIn.isPending}>
      {bringIn.isPending ? 'Bringing it in …' : 'Bring one in'}
    </FileButton>
  )
}
