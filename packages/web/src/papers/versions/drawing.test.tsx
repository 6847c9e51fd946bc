import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { useState } from 'react'
import { paper } from '../../testing/dispatch'
import { OWNER, refused, showPage, type Answers } from '../../testing/page'
import type { PaperState, Rule } from '../paper-parts'
import type { Paper } from '../queries'
import { DrawForm } from './DrawForm'
import { Rules } from './RuleFields'

const RULE: Rule = { id: 'r1', count: 5, filter: { signedOff: 'yes' }, sectionId: null, points: null }
const FACETS = {
  ...{ all: 12, waiting: 0 },
  facets: [
    { name: 'tag', values: [{ value: 'knots', count: 7 }] },
    { name: 'kind', values: [{ value: 'single', count: 9 }] },
    { name: 'level', values: [] },
  ],
}

let rules: readonly Rule[]

function Ruled({ start, found, sections }: { start: Rule[]; found: number[]; sections: PaperState['sections'] }) {
  const [own, setOwn] = useState(start)
  rules = own
  const state = { rules: own, sections } as unknown as PaperState
  return <Rules state={state} change={(part) => part.rules && setOwn(part.rules)} found={found} />
}

const showRules = (start: Rule[], found: number[] = [], sections: PaperState['sections'] = []) =>
  showPage(<Ruled start={start} found={found} sections={sections} />, { answers: { 'GET /api/items/facets': FACETS } })

describe('rules to draw by', () => {
  test('without one it is said what a version holds; a new one draws five that are signed off', async () => {
    showRules([])
    expect(screen.getByText(/^Without rules a version holds the items of this paper/)).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: 'Add a rule' }))
    expect(rules).toMatchObject([{ count: 5, filter: { signedOff: 'yes' }, sectionId: null, points: null }])
    expect(screen.queryByText(/^Without rules/)).toBeNull()
  })

  test('is narrowed by what there is, and widened again', async () => {
    showRules([RULE])
    const narrow = screen.getByRole('combobox', { name: 'Narrow rule 1' })
    await screen.findByRole('option', { name: 'knots (7)' })
    // What nothing is found by is not offered.
    expect(within(narrow).queryByRole('group', { name: 'Level' })).toBeNull()
    await userEvent.selectOptions(narrow, 'tag=knots')
    expect(rules[0]?.filter).toEqual({ signedOff: 'yes', tag: 'knots' })
    await userEvent.click(screen.getByRole('button', { name: 'Rule 1: do without tag knots' }))
    expect(rules[0]?.filter).toEqual({ signedOff: 'yes' })
  })

  test('how many, from 1 to 200: what cannot be is not taken', async () => {
    showRules([RULE])
    const count = screen.getByRole('spinbutton', { name: 'How many items rule 1 draws' })
    await userEvent.clear(count)
    expect(rules[0]?.count).toBe(5)
    await userEvent.type(count, '7')
    expect(rules[0]?.count).toBe(57)
    await userEvent.type(count, '0')
    expect(rules[0]?.count).toBe(57)
  })

  test('points of their own, and the section that they go to', async () => {
    showRules([RULE], [], [{ id: 's1', title: 'Knots' }] as unknown as PaperState['sections'])
    await userEvent.type(screen.getByRole('spinbutton', { name: 'Points of what rule 1 draws' }), '2')
    await userEvent.selectOptions(screen.getByRole('combobox', { name: 'Section of what rule 1 draws' }), 'Knots')
    expect(rules[0]).toMatchObject({ points: 2, sectionId: 's1' })
    await userEvent.clear(screen.getByRole('spinbutton', { name: 'Points of what rule 1 draws' }))
    await userEvent.selectOptions(screen.getByRole('combobox', { name: 'Section of what rule 1 draws' }), '')
    expect(rules[0]).toMatchObject({ points: null, sectionId: null })
  })

  test('one that finds too few says by how many', () => {
    showRules([RULE, { ...RULE, id: 'r2', count: 2 }], [3, 9])
    expect(screen.getByText('◆ Finds 3, short by 2')).toBeTruthy()
    expect(screen.getByText('finds 9 items')).toBeTruthy()
  })

  test('one of two is taken out', async () => {
    showRules([RULE, { ...RULE, id: 'r2', count: 2 }])
    await userEvent.click(screen.getByRole('button', { name: 'Take rule 1 out' }))
    expect(rules.map(({ id }) => id)).toEqual(['r2'])
  })
})

describe('drawing versions', () => {
  const flush = jest.fn(() => Promise.resolve())
  const show = (answers: Answers = {}, { drawn = 0, total = 6, person = OWNER } = {}) =>
    showPage(<DrawForm paper={paper() as unknown as Paper} flush={flush} drawn={drawn} total={total} />, {
      answers: {
        'GET /api/papers': [
          { id: 'p', title: 'This one', versionOf: null },
          { id: 'q', title: 'Week 1', versionOf: null },
          { id: 'v', title: 'Week 1, version A', versionOf: 'q' },
        ],
        'POST /api/papers/p/draw': {},
        ...answers,
      },
      person,
    })
  beforeEach(() => flush.mockClear())

  test('two versions where none is drawn, by chance of their own, from what is saved', async () => {
    const { calls } = show()
    await userEvent.click(screen.getByRole('button', { name: 'Draw' }))
    await screen.findByText('2 versions were drawn; they stay until drawn again.')
    expect(flush).toHaveBeenCalledTimes(1)
    expect(calls.find(({ asked }) => asked.startsWith('POST'))?.body).toEqual({ versions: 2, apart: false, avoid: [] })
  })

  test('with a seed, apart from each other, and without what another paper had', async () => {
    const { calls } = show({}, { drawn: 3 })
    const other = await screen.findByRole('combobox', { name: 'Do not draw what was on a paper' })
    // Neither the paper itself nor versions of others.
    expect(
      within(other)
        .getAllByRole('option')
        .map(({ textContent }) => textContent),
    ).toEqual(['a paper …', 'Week 1'])
    await userEvent.selectOptions(other, 'Week 1')
    await userEvent.click(screen.getByRole('checkbox', { name: 'No version draws what another has' }))
    await userEvent.type(screen.getByPlaceholderText('a new one'), '42')
    await userEvent.click(screen.getByRole('button', { name: 'Draw again' }))
    await waitFor(() =>
      expect(calls.find(({ asked }) => asked.startsWith('POST'))?.body).toEqual({
        ...{ versions: 3, apart: true, avoid: ['q'], seed: 42 },
      }),
    )
  })

  test('what cannot be saved is not drawn from', async () => {
    flush.mockRejectedValueOnce(new Error('no'))
    const { calls } = show()
    await userEvent.click(screen.getByRole('button', { name: 'Draw' }))
    expect(calls.filter(({ asked }) => asked.startsWith('POST'))).toEqual([])
  })

  test('a refusal is said', async () => {
    show({ 'POST /api/papers/p/draw': refused(422, 'Rule 1 finds 3 items and is to draw 5.') })
    await userEvent.click(screen.getByRole('button', { name: 'Draw' }))
    expect((await screen.findByRole('alert')).textContent).toContain('Rule 1 finds 3 items')
  })

  test('without items there is nothing to draw', () => {
    show({}, { total: 0 })
    expect(screen.getByRole('button', { name: 'Draw' }).matches(':disabled')).toBe(true)
  })
})
