import { readSettings } from './settings.ts'

const GOOD = { DATABASE_URL: 'postgresql://x', SESSION_SECRET: 's'.repeat(32) }

test('what is not set has its default', () => {
  expect(readSettings(GOOD)).toMatchObject({
    host: '127.0.0.1',
    port: 0,
    signInsPerMinute: 10,
    proxies: 0,
    isHttpsOnly: false,
  })
})

test.each([
  [{ SESSION_SECRET: 's'.repeat(32) }, 'DATABASE_URL must be set.'],
  [{ DATABASE_URL: 'postgresql://x' }, 'SESSION_SECRET must be set.'],
  [{ ...GOOD, SESSION_SECRET: 'x' }, 'SESSION_SECRET must have 32 letters at least.'],
  [{ ...GOOD, ZAKUSKA_SIGN_INS_PER_MINUTE: 'abc' }, 'ZAKUSKA_SIGN_INS_PER_MINUTE must be a whole number'],
  [{ ...GOOD, ZAKUSKA_SIGN_INS_PER_MINUTE: '0' }, 'from 1 to 100000, and is “0”'],
  [{ ...GOOD, PORT: '99999' }, 'PORT must be a whole number'],
  [{ ...GOOD, ZAKUSKA_PROXIES: '1.5' }, 'ZAKUSKA_PROXIES must be a whole number'],
  [{ ...GOOD, ZAKUSKA_HTTPS_ONLY: 'true' }, 'ZAKUSKA_HTTPS_ONLY must be yes or no'],
  [{ ...GOOD, ZAKUSKA_FIRST_RUN_TOKEN: 'short' }, 'ZAKUSKA_FIRST_RUN_TOKEN must have 32 letters'],
])('%j is refused at the start: %s', (environment, says) => {
  expect(() => readSettings(environment)).toThrow(says)
})

test('origins of writing are parted by commas; destinations have theirs', () => {
  const read = readSettings({
    ...GOOD,
    ZAKUSKA_WRITING: 'http://127.0.0.1:4440, https://w.example ,',
    ZAKUSKA_PAGES: 'https://library.example',
    ZAKUSKA_DESTINATIONS: 'inlet=http://127.0.0.1:4420',
  })
  expect(read.writingOrigins).toEqual(['http://127.0.0.1:4440', 'https://w.example'])
  expect(read.pageOrigins).toEqual(['https://library.example'])
  expect(readSettings(GOOD)).toMatchObject({ writingOrigins: [], pageOrigins: [] })
  expect(read.destinationOrigins).toEqual(['http://127.0.0.1:4420'])
})
