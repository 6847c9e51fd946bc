const STEP = /^(-?\d{1,3})(?:\s*[–—:=.)-]\s*(\S.*))?$/su
const FEWEST_STEPS = 3

export interface Rating {
  readonly low: number
  readonly high: number
  readonly lowLabel?: string
  readonly highLabel?: string
}

/** Choices that only count on, `1 – never` … `5 – always`, and of which none is right, rate something; else null. */
export function ratingOf(choices: readonly string[]): Rating | null {
  const steps = choices.map((text) => STEP.exec(text.trim()))
  const values = steps.map((step) => Number(step?.[1] ?? Number.NaN))
  const [low = 0] = values
  if (choices.length < FEWEST_STEPS || values.some((value, at) => value !== low + at)) return null
  const [lowLabel, highLabel] = [steps[0]?.[2], steps.at(-1)?.[2]]
  return {
    low,
    high: low + choices.length - 1,
    ...(lowLabel !== undefined && { lowLabel }),
    ...(highLabel !== undefined && { highLabel }),
  }
}
