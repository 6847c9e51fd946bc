import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { readDraft } from '@zakuska/core'
import { OWNER, refused, showPage, type Answers } from '../../testing/page'
import type { DeskItem } from '../desk-state'
import { EvidenceButton, EvidenceDialog, useEvidence } from './EvidenceDialog'
import { RequestPage } from './RequestPage'

const SOURCE = 'The tide turns 2 times a day. The stream that runs while the water falls is called the ebb.'

describe('a request', () => {
  const show = (answers: Answers = {}, person = OWNER) =>
    showPage(<RequestPage />, { at: '/drafts/request', path: '/drafts/request', answers, person })
  const text = () => screen.getByRole<HTMLTextAreaElement>('textbox', { name: /^The request/ }).value

  test('is made as it is wanted, and says nothing before there is a reading', async () => {
    show()
    expect(text()).toBe('')
    await userEvent.type(screen.getByRole('textbox', { name: /^The reading/ }), SOURCE)
    expect(screen.getByText('19 words')).toBeTruthy()
    const single = screen.getByRole('spinbutton', { name: 'single choice' })
    await userEvent.clear(single)
    await userEvent.type(single, '3')
    await userEvent.type(screen.getByRole('textbox', { name: 'For whom' }), 'grade 9')
    expect(text()).toMatch(
      /^Write 7 questions[\s\S]*- 3 × single choice[\s\S]*They are for: grade 9\.[\s\S]*called the ebb\.$/,
    )
  })

  test('the reply becomes a draft with its reading', async () => {
    const { calls, address } = show({ 'POST /api/drafts': { id: 'd7' } })
    await userEvent.type(screen.getByRole('textbox', { name: /^The reading/ }), SOURCE)
    await userEvent.type(screen.getByRole('textbox', { name: 'Its reply' }), '1. What is it called?')
    await userEvent.click(screen.getByRole('button', { name: 'Make it a draft' }))
    await waitFor(() => expect(address()).toBe('/drafts/d7'))
    expect(calls[0]?.body).toMatchObject({ text: '1. What is it called?', source: SOURCE })
  })

  test.each([
    ['\n  Anchoring off Skarnholm\n\nA boat lies …', 'Anchoring off Skarnholm'],
    ['00:00:03.500 --> 00:00:06\n[00:03] Good evening.', 'Good evening.'],
    [SOURCE, 'The tide turns 2 times a day. The stream that runs while …'],
  ])('the draft is named after its reading: %j', async (source, title) => {
    const { calls, address } = show({ 'POST /api/drafts': { id: 'd7' } })
    await userEvent.click(screen.getByRole('textbox', { name: /^The reading/ }))
    await userEvent.paste(source)
    await userEvent.type(screen.getByRole('textbox', { name: 'Its reply' }), '1. What?')
    await userEvent.click(screen.getByRole('button', { name: 'Make it a draft' }))
    await waitFor(() => expect(address()).toBe('/drafts/d7'))
    expect(calls[0]?.body).toMatchObject({ title })
  })

  test('what the server refuses is said, and the reply stays', async () => {
    show({ 'POST /api/drafts': refused(400, 'The text is longer than a draft can be') })
    await userEvent.type(screen.getByRole('textbox', { name: 'Its reply' }), 'much')
    await userEvent.click(screen.getByRole('button', { name: 'Make it a draft' }))
    expect((await screen.findByRole('alert')).textContent).toContain('longer than a draft can be')
    expect(screen.getByRole<HTMLTextAreaElement>('textbox', { name: 'Its reply' }).value).toBe('much')
  })

  test('who may not write is told who could', () => {
    show({}, { ...OWNER, role: 'viewer', rights: ['see'] })
    expect(screen.getByText('You are a viewer; to make a draft takes an editor.')).toBeTruthy()
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
