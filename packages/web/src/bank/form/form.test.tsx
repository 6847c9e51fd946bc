import { render, screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { contentOf, DEFAULT_TEXT_RULES, type Item } from '@zakuska/core'
import { Notices } from '../../parts/notices'
import { ItemForm } from '../ItemForm'

const user = userEvent.setup()
const common = { stem: contentOf('Which is a grain?'), points: 1, tags: [] }
const option = (id: string, text: string) => ({ id, content: contentOf(text) })
const single: Item = {
  ...common,
  kind: 'single',
  shuffle: true,
  options: [option('a', 'oak'), option('b', 'rye')],
  key: ['a'],
}

function show(start: Item, more: { readonly fresh?: boolean; readonly problem?: string } = {}) {
  const save = jest.fn<void, [Item]>()
  const cancel = jest.fn()
  render(
    <Notices>
      <ItemForm
        start={start}
        saving={false}
        problem={more.problem}
        save={save}
        cancel={cancel}
        fresh={more.fresh ?? false}
      />
    </Notices>,
  )
  return {
    cancel,
    saved: async (): Promise<Item | undefined> => {
      save.mockClear()
      await user.click(screen.getByRole('button', { name: more.fresh ? 'Put in the bank' : 'Save' }))
      return save.mock.calls[0]?.[0]
    },
  }
}
const retype = async (name: string | RegExp, text: string): Promise<void> => {
  const field = screen.getByRole('textbox', { name })
  await user.clear(field)
  if (text) await user.type(field, text)
}

test('the key of a single choice is one option; what is left as it was is saved as it was', async () => {
  const { saved } = show(single)
  expect(await saved()).toEqual(single)
  await user.click(screen.getByRole('radio', { name: 'Option b is the key' }))
  expect(await saved()).toMatchObject({ key: ['b'] })
})

test('options are added, moved and taken out, with their keys', async () => {
  const { saved } = show({ ...single, kind: 'multiple', credit: 'all', key: ['a', 'b'] })
  await user.click(screen.getByRole('button', { name: 'Move option a down' }))
  await user.click(screen.getByRole('button', { name: 'Take option a out' }))
  await user.click(screen.getByRole('button', { name: 'Add an option' }))
  // An option without a text, and only one that has one.
  expect(await saved()).toBeUndefined()
  expect(screen.getByRole('alert').textContent).toMatch(/^◆ Option/)
})

test('weights begin as what each option earns, and are changed from there', async () => {
  const { saved } = show({ ...single, kind: 'multiple', credit: 'all', key: ['b'] })
  await user.selectOptions(screen.getByRole('combobox', { name: /credit/ }), 'by weights')
  const share = screen.getByRole('spinbutton', { name: /for option a/ })
  expect((share as HTMLInputElement).value).toBe('-100')
  await user.clear(share)
  await user.type(share, '-50')
  expect(await saved()).toMatchObject({ credit: 'weights', weights: { a: -0.5, b: 1 } })
})

test('a wrong option of a single choice may earn a share; taking that back leaves none', async () => {
  const { saved } = show(single)
  const may = screen.getByRole('checkbox', { name: 'a wrong option may earn a share' })
  await user.click(may)
  await user.type(screen.getByRole('spinbutton', { name: /for option b/ }), '25')
  expect(await saved()).toMatchObject({ weights: { b: 0.25 } })
  await user.click(may)
  expect(await saved()).not.toHaveProperty('weights')
})

test('typed answers stand one a line, with what counts as the same', async () => {
  const { saved } = show({ ...common, kind: 'short', key: ['rye'], rules: DEFAULT_TEXT_RULES })
  await retype('Accepted answers', 'rye{Enter}Rye grass')
  await user.click(screen.getByRole('checkbox', { name: 'letter case counts' }))
  await user.click(screen.getByRole('checkbox', { name: '* stands for any letters' }))
  await user.selectOptions(screen.getByRole('combobox', { name: /wrong letters allowed/ }), 'one')
  expect(await saved()).toMatchObject({
    key: ['rye', 'Rye grass'],
    rules: { letterCase: 'respect', pattern: 'star', misspelt: 1 },
  })
})

test('numbers are read as they are typed; what is none is said and not saved', async () => {
  const { saved } = show({ ...common, kind: 'numeric', key: [{ value: 1, tolerance: 0 }] })
  await retype('Numbers that count', '1852 ± 2{Enter}1.8 to 1.9')
  const shares = screen.getAllByRole('spinbutton', { name: /%|±|to/ })
  await user.clear(shares[1]!)
  await user.type(shares[1]!, '50')
  await retype('Unit', 'm')
  await user.click(screen.getByRole('checkbox', { name: 'the unit must be typed' }))
  await retype('Other units that count', 'NM = 1852; fathoms = many')
  expect(await saved()).toMatchObject({
    key: [
      { value: 1852, tolerance: 2 },
      { min: 1.8, max: 1.9, credit: 0.5 },
    ],
    unit: 'm',
    unitRule: 'required',
    conversions: [{ unit: 'NM', factor: 1852 }],
  })
  await retype('Numbers that count', 'about ten')
  expect(screen.getByText(/“about ten” cannot be read/)).toBeTruthy()
})

test('a comma that may part off thousands is not read in silence', async () => {
  const { saved } = show({ ...common, kind: 'numeric', key: [{ value: 1, tolerance: 0 }] })
  await retype('Numbers that count', '1,852 ± 1')
  expect(screen.getByText(/“1,852 ± 1” is read as 1.852 ± 1: the comma parts off decimals/)).toBeTruthy()
  expect(await saved()).toMatchObject({ key: [{ value: 1.852, tolerance: 1 }] })
  for (const clear of ['1852', '3,5', '0,125', '12,3456']) {
    await retype('Numbers that count', clear)
    expect(screen.queryByText(/parts off decimals/)).toBeNull()
  }
})

test('the parts of a matching have partners; a part that goes takes its pair along', async () => {
  const { saved } = show({
    ...common,
    kind: 'match',
    left: [contentOf('bow'), contentOf('stern'), contentOf('mast')],
    right: [contentOf('front'), contentOf('back'), contentOf('up')],
    key: [
      [0, 0],
      [1, 1],
      [2, 2],
    ],
  })
  await user.selectOptions(screen.getByRole('combobox', { name: 'Partner of left part 2' }), 'c')
  await user.click(screen.getByRole('button', { name: 'Take left part 1 out' }))
  expect(await saved()).toMatchObject({
    left: [contentOf('stern'), contentOf('mast')],
    key: [
      [0, 2],
      [1, 2],
    ],
  })
})

test('rows of a grid choose their column', async () => {
  const { saved } = show({
    ...common,
    kind: 'grid',
    rows: [contentOf('rye'), contentOf('oak')],
    columns: [contentOf('grain'), contentOf('tree')],
    key: [[0, 0]],
  })
  await user.selectOptions(screen.getByRole('combobox', { name: 'Column of row 2' }), 'column 2')
  expect(await saved()).toMatchObject({
    key: [
      [0, 0],
      [1, 1],
    ],
  })
  await user.selectOptions(screen.getByRole('combobox', { name: 'Column of row 1' }), 'no key')
  await user.click(screen.getByRole('button', { name: 'Take column 1 out' }))
  expect(await saved()).toBeUndefined()
})

test('entries of an ordering stand in their right order', async () => {
  const options = [option('a', 'first'), option('b', 'second'), option('c', 'third')]
  const { saved } = show({ ...common, kind: 'order', options, key: ['a', 'b', 'c'] })
  await user.click(screen.getByRole('button', { name: 'Move entry 3 up' }))
  await user.click(screen.getByRole('checkbox', { name: /neighbours/ }))
  expect(await saved()).toMatchObject({ key: ['a', 'c', 'b'], credit: 'neighbours' })
  await user.click(screen.getByRole('button', { name: 'Take entry 2 out' }))
  expect(await saved()).toMatchObject({ key: ['a', 'b'] })
})

test('the gaps of a cloze have what they accept and what they offer, parted by bars', async () => {
  const stem = [
    { type: 'paragraph' as const, content: [{ type: 'text' as const, text: 'Rye is a ' }, { type: 'gap' as const }] },
  ]
  const { saved } = show({ ...common, stem, kind: 'cloze', gaps: [{ key: ['x'] }], rules: DEFAULT_TEXT_RULES })
  await retype('Accepted in gap 1', 'grain | cereal |')
  await retype('Offered in gap 1', 'grain | cereal | tree')
  await retype('Word bank', 'grain | tree')
  expect(await saved()).toMatchObject({
    gaps: [{ key: ['grain', 'cereal'], choices: ['grain', 'cereal', 'tree'] }],
    wordBank: ['grain', 'tree'],
  })
  await retype('Offered in gap 1', '')
  expect(await saved()).toMatchObject({ gaps: [{ key: ['grain', 'cereal'] }] })
})

test('a scale has its ends and their labels; an essay its rubric', async () => {
  const scale = show({ ...common, kind: 'scale', points: 0, low: 1, high: 5 })
  await retype('Label of the high end', 'often')
  const low = screen.getByRole('spinbutton', { name: 'Low end' })
  await user.clear(low)
  await user.type(low, '0')
  expect(await scale.saved()).toMatchObject({ low: 0, high: 5, highLabel: 'often' })
})

test('lines of a rubric are added, worth something, and taken out', async () => {
  const { saved } = show({ ...common, kind: 'essay', rubric: [{ says: 'Clear', points: 2 }] })
  await user.click(screen.getByRole('button', { name: 'Add a line' }))
  await retype('Line 2 of the rubric', 'Whole')
  const points = screen.getByRole('spinbutton', { name: 'Points of line 2' })
  await user.clear(points)
  await user.type(points, '0.5')
  expect(await saved()).toMatchObject({
    rubric: [
      { says: 'Clear', points: 2 },
      { says: 'Whole', points: 0.5 },
    ],
  })
  await user.click(screen.getByRole('button', { name: 'Take line 1 out' }))
  expect(await saved()).toMatchObject({ rubric: [{ says: 'Whole', points: 0.5 }] })
})

test('tags, points, time and filing', async () => {
  const { saved } = show(single)
  await retype(/^Tags/, 'food, , grains')
  await retype('Outcome', 'G1')
  const points = screen.getByRole('spinbutton', { name: 'Points' })
  await user.clear(points)
  // Without points it is not saved, and says so.
  expect(await saved()).toBeUndefined()
  expect(screen.getByRole('alert').textContent).toMatch(/The points/)
  await user.type(points, '2.5')
  await user.type(screen.getByRole('spinbutton', { name: /^Time limit/ }), '45')
  expect(await saved()).toMatchObject({ tags: ['food', 'grains'], outcome: 'G1', points: 2.5, timeLimit: 45 })
})

test('another kind of it asks for what that kind needs', async () => {
  const { saved, cancel } = show(single, { fresh: true })
  await user.selectOptions(screen.getByRole('combobox', { name: 'Kind' }), 'Essay')
  expect(screen.queryByRole('radio')).toBeNull()
  expect(await saved()).toMatchObject({ kind: 'essay', stem: single.stem })
  await user.click(screen.getByRole('button', { name: 'Cancel' }))
  expect(cancel).toHaveBeenCalled()
})

test('what the server says against it stands above the button', () => {
  show(single, { problem: 'An item of this name is there already.' })
  expect(screen.getByRole('alert').textContent).toContain('is there already')
  expect(within(screen.getByRole('combobox', { name: 'Kind' })).getAllByRole('option').length).toBeGreaterThan(10)
})
