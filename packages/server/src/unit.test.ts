import { contentOf, type Item } from '@zakuska/core'
import { newToken, tokenHash } from './accounts/tokens.ts'
import { checkPassword, hashPassword, isPassword } from './accounts/passwords.ts'
import { pictureType } from './assets/picture-type.ts'
import { pictureAddress } from './assets/public-pictures.ts'
import { makeResponses } from './demo/attempts.ts'
import { packItems, type Packing } from './dispatch/deliveries/pack.ts'
import { acceptedRemedies } from './dispatch/remedies.ts'
import { addressOf } from './outward/address.ts'

describe('passwords and tokens', () => {
  const WHO = { name: 'Iris Holm', email: 'iris.holm@skarnholm.example' }
  // NIST SP 800-63B, 5.1.1.2: length counts, common passwords and the account's own name are refused (from memory).
  test.each([
    ['short', /10 letters at least/],
    ['aaaaaaaaaaaa', /tried first/],
    ['Iris Holm 2026', /own name/],
    ['iris.holm.1', /own name/],
    ['IrisIrisIris', /own name/],
    ['Holm-Iris-Holm-99', /own name/],
    ['iris holm abc', /own name/],
  ])('%s is refused', (password, why) => expect(() => checkPassword(password, WHO)).toThrow(why))
  test('long ones of any letters are taken, counted by letters and not by bytes', () => {
    expect(() => checkPassword('lighthouse keeper', WHO)).not.toThrow()
    expect(() => checkPassword('iris is my favourite flower', WHO)).not.toThrow()
    expect(() => checkPassword('žluťoučkýkůň', WHO)).not.toThrow()
    expect(() => checkPassword('🐚🐚🐚🐙🐙', WHO)).toThrow('10 letters at least')
  })
  test('a hash knows its password and no other, and is another one each time', async () => {
    const [one, two] = [await hashPassword('lighthouse keeper'), await hashPassword('lighthouse keeper')]
    expect(one).not.toBe(two)
    expect(one).toMatch(/^\$argon2id\$/)
    expect(await isPassword(one, 'lighthouse keeper')).toBe(true)
    expect(await isPassword(one, 'lighthouse keeper ')).toBe(false)
  })
  test('tokens are long and different; what is kept of them is not the token', () => {
    const tokens = Array.from({ length: 100 }, newToken)
    expect(new Set(tokens).size).toBe(100)
    expect(tokens.every((token) => /^[\w-]{43}$/.test(token))).toBe(true)
    // SHA-256 of "abc": FIPS 180-4, example B.1.
    expect(tokenHash('abc')).toBe('ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad')
  })
})

describe('a picture is told by its bytes', () => {
  test.each<[string, number[], string | null]>([
    ['PNG', [0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a], 'image/png'],
    ['JPEG', [0xff, 0xd8, 0xff, 0xe0], 'image/jpeg'],
    ['GIF', [...Buffer.from('GIF89a')], 'image/gif'],
    ['WebP', [...Buffer.from('RIFF'), 1, 2, 3, 4, ...Buffer.from('WEBP')], 'image/webp'],
    ['a RIFF of sound', [...Buffer.from('RIFF'), 1, 2, 3, 4, ...Buffer.from('WAVE')], null],
    ['SVG, which can hold scripts', [...Buffer.from('<svg xmlns=')], null],
    ['nothing', [], null],
  ])('%s', (_what, bytes, type) => expect(pictureType(Buffer.from(bytes))).toBe(type))
  test('its address is under this server', () =>
    expect(pictureAddress('https://s.example', 'id')).toBe('https://s.example/pictures/id'))
})

describe('addresses that this server may call', () => {
  const why = (url: string, allowed: readonly string[] = []) => {
    const found = addressOf(url, allowed)
    return 'why' in found ? found.why : found.origin
  }
  test('those that the settings name, by their whole origin', () => {
    const allowed = ['https://forms.example']
    expect(why('https://forms.example/a?b', allowed)).toBe('https://forms.example')
    for (const url of [
      'https://forms.example.evil.example',
      'http://forms.example',
      'https://forms.example:8443',
      'http://127.0.0.1',
    ])
      expect(why(url, allowed)).toMatch(/only\.$/)
  })
  test('where none are named, this machine alone', () => {
    expect(why('http://127.0.0.1:4410/x')).toBe('http://127.0.0.1:4410')
    expect(why('http://[::1]:80')).toBe('http://[::1]')
    for (const url of ['http://169.254.169.254/latest', 'http://10.0.0.1', 'https://example.com'])
      expect(why(url)).toMatch(/this machine only/)
  })
  test('what is none is said', () => {
    expect(why('forms.example')).toMatch(/no address/)
    expect(why('file:///etc/passwd')).toMatch(/begins with/)
  })
})

