import { UnprocessableEntityException } from '@nestjs/common'
import { TASK_TERMS } from '../tasks.ts'
import { askedBy } from './asker.ts'
import { TaskProcess } from './task-process.ts'
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

describe('a file that is made to end the server', () => {
  /** A sampled function of a billion values in a PDF of 800 bytes (ISO 32000-2, 7.10.2). */
  const page = (content: string, space: string): Uint8Array =>
    new TextEncoder().encode(
      `%PDF-1.7
1 0 obj << /Type /Catalog /Pages 2 0 R >> endobj
2 0 obj << /Type /Pages /Kids [3 0 R] /Count 1 >> endobj
3 0 obj << /Type /Page /Parent 2 0 R /MediaBox [0 0 9 9] /Contents 4 0 R /Resources << /ColorSpace << /CS [/Separation /Spot /DeviceRGB 5 0 R] >> >> >> endobj
4 0 obj << /Length ${content.length} >> stream
${content}
endstream endobj
5 0 obj ${space} endobj
trailer << /Root 1 0 R >>
`,
    )
  const LARGE_FUNCTION = page(
    '/CS cs 0.5 scn',
    '<< /FunctionType 0 /Domain [0 1] /Range [0 1 0 1 0 1] /Size [1000000000] /BitsPerSample 8 /Length 9 >> stream\n123456789\nendstream',
  )

  test('is refused in one line, and the next file is read', async () => {
    work = new WorkService(TASK_TERMS)
    await expect(work.run('openFile', LARGE_FUNCTION)).rejects.toBeInstanceOf(UnprocessableEntityException)
    expect((await work.run('openFile', new TextEncoder().encode(ITEM))).pictures).toEqual([])
  })

  test('keeps only its own person waiting', async () => {
    work = new WorkService({ ...TASK_TERMS, openFile: { seconds: 3, what: 'This file', room: 'file' } })
    const small = new TextEncoder().encode(ITEM)
    await askedBy('Nils', () => work.run('openFile', small))
    const order: string[] = []
    const heavy = Array.from({ length: 6 }, () =>
      askedBy('Iris', () => work.run('openFile', LARGE_FUNCTION)).catch(() => order.push('Iris')),
    )
    await askedBy('Nils', () => work.run('openFile', small)).then(() => order.push('Nils'))
    await Promise.all(heavy)
    expect(order.indexOf('Nils')).toBeLessThanOrEqual(2)
    expect(order.filter((who) => who === 'Iris')).toHaveLength(6)
  })
})

test('a process knows none of the server’s secrets', async () => {
  process.env['SESSION_SECRET_OF_TEST'] = 'secret'
  const one = new TaskProcess({ heapMegabytes: 256, dataMegabytes: 1024, processorSeconds: 60 })
  try {
    // A task that there is not: what it says of itself is all that comes back.
    await expect(one.run({ name: 'none', given: null }, 20_000)).resolves.toMatchObject({
      broke: expect.any(String) as string,
    })
    expect(JSON.stringify(one.environment)).not.toContain('secret')
  } finally {
    one.end('stopped')
  }
})

test('a task whose process is ended fails at once', async () => {
  const one = new TaskProcess({ heapMegabytes: 256, dataMegabytes: 1024, processorSeconds: 60 })
  const running = one.run({ name: 'readDraft', given: { text: LARGE } }, 60_000)
  setImmediate(() => one.end('stopped'))
  await expect(running).rejects.toMatchObject({ why: 'stopped' })
})
