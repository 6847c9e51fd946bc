import 'reflect-metadata'
import { randomBytes } from 'node:crypto'
import { existsSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { NestFactory } from '@nestjs/core'
import { RequestContext } from '@mikro-orm/core'
import { MikroORM } from '@mikro-orm/postgresql'
import type { NestExpressApplication } from '@nestjs/platform-express'
import { DocumentBuilder, SwaggerModule, type OpenAPIObject } from '@nestjs/swagger'
import compression from 'compression'
import connectPgSimple from 'connect-pg-simple'
import type { NextFunction, Request, Response } from 'express'
import session from 'express-session'
import helmet from 'helmet'
import { Logger } from 'nestjs-pino'
import { AccountConnections } from './accounts/account-connections.ts'
import { AccountsService } from './accounts/accounts.service.ts'
import { gate } from './accounts/gate.ts'
import { AppModule } from './app.module.ts'
import { bodies } from './http/bodies.ts'
import { sameOrigin } from './http/same-origin.ts'
import type { ServerSettings } from './settings/settings.ts'
import { CORE_SCHEMAS } from './http/core-schemas.ts'
import { askedBy } from './work/asker.ts'

const SESSION_DAYS = 14
const DAY_MS = 86_400_000
const YEAR_S = 31_536_000
const PRUNE_S = 900

/**
 * The server, ready to listen: security headers, session, the API, and the web application if it is built. Who asks and
 * whether they may is settled before a body is read.
 */
export async function createApplication(settings: ServerSettings): Promise<NestExpressApplication> {
  const app = await NestFactory.create<NestExpressApplication>(AppModule.with(settings), {
    bufferLogs: true,
    abortOnError: false,
    bodyParser: false,
  })
  app.useLogger(app.get(Logger))
  app.disable('x-powered-by')
  if (settings.proxies) app.set('trust proxy', settings.proxies)
  app.use(headers(settings))
  app.use(compression({ filter: isCompressed }))
  const accounts = app.get(AccountsService)
  const { em } = app.get(MikroORM)
  // Who watches the server has no session.
  const signedIn = ({ session }: { readonly session?: Request['session'] }) =>
    session?.personId === undefined
      ? Promise.resolve(null)
      : RequestContext.create(em, () => accounts.find(session.personId ?? '', session.workspaceId ?? null))
  app.use('/api', notStored, sameOrigin, sessions(app, settings))
  app.use(['/api', '/healthz', '/readyz'], withWholePath(gate(signedIn)))
  app.use('/api', bodies)
  app.use((request: Request, _response: Response, next: NextFunction) =>
    askedBy(request.signedIn?.id ?? request.ip ?? '', next),
  )
  app.enableShutdownHooks()
  if (settings.webFolder) serveWeb(app, settings.webFolder)
  return app
}

/** What is answered belongs to who asked; what may be kept says so itself. */
function notStored(_request: Request, response: Response, next: NextFunction): void {
  response.set('cache-control', 'no-store')
  next()
}

type Handler = (request: Request, response: Response, next: NextFunction) => void

/** Express takes the mounting path off; who looks at the whole address needs it back. */
function withWholePath(handler: Handler): Handler {
  return (request, response, next) => {
    const { url, baseUrl } = request
    Object.assign(request, { url: baseUrl + url, baseUrl: '' })
    handler(request, response, (error?: unknown) => {
      Object.assign(request, { url, baseUrl })
      next(error)
    })
  }
}

/** Events are told as they come, and not gathered to be made smaller. */
function isCompressed(request: Request, response: Response): boolean {
  const type = String(response.getHeader('content-type') ?? '')
  return !type.startsWith('text/event-stream') && compression.filter(request, response)
}

const NO_NONCE = '"style-nonce" content=""'

/** A word that only this answer's page knows. */
function nonceOf(response: Response): string {
  response.locals['nonce'] ??= randomBytes(16).toString('base64')
  return String(response.locals['nonce'])
}

function headers(settings: ServerSettings): ReturnType<typeof helmet> {
  return helmet({
    contentSecurityPolicy: {
      directives: {
        // Only what the page itself names may be put in while it runs: the styles of its editors.
        'style-src': ["'self'", (_request, response) => `'nonce-${nonceOf(response as Response)}'`],
        'img-src': ["'self'", 'data:'],
        'font-src': ["'self'"],
        'upgrade-insecure-requests': null,
      },
    },
    strictTransportSecurity: settings.isHttpsOnly && { maxAge: YEAR_S, includeSubDomains: false },
  })
}

function sessions(app: NestExpressApplication, settings: ServerSettings): ReturnType<typeof session> {
  const PgStore = connectPgSimple(session)
  const store = new PgStore({
    pool: app.get(AccountConnections).pool,
    tableName: 'session',
    pruneSessionInterval: settings.offline ? false : PRUNE_S,
    errorLog: () => undefined,
  })
  return session({
    name: 'zakuska',
    secret: settings.sessionSecret,
    store,
    resave: false,
    saveUninitialized: false,
    rolling: true,
    cookie: { httpOnly: true, sameSite: 'lax', secure: 'auto', maxAge: SESSION_DAYS * DAY_MS },
  })
}

/** Every address that is no file and not the API belongs to the web application's own router, whatever is accepted. */
function serveWeb(app: NestExpressApplication, folder: string): void {
  const index = join(folder, 'index.html')
  if (!existsSync(index)) return
  const page = readFileSync(index, 'utf8')
  app.useStaticAssets(folder, { index: false, maxAge: DAY_MS, immutable: true })
  app.use((request: Request, response: Response, next: NextFunction) => {
    const isPage = request.method === 'GET' || request.method === 'HEAD'
    const isOwn = /^\/(?:api|healthz|readyz|assets|pictures)(?:\/|$)/.test(request.path)
    if (!isPage || isOwn) return next()
    response
      .set('cache-control', 'no-store')
      .type('html')
      .send(page.replace(NO_NONCE, `"style-nonce" content="${nonceOf(response)}"`))
  })
}

/** The API's own description, from which the web application's client is typed. */
export function describeApi(app: NestExpressApplication): OpenAPIObject {
  const described = SwaggerModule.createDocument(app, new DocumentBuilder().setTitle('Zakuska').setVersion('1').build())
  const { schemas } = described.components ?? {}
  return { ...described, components: { ...described.components, schemas: { ...schemas, ...CORE_SCHEMAS } } }
}
