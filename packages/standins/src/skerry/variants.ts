/** Longer words and shorter ones that say the same; common practice of plain language. */
const PLAIN: readonly (readonly [RegExp, string])[] = [
  [/\bapproximately\b/gi, 'about'],
  [/\badditional\b/gi, 'more'],
  [/\bassist(s|ed)?\b/gi, 'help$1'],
  [/\bcommence(s|d)?\b/gi, 'begin$1'],
  [/\bconsequently\b/gi, 'so'],
  [/\bdemonstrate(s|d)?\b/gi, 'show$1'],
  [/\bdetermine(s)?\b/gi, 'find out'],
  [/\bfrequently\b/gi, 'often'],
  [/\bindicate(s)?\b/gi, 'show$1'],
  [/\binitial\b/gi, 'first'],
  [/\bnumerous\b/gi, 'many'],
  [/\bobtain(s)?\b/gi, 'get$1'],
  [/\bprior to\b/gi, 'before'],
  [/\bpurchase(s|d)?\b/gi, 'buy$1'],
  [/\brequire(s|d)?\b/gi, 'need$1'],
  [/\bsufficient\b/gi, 'enough'],
  [/\bsubsequently\b/gi, 'then'],
  [/\bterminate(s|d)?\b/gi, 'end$1'],
  [/\butili[sz]e(s|d)?\b/gi, 'use$1'],
  [/\bvessel(s)?\b/gi, 'boat$1'],
  [/\bin order to\b/gi, 'to'],
  [/\bdue to the fact that\b/gi, 'because'],
  [/\bwith regard to\b/gi, 'about'],
  [/\bwhich of the following\b/gi, 'which'],
  [/\bobserve(s|d)?\b/gi, 'see$1'],
  [/\bposition\b/gi, 'place'],
  [/\bnavigator(s)?\b/gi, 'sailor$1'],
  [/\bproceed(s|ed)?\b/gi, 'go on'],
]
const OPTION = /^([a-z])\) /i
const LEAST_OPTIONS = 3

/** An item in tidy notation, said for other readers: in shorter words and with fewer options, or without its options. */
export function variantOf(item: string, how: 'easier' | 'harder'): string {
  const lines = item.split('\n')
  const isSingle = /^Answer: [a-z]$/im.test(item)
  if (how === 'easier') return (isSingle ? withFewer(lines) : lines).map(plainer).join('\n')
  return isSingle ? withoutOptions(lines) : item
}

function plainer(line: string): string {
  return PLAIN.reduce(
    (text, [long, short]) =>
      text.replace(long, (found, ...rest) =>
        like(found, short.replace('$1', typeof rest[0] === 'string' ? rest[0] : '')),
      ),
    line,
  )
}

function like(found: string, other: string): string {
  return /^\p{Lu}/u.test(found) ? other.charAt(0).toUpperCase() + other.slice(1) : other
}

/** One distractor less, the last that is there; letters and key follow. */
function withFewer(lines: readonly string[]): string[] {
  const keyed = /^Answer: ([a-z])$/im.exec(lines.join('\n'))?.[1]
  const options = lines.filter((line) => OPTION.test(line))
  if (options.length <= LEAST_OPTIONS) return [...lines]
  const gone = options.findLast((line) => OPTION.exec(line)?.[1] !== keyed)
  const left = options.filter((line) => line !== gone)
  const place = left.findIndex((line) => OPTION.exec(line)?.[1] === keyed)
  const renamed = left.map((line, at) => line.replace(OPTION, `${String.fromCharCode(97 + at)}) `))
  let isWritten = false
  return lines.flatMap((line) => {
    if (line.startsWith('Answer: ')) return [`Answer: ${String.fromCharCode(97 + place)}`]
    if (!OPTION.test(line)) return [line]
    if (isWritten) return []
    isWritten = true
    return renamed
  })
}

/** Recalled is harder than recognised: the key becomes the answer to be typed. */
function withoutOptions(lines: readonly string[]): string {
  const keyed = /^Answer: ([a-z])$/im.exec(lines.join('\n'))?.[1]
  const answer = lines.find((line) => OPTION.exec(line)?.[1] === keyed)?.replace(OPTION, '')
  return lines
    .filter((line) => !OPTION.test(line))
    .map((line) => (line.startsWith('Answer: ') ? `Answer: ${answer ?? ''}` : line))
    .join('\n')
}
