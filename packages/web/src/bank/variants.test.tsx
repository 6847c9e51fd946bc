import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { readDraft } from '@zakuska/core'
import { showPage, type Answers } from '../testing/page'
import type { BankItem } from './queries'
import { VariantDialog } from './VariantDialog'
import { BesideDialog } from './BesideDialog'

const itemOf = (text: string) => readDraft({ text }).items[0]?.item
const ORIGINAL = itemOf(
  '1. Where does the vessel commence?\na) fetch\nb) bank\nc) swell\nd) gale\nAnswer: c\nPoints: 2\n',
)
const item = (id: string, body: unknown, more: object = {}) =>
  ({ id, body, variantOf: null, stale: false, variants: [], findings: [], usedIn: [], ...more }) as unknown as BankItem
const writing = {
  service: {
    provider: 'skerry',
    name: 'Skerry',
    url: 'http://x',
    model: '',
    hasKey: true,
    words: 900,
    units: 900,
    price: 1,
    currency: 'SKM',
    cap: 9000,
  },
  ...{ whyNot: null, used: 0, cap: 9000, isNear: false, allowed: [], pages: ['http://x'] },
}
const reply = (text: string, more: object = {}) => ({
  id: 'r',
  state: 'done',
  why: null,
  text,
  purpose: 'variant',
  sentTo: 'Skerry, x',
  ...more,
})
const EASIER = '1. Where does the boat begin?\na) fetch\nb) bank\nc) swell\nAnswer: c'

const show = (text: string, answers: Answers = {}) => {
  const close = jest.fn()
  const page = showPage(<VariantDialog item={item('i1', ORIGINAL)} close={close} />, {
    answers: {
      'GET /api/writing': writing,
      'POST /api/writing/replies': reply(text),
      'GET /api/writing/replies/r': reply(text),
      ...answers,
    },
  })
  return { ...page, close }
}

test('a variant stands beside its original before it is kept, filed as that is', async () => {
  const { calls, close } = show(EASIER, { 'POST /api/items/i1/variants': item('v', ORIGINAL) })
  expect(await screen.findByText(/This item goes to Skerry: about \d+ units, 0\.\d\d SKM/)).toBeTruthy()
  await userEvent.click(screen.getByRole('button', { name: 'Draft it' }))
  expect(await screen.findByRole('region', { name: 'The variant' })).toBeTruthy()
  expect(screen.getByRole('region', { name: 'Now' }).textContent).toContain('commence')
  await userEvent.click(screen.getByRole('button', { name: 'Keep it as a variant' }))
  await waitFor(() => expect(close).toHaveBeenCalled())
  const kept = calls.find(({ asked }) => asked === 'POST /api/items/i1/variants')?.body as {
    language: null
    body: { points: number; options: object[] }
  }
  expect(kept).toMatchObject({ language: null, body: { points: 2 } })
  expect(kept.body.options).toHaveLength(3)
})

test('in another language it takes the tag of that', async () => {
  const { calls, close } = show(EASIER, { 'POST /api/items/i1/variants': item('v', ORIGINAL) })
  await userEvent.selectOptions(await screen.findByRole('combobox', { name: /It is to be/ }), 'language')
  expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Draft it' }).disabled).toBe(true)
  await userEvent.type(screen.getByRole('textbox', { name: 'Which language' }), 'Norwegian')
  await userEvent.type(screen.getByRole('textbox', { name: 'Tag of the language' }), 'nb')
  await userEvent.click(screen.getByRole('button', { name: 'Draft it' }))
  await userEvent.click(await screen.findByRole('button', { name: 'Keep it as a variant' }))
  await waitFor(() => expect(close).toHaveBeenCalled())
  const request = (calls.find(({ asked }) => asked === 'POST /api/writing/replies')?.body as { request: string })
    .request
  expect(request).toMatch(/^Translate this question into Norwegian\./)
  expect(calls.find(({ asked }) => asked === 'POST /api/items/i1/variants')?.body).toMatchObject({ language: 'nb' })
})

test.each([
  ['nothing that is an item', reply('I cannot do this.'), /Nothing that could be read as one item/],
  [
    'a refusal',
    reply('', { state: 'failed', why: 'Skerry refused: I write English only, not Norwegian.' }),
    /English only/,
  ],
])('%s is said, and nothing can be kept', async (_name, answer, says) => {
  show('', { 'POST /api/writing/replies': answer, 'GET /api/writing/replies/r': answer })
  await userEvent.click(await screen.findByRole('button', { name: 'Draft it' }))
  expect(await screen.findByText(says)).toBeTruthy()
  expect(screen.queryByRole('button', { name: 'Keep it as a variant' })).toBeNull()
})

test('two of a family stand side by side, the original first', async () => {
  showPage(
    <BesideDialog
      item={item('v', itemOf(EASIER), { variantOf: 'i1', stale: true })}
      otherId="i1"
      close={() => undefined}
    />,
    {
      answers: { 'GET /api/items/i1': item('i1', ORIGINAL) },
    },
  )
  await screen.findByRole('region', { name: 'The original' })
  expect(screen.getAllByRole('region').map((one) => one.getAttribute('aria-label'))).toEqual([
    'The original',
    'A variant, older than its original',
  ])
})
