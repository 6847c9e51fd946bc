import { randomUUID } from 'node:crypto'
import { FORMATS, probesOf, readDraft, shareEarned, type FormatId, type Item, type Response } from '@zakuska/core'
import { packZip } from '@zakuska/documents'
import { readFileSync } from 'node:fs'
import { startBreakwater, type RunningSite } from '../../standins/src/breakwater/index.ts'

// What is exported is read and graded by the course site, which shares no code with us.
const TOKEN = 'tok'
let site: RunningSite
beforeAll(async () => {
  site = await startBreakwater({ port: 0, file: null, token: TOKEN })
})
afterAll(() => site.close())

const ITEMS = readDraft({
  text: readFileSync(new URL('../../core/samples/layouts/all-kinds.txt', `file://${__filename}`), 'utf8'),
}).items.map(({ item }) => item)

async function call(path: string, init: RequestInit = {}): Promise<unknown> {
  const answer = await fetch(site.url + path, {
    ...init,
    headers: { authorization: `Bearer ${TOKEN}`, ...(init.headers as Record<string, string>) },
  })
  return answer.json()
}

interface Job {
  state: string
  why: string | null
  outcomes: { outcome: string; itemId: string; why: string | null }[]
}

async function imported(format: FormatId, items: readonly Item[]): Promise<{ job: Job; written: readonly number[] }> {
  const { data, written } = FORMATS[format].write(items, { title: 'All', as: 'paper' })
  const body = data.form === 'package' ? new Uint8Array(packZip(data.files)) : new TextEncoder().encode(data.text)
  const { id } = (await call('/api/imports?into=quiz', {
    method: 'POST',
    body,
    headers: { 'idempotency-key': randomUUID() },
  })) as { id: string }
  for (;;) {
    const job = (await call(`/api/imports/${id}`)) as Job
    if (job.state === 'done' || job.state === 'failed') return { job, written }
    await new Promise((resolve) => setTimeout(resolve, 20))
  }
}

/** The values of RESPONSE; of QTI 1.2 each part or gap is a response of its own. */
function given(item: Item, response: Response, isVersion1: boolean): Record<string, string[]> | null {
  switch (response.kind) {
    case 'choice':
      return { RESPONSE: [...response.chosen] }
    case 'truth':
      return { RESPONSE: response.value === null ? [] : [String(response.value)] }
    case 'text':
      return { RESPONSE: response.text ? [response.text] : [] }
    case 'order':
      return { RESPONSE: [...response.ids] }
    case 'pairs':
      return isVersion1
        ? Object.fromEntries(response.pairs.map(([a, b]) => [`PART_${a + 1}`, [`R${b + 1}`]]))
        : { RESPONSE: response.pairs.map(([a, b]) => `L${a + 1} R${b + 1}`) }
    case 'gaps':
      return Object.fromEntries(
        response.texts.map((text, at) => {
          const choice = item.kind === 'cloze' ? (item.gaps[at]?.choices?.indexOf(text) ?? -1) : -1
          const value = choice >= 0 ? `c${choice + 1}` : text
          return [isVersion1 ? `GAP_${at + 1}` : `RESPONSE_${at + 1}`, value ? [value] : []]
        }),
      )
    case 'step':
      return null
  }
}

/** A text in GIFT names nothing: the site counts options, and parts and partners as they come in the lines. */
function givenInGift(item: Item, response: Response): Record<string, string[]> | null {
  if (response.kind === 'choice' && 'options' in item)
    return { RESPONSE: response.chosen.map((id) => `c${item.options.findIndex((one) => one.id === id) + 1}`) }
  if (response.kind !== 'pairs' || (item.kind !== 'match' && item.kind !== 'grid')) return given(item, response, false)
  const partners = item.kind === 'match' ? item.right : item.columns
  const used = [...new Set(item.key.map(([, right]) => right))]
  const order = [...used, ...partners.map((_one, at) => at).filter((at) => !used.includes(at))]
  const place = (left: number): number => item.key.findIndex(([one]) => one === left) + 1
  return { RESPONSE: response.pairs.map(([a, b]) => `L${place(a)} R${order.indexOf(b) + 1}`) }
}

test.each<FormatId>(['qti12', 'qti21', 'qti22', 'qti30', 'cc13', 'gift'])(
  '%s: every item is taken, and every key and every empty answer is graded there as here',
  async (format) => {
    const { job, written } = await imported(format, ITEMS)
    expect([job.state, job.why]).toEqual(['done', null])
    expect(job.outcomes.filter(({ outcome }) => outcome !== 'created')).toEqual([])
    expect(job.outcomes).toHaveLength(written.length)
    const isVersion1 = format === 'qti12' || format === 'cc13'
    let proven = 0
    for (const [at, index] of written.entries()) {
      const item = ITEMS[index]
      if (!item) continue
      for (const { kind, response, share } of probesOf(item)) {
        if (kind !== 'key' && kind !== 'empty') continue
        const responses = format === 'gift' ? givenInGift(item, response) : given(item, response, isVersion1)
        if (!responses) continue
        const [grade] = (await call('/api/grade', {
          method: 'POST',
          body: JSON.stringify([{ itemId: job.outcomes[at]?.itemId, responses }]),
          headers: { 'content-type': 'application/json' },
        })) as { score: number; points: number }[]
        const points = format === 'gift' ? 1 : item.points
        expect([item.kind, kind, grade?.points]).toEqual([item.kind, kind, points])
        expect([item.kind, kind, Number(((grade?.score ?? -1) / points).toFixed(4))]).toEqual([item.kind, kind, share])
        expect(shareEarned(item, response)).toBe(share)
        proven++
      }
    }
    expect(proven).toBeGreaterThan(format === 'cc13' || format === 'gift' ? 6 : 12)
  },
)
