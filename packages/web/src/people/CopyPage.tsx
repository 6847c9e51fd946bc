import { useNavigate, useParams } from 'react-router'
import type { Schemas } from '../api/client'
import { Head } from '../parts/Head'
import { useSession } from './session'
import { Button } from '../parts/Button'
import { Problem, Waiting } from '../parts/Empty'
import { counted } from '../parts/item-words'
import { ItemExtras, ItemView } from '../parts/ItemView'
import { useTell } from '../parts/notices'
import { May } from './May'
import { useCopy } from './queries'

/** What somebody hands over, to look through before it is copied. */
export function CopyPage() {
  const { token = '' } = useParams()
  const { preview, take } = useCopy(token)
  const person = useSession().data
  const navigate = useNavigate()
  const tell = useTell()
  if (preview.isPending) return <Waiting what="what is handed over" />
  if (preview.isError) return <Problem error={preview.error} />
  const { data } = preview
  const copy = (): void =>
    take.mutate(undefined, {
      onSuccess: (made) => {
        tell(made.itemCount ? `${counted(made.itemCount, 'item was', 'items were')} copied.` : 'The draft was copied.')
        void navigate(made.kind === 'items' ? '/bank?sort=newest' : `/${made.kind}s/${made.id ?? ''}`)
      },
    })
  return (
    <>
      <Head title={data.title} about={`handed over by ${data.madeBy}, from ${data.from}`}>
        <May right="write" to={`copy it into ${person?.workspace ?? 'this workspace'}`}>
          <Button tone="lead" onClick={copy} disabled={take.isPending}>
            {take.isPending ? 'Copying …' : `Copy into ${person?.workspace ?? 'my workspace'}`}
          </Button>
        </May>
      </Head>
      {take.error && <Problem error={take.error} />}
      <div className="min-h-0 flex-1 overflow-y-auto bg-rye px-3 py-5 sm:px-[18px]">
        <div className="mx-auto max-w-3xl">
          {data.text !== null && (
            <pre dir="auto" className="border border-line bg-sheet p-5 font-mono text-[13px] whitespace-pre-wrap">
              {data.text}
            </pre>
          )}
          {byCategory(data.items).map(([category, items]) => (
            <section key={category} aria-label={category || 'At the top of the bank'} className="mb-6">
              <h2 className="mb-2 text-xs font-semibold text-muted">
                {category ? `Into ${category.replaceAll('/', ' › ')}` : 'At the top of the bank'} ·{' '}
                {counted(items.length, 'item', 'items')}
              </h2>
              {items.map((item, at) => (
                <div key={at} className="mb-2 border border-line bg-sheet p-4">
                  <ItemView item={item.body} />
                  <ItemExtras item={item.body} />
                </div>
              ))}
            </section>
          ))}
        </div>
      </div>
    </>
  )
}

type Copied = Schemas['CopiedItemDto']

function byCategory(items: readonly Copied[]): [string, Copied[]][] {
  const found = new Map<string, Copied[]>()
  for (const item of items) found.set(item.category, [...(found.get(item.category) ?? []), item])
  return [...found]
}
