import type { Express, NextFunction, Request, Response } from 'express'

/** What a caller did wrong, in one sentence; `at`: the field that it is about. */
export class Problem extends Error {
  readonly status: number
  readonly at: string | null

  constructor(message: string, status = 400, at: string | null = null) {
    super(message)
    this.status = status
    this.at = at
  }
}

/** Answers what is not there, and what went wrong; to be added last. */
export function answerProblems(site: Express): void {
  site.use((_request, response) => void response.status(404).json({ error: 'There is nothing here.' }))
  site.use((error: unknown, _request: Request, response: Response, _next: NextFunction) => {
    const status =
      error instanceof Problem
        ? error.status
        : typeof error === 'object' && error !== null && 'status' in error
          ? Number(error.status)
          : 500
    const at = error instanceof Problem && error.at !== null ? { at: error.at } : {}
    response.status(status).json({ error: error instanceof Error ? error.message : 'Something went wrong.', ...at })
  })
}
