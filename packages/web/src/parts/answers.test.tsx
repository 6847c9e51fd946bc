import { render, screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { contentOf, DEFAULT_TEXT_RULES, type Item, type Response } from '@zakuska/core'
import { useState } from 'react'
import { AnswerFields, answersInStem, AnswerStem } from './AnswerFields'

const user = userEvent.setup()
const common = { stem: contentOf('Which?'), points: 1, tags: [] }
const option = (id: string, text: string) => ({ id, content: contentOf(text) })
const options = [option('a', 'oak'), option('b', 'rye'), option('c', 'ash')]
const gapped = [
  {
    type: 'paragraph' as const,
    content: [
      { type: 'text' as const, text: 'The falling water is the ' },
      { type: 'gap' as const },
      { type: 'text' as const, text: '. It comes ' },
      { type: 'gap' as const },
      { type: 'text' as const, text: ' a day.' },
    ],
  },
]

/** An item as a student answers it; @returns what was given. */
function show(body: Item, locked = false): { readonly given: () => Response | null } {
  let last: Response | null = null
  function Page() {
    const [response, setResponse] = useState<Response | null>(null)
    const props = {
      ...{ body, name: '3', response, locked },
      answer: (next: Response): void => {
        last = next
        setResponse(next)
      },
    }
    return (
      <>
        <AnswerStem {...props} />
        <AnswerFields {...props} />
      </>
    )
  }
  render(<Page />)
  return { given: () => last }
}

describe('what a student answers with', () => {
  test('one option, or several that are taken back again', async () => {
    const one = show({ ...common, kind: 'single', options, key: ['b'], shuffle: true })
    await user.click(screen.getByRole('radio', { name: 'rye' }))
    await user.click(screen.getByRole('radio', { name: 'ash' }))
    expect(one.given()).toEqual({ kind: 'choice', chosen: ['c'] })
    document.body.innerHTML = ''
    const many = show({ ...common, kind: 'multiple', options, key: ['a', 'b'], shuffle: true, credit: 'all' })
    await user.click(screen.getByRole('checkbox', { name: 'rye' }))
    await user.click(screen.getByRole('checkbox', { name: 'oak' }))
    await user.click(screen.getByRole('checkbox', { name: 'rye' }))
    expect(many.given()).toEqual({ kind: 'choice', chosen: ['a'] })
  })

  test('true or false', async () => {
    const { given } = show({ ...common, kind: 'truefalse', key: [true] })
    await user.click(screen.getByRole('radio', { name: 'False' }))
    expect(given()).toEqual({ kind: 'truth', value: false })
  })

  test('a word, and a number with the unit behind it', async () => {
    const word = show({ ...common, kind: 'short', key: ['ebb'], rules: DEFAULT_TEXT_RULES })
    await user.type(screen.getByRole('textbox', { name: 'Answer to item 3' }), 'ebb')
    expect(word.given()).toEqual({ kind: 'text', text: 'ebb' })
    document.body.innerHTML = ''
    const number = show({ ...common, kind: 'numeric', key: [{ value: 3, tolerance: 0 }], unit: 'kn' })
    await user.type(screen.getByRole('textbox', { name: 'Number for item 3' }), '3,5')
    expect(number.given()).toEqual({ kind: 'text', text: '3,5' })
    expect(screen.getByText('kn')).toBeTruthy()
  })

  test('gaps are typed or chosen in the text, each on its own', async () => {
    const cloze: Item = {
      ...{ ...common, stem: gapped, kind: 'cloze', rules: DEFAULT_TEXT_RULES, wordBank: ['ebb', 'flood'] },
      gaps: [{ key: ['ebb'] }, { key: ['twice'], choices: ['once', 'twice'] }],
    }
    const { given } = show(cloze)
    await user.selectOptions(screen.getByRole('combobox', { name: 'Gap 2 of item 3' }), 'twice')
    expect(given()).toEqual({ kind: 'gaps', texts: ['', 'twice'] })
    await user.type(screen.getByRole('textbox', { name: 'Gap 1 of item 3' }), 'ebb')
    expect(given()).toEqual({ kind: 'gaps', texts: ['ebb', 'twice'] })
    expect(screen.getByText(/ebb\s+·\s+flood/)).toBeTruthy()
  })

  test('a short answer with one gap in its stem is answered there, and once', async () => {
    const stem = [{ type: 'paragraph' as const, content: gapped[0]?.content.slice(0, 3) ?? [] }]
    const body: Item = { ...common, stem, kind: 'short', key: ['ebb'], rules: DEFAULT_TEXT_RULES }
    expect(answersInStem(body)).toBe(true)
    expect(answersInStem({ ...body, stem: gapped })).toBe(false)
    const { given } = show(body)
    expect(screen.getAllByRole('textbox')).toHaveLength(1)
    await user.type(screen.getByRole('textbox'), 'ebb')
    expect(given()).toEqual({ kind: 'text', text: 'ebb' })
  })

  test('partners are chosen by their letter and taken back', async () => {
    const { given } = show({
      ...{ ...common, kind: 'match', left: [contentOf('bow'), contentOf('stern')], key: [] },
      right: [contentOf('back'), contentOf('front'), contentOf('up')],
    })
    await user.selectOptions(screen.getByRole('combobox', { name: 'Partner of part 2 of item 3' }), 'a')
    await user.selectOptions(screen.getByRole('combobox', { name: 'Partner of part 1 of item 3' }), 'b')
    expect(given()).toEqual({
      kind: 'pairs',
      pairs: [
        [0, 1],
        [1, 0],
      ],
    })
    await user.selectOptions(screen.getByRole('combobox', { name: 'Partner of part 2 of item 3' }), '…')
    expect(given()).toEqual({ kind: 'pairs', pairs: [[0, 1]] })
  })

  test('rows of a grid have one column each', async () => {
    const { given } = show({
      ...{ ...common, kind: 'grid', key: [] },
      ...{ rows: [contentOf('rye'), contentOf('oak')], columns: [contentOf('grain'), contentOf('tree')] },
    })
    await user.click(screen.getByRole('radio', { name: 'Row 1, column 2 of item 3' }))
    await user.click(screen.getByRole('radio', { name: 'Row 1, column 1 of item 3' }))
    await user.click(screen.getByRole('radio', { name: 'Row 2, column 2 of item 3' }))
    expect(given()).toEqual({
      kind: 'pairs',
      pairs: [
        [0, 0],
        [1, 1],
      ],
    })
  })

  test('an order counts once something was moved', async () => {
    const { given } = show({ ...common, kind: 'order', options, key: ['c', 'a', 'b'] })
    expect(given()).toBeNull()
    await user.click(screen.getByRole('button', { name: 'Move entry 3 of item 3 up' }))
    expect(given()).toEqual({ kind: 'order', ids: ['a', 'c', 'b'] })
    await user.click(screen.getByRole('button', { name: 'Move entry 2 of item 3 up' }))
    expect(given()).toEqual({ kind: 'order', ids: ['c', 'a', 'b'] })
  })

  test('a step of a scale, the words of an essay, and nothing for a note', async () => {
    const scale = show({ ...common, kind: 'scale', points: 0, low: 0, high: 3, lowLabel: 'never', highLabel: 'often' })
    expect(screen.getAllByRole('radio')).toHaveLength(4)
    await user.click(screen.getByRole('radio', { name: /0/ }))
    expect(scale.given()).toEqual({ kind: 'step', value: 0 })
    document.body.innerHTML = ''
    const essay = show({ ...common, kind: 'essay' })
    await user.type(screen.getByRole('textbox', { name: 'Answer to item 3' }), 'It was dark.')
    expect(essay.given()).toEqual({ kind: 'text', text: 'It was dark.' })
    document.body.innerHTML = ''
    show({ ...common, kind: 'note', points: 0 })
    expect(screen.queryByRole('textbox')).toBeNull()
  })

  test('what was handed in cannot be changed any more', async () => {
    const { given } = show({ ...common, kind: 'order', options, key: [] }, true)
    expect(screen.queryByRole('button')).toBeNull()
    document.body.innerHTML = ''
    show({ ...common, kind: 'single', options, key: [], shuffle: true }, true)
    for (const radio of screen.getAllByRole('radio')) {
      expect(radio).toHaveProperty('disabled', true)
      await user.click(radio)
    }
    expect(given()).toBeNull()
    expect(
      within(document.body)
        .getAllByRole('radio')
        .every((radio) => !(radio as HTMLInputElement).checked),
    ).toBe(true)
  })
})
