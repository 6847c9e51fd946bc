import { AsyncLocalStorage } from 'node:async_hooks'

const asker = new AsyncLocalStorage<string>()

/** Runs a request for somebody: a person's id, or an address where nobody is signed in. What it starts is in their share. */
export function askedBy<T>(who: string, run: () => T): T {
  return asker.run(who, run)
}

/** Who asks, or nobody in particular: a job of the server's own. */
export function whoAsks(): string {
  return asker.getStore() ?? ''
}
