/** Tokens and codes that stand in a path, and whatever is asked behind it, are not for the log. */
const SECRET = /^(\/(?:api\/)?(?:links|copies|take|first|invitation|reset)\/)[^/?]+/

export function pathToLog(url: string): string {
  return (url.split('?')[0] ?? '').replace(SECRET, '$1…')
}
