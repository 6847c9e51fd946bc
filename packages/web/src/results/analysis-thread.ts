import type { Analysis } from '@zakuska/core'
import type { AnalysisRequest } from './analysis.worker'

/** The analysis of many people, made beside the page, so that it can still be scrolled and typed in. */
export function analysedApart(request: AnalysisRequest): Promise<Analysis> {
  const worker = new Worker(new URL('./analysis.worker.ts', import.meta.url), { type: 'module' })
  return new Promise<Analysis>((resolve, reject) => {
    worker.onmessage = ({ data }: MessageEvent<Analysis>) => resolve(data)
    worker.onerror = ({ message }) => reject(new Error(message))
    worker.postMessage(request)
  }).finally(() => worker.terminate())
}
