import { useOthers } from './queries'

/** Who else has this open right now; nothing where nobody has. */
export function Others({ place }: { readonly place: string }) {
  const others = useOthers(place).data?.others ?? []
  if (!others.length) return null
  return (
    <span role="status" className="text-xs text-muted">
      <span aria-hidden="true">● </span>
      {others.join(', ')} {others.length === 1 ? 'is' : 'are'} here, too
    </span>
  )
}
