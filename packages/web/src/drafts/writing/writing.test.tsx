import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { readDraft } from '@zakuska/core'
import { OWNER, refused, showPage, type Answers } from '../../testing/page'
import type { DeskItem } from '../desk-state'
import { EvidenceButton, EvidenceDialog, useEvidence } from './EvidenceDialog'
import { ReplyBar } from './ReplyBar'
import { RequestPage } from './RequestPage'
import { titleOfSource } from './source-title'
import { restOf } from './use-reply-text'
import type { Reply } from '../../writing/queries'

const SOURCE = 'The tide turns 2 times a day. The stream that runs while the water falls is called the ebb.'

const NO_SERVICE = {
  service: null,
  whyNot: 'No writing service is set up here.',
  used: 0,
  cap: 0,
  isNear: false,
  allowed: [],
  pages: ['http://x'],
}
const SERVICE = {
  ...{ provider: 'skerry', name: 'Skerry', url: 'http://127.0.0.1:4440', model: '', hasKey: true },
  ...{ words: 300, units: 2500, price: 0.5, currency: 'SKM', cap: 20_000 },
}
const WRITING = {
  service: SERVICE,
  whyNot: null,
  used: 100,
  cap: 20_000,
  isNear: false,
  allowed: [],
  pages: ['http://x'],
}
const answersWith = (writing: object, more: Answers = {}): Answers => ({
  'GET /api/writing': writing,
  'GET /api/writing/requests': [],
  ...more,
})
const reply = (more: object = {}) => ({
  ...{ id: 'r1', draftId: 'd1', purpose: 'items', what: '7 questions', by: 'Iris Holm', at: '2026-11-29T10:00:00Z' },
  ...{ sentTo: 'Skerry, http://127.0.0.1:4440', state: 'done', why: null, units: 90, cost: 0, currency: 'SKM' },
  ...{ isTaken: false, text: '' },
  ...more,
})

describe('a request sheet', () => {
  const show = (answers: Answers = {}, person = OWNER) =>
    showPage(<RequestPage />, {
      at: '/drafts/request',
      path: '/drafts/request',
      answers: answersWith(NO_SERVICE, answers),
      person,
    })
  const text = () => screen.getByRole<HTMLTextAreaElement>('textbox', { name: /^The request/ }).value

  test('is made as it is wanted, and says nothing before there is a reading', async () => {
    show()
    expect(text()).toBe('')
    await userEvent.click(screen.getByRole('textbox', { name: /^The reading/ }))
    await userEvent.paste(SOURCE)
    expect(screen.getByText('19 words')).toBeTruthy()
    const single = screen.getByRole('spinbutton', { name: 'single choice' })
    await userEvent.clear(single)
    await userEvent.type(single, '3')
    await userEvent.type(screen.getByRole('textbox', { name: 'For whom' }), 'grade 9')
    await userEvent.click(screen.getByText('Outcomes, difficulty, cognitive levels'))
    await userEvent.selectOptions(screen.getByRole('combobox', { name: 'Difficulty' }), 'hard')
    await userEvent.click(screen.getByRole('checkbox', { name: 'apply' }))
    expect(text()).toMatch(
      /^Write 7 questions[\s\S]*- 3 × single choice[\s\S]*They are for: grade 9\.[\s\S]*to be hard[\s\S]*students to apply\.[\s\S]*called the ebb\.$/,
    )
  })

  test('the reply becomes a draft with its reading', async () => {
    const { calls, address } = show({ 'POST /api/drafts': { id: 'd7' } })
    await userEvent.click(screen.getByRole('textbox', { name: /^The reading/ }))
    await userEvent.paste(SOURCE)
    await userEvent.type(screen.getByRole('textbox', { name: 'Its reply' }), '1. What is it called?')
    await userEvent.click(screen.getByRole('button', { name: 'Make it a draft' }))
    await waitFor(() => expect(address()).toBe('/drafts/d7'))
    const made = calls.find(({ asked }) => asked === 'POST /api/drafts')
    expect(made?.body).toMatchObject({ text: '1. What is it called?', source: SOURCE })
  })

  test.each([
    ['\n  Anchoring off Skarnholm\n\nA boat lies …', 'Anchoring off Skarnholm'],
    ['00:00:03.500 --> 00:00:06\n[00:03] Good evening.', 'Good evening.'],
    [SOURCE, 'The tide turns 2 times a day. The stream that runs while …'],
  ])('the draft is named after its reading: %j', (source, title) => {
    expect(titleOfSource(source)).toBe(title)
  })

  test('what the server refuses is said, and the reply stays', async () => {
    show({ 'POST /api/drafts': refused(400, 'The text is longer than a draft can be') })
    await userEvent.type(screen.getByRole('textbox', { name: 'Its reply' }), 'much')
    await userEvent.click(screen.getByRole('button', { name: 'Make it a draft' }))
    expect((await screen.findByRole('alert')).textContent).toContain('longer than a draft can be')
    expect(screen.getByRole<HTMLTextAreaElement>('textbox', { name: 'Its reply' }).value).toBe('much')
  })

  test('who may not write is told who could', async () => {
    show({}, { ...OWNER, role: 'viewer', rights: ['see'] })
    expect(await screen.findByText('You are a viewer; to make a draft takes an editor.')).toBeTruthy()
  })

  test('a request is kept by name, and taken up again', async () => {
    const kept = {
      id: 'k1',
      name: 'Weekly',
      request: { counts: { numeric: 5 }, level: 'B1', language: '', remarks: '' },
    }
    const { calls } = show({ 'GET /api/writing/requests': [kept], 'PUT /api/writing/requests': kept })
    await userEvent.selectOptions(await screen.findByRole('combobox', { name: 'A request by name' }), 'Weekly')
    expect(screen.getByRole<HTMLInputElement>('spinbutton', { name: 'numeric' }).value).toBe('5')
    await userEvent.type(screen.getByRole('combobox', { name: 'Keep this request as' }), 'Mine{Enter}')
    await screen.findByText('The request is kept as “Mine”.')
    const put = calls.find(({ asked }) => asked === 'PUT /api/writing/requests')
    expect(put?.body).toEqual({ name: 'Mine', request: kept.request })
  })
})

