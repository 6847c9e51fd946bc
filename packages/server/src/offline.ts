import type { ServerSettings } from './settings/settings.ts'

/** An application that is looked at and does not listen: nothing is asked of a database before it does. */
export const OFFLINE: ServerSettings = {
  databaseUrl: 'postgresql://nobody@127.0.0.1:1/none',
  host: '127.0.0.1',
  port: 0,
  sessionSecret: 'none',
  destinationOrigins: [],
  destinationTimeoutMs: 1000,
  webFolder: null,
  signInsPerMinute: 10,
  firstRunToken: null,
  proxies: 0,
  isHttpsOnly: false,
  offline: true,
}
