import { createServer } from 'node:http'
import type { AddressInfo } from 'node:net'
import { createSite } from './site.ts'
import { Store } from './store.ts'

export interface BreakwaterSettings {
  /** 0 takes a free port. */
  readonly port: number
  /** Where everything is kept; null keeps it in memory. */
  readonly file: string | null
  readonly token: string
}

export interface RunningSite {
  readonly url: string
  readonly close: () => Promise<void>
}

/** Starts the course-site stand-in on loopback. It shares no code with Zakuska: it reads and grades on its own. */
export async function startBreakwater(settings: BreakwaterSettings): Promise<RunningSite> {
  const store = new Store(settings.file)
  const server = createServer(createSite(store, settings.token, () => new Date()))
  await new Promise<void>((resolve, reject) => {
    server.once('error', reject)
    server.listen(settings.port, '127.0.0.1', resolve)
  })
  const { port } = server.address() as AddressInfo
  return {
    url: `http://127.0.0.1:${port}`,
    close: () =>
      new Promise((resolve) => {
        server.close(() => resolve())
        server.closeAllConnections()
      }),
  }
}
