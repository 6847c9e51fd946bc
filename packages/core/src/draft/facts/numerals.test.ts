import { questionLabelAt } from '../words.ts'

// Numerals of ten languages, from memory.
test.each([
  ['Question Two (3 marks)', '2'],
  ['QUESTION TWELVE', '12'],
  ['Frage drei: Wer?', '3'],
  ['Pregunta cuatro. ¿Quién?', '4'],
  ['Oppgave fem', '5'],
  ['Question 7', '7'],
  ['1. Frage: Wer?', '1'],
  ['2ª pregunta', '2'],
])('%s is number %s', (text, number) => {
  expect(questionLabelAt(text, 0)?.number).toBe(number)
})

test.each([
  'Question onetime',
  'Question too',
  'Two questions',
  '1. Number the steps.',
  '1. Item analysis needs what?',
])('%j is none', (text) => {
  expect(questionLabelAt(text, 0)).toBeNull()
})
