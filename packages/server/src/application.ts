import 'reflect-metadata'
import { existsSync } from 'node:fs'
import { join } from 'node:path'
import { NestFactory } from '@nestjs/core'
import type { NestExpressApplication } from '@nestjs/platform-express'
import { DocumentBuilder, SwaggerModule, type OpenAPIObject } from '@nestjs/swagger'
import connectPgSimple from 'connect-pg-simple'
import type { NextFunction, Request, Response } from 'express'
import session from 'express-session'
import helmet from 'helmet'
import { Logger } from 'nestjs-pino'
import pg from 'pg'
import { AppModule } from './app.module.ts'
import { sameOrigin } from './http/same-origin.ts'
import type { ServerSettings } from './settings.ts'

const MAX_BODY = '12mb'
/** A little over what a file may have, so that a larger one is told by its reader in words. */
const MAX_FILE_BODY = '21mb'
const SESSION_DAYS = 14
const DAY_MS = 86_400_000

/** The server, ready to listen: security headers, session, the API, and the web application if it is built. */
export async function createApplication(settings: ServerSettings): Promise<NestExpressApplication> {
  const app = await NestFactory.create<NestExpressApplication>(AppModule.with(settings), {
    bufferLogs: true,
    abortOnError: false,
  })
  app.useLogger(app.get(Logger))
  app.disable('x-powered-by')
  app.use(
    helmet({
      contentSecurityPolicy: {
        directives: {
          'style-src': ["'self'", "'unsafe-inline'"],
          'img-src': ["'self'", 'data:'],
          'upgrade-insecure-requests': null,
        },
      },
      strictTransportSecurity: false,
    }),
  )
  app.useBodyParser('json', { limit: MAX_BODY })
  app.useBodyParser('raw', { type: 'application/octet-stream', limit: MAX_FILE_BODY })
  app.use('/api', sameOrigin, sessions(app, settings))
  app.enableShutdownHooks()
  if (settings.webFolder) serveWeb(app, settings.webFolder)
  return app
}

function sessions(app: NestExpressApplication, settings: ServerSettings): ReturnType<typeof session> {
  const PgStore = connectPgSimple(session)
  const pool = new pg.Pool({ connectionString: settings.databaseUrl, max: 4 })
  pool.on('error', () => undefined)
  closeWith(app, () => pool.end())
  return session({
    name: 'zakuska',
    secret: settings.sessionSecret,
    store: new PgStore({ pool, tableName: 'session', pruneSessionInterval: false }),
    resave: false,
    saveUninitialized: false,
    rolling: true,
    cookie: { httpOnly: true, sameSite: 'lax', secure: 'auto', maxAge: SESSION_DAYS * DAY_MS },
  })
}

function closeWith(app: NestExpressApplication, close: () => Promise<void>): void {
  const closeApp = app.close.bind(app)
  app.close = async () => {
    await closeApp()
    await close()
  }
}

/** Every address that is no file and not the API belongs to the web application's own router. */
function serveWeb(app: NestExpressApplication, folder: string): void {
  const index = join(folder, 'index.html')
  if (!existsSync(index)) return
  app.useStaticAssets(folder, { index: false, maxAge: DAY_MS, immutable: true })
  app.use((request: Request, response: Response, next: NextFunction) => {
    const page =
      request.method === 'GET' &&
      !request.path.startsWith('/api') &&
      (request.get('accept') ?? '').includes('text/html')
    if (page) response.set('cache-control', 'no-cache').sendFile(index)
    else next()
  })
}

/** The API's own description, from which the web application's client is typed. */
export function describeApi(app: NestExpressApplication): OpenAPIObject {
  return SwaggerModule.createDocument(app, new DocumentBuilder().setTitle('Zakuska').setVersion('1').build())
}
