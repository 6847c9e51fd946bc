import { setTimeout as sleep } from 'node:timers/promises'

const LONGEST_MS = 60_000

/** Waits for what a test means, however long the machine takes for it. @throws Error with `what`, after a minute. */
export async function until(what: string, holds: () => boolean | Promise<boolean>): Promise<void> {
  const end = Date.now() + LONGEST_MS
  while (!(await holds())) {
    if (Date.now() > end) throw new Error(`It did not come to this: ${what}.`)
    await sleep(20)
  }
}

/** Timers that keep the process from ending. */
export function timersUnderWay(): number {
  return process.getActiveResourcesInfo().filter((name) => name === 'Timeout').length
}
