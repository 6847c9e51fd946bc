import { signBefore, signBehind } from './signs.ts'

// Signs that people put at the right option: common practice, no published source.
test.each([
  ['reef <<', ' <<'],
  ['reef <-- right', ' <-- right'],
  ['reef <- this one', ' <- this one'],
  ['reef ←', ' ←'],
  ['reef ⟵', ' ⟵'],
  ['reef (x)', ' (x)'],
  ['reef [X]', ' [X]'],
  ['reef (*)', ' (*)'],
  ['reef (✓)', ' (✓)'],
  ['reef (+)', ' (+)'],
  ['reef ( ! )', ' ( ! )'],
  ['reef (correct)', ' (correct)'],
  ['reef (correct answer)', ' (correct answer)'],
  ['reef (correct option)', ' (correct option)'],
  ['reef [right!]', ' [right!]'],
  ['reef {richtig}', ' {richtig}'],
  ['reef ✓', ' ✓'],
  ['reef ✔️', ' ✔️'],
  ['reef ✅', ' ✅'],
  ['reef ☑', ' ☑'],
  ['reef*', '*'],
  ['reef ***', ' ***'],
  ['reef #', ' #'],
  ['reef !', ' !'],
  ['reef +', ' +'],
  ['reef+', '+'],
  ['reef ✓  ', ' ✓  '],
])('behind %j stands a sign', (text, sign) => expect(text.slice(signBehind(text))).toBe(sign))

test.each([
  'reef',
  'reef knot',
  'C++',
  '✓',
  '(x)',
  'reef (a long remark that is none)',
  'reef (x) knot',
  'reef (correct solution)',
  'f(x, y)',
  'ion A+',
])('behind %j stands none', (text) => expect(signBehind(text)).toBe(-1))

test.each([
  ['*reef', '*'],
  ['** reef', '** '],
  ['+ reef', '+ '],
  ['✓ reef', '✓ '],
  ['✔️ reef', '✔️ '],
  ['✅reef', '✅'],
  ['☑ reef', '☑ '],
  ['→ reef', '→ '],
  ['➜ reef', '➜ '],
  ['> reef', '> '],
  ['» reef', '» '],
  ['! reef', '! '],
  ['# reef', '# '],
  ['~reef', '~'],
  ['(x) reef', '(x) '],
  ['[X] reef', '[X] '],
  ['( * ) reef', '( * ) '],
  ['[✓]reef', '[✓]'],
  ['(+) reef', '(+) '],
])('before %j stands a sign', (text, sign) => expect(text.slice(0, signBefore(text))).toBe(sign))

test.each(['reef', '*', '(x)', '- reef', '(y) reef', '[ ] reef', ' * reef', 'x reef'])(
  'before %j stands none',
  (text) => expect(signBefore(text)).toBe(0),
)
