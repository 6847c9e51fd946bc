import { Faults } from '../shared/faults.ts'
import { serve, type Running } from '../shared/serve.ts'
import { createSite } from './site.ts'
import { openStore } from './store.ts'

export interface BreakwaterSettings {
  /** 0 takes a free port. */
  readonly port: number
  /** Where everything is kept; null keeps it in memory. */
  readonly file: string | null
  readonly token: string
}

export type RunningSite = Running

/** Starts the course-site stand-in on loopback. It shares no code with Zakuska: it reads and grades on its own. */
export function startBreakwater({ port, file, token }: BreakwaterSettings): Promise<RunningSite> {
  return serve(
    createSite(openStore(file), new Faults(), token, () => new Date()),
    port,
  )
}
