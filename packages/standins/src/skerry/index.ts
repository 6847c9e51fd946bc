import { Faults } from '../shared/faults.ts'
import { serve, type Running } from '../shared/serve.ts'
import { createSkerry, type SkerryLimits } from './site.ts'
import type { Temper } from './write.ts'

export interface SkerryStart extends Partial<Temper>, Partial<SkerryLimits> {
  /** 0 takes a free port. */
  readonly port: number
  readonly token: string
  readonly wordsPerSecond?: number
}

/** Of ten drafted items about one is wrong, unless it is set otherwise: what is drafted has to be read. */
const MISTAKES = 0.1

/** Starts the stand-in for a writing service on loopback. It shares no code with Zakuska. */
export function startSkerry({ port, token, words = 3000, units = 2500, ...temper }: SkerryStart): Promise<Running> {
  const state = {
    next: 1,
    temper: { manner: null, mistakes: MISTAKES, seed: 1, wordsPerSecond: 60, pauseAfter: null, ...temper },
  }
  return serve(createSkerry(state, new Faults(), token, { words, units }), port)
}