test('remedies that were accepted, by destination and item; what is none is left', () => {
  const found = acceptedRemedies(
    'inlet:i1:split,inlet:i1:plain-text,foghorn:i2:shorten,inlet:i3:unheard,junk,a:b:toString',
  )
  expect([...found]).toEqual([
    ['inlet:i1', ['split', 'plain-text']],
    ['foghorn:i2', ['shorten']],
  ])
  expect(acceptedRemedies(undefined).size).toBe(0)
})

describe('what goes of a paper', () => {
  const body: Item = {
    ...{ kind: 'single', stem: contentOf('Which?'), points: 1, tags: [], shuffle: true, key: ['a'] },
    options: [
      { id: 'a', content: contentOf('x') },
      { id: 'b', content: contentOf('y') },
    ],
  }
  const item = (id: string, more: object = {}) =>
    ({ item: { id, revision: 3, signOff: { by: 'Iris' } }, body, ...more }) as never
  const packing = (more: Partial<Packing> = {}): Packing => ({
    ...{ limits: {}, pictureAddress: (asset) => asset, remediesOf: () => [], includeUnsigned: false },
    ...{ plan: { places: [{ section: null, required: false }] } as never, forAll: undefined, before: null },
    ...more,
  })
  test('what nobody has vouched for stays, unless it is asked for', () => {
    const unsigned = item('i1', { item: { id: 'i1', revision: 1, signOff: null } })
    expect(packItems([unsigned], packing())[0]).toMatchObject({ outcome: 'left-out', why: 'Not signed off' })
    expect(packItems([unsigned], packing({ includeUnsigned: true }))[0]).toMatchObject({
      outcome: 'waiting',
      why: null,
    })
  })
  test('what cannot go says why; what changes says how', () => {
    const cannot = packing({ limits: { 'kind-single': { verdict: 'cannot', says: 'It takes no choices' } } })
    expect(packItems([item('i1')], cannot)[0]).toMatchObject({ outcome: 'left-out', why: 'It takes no choices' })
    const changes = packing({ limits: { 'kind-single': { verdict: 'changes', says: 'Becomes a list' } } })
    expect(packItems([item('i1')], changes)[0]).toMatchObject({ outcome: 'waiting', changes: ['Becomes a list'] })
  })
  test('what is set for all holds but for the exceptions', () => {
    const forAll = { points: 5, shuffleOptions: false, required: true, exceptions: ['i2'] } as never
    const [first, second] = packItems([item('i1'), item('i2')], packing({ forAll }))
    expect(first).toMatchObject({ required: true, body: { points: 5, shuffle: false } })
    expect(second).toMatchObject({ body: { points: 1, shuffle: true } })
  })
  test('what is there as it should be is kept; what changed goes in its place', () => {
    const [sent] = packItems([item('i1')], packing())
    if (!sent) throw new Error('Nothing was packed.')
    const before = new Map([[sent.name, { ...sent, remoteId: 'r1' }]])
    expect(packItems([item('i1')], packing({ before }))[0]).toMatchObject({ outcome: 'kept', remoteId: 'r1' })
    const changed = item('i1', { body: { ...body, points: 2 } })
    expect(packItems([changed], packing({ before }))[0]).toMatchObject({ outcome: 'waiting', remoteId: 'r1' })
    expect(sent.name).toMatch(/^[a-z][a-z0-9-]*$/)
  })
  test('an item that a remedy makes several of has a name for each', () => {
    const multiple: Item = { ...body, kind: 'multiple', key: ['a', 'b'], credit: 'each' }
    const parts = packItems([item('i1', { body: multiple })], packing({ remediesOf: () => ['split'] }))
    expect(parts.length).toBeGreaterThan(1)
    expect(new Set(parts.map(({ name }) => name)).size).toBe(parts.length)
  })
})

test('made-up students are the same for the same seed, and the better ones earn more', () => {
  const items: Item[] = Array.from({ length: 12 }, (_none, at) => ({
    kind: 'truefalse',
    stem: contentOf(`${at}`),
    points: 1,
    tags: [],
    key: [at % 2 === 0],
  }))
  const made = makeResponses(items, 40, 7)
  expect(made).toEqual(makeResponses(items, 40, 7))
  expect(made).not.toEqual(makeResponses(items, 40, 8))
  const shares = made.map(
    (responses) => responses.filter((one, at) => one.kind === 'truth' && one.value === (at % 2 === 0)).length / 12,
  )
  expect(Math.max(...shares) - Math.min(...shares)).toBeGreaterThan(0.3)
})
