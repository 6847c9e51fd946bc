/** White space folded: each run of it becomes one space. */
export function foldBlanks(text: string): string {
  // A single space is left where it is, so that most texts are not built anew.
  return text.replace(/\s{2,}|[^\S ]/gu, ' ')
}
