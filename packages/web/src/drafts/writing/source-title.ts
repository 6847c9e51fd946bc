const MOST_TITLE = 60

/** The first line that says something, without the time that a transcript begins with; cut at a word. */
export function titleOfSource(source: string): string {
  const lines = source.split('\n').map((line) => line.replace(/^[\s[(]*\d+(?::\d\d)+\S*\s*/, '').trim())
  const first = lines.find((line) => /\p{L}/u.test(line)) ?? ''
  if (first.length <= MOST_TITLE) return first
  return `${first.slice(0, MOST_TITLE).replace(/\s+\S*$/, '')} …`
}
