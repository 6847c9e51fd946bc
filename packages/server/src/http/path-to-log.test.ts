import { pathToLog } from './path-to-log.ts'

test.each([
  ['/api/links/abcdef', '/api/links/…'],
  ['/api/links/abcdef/more?x=1', '/api/links/…/more'],
  ['/api/take/K7QX9D/attempt', '/api/take/…/attempt'],
  ['/api/copies/abcdef', '/api/copies/…'],
  ['/api/items?text=secret', '/api/items'],
  ['/api/drafts/0e9f', '/api/drafts/0e9f'],
])('%s is logged as %s', (url, path) => expect(pathToLog(url)).toBe(path))
