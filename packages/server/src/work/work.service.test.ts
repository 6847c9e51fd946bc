import { UnprocessableEntityException } from '@nestjs/common'
import { TASK_TERMS } from '../tasks.ts'
import { WorkService } from './work.service.ts'

const ITEM = 'Which of these is a grain?\na) oak\nb) rye\nc) ash\nAnswer: b\n\n'
const LARGE = Array.from({ length: 4000 }, (_none, at) => `${at + 1}. ${ITEM}`).join('')

let work: WorkService
afterEach(() => work.onApplicationShutdown())

test('drafts and files are read in processes of their own, and what a reader refuses is refused here', async () => {
  work = new WorkService(TASK_TERMS)
  const reading = await work.run('readDraft', { text: `1. ${ITEM}` })
  expect(reading.items).toHaveLength(1)
  const { json } = await work.run('openFile', new TextEncoder().encode(ITEM))
  expect(JSON.parse(new TextDecoder().decode(json))).toMatchObject({ type: 'text', text: ITEM })
  await expect(work.run('openFile', new Uint8Array())).rejects.toThrow(
    new UnprocessableEntityException('The file is empty.'),
  )
})

test('what takes longer than it may is left with one line, and the next task is done', async () => {
  work = new WorkService({ ...TASK_TERMS, readDraft: { seconds: 0.2, what: 'This draft', room: 'draft' } })
  await expect(work.run('readDraft', { text: LARGE })).rejects.toThrow(/^This draft takes longer than 0.2 seconds/)
  expect((await work.run('openFile', new TextEncoder().encode(ITEM))).pictures).toEqual([])
})

test('the request thread goes on while a draft is read', async () => {
  work = new WorkService(TASK_TERMS)
  await work.run('readDraft', { text: ITEM })
  let most = 0
  let last = performance.now()
  const beat = setInterval(() => {
    most = Math.max(most, performance.now() - last)
    last = performance.now()
  }, 5)
  const { places } = await work.run('placeDraft', { text: LARGE })
  clearInterval(beat)
  expect(places).toHaveLength(4000)
  expect(most).toBeLessThan(300)
})

test('what no database keeps is left out of an opened file, letter for letter', async () => {
  work = new WorkService(TASK_TERMS)
  const utf16 = new Uint8Array([0xff, 0xfe, 0x31, 0, 0x2e, 0, 0x20, 0, 0, 0, 0x00, 0xd8, 0x61, 0])
  const { json } = await work.run('openFile', utf16)
  expect((JSON.parse(new TextDecoder().decode(json)) as { text: string }).text).toBe('1. \ufffd\ufffda')
})

test('more text than a draft holds is said with its number', async () => {
  work = new WorkService(TASK_TERMS)
  await expect(work.run('openFile', new TextEncoder().encode('a '.repeat(1_000_001)))).rejects.toThrow(
    '2,000,000 letters',
  )
})
