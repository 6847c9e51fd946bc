import { useQueryClient } from '@tanstack/react-query'
import { useCallback } from 'react'
import { api, dataOf } from '../api/client'
import { paperKeys } from './queries'

/**
 * A paper of items, on the straight way to sending: one of the same title that has some of them already is added to, else
 * a new one is made. What is in it is not put in twice.
 */
export function usePaperOf(): (title: string, itemIds: readonly string[]) => Promise<string> {
  const client = useQueryClient()
  return useCallback(
    async (title, itemIds) => {
      const papers = await client.fetchQuery({
        queryKey: paperKeys.list,
        queryFn: () => dataOf(api.GET('/api/papers')),
        staleTime: 0,
      })
      const wanted = new Set(itemIds)
      for (const { id } of papers.filter((one) => one.title === title && one.versionOf === null)) {
        const path = { params: { path: { id } } }
        const known = await dataOf(api.GET('/api/papers/{id}', path))
        if (!known.entries.some(({ itemId }) => wanted.has(itemId))) continue
        await dataOf(api.POST('/api/papers/{id}/items', { ...path, body: { itemIds: [...itemIds] } }))
        await client.invalidateQueries({ queryKey: ['papers'] })
        return id
      }
      const made = await dataOf(api.POST('/api/papers', { body: { title, itemIds: [...itemIds] } }))
      await client.invalidateQueries({ predicate: (query) => query.queryKey[0] !== 'drafts' })
      return made.id
    },
    [client],
  )
}

/** Where such a paper is looked at and sent. */
export function straightOn(paperId: string): string {
  return `/dispatch/paper/${paperId}?straight`
}
