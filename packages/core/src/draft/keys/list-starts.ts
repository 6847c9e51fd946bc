/** Where an entry of a list could start. */
interface Start {
  readonly id: string
  readonly line: number
  readonly from: number
}

/** How much a number looks like the start of an entry, by what stands before it and round it. */
export function startWorth(lead: string, number: string): number {
  const isFirst = /^[\s*|([•–-]*(?:[\p{L}]{1,14}\.?\s{1,4}){0,2}$/u.test(lead)
  const apart = /(?:\s{2,}|[,;|)\t•·]\s*|[.]\s+)$/u.test(lead)
  const dressed = /[^\p{L}\p{N}\s]$/u.test(number)
  return (isFirst ? 0.35 : apart ? 0.15 : 0) + (dressed ? 0.1 : 0)
}

/** "Ex 1: 1 is working": the number of the exercise, right before that of its first item. */
export function isOfExercise(above: (Start & { readonly to: number }) | undefined, next: Start, text: string): boolean {
  if (above?.line !== next.line || above.id !== next.id || next.from - above.to > 1) return false
  return /\p{L}{2}\.?\s{0,2}$/u.test(text.slice(0, above.from))
}
