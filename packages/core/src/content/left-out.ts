import type { ElementNode, MarkupNode } from './markup.ts'

/** Elements that show or play something that rich text has no place for, with the attributes that name it. */
const PLAYED: Readonly<Record<string, readonly string[]>> = {
  audio: ['src'],
  video: ['src'],
  iframe: ['src'],
  embed: ['src'],
  source: ['src'],
  track: ['src'],
  object: ['data'],
  include: ['href'],
  mataudio: ['uri'],
  matvideo: ['uri'],
  matapplet: ['uri'],
  matapplication: ['uri'],
}

/** What nodes hold besides text and pictures, a sentence each: recordings, films, other pages, addresses of links. */
export function leftOutOf(nodes: readonly MarkupNode[]): string[] {
  const said = new Set<string>()
  const visit = (node: MarkupNode): void => {
    if (node.type === 'text') return
    const sentence = sentenceOf(node)
    if (sentence) said.add(sentence)
    node.children.forEach(visit)
  }
  nodes.forEach(visit)
  return [...said]
}

function sentenceOf({ name, attributes }: ElementNode): string | null {
  if (name === 'a') {
    const address = attributes['href'] ?? ''
    return /^https?:/i.test(address) ? `A link became its text; it went to ${address}.` : null
  }
  const places = PLAYED[name]
  if (!places || (name === 'object' && (attributes['type'] ?? '').startsWith('image/'))) return null
  const file = places.map((place) => attributes[place]).find(Boolean)
  // Without a name of its own it is named by the sources inside.
  return file ? `What is not text or a picture is left out: ${file}.` : null
}

// Behind the end of `<`, `&lt;` or a prefix; quick on a long text, most of which has nothing of that sort.
const MARKUP = /[<;:](?:audio|video|iframe|embed|object|include|a\s|mat(?:audio|video|appl))/i

/** Whether a source text may hold anything of that sort, as markup of its own or as escaped HTML. */
export function mayLeaveOut(source: string): boolean {
  return MARKUP.test(source)
}
