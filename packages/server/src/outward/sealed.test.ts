import { seal, unseal } from './sealed.ts'

const SECRET = 'a secret of more than thirty-two letters'

test('a sealed token is another one each time, and comes out as it went in', () => {
  const [once, again] = [seal(SECRET, 'tøken'), seal(SECRET, 'tøken')]
  expect(once).not.toBe(again)
  expect(once).not.toContain('tøken')
  expect([unseal(SECRET, once), unseal(SECRET, again)]).toEqual(['tøken', 'tøken'])
})

test('with another secret, or changed by a letter, there is none', () => {
  const sealed = seal(SECRET, 'token')
  expect(unseal('another secret of more than thirty-two letters', sealed)).toBeNull()
  const changed = Buffer.from(sealed.slice(7), 'base64')
  changed[14] = (changed[14] ?? 0) ^ 1
  expect(unseal(SECRET, `sealed:${changed.toString('base64')}`)).toBeNull()
})

test('one that was kept before is as it was', () => {
  expect(unseal(SECRET, 'token')).toBe('token')
})
