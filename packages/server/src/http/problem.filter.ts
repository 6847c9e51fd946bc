import { Catch, HttpException, HttpStatus, Logger, type ArgumentsHost, type ExceptionFilter } from '@nestjs/common'
import { FormatError } from '@zakuska/core'
import { PackageError } from '@zakuska/documents'
import type { Response } from 'express'

/** Every error leaves as one clear sentence: `{ statusCode, message }`. */
@Catch()
export class ProblemFilter implements ExceptionFilter {
  readonly #log = new Logger('problem')

  catch(error: unknown, host: ArgumentsHost): void {
    const response = host.switchToHttp().getResponse<Response>()
    const { status, message } = this.#explain(error)
    response.status(status).json({ statusCode: status, message })
  }

  #explain(error: unknown): { readonly status: number; readonly message: string } {
    if (error instanceof HttpException) return { status: error.getStatus(), message: sentence(error) }
    if (error instanceof FormatError || error instanceof PackageError)
      return { status: HttpStatus.UNPROCESSABLE_ENTITY, message: error.message }
    if (isTooLarge(error))
      return { status: HttpStatus.PAYLOAD_TOO_LARGE, message: 'This is larger than the server takes at once.' }
    this.#log.error(error instanceof Error ? error.stack : String(error))
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

function isTooLarge(error: unknown): boolean {
  return typeof error === 'object' && error !== null && 'type' in error && error.type === 'entity.too.large'
}
