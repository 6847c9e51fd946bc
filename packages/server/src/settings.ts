/** What the server is told by its environment. */
export interface ServerSettings {
  readonly databaseUrl: string
  readonly port: number
  readonly sessionSecret: string
  /** Origins that deliveries may go to; nothing else is ever called. */
  readonly destinationOrigins: readonly string[]
  /** Folder of the built web application; null serves the API alone. */
  readonly webFolder: string | null
  /** Sign-in attempts per minute and address. */
  readonly signInsPerMinute: number
  /** Does without the database: only for describing the API. */
  readonly offline?: boolean
}

/** @throws RangeError naming the variable that is missing. */
export function readSettings(environment: NodeJS.ProcessEnv): ServerSettings {
  return {
    databaseUrl: required(environment, 'DATABASE_URL'),
    port: Number(environment['PORT'] ?? 0),
    sessionSecret: required(environment, 'SESSION_SECRET'),
    destinationOrigins: (environment['ZAKUSKA_DESTINATIONS'] ?? '').split(',').filter(Boolean),
    webFolder: environment['ZAKUSKA_WEB'] ?? null,
    signInsPerMinute: Number(environment['ZAKUSKA_SIGN_INS_PER_MINUTE'] ?? 10),
  }
}

function required(environment: NodeJS.ProcessEnv, name: string): string {
  const value = environment[name]
  if (!value) throw new RangeError(`${name} must be set.`)
  return value
}

/** Injection token of `ServerSettings`. */
export const SETTINGS = Symbol('ServerSettings')
