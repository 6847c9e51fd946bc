import { UnprocessableEntityException } from '@nestjs/common'
import { TERMS, WorkService } from './work.service.ts'

const ITEM = 'Which of these is a grain?\na) oak\nb) rye\nc) ash\nAnswer: b\n\n'
const LARGE = Array.from({ length: 4000 }, (_none, at) => `${at + 1}. ${ITEM}`).join('')

let work: WorkService
afterEach(() => work.onApplicationShutdown())

test('drafts and files are read in threads, and what a reader refuses is refused here', async () => {
  work = new WorkService()
  const reading = await work.run('readDraft', { text: `1. ${ITEM}` })
  expect(reading.items).toHaveLength(1)
  const contents = await work.run('readFile', new TextEncoder().encode(ITEM))
  expect(contents.kind).toBe('draft')
  await expect(work.run('readFile', new Uint8Array())).rejects.toThrow(
    new UnprocessableEntityException('The file is empty.'),
  )
})

test('what takes longer than it may is left with one line, and the next task is done', async () => {
  work = new WorkService({ ...TERMS, readDraft: { seconds: 0.2, what: 'This draft', quick: true } })
  await expect(work.run('readDraft', { text: LARGE })).rejects.toThrow(/^This draft takes longer than 0.2 seconds/)
  expect((await work.run('readFile', new TextEncoder().encode(ITEM))).kind).toBe('draft')
})

test('the request thread goes on while a draft is read', async () => {
  work = new WorkService()
  await work.run('readDraft', { text: ITEM })
  let most = 0
  let last = performance.now()
  const beat = setInterval(() => {
    most = Math.max(most, performance.now() - last)
    last = performance.now()
  }, 5)
  const reading = await work.run('readDraft', { text: LARGE })
  clearInterval(beat)
  expect(reading.items).toHaveLength(4000)
  expect(most).toBeLessThan(500)
})
