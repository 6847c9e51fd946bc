import { analyse, type Attempt, type Item, type ScoreSettings } from '@zakuska/core'

export interface AnalysisRequest {
  readonly bodies: readonly Item[]
  readonly attempts: readonly Attempt[]
  readonly settings: ScoreSettings
}

addEventListener('message', ({ data }: MessageEvent<AnalysisRequest>) => {
  postMessage(analyse(data.bodies, data.attempts, data.settings))
})
