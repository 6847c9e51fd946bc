import { format } from 'date-fns'
import { Link } from 'react-router'
import { Head } from '../parts/Head'
import { Button } from '../parts/Button'
import { Problem, Waiting } from '../parts/Empty'
import { counted } from '../parts/item-words'
import { Part } from './AccountPage'
import { May } from './May'
import { useCopyLinkChanges, useCopyLinks, usePeopleChanges, useWorkspace } from './queries'
import { Invitations, Members } from './workspace/Members'
import { Workspaces } from './workspace/Workspaces'
import { RecordPart } from './workspace/RecordPart'

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
