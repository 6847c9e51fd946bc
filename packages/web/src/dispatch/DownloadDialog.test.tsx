import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import type { Paper } from '../papers/queries'
import { paper } from '../testing/dispatch'
import { showPage, type Answers } from '../testing/page'
import { DownloadDialog } from './DownloadDialog'
import { rowsOf } from './fit-rows'

const PROOF = { format: 'qti21', sent: 1, probes: 3, agreeing: 3, announced: 0, wrong: [] }

function show(answers: Answers = {}) {
  const own = paper() as Paper
  return showPage(
    <DownloadDialog paper={own} rows={rowsOf(own, {})} unsigned={1} accepted={{}} open close={() => undefined} />,
    {
      answers: { 'GET /api/files/layouts': [], 'GET /api/papers/p/proof': [PROOF], 'GET /api/papers': [], ...answers },
    },
  )
}

const link = (): URLSearchParams =>
  new URL(screen.getByRole<HTMLAnchorElement>('link', { name: /^Download \d/ }).href).searchParams

test('where it goes settles which files are offered, the best first, proven before they are taken', async () => {
  show()
  expect(screen.queryByRole('checkbox')).toBeNull()
  await userEvent.click(screen.getByRole('radio', { name: 'A course site' }))
  expect(screen.getAllByRole('checkbox').map((one) => one.closest('label')?.querySelector('b')?.textContent)).toEqual([
    ...['QTI 2.1', 'Common Cartridge', 'QTI 1.2', 'QTI 3.0', 'QTI 2.2', 'GIFT', 'Aiken'],
  ])
  await screen.findByText(/Keys proven: 1 item, 3 of 3 probes/)
  expect([link().get('formats'), link().get('unsigned')]).toEqual(['qti21', 'false'])
  await userEvent.click(screen.getByRole('radio', { name: 'A live game' }))
  expect(link().get('formats')).toBe('game-sheet')
  await userEvent.click(screen.getByRole('radio', { name: 'Paper' }))
  expect(screen.getByRole('link', { name: 'print it from its desk' }).getAttribute('href')).toBe('/papers/p')
})

test('unsigned items go only where that was said; the probes to try by hand go with them', async () => {
  show()
  await userEvent.click(screen.getByRole('radio', { name: 'A course site' }))
  const sheet = () => decodeURIComponent(screen.getByRole<HTMLAnchorElement>('link', { name: /Sheet of probes/ }).href)
  expect(sheet()).not.toContain('How deep is it?')
  await userEvent.click(screen.getByRole('radio', { name: 'Take it along' }))
  expect(link().get('unsigned')).toBe('true')
  expect(sheet()).toContain('How deep is it?')
})

test('a key that does not come through is loud, before anything is taken', async () => {
  show({ 'GET /api/papers/p/proof': [{ ...PROOF, agreeing: 2, wrong: ['Rye is a grain.'] }] })
  await userEvent.click(screen.getByRole('radio', { name: 'A course site' }))
  await waitFor(() => expect(screen.getByRole('alert').textContent).toBe('◆ Not as here: “Rye is a grain.”'))
})

test('other papers come in the same zip, each with what of it goes and how its keys fare', async () => {
  show({
    'GET /api/papers': [paper(), paper({ id: 'p2', title: 'Week 3' })],
    'GET /api/papers/p2': paper({ id: 'p2', title: 'Week 3' }),
    'GET /api/papers/p2/proof': [{ ...PROOF, wrong: ['Rye is a grain.'] }],
  })
  await userEvent.click(screen.getByRole('radio', { name: 'A course site' }))
  await userEvent.click(await screen.findByText('Other papers in the same zip'))
  expect(screen.queryByRole('checkbox', { name: 'Week 2' })).toBeNull()
  await userEvent.click(screen.getByRole('checkbox', { name: 'Week 3' }))
  await screen.findByText(/QTI 2.1: 1 item/)
  expect((await screen.findByRole('alert')).textContent).toBe('◆ Not as here: “Rye is a grain.”')
  expect([link().get('with'), screen.getByRole('link', { name: /^Download/ }).textContent]).toEqual([
    'p2',
    'Download 2 files',
  ])
})
