import {
  UniqueConstraintViolationException,
  ForeignKeyConstraintViolationException,
  DriverException,
  LockWaitTimeoutException,
  DeadlockException,
} from '@mikro-orm/core'
import { Catch, HttpException, HttpStatus, Logger, type ArgumentsHost, type ExceptionFilter } from '@nestjs/common'
import { FormatError } from '@zakuska/core'
import { PackageError } from '@zakuska/documents'
import type { Response } from 'express'

export interface Problem {
  readonly status: number
  readonly message: string
}

/** Every error leaves as one clear sentence: `{ statusCode, message }`. */
@Catch()
export class ProblemFilter implements ExceptionFilter {
  readonly #log = new Logger('problem')

  catch(error: unknown, host: ArgumentsHost): void {
    const response = host.switchToHttp().getResponse<Response>()
    const { status, message } = this.#explain(error)
    if (response.headersSent) response.end()
    else response.status(status).json({ statusCode: status, message })
  }

  #explain(error: unknown): Problem {
    if (error instanceof HttpException) return { status: error.getStatus(), message: sentence(error) }
    if (error instanceof FormatError || error instanceof PackageError)
      return { status: HttpStatus.UNPROCESSABLE_ENTITY, message: error.message }
    const known = ofBody(error) ?? ofDatabase(error)
    if (known) return known
    this.#log.error(safeToLog(error))
    return {
      status: HttpStatus.INTERNAL_SERVER_ERROR,
      message: 'Something went wrong here. Nothing was changed; try again.',
    }
  }
}

function sentence(error: HttpException): string {
  const body = error.getResponse()
  const message = typeof body === 'object' && 'message' in body ? body.message : body
  return Array.isArray(message) ? `${message.join('; ')}.` : String(message)
}

/** What the readers of bodies say, by their `type` or `status`. */
export function ofBody(error: unknown): Problem | null {
  if (typeof error !== 'object' || error === null) return null
  const type = 'type' in error ? error.type : ''
  if (type === 'entity.too.large')
    return { status: HttpStatus.PAYLOAD_TOO_LARGE, message: 'This is larger than the server takes at once.' }
  if (type === 'entity.parse.failed') return { status: HttpStatus.BAD_REQUEST, message: 'The body is not JSON.' }
  if (type === 'charset.unsupported' || type === 'encoding.unsupported')
    return { status: HttpStatus.UNSUPPORTED_MEDIA_TYPE, message: 'The body is in an encoding that is not read here.' }
  const status = 'status' in error ? Number(error.status) : 0
  return status >= 400 && status < 500 ? { status, message: 'This request cannot be read.' } : null
}

/** What the database refuses: of two that do the same at once one; a reference to what is gone; what it cannot hold. */
function ofDatabase(error: unknown): Problem | null {
  if (error instanceof UniqueConstraintViolationException)
    return { status: HttpStatus.CONFLICT, message: 'Somebody did the same at the same time. Look again.' }
  if (error instanceof ForeignKeyConstraintViolationException)
    return { status: HttpStatus.CONFLICT, message: 'Something that this belongs to is gone. Look again.' }
  if (error instanceof DeadlockException || error instanceof LockWaitTimeoutException)
    return { status: HttpStatus.CONFLICT, message: 'Somebody changed the same at the same time. Try again.' }
  const code = codeOf(error)
  // SQLSTATE class 22: data exceptions (a number out of range, a character that cannot be kept).
  if (code.startsWith('22')) return { status: HttpStatus.BAD_REQUEST, message: 'A value in this cannot be kept.' }
  // 08, 57P: the connection is lost, or the database stops and starts.
  if (/^(?:08|57P)/.test(code) || /ECONNREFUSED|ECONNRESET|terminat|Connection ended/i.test(messageOf(error)))
    return { status: HttpStatus.SERVICE_UNAVAILABLE, message: 'The database does not answer. Try again in a moment.' }
  if (code.startsWith('53'))
    return { status: HttpStatus.INSUFFICIENT_STORAGE, message: 'The server has no room left. Nothing was changed.' }
  return null
}

function codeOf(error: unknown): string {
  return typeof error === 'object' && error !== null && 'code' in error ? String(error.code) : ''
}

function messageOf(error: unknown): string {
  return error instanceof Error ? error.message : String(error)
}

/** Failing statements name their values, which are people's texts: of them only the code and the place are kept. */
export function safeToLog(error: unknown): string {
  if (!(error instanceof Error)) return 'something that is no error was thrown'
  const places = (error.stack ?? '').split('\n').filter((line) => /^\s+at /.test(line))
  const isSql = error instanceof DriverException || codeOf(error) !== ''
  const head = isSql ? `${error.name} ${codeOf(error)}` : `${error.name}: ${error.message.slice(0, 300)}`
  return [head, ...places].join('\n')
}
