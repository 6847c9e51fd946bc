import { Faults } from '../shared/faults.ts'
import { serve, type Running } from '../shared/serve.ts'
import { JsonStore } from '../shared/store.ts'
import { EMPTY } from './model.ts'
import { createFoghorn } from './site.ts'

export interface FoghornStart {
  /** 0 takes a free port. */
  readonly port: number
  /** Where everything is kept; null keeps it in memory. */
  readonly file: string | null
  readonly token: string
}

/** Starts the stand-in for a live game on loopback. It shares no code with Zakuska. */
export function startFoghorn({ port, file, token }: FoghornStart): Promise<Running> {
  return serve(createFoghorn(new JsonStore(file, structuredClone(EMPTY)), new Faults(), token), port)
}
