/** What the server is told by its environment. */
export interface ServerSettings {
  readonly databaseUrl: string
  readonly host: string
  readonly port: number
  readonly sessionSecret: string
  /** Origins that deliveries may go to; none: any on this machine. Nothing else is ever called. */
  readonly destinationOrigins: readonly string[]
  /** Where destinations are on this server's side, as a person finds them filled in, by their id. */
  readonly destinationHints?: Readonly<Record<string, string>>
  /** Origins of writing services; none: any on this machine. */
  readonly writingOrigins?: readonly string[]
  /** Origins whose pages are read as sources; none: no page is. What is read there is shown to who asks. */
  readonly pageOrigins?: readonly string[]
  /** How long a destination may take for an answer. */
  readonly destinationTimeoutMs: number
  /** Folder of the built web application; null serves the API alone. */
  readonly webFolder: string | null
  /** Sign-in attempts per minute and address. */
  readonly signInsPerMinute: number
  /** Makes the first owner; null: nobody can be made without an invitation. */
  readonly firstRunToken: string | null
  /** Proxies in front whose word about the address of who asks is taken; 0: none. */
  readonly proxies: number
  /** Tells browsers to come by HTTPS only, for a year. */
  readonly isHttpsOnly: boolean
  /** Does without the database: only for describing the API. */
  readonly offline?: boolean
}

const SHORTEST_SECRET = 32

/** @throws RangeError naming the variable that is missing or not usable. */
export function readSettings(environment: NodeJS.ProcessEnv): ServerSettings {
  const sessionSecret = required(environment, 'SESSION_SECRET')
  if (sessionSecret.length < SHORTEST_SECRET)
    throw new RangeError(`SESSION_SECRET must have ${SHORTEST_SECRET} letters at least.`)
  const firstRunToken = environment['ZAKUSKA_FIRST_RUN_TOKEN'] ?? null
  if (firstRunToken !== null && firstRunToken.length < SHORTEST_SECRET)
    throw new RangeError(`ZAKUSKA_FIRST_RUN_TOKEN must have ${SHORTEST_SECRET} letters at least.`)
  return {
    databaseUrl: required(environment, 'DATABASE_URL'),
    host: environment['ZAKUSKA_HOST'] ?? '127.0.0.1',
    port: wholeNumber(environment, 'PORT', 0, 0, 65_535),
    sessionSecret,
    ...destinationsIn(environment['ZAKUSKA_DESTINATIONS'] ?? ''),
    writingOrigins: originsIn(environment['ZAKUSKA_WRITING'] ?? ''),
    pageOrigins: originsIn(environment['ZAKUSKA_PAGES'] ?? ''),
    destinationTimeoutMs: 1000 * wholeNumber(environment, 'ZAKUSKA_DESTINATION_TIMEOUT', 20, 1, 600),
    webFolder: environment['ZAKUSKA_WEB'] ?? null,
    signInsPerMinute: wholeNumber(environment, 'ZAKUSKA_SIGN_INS_PER_MINUTE', 10, 1, 100_000),
    firstRunToken,
    proxies: wholeNumber(environment, 'ZAKUSKA_PROXIES', 0, 0, 10),
    isHttpsOnly: yesOrNo(environment, 'ZAKUSKA_HTTPS_ONLY'),
  }
}

/** Origins parted by commas; one may be named, as in "inlet=https://forms.school.example". */
function destinationsIn(given: string): Pick<ServerSettings, 'destinationOrigins' | 'destinationHints'> {
  const entries = given
    .split(',')
    .filter(Boolean)
    .map((entry) => /^(?:([a-z]+)=)?(.+)$/.exec(entry.trim()) ?? [])
  return {
    destinationOrigins: entries.map(([, , origin = '']) => origin),
    destinationHints: Object.fromEntries(entries.flatMap(([, id, origin]) => (id && origin ? [[id, origin]] : []))),
  }
}

function originsIn(given: string): string[] {
  return given.split(',').flatMap((origin) => origin.trim() || [])
}

function required(environment: NodeJS.ProcessEnv, name: string): string {
  const value = environment[name]
  if (!value) throw new RangeError(`${name} must be set.`)
  return value
}

function wholeNumber(
  environment: NodeJS.ProcessEnv,
  name: string,
  otherwise: number,
  least: number,
  most: number,
): number {
  const given = environment[name]
  if (given === undefined || given === '') return otherwise
  const value = Number(given)
  if (!Number.isInteger(value) || value < least || value > most)
    throw new RangeError(`${name} must be a whole number from ${least} to ${most}, and is “${given}”.`)
  return value
}

function yesOrNo(environment: NodeJS.ProcessEnv, name: string): boolean {
  const given = environment[name] ?? 'no'
  if (given !== 'yes' && given !== 'no') throw new RangeError(`${name} must be yes or no, and is “${given}”.`)
  return given === 'yes'
}

/** Injection token of `ServerSettings`. */
export const SETTINGS = Symbol('ServerSettings')
