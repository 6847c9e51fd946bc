import type { Taking } from '../queries'

const CODE_SIGNS = 'ABCDEFGHJKLMNPQRSTUVWXYZ23456789'

/** Names of the lines; who had a code keeps it, a code behind a tab is taken, others get one where codes are asked for. */
export function peopleIn(text: string, known: Taking['people'], who: Taking['who']): Taking['people'] {
  const codes = new Map(known.map(({ name, code }) => [name, code]))
  const seen = new Set<string>()
  return text.split('\n').flatMap((line) => {
    const [name = '', given = ''] = line.split('\t').map((part) => part.trim())
    if (!name || seen.has(name)) return []
    seen.add(name)
    const code = given || codes.get(name) || (who === 'code' ? codeFor(name) : '')
    return [{ name: name.slice(0, 120), code }]
  })
}

/** Kept from drawing to drawing: a new code must not come with every letter that is typed. */
const made = new Map<string, string>()

function codeFor(name: string): string {
  let code = made.get(name)
  if (!code) {
    const numbers = crypto.getRandomValues(new Uint8Array(8))
    code = [...numbers].map((one) => CODE_SIGNS[one % CODE_SIGNS.length]).join('')
    made.set(name, code)
  }
  return code
}
