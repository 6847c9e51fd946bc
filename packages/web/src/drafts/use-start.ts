import { useNavigate } from 'react-router'
import { useTell } from '../parts/notices'
import { useNewDraft, type NewDraft } from './queries'

export type Start = (given: NewDraft) => Promise<void>

/** Makes a draft and goes to its desk. */
export function useStart(): Start {
  const navigate = useNavigate()
  const create = useNewDraft()
  const tell = useTell()
  return (given) =>
    create
      .mutateAsync(given)
      .then((draft) => void navigate(`/drafts/${draft.id}`))
      .catch((error: unknown) =>
        tell(error instanceof Error ? error.message : 'The draft was not made.', { tone: 'trouble' }),
      )
}
