import { peopleIn } from './people-in'

const known = [{ name: 'Bente Havn', code: 'KEEP22' }]

describe('the people of a list', () => {
  test('one a line, each once, without blanks round them', () => {
    expect(peopleIn(' Bente Havn \n\nNils Strand\nBente Havn\n', [], 'list').map(({ name }) => name)).toEqual([
      'Bente Havn',
      'Nils Strand',
    ])
  })
  test('who had a code keeps it, whatever else is typed', () => {
    expect(peopleIn('Nils Strand\nBente Havn', known, 'code')[1]).toEqual({ name: 'Bente Havn', code: 'KEEP22' })
  })
  test('a code behind a tab, as a sheet gives it, is taken', () => {
    expect(peopleIn('Nils Strand\tABC123', known, 'code')).toEqual([{ name: 'Nils Strand', code: 'ABC123' }])
  })
  test('others get one where codes are asked for: the same again, of signs that cannot be mistaken', () => {
    const [first] = peopleIn('Åse Lervik', [], 'code')
    expect(first?.code).toMatch(/^[A-HJ-NP-Z2-9]{8}$/)
    expect(peopleIn('Åse Lervik\nNew', [], 'code')[0]).toEqual(first)
    expect(peopleIn('Åse Lervik', [], 'list')[0]?.code).toBe('')
  })
  test('codes differ, and names are no longer than a name', () => {
    const many = peopleIn(Array.from({ length: 200 }, (_none, at) => `Person ${at}`).join('\n'), [], 'code')
    expect(new Set(many.map(({ code }) => code)).size).toBe(200)
    expect(peopleIn('x'.repeat(300), [], 'list')[0]?.name).toHaveLength(120)
  })
})
