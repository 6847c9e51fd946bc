import { ForbiddenException, UnprocessableEntityException } from '@nestjs/common'
import type { Taking } from '../sitting.entity.ts'
import { filledIn, whoBegins } from './who-begins.ts'

const taking = (more: Partial<Taking> = {}): Taking =>
  ({
    ...{ mode: 'test', isOpen: true, opensAt: null, closesAt: null, who: 'anyone', attempts: null, timeLimit: null },
    ...{ identity: ['Name', 'Group'], people: [] },
    ...more,
  }) as unknown as Taking

const LIST = [
  { name: 'Bente Havn', code: 'KELP-22' },
  { name: 'Corvin Lind', code: 'TIDE-31' },
]
const named = (name: string) => ({ Name: name })

describe('what is filled in before one begins', () => {
  test('each field that is asked for, without blanks round it', () =>
    expect(filledIn(taking(), { Name: '  Bente Havn ', Group: 'B' })).toEqual({ Name: 'Bente Havn', Group: 'B' }))
  test('what is not asked for is not kept', () =>
    expect(filledIn(taking({ identity: ['Name'] }), { Name: 'Bente', Note: 'x' })).toEqual({ Name: 'Bente' }))
  test('no field is longer than 120 letters', () =>
    expect(filledIn(taking({ identity: ['Name'] }), { Name: 'b'.repeat(400) })['Name']).toHaveLength(120))
  test('all that is open is named at once', () =>
    expect(() => filledIn(taking(), { Name: ' ' })).toThrow(new UnprocessableEntityException('Fill in Name, Group.')))
})

describe('who it is that begins', () => {
  test('anyone, where there is no list', () => expect(whoBegins(taking(), named('Dagny'), '')).toBeNull())

  test('a name on the list, in whatever letter case', () => {
    const listed = taking({ who: 'list', identity: ['Name'], people: LIST })
    expect(whoBegins(listed, named('Bente Havn'), '')?.name).toBe('Bente Havn')
    expect(whoBegins(listed, named('bente havn'), '')?.name).toBe('Bente Havn')
    expect(() => whoBegins(listed, named('Dagny'), '')).toThrow(ForbiddenException)
  })

  test('with its own code, and with nobody else’s', () => {
    const coded = taking({ who: 'code', identity: ['Name'], people: LIST })
    expect(whoBegins(coded, named('Corvin Lind'), 'TIDE-31')?.name).toBe('Corvin Lind')
    for (const code of ['KELP-22', ''])
      expect(() => whoBegins(coded, named('Corvin Lind'), code)).toThrow('This code does not belong to this name.')
  })
})