describe('with a writing service', () => {
  const show = (writing: object = WRITING, answers: Answers = {}) =>
    showPage(<RequestPage />, {
      at: '/drafts/request',
      path: '/drafts/request',
      answers: answersWith(writing, answers),
    })
  const read = async (source: string) => {
    await screen.findByText(/drafts to choose from/)
    await userEvent.click(screen.getByRole('textbox', { name: /^The reading/ }))
    await userEvent.paste(source)
  }
  let next = 0
  const making: Answers = {
    'POST /api/drafts': () => ({ id: `d${++next}` }),
    'POST /api/writing/replies': (body: unknown) => reply(body as object),
  }
  beforeEach(() => (next = 0))

  test('it is said what goes where and what it takes; nothing goes before a press', async () => {
    const { calls, address } = show(WRITING, making)
    await read(SOURCE)
    expect(screen.getByText(/This goes to/).textContent).toBe(
      'This goes to Skerry (http://127.0.0.1:4440): the request above with the reading, nothing else.',
    )
    expect(screen.getByText(/^About [\d,]+ units, about 0\.\d\d SKM$/)).toBeTruthy()
    expect(calls.filter(({ asked }) => asked.startsWith('POST'))).toEqual([])
    await userEvent.click(screen.getByRole('button', { name: 'Have 10 questions written' }))
    await waitFor(() => expect(address()).toBe('/drafts/d1'))
    const [draft, asked] = calls.filter(({ asked }) => asked.startsWith('POST'))
    expect(draft?.body).toMatchObject({ text: '', source: SOURCE })
    expect(asked?.body).toMatchObject({ draftId: 'd1', purpose: 'items', what: '10 questions' })
  })

  test('three drafts stand side by side', async () => {
    const { calls, address } = show(WRITING, making)
    await read(SOURCE)
    await userEvent.selectOptions(screen.getByRole('combobox', { name: 'drafts to choose from' }), '3')
    await userEvent.click(screen.getByRole('button', { name: 'Have 3 drafts of 10 questions written' }))
    await waitFor(() => expect(address()).toBe('/drafts/side-by-side?drafts=d1,d2,d3'))
    expect(calls.filter(({ asked }) => asked === 'POST /api/writing/replies')).toHaveLength(3)
  })

  test('a refusal is said, and leaves no empty draft behind', async () => {
    const { calls } = show(WRITING, {
      ...making,
      'POST /api/writing/replies': refused(422, 'Your 20,000 units of this month are used up.'),
      'DELETE /api/drafts/d1': null,
    })
    await read(SOURCE)
    await userEvent.click(screen.getByRole('button', { name: 'Have 10 questions written' }))
    expect((await screen.findByRole('alert')).textContent).toContain('used up')
    await waitFor(() => expect(calls.some(({ asked }) => asked === 'DELETE /api/drafts/d1')).toBe(true))
  })

  test('at the cap it cannot be pressed, near it a word is said', async () => {
    show({ ...WRITING, used: 20_000, isNear: true, whyNot: 'Your 20,000 units of this month are used up.' })
    await read(SOURCE)
    expect(screen.getByRole<HTMLButtonElement>('button', { name: /^Have 10/ }).disabled).toBe(true)
    expect(screen.getByText(/are used up/)).toBeTruthy()
  })

  test('of a reading that is too long, parts are chosen', async () => {
    const { calls, address } = show(WRITING, making)
    const part = (name: string) => `${name}\n\n${'word '.repeat(99)}end.`
    await read(`${part('One')}\n\n${part('Two')}\n\n${part('Three')}`)
    expect(screen.getByText(/can be sent at once\. Choose the parts below/)).toBeTruthy()
    expect(screen.getByRole<HTMLButtonElement>('button', { name: /^Have 10/ }).disabled).toBe(true)
    await userEvent.click(screen.getByRole('checkbox', { name: /^Two/ }))
    await userEvent.click(screen.getByRole('button', { name: /^Have 10/ }))
    await waitFor(() => expect(address()).toBe('/drafts/d1'))
    const sent = (calls.find(({ asked }) => asked === 'POST /api/drafts')?.body as { source: string }).source
    expect(sent).toMatch(/^Two/)
    expect(sent).not.toContain('Three')
  })

  test('a page is read, and why not is said', async () => {
    let url = ''
    show(WRITING, {
      'POST /api/writing/page': (body: unknown) => {
        url = (body as { url: string }).url
        return url.includes('none')
          ? refused(422, 'There is no page at this address (status 404).')
          : { text: 'Fog is cloud.' }
      },
    })
    await screen.findByText(/drafts to choose from/)
    await userEvent.click(screen.getByRole('button', { name: 'From a page…' }))
    const field = screen.getByRole('textbox', { name: /Address of the page/ })
    await userEvent.type(field, 'http://x/none{Enter}')
    expect((await screen.findByRole('alert')).textContent).toContain('There is no page')
    await userEvent.clear(field)
    await userEvent.type(field, 'http://x/fog{Enter}')
    await waitFor(() =>
      expect(screen.getByRole<HTMLTextAreaElement>('textbox', { name: /^The reading/ }).value).toBe('Fog is cloud.'),
    )
  })

  test('of a topic a reading is drafted, and is one’s own to mend', async () => {
    const done = reply({ id: 'r9', draftId: null, purpose: 'reading', text: 'Fog\n\nFog is cloud.', isTaken: false })
    const { calls } = show(WRITING, { 'POST /api/writing/replies': done, 'GET /api/writing/replies/r9': done })
    await screen.findByText(/drafts to choose from/)
    await userEvent.click(screen.getByRole('button', { name: 'Only a topic…' }))
    await userEvent.type(screen.getByRole('textbox', { name: /The topic/ }), 'fog{Enter}')
    await waitFor(() =>
      expect(screen.getByRole<HTMLTextAreaElement>('textbox', { name: /^The reading/ }).value).toContain(
        'Fog is cloud.',
      ),
    )
    expect(calls.find(({ asked }) => asked === 'POST /api/writing/replies')?.body).toMatchObject({
      purpose: 'reading',
      what: 'a reading on fog',
    })
    expect(screen.getByText(/Read it and mend it/)).toBeTruthy()
  })
})

