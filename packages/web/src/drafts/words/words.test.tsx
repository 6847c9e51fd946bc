import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { refused, showPage, type Answers } from '../../testing/page'
import { entryOf, listedOf, picked, tellingWords } from './entries'
import { WordsPage } from './WordsPage'

const sense = (word: string, definition: string, more: object = {}) => ({
  ...{
    id: `n-${definition}`,
    pos: 'noun' as const,
    lemma: word,
    form: 'base' as const,
    forms: { base: word, plural: `${word}s` },
  },
  ...{ definition, example: null, inExample: null, related: [] },
  ...more,
})
const found = (word: string, definitions: readonly string[], more: object = {}) => ({
  ...{ word, senses: definitions.map((one) => sense(word, one)), likely: definitions.length ? 0 : -1, inPassage: null },
  ...more,
})
const FOUND = [
  found('bank', ['a ridge of sand', 'a house for money']),
  found('anchor', ['what holds a boat']),
  found('buoy', ['a float that marks a channel']),
  found('gybel', []),
]
const show = (answers: Answers = {}) =>
  showPage(<WordsPage />, {
    at: '/drafts/words',
    path: '/drafts/words',
    answers: { 'POST /api/writing/words': FOUND, ...answers },
  })
const look = async (list = 'bank\nanchor\nbuoy\ngybel') => {
  await userEvent.click(screen.getByRole('textbox', { name: /^The words/ }))
  await userEvent.paste(list)
  await userEvent.click(screen.getByRole('button', { name: 'Look them up' }))
}

test('senses are proposed and picked, and a word without an entry is written by hand', async () => {
  const { calls, address } = show({ 'POST /api/drafts': { id: 'd' } })
  await look()
  expect(await screen.findByText(/1 word has no entry; write what it means/)).toBeTruthy()
  await userEvent.selectOptions(screen.getByRole('combobox', { name: 'Meaning of bank' }), 'noun: a house for money')
  await userEvent.selectOptions(screen.getByRole('combobox', { name: 'Ask for them' }), 'definition')
  const [, , , own] = screen.getAllByRole('textbox', { name: 'Definition' })
  await userEvent.type(own as HTMLElement, 'to turn the wrong way')
  await userEvent.click(screen.getByRole('button', { name: 'Make a draft of 4 items' }))
  await waitFor(() => expect(address()).toBe('/drafts/d'))
  const { text } = calls.find(({ asked }) => asked === 'POST /api/drafts')?.body as { text: string }
  expect(text).toContain('Which word means: a house for money?')
  expect(text).toMatch(/Which word means: to turn the wrong way\?\nAnswer: gybel/)
})

test('left out, a word is gone', async () => {
  show()
  await look()
  await userEvent.click(await screen.findByRole('button', { name: 'Leave gybel out' }))
  expect(screen.queryByRole('listitem', { name: 'gybel' })).toBeNull()
})

test('glosses of one’s own ask nobody', async () => {
  const { calls } = show()
  await userEvent.click(screen.getByRole('textbox', { name: /^The words/ }))
  await userEvent.paste('havn – harbour\nanker – anchor\nbøye – buoy')
  await userEvent.click(screen.getByRole('checkbox', { name: /Another language/ }))
  await userEvent.click(screen.getByRole('button', { name: 'Take the list' }))
  expect(await screen.findByRole('button', { name: 'Make a draft of 3 items' })).toBeTruthy()
  expect(calls).toEqual([])
})

test('more than sixty are said; what the server refuses is, too', async () => {
  show({ 'POST /api/writing/words': refused(503, 'The server has too much to do right now.') })
  await look('fog')
  expect((await screen.findByRole('alert')).textContent).toContain('too much to do')
  await userEvent.click(screen.getByRole('textbox', { name: /^The words/ }))
  await userEvent.paste(Array.from({ length: 61 }, (_, at) => `\nword${at}`).join(''))
  expect(screen.getByText(/60 at most/)).toBeTruthy()
  expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Look them up' }).disabled).toBe(true)
})

test('words are taken out of a text', async () => {
  show()
  await userEvent.click(screen.getByRole('textbox', { name: /^The text/ }))
  await userEvent.paste('The harbour lies open. The harbour has a lighthouse, and there is a quay.')
  await userEvent.click(screen.getByRole('button', { name: 'Take words out of the text' }))
  expect(screen.getByRole<HTMLTextAreaElement>('textbox', { name: /^The words/ }).value).toBe('harbour\nlighthouse')
})

describe('entries', () => {
  const inPassage = { sentence: 'Two banks lie off the head.', as: 'banks' }

  test('the passage’s sentence stays whatever sense is picked; an example comes with its sense', () => {
    const entry = entryOf({ word: 'bank', gloss: '' }, found('bank', ['a ridge', 'a house'], { inPassage }))
    expect(picked(entry, 1)).toMatchObject({ sense: 1, definition: 'a house', sentence: inPassage.sentence })
    expect(listedOf(entry)).toMatchObject({ as: 'banks', class: 'noun', forms: { plural: 'banks' } })
    const example = {
      ...entry,
      inPassage: null,
      senses: [sense('bank', 'a ridge', { example: 'banks of sand', inExample: 'banks' })],
    }
    expect(listedOf(picked(example, 0))).toMatchObject({ sentence: 'banks of sand', as: 'banks' })
    expect(picked(example, -1)).toMatchObject({ sense: -1, definition: '', sentence: '' })
  })

  test('a gloss of one’s own goes before the proposal; a sentence of one’s own is searched for the form', () => {
    const entry = entryOf({ word: 'bank', gloss: 'my own' }, found('bank', ['a ridge']))
    expect(entry.definition).toBe('my own')
    expect(listedOf({ ...entry, sentence: 'Many Banks are flat.' }).as).toBe('bank')
    expect(listedOf({ ...entry, word: 'banking', sentence: 'Many banks.' }).as).toBe('bank')
  })

  test('telling words are the frequent long ones, in the order of the text', () => {
    expect(tellingWords('Tides rise. The harbour is small. Tides fall; about these tides', 1)).toEqual(['tides'])
    expect(tellingWords('', 5)).toEqual([])
  })
})
