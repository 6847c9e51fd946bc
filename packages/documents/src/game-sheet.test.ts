import { contentOf, type Item } from '@zakuska/core'
import { gameSheet } from './game-sheet.ts'
import { writeFileAs } from './write-file.ts'

const choice = (key: string[], more: object = {}): Item =>
  ({
    kind: key.length > 1 ? 'multiple' : 'single',
    stem: contentOf('Which of\nthese?'),
    points: 1,
    tags: [],
    options: ['ebb', '=flood', 'slack'].map((text, at) => ({ id: 'abc'.charAt(at), content: contentOf(text) })),
    key,
    shuffle: true,
    ...(key.length > 1 && { credit: 'all' }),
    ...more,
  }) as Item
const truth: Item = { kind: 'truefalse', stem: contentOf('Rye is a grain.'), points: 1, tags: [], key: [false] }
const essay: Item = { kind: 'essay', stem: contentOf('Why?'), points: 1, tags: [] }

test('a row per item that a game takes, with its time held between the ends; others are left out and said', () => {
  const { text, losses } = gameSheet([choice(['b']), choice(['a', 'c'], { timeLimit: 500 }), truth, essay])
  expect(text.trim().split('\n')).toEqual([
    'Seconds,Question,Right,A,B,C,D,E,F',
    "30,Which of these?,B,ebb,'=flood,slack",
    "120,Which of these?,A C,ebb,'=flood,slack",
    '30,Rye is a grain.,B,True,False',
  ])
  expect(losses.filter(({ item }) => item === 3)).toMatchObject([{ feature: 'kind-essay' }])
})

test('it is written as a file like any other', async () => {
  const { bytes, ending, type } = await writeFileAs([truth], 'game-sheet', { title: null, as: 'paper' })
  expect([ending, type, new TextDecoder().decode(bytes).split('\n').length]).toEqual([
    'game.csv',
    'text/csv; charset=utf-8',
    3,
  ])
})