describe('the bar of a reply', () => {
  const show = (more: object, read = 3, isMissing = false, isFresh = true, answers: Answers = {}) => {
    const putIn = jest.fn()
    const page = showPage(
      <ReplyBar reply={reply(more) as Reply} read={read} isMissing={isMissing} isFresh={isFresh} putIn={putIn} />,
      { answers },
    )
    return { ...page, putIn }
  }

  test.each([
    [{ state: 'writing' }, 3, /Skerry is writing 7 questions: 3 items read so far/],
    [{ state: 'cut', text: 'x' }, 3, /stopped at the limit of one reply/],
    [{ state: 'failed', why: 'Skerry fell silent.' }, 0, /Skerry fell silent\. Nothing came\./],
    [{ state: 'stopped', text: 'x' }, 2, /It was stopped\. What came is here/],
    [{ state: 'done' }, 5, /7 questions were asked for, and 5 items were read/],
  ])('%j', (more, read, says) => {
    show(more, read)
    expect(screen.getByText(says)).toBeTruthy()
  })

  test('says nothing where all is there', () => {
    const { container } = show({ state: 'done', isTaken: true }, 7)
    expect(container.textContent).toBe('')
  })

  test('stops, goes on, puts in', async () => {
    const first = show({ state: 'writing' }, 1, false, true, {
      'POST /api/writing/replies/r1/stop': reply({ state: 'stopped' }),
    })
    await userEvent.click(screen.getByRole('button', { name: 'Stop' }))
    expect(first.calls.at(-1)?.asked).toBe('POST /api/writing/replies/r1/stop')
    first.unmount()
    const second = show({ state: 'cut', text: 'x' }, 1, true, true, {
      'POST /api/writing/replies/r1/go-on': reply({ state: 'writing' }),
    })
    await userEvent.click(screen.getByRole('button', { name: 'Go on' }))
    expect(second.calls.at(-1)?.asked).toBe('POST /api/writing/replies/r1/go-on')
    await userEvent.click(screen.getByRole('button', { name: /^Put in/ }))
    expect(second.putIn).toHaveBeenCalled()
  })
})

