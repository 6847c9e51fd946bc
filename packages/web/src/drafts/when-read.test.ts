import { WhenRead } from './when-read'

test('what is asked for while the text is newer than its reading waits for it', () => {
  const steps = new WhenRead()
  const done: string[] = []
  const version = steps.ask()
  steps.run(() => done.push('key'))
  expect(done).toEqual([])
  steps.show(version)
  expect(done).toEqual(['key'])
  steps.run(() => done.push('sign-off'))
  expect(done).toEqual(['key', 'sign-off'])
})

test('a step that changes the text makes those behind it wait for the next reading', () => {
  const steps = new WhenRead()
  const done: string[] = []
  let next = 0
  const first = steps.ask()
  steps.run(() => {
    done.push('first key')
    next = steps.ask()
  })
  steps.run(() => done.push('second key'))
  steps.show(first)
  expect(done).toEqual(['first key'])
  steps.show(next)
  expect(done).toEqual(['first key', 'second key'])
})

test('a reading of an older text sets nothing going', () => {
  const steps = new WhenRead()
  const old = steps.ask()
  const now = steps.ask()
  const done: string[] = []
  steps.run(() => done.push('mend'))
  steps.show(old)
  expect(steps.isLatest(old)).toBe(false)
  expect(done).toEqual([])
  steps.show(now)
  expect(done).toEqual(['mend'])
})
