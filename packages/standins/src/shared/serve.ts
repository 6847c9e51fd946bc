import { createServer } from 'node:http'
import type { AddressInfo } from 'node:net'
import type { Express } from 'express'

export interface Running {
  readonly url: string
  readonly close: () => Promise<void>
}

/** Serves on loopback; port 0 takes a free one. */
export async function serve(site: Express, port: number): Promise<Running> {
  const server = createServer(site)
  await new Promise<void>((resolve, reject) => {
    server.once('error', reject)
    server.listen(port, '127.0.0.1', resolve)
  })
  const address = server.address() as AddressInfo
  return {
    url: `http://127.0.0.1:${address.port}`,
    close: () =>
      new Promise((resolve) => {
        server.close(() => resolve())
        server.closeAllConnections()
      }),
  }
}