describe('what of a reply is not in a text yet', () => {
  const REPLY = 'Sure!\n\n1. What is the ebb called?\nAnswer: ebb\n\n2. What is the flood called?\nAnswer: flood\n'
  test.each([
    ['', REPLY],
    [REPLY, ''],
    ['something else', REPLY],
    [
      'Sure!\n\n1. What is the ebb called?\nAnswer: ebb\n',
      'Answer: ebb\n\n2. What is the flood called?\nAnswer: flood\n',
    ],
    ['1. What is the flood called? Really, I changed it.', REPLY],
  ])('%j', (text, rest) => {
    expect(restOf(REPLY, text)).toBe(rest)
  })
})

describe('evidence', () => {
  function Desk({
    text,
    source,
    went,
  }: {
    readonly text: string
    readonly source: string | null
    readonly went: (item: number) => void
  }) {
    const items = readDraft({ text }).items.map((read) => ({ read, followed: {} })) as unknown as DeskItem[]
    const found = useEvidence(source, items)
    return (
      <>
        <EvidenceButton found={found} open={() => undefined} />
        <EvidenceDialog found={found} items={items} open close={() => undefined} goTo={went} />
      </>
    )
  }
  const TEXT =
    '1. What is the stream called that runs while the water falls?\na) flood\nb) ebb\nAnswer: b\n\n2. True or false: The tide turns 3 times a day.\nAnswer: True\n\n3. Who was the first king of the island?\nAnswer: Olav\n'

  test('what is wrong stands first, each with the sentence, and leads to the item', async () => {
    const went = jest.fn()
    showPage(<Desk text={TEXT} source={SOURCE} went={went} />)
    const rows = screen.getAllByRole('listitem').map((row) => row.textContent)
    expect(rows.map((row) => row?.slice(0, 2))).toEqual(['2.', '3.', '1.'])
    expect(rows[0]).toMatch(/the reading says otherwise: look at the key.*The tide turns 2 times a day/)
    expect(rows[1]).toMatch(/no sentence of the reading is about it$/)
    expect(rows[2]).toMatch(/the reading says it.*is called the ebb/)
    expect(screen.getByText(/2 items to look at first/)).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: /Who was the first king/ }))
    expect(went).toHaveBeenCalledWith(2)
  })

  test('a draft without a reading has none', () => {
    showPage(<Desk text={TEXT} source={null} went={() => undefined} />)
    expect(screen.queryByRole('button', { name: /Evidence/ })).toBeNull()
  })

  test('of a transcript the time is told', () => {
    showPage(
      <Desk text={'1. The stream _____.\nAnswer: runs\n'} source="[01:05] The stream runs." went={() => undefined} />,
    )
    expect(screen.getByText(/^\[1:05\]/)).toBeTruthy()
  })
})
