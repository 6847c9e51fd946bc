import type { QueryClient, QueryKey } from '@tanstack/react-query'

/**
 * Changes what is known by what an event told. An answer that is still under way was given before the event and is dropped:
 * it would put back an older state, and no further event might come to mend it.
 */
export function tellQuery<Known>(client: QueryClient, queryKey: QueryKey, change: (known: Known) => Known): void {
  const known = client.getQueryData<Known>(queryKey)
  if (known === undefined) return
  // Dropping it also takes back what was told since it was asked; that is set anew at once.
  void client.cancelQueries({ queryKey, exact: true })
  client.setQueryData(queryKey, change(known))
}
