import { ShareQueue } from './share-queue.ts'

/** Who is served, in order, as far as that goes. */
async function served(queue: ShareQueue<number>, entered: readonly string[], places: number): Promise<string[]> {
  const order: string[] = []
  for (const share of entered) void queue.enter(share).then(() => order.push(share))
  for (let place = 0; place < places && queue.hasNext; place++) queue.next(place)
  await new Promise((resolve) => setImmediate(resolve))
  return order
}

test.each<[string, string[], number, number, string[]]>([
  ['one alone has at most their share', ['a', 'a', 'a'], 4, 2, ['a', 'a']],
  ['who asked once is not behind all of who asked often', ['a', 'a', 'a', 'b'], 4, 4, ['a', 'b', 'a', 'a']],
  ['three take turns', ['a', 'a', 'b', 'b', 'c'], 4, 3, ['a', 'b', 'c', 'a']],
  ['nobody', [], 2, 2, []],
])('%s', async (_name, entered, places, most, order) => {
  expect(await served(new ShareQueue<number>(most), entered, places)).toEqual(order)
})

test('who leaves may be served again', async () => {
  const queue = new ShareQueue<number>(1)
  expect(await served(queue, ['a', 'a'], 2)).toEqual(['a'])
  expect(queue.waiting).toBe(1)
  queue.leave('a')
  expect(queue.hasNext).toBe(true)
})

test('serving where nobody waits is a fault of the program', () => {
  expect(() => new ShareQueue<number>(1).next(1)).toThrow('hasNext')
})
