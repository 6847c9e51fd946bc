import { Faults } from '../shared/faults.ts'
import { serve, type Running } from '../shared/serve.ts'
import { JsonStore } from '../shared/store.ts'
import { EMPTY, LIMITS, type Limits } from './model.ts'
import { createInlet } from './site.ts'

export interface InletStart {
  /** 0 takes a free port. */
  readonly port: number
  /** Where everything is kept; null keeps it in memory. */
  readonly file: string | null
  /** How long an access token works, in seconds. */
  readonly tokenSeconds?: number
  /** Where it has other limits than usual. */
  readonly limits?: Partial<Limits>
}

/** On loopback, on any port: where Zakuska takes up what was allowed. */
const REDIRECT = 'http://127.0.0.1/api/connections/return'

/** Starts the stand-in for online forms on loopback. It shares no code with Zakuska. */
export function startInlet({ port, file, tokenSeconds = 3600, limits }: InletStart): Promise<Running> {
  const store = new JsonStore(file, structuredClone(EMPTY))
  const site = createInlet(store, new Faults(), {
    clients: [{ id: 'zakuska', name: 'Zakuska', redirects: [REDIRECT] }],
    tokenSeconds,
    limits: { ...LIMITS, ...limits },
    now: () => new Date(),
  })
  return serve(site, port)
}
