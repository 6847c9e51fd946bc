import { signedItems } from '../../testing/role-text.ts'

// Headers of columns that people use, as words before a line: common practice.
test.each([
  ['Réponses possibles : le fil ; la laine ; le fer', ['le fil', 'la laine', 'le fer']],
  ['Options: ebb / flood', ['ebb', 'flood']],
  ['Alternatives: ebb, flood, neap', ['ebb', 'flood', 'neap']],
])('“%s” lists the options, whatever the line was taken for', (line, options) => {
  for (const sign of ['K', 'M', 'O'])
    expect(signedItems(`S|1. Which one?\n${sign}|${line}`)[0]).toMatchObject({ stem: 'Which one?', options })
})

test.each(['Answers: ebb, flood, neap', 'Options: ebb', 'Tides: ebb, flood, neap'])('“%s” does not', (line) => {
  expect(signedItems(`S|1. Which one?\nK|${line}`)[0]).not.toHaveProperty('options')
})
