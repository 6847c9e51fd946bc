import { DropdownMenu } from 'radix-ui'
import { useNavigate } from 'react-router'
import { counted } from '../parts/item-words'
import { useTell } from '../parts/notices'
import { usePaperChanges, usePapers } from './queries'

const ENTRY = 'cursor-pointer px-3 py-1 outline-none data-[highlighted]:bg-mustard-wash'

/** Puts picked items on a new paper, or behind those of one that is there. */
export function AddToPaper({ itemIds, done }: { readonly itemIds: readonly string[]; readonly done: () => void }) {
  const papers = usePapers()
  const { create, append } = usePaperChanges()
  const navigate = useNavigate()
  const tell = useTell()
  const failed = (error: Error): void => tell(error.message, { tone: 'trouble' })
  const start = (): void =>
    create.mutate(
      { title: 'New paper', itemIds: [...itemIds] },
      {
        onError: failed,
        onSuccess: (paper) => {
          done()
          void navigate(`/papers/${paper.id}`)
        },
      },
    )
  const onto = (id: string): void =>
    append.mutate(
      { id, itemIds: [...itemIds] },
      {
        onError: failed,
        onSuccess: ({ paper, added }) => {
          done()
          tell(`${counted(added, 'item was', 'items were')} added to “${paper.title}”.`)
        },
      },
    )
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger
        disabled={!itemIds.length}
        className="rounded-[3px] border border-mustard bg-mustard px-2.5 py-1 font-semibold text-on-mustard disabled:cursor-not-allowed disabled:border-line disabled:bg-sheet disabled:font-normal disabled:text-muted"
      >
        Add to a paper
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          side="top"
          align="start"
          sideOffset={6}
          className="z-30 max-h-80 min-w-56 overflow-y-auto rounded-[3px] border border-ink bg-sheet py-1"
        >
          <DropdownMenu.Item className={`${ENTRY} font-semibold`} onSelect={start}>
            New paper
          </DropdownMenu.Item>
          {papers.data
            ?.filter((paper) => paper.versionOf === null)
            .map((paper) => (
              <DropdownMenu.Item key={paper.id} className={ENTRY} onSelect={() => onto(paper.id)}>
                {paper.title}
              </DropdownMenu.Item>
            ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  )
}
