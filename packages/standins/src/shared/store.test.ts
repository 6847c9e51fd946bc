import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { JsonStore } from './store.ts'

const folder = mkdtempSync(join(tmpdir(), 'store-'))
afterAll(() => rmSync(folder, { recursive: true }))

test('what was saved is there again, and ids go on', () => {
  const file = join(folder, 'below', 'state.json')
  const store = new JsonStore(file, { next: 1, names: [] as string[] })
  store.state.names.push(store.newId('n-'))
  expect(existsSync(file)).toBe(false)
  store.save()
  const again = new JsonStore(file, { next: 1, names: [] as string[] })
  expect(again.state).toEqual({ next: 2, names: ['n-1'] })
  expect(again.newId('n-')).toBe('n-2')
  expect(existsSync(`${file}.new`)).toBe(false)
})

test('what an older file lacks begins empty', () => {
  const file = join(folder, 'older.json')
  writeFileSync(file, '{"next":7}')
  expect(new JsonStore(file, { next: 1, names: ['none'] }).state).toEqual({ next: 7, names: ['none'] })
})

test('without a file nothing is written', () => {
  const store = new JsonStore(null, { next: 1 })
  store.save()
  expect(store.newId('x')).toBe('x1')
  expect(() => readFileSync(join(folder, 'null'))).toThrow()
})
