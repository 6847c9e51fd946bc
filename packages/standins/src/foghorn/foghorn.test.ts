import Excel from 'exceljs'
import { startFoghorn } from './index.ts'
import { COLUMNS, scoreOf } from './model.ts'
import { roundsIn } from './sheet.ts'

let site: Awaited<ReturnType<typeof startFoghorn>>
beforeAll(async () => {
  site = await startFoghorn({ port: 0, file: null, token: 'tok' })
})
afterAll(() => site.close())

const HEAD = COLUMNS.join(',')
const rounds = (text: string) => roundsIn(Buffer.from(text), () => 'r')

test('a row is a round, or says why it is none', async () => {
  const { rows } = await rounds(
    [
      HEAD,
      '30,Which?,A,ebb,flood',
      '30,,A,ebb,flood',
      '30,Which?,C,ebb,flood',
      '30,Which?,A,ebb',
      '30,Which?,A,ebb,ebb',
      '5,Which?,A,ebb,flood',
      `30,${'x'.repeat(151)},A,ebb,flood`,
      `30,Which?,A,${'x'.repeat(81)},flood`,
      '30,Which?,A,ebb,,flood',
      '30,Which?,"A, B",ebb,flood,slack',
    ].join('\n'),
  )
  expect(rows.map(({ row, outcome, why }) => [row, outcome === 'taken' ? '' : why])).toEqual([
    [2, ''],
    [3, 'There is no question.'],
    [4, 'Right names no option, or one that is not there.'],
    [5, 'There are fewer than two options.'],
    [6, 'Two options are alike.'],
    [7, 'The time is from 10 to 120 seconds.'],
    [8, 'The question has more than 150 letters.'],
    [9, 'An option has more than 80 letters.'],
    [10, 'An option between others is empty.'],
    [11, ''],
  ])
})

test('a workbook is read like a table of text; other columns and other files are refused', async () => {
  const book = new Excel.Workbook()
  const sheet = book.addWorksheet('Game')
  sheet.addRows([[...COLUMNS], [20, 'Which?', 'b', 'ebb', 'flood']])
  const bytes = Buffer.from(await book.xlsx.writeBuffer())
  expect((await roundsIn(bytes, () => 'r')).rounds).toMatchObject([
    { stem: 'Which?', options: ['ebb', 'flood'], right: [1], seconds: 20 },
  ])
  await expect(rounds('Question,Answer\nWhich?,ebb')).rejects.toThrow('The columns of a sheet are: Seconds, Question')
  await expect(roundsIn(Buffer.from('PK\u0003\u0004 no'), () => 'r')).rejects.toThrow('The workbook cannot be read.')
  await expect(roundsIn(Buffer.alloc(1024 * 1024 + 1), () => 'r')).rejects.toThrow('A sheet has at most 1 MB.')
})

test('right scores more than half, and the time that is left adds to it; wrong scores nothing', () => {
  const round = { id: 'r', stem: '', options: ['a', 'b', 'c'], right: [0, 2], seconds: 10 }
  expect([0, 5000, 10_000, 20_000].map((ms) => scoreOf(round, [2, 0], ms))).toEqual([1000, 800, 600, 600])
  expect([scoreOf(round, [0], 0), scoreOf(round, [0, 1, 2], 0)]).toEqual([0, 0])
})

interface Game {
  id: string
  code: string
  hostPath: string
  rounds: string[]
}

test('a game is played: who has no key of the host runs nothing, and nobody sees what is right before it is over', async () => {
  const made = await fetch(`${site.url}/api/games?title=Tides`, {
    method: 'POST',
    headers: { authorization: 'Bearer tok', 'content-type': 'text/csv' },
    body: `${HEAD}\n30,Which?,B,ebb,flood\n`,
  })
  const game = (await made.json()) as Game
  const key = new URL(game.hostPath, site.url).search
  const join = await fetch(`${site.url}/join`, {
    method: 'POST',
    body: new URLSearchParams({ code: game.code.toLowerCase(), name: 'Bente' }),
    redirect: 'manual',
  })
  const place = site.url + (join.headers.get('location') ?? '')
  const state = async (path: string) => (await (await fetch(path)).json()) as Record<string, unknown>
  expect(await state(`${place}/state`)).toMatchObject({ phase: 'wait', name: 'Bente' })
  expect((await fetch(`${site.url}/host/${game.id}/next`, { method: 'POST' })).status).toBe(403)
  await fetch(`${site.url}/host/${game.id}/next${key}`, { method: 'POST' })
  const asked = await state(`${place}/state`)
  expect(asked).toMatchObject({ phase: 'asked', stem: 'Which?', options: ['ebb', 'flood'], several: false })
  expect(asked).not.toHaveProperty('right')
  expect((await state(`${site.url}/host/${game.id}/state${key}`))['right']).toEqual([])
  const answer = (chosen: number[]) =>
    fetch(`${place}/answer`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ round: game.rounds[0], chosen }),
    })
  await answer([1])
  // Everybody has answered: it is over, and a second thought comes too late.
  expect((await answer([0])).status).toBe(409)
  expect(await state(`${place}/state`)).toMatchObject({ phase: 'shown', isRight: true })
  await fetch(`${site.url}/host/${game.id}/next${key}`, { method: 'POST' })
  expect(await state(`${site.url}/host/${game.id}/state${key}`)).toMatchObject({
    phase: 'over',
    standing: [{ name: 'Bente', score: expect.any(Number) as number }],
  })
  const csv = await fetch(`${site.url}/api/games/${game.id}/responses.csv`, {
    headers: { authorization: 'Bearer tok' },
  })
  expect(await csv.text()).toMatch(/^player,Which\?,score\r\nBente,b,\d+\r\n$/)
})
