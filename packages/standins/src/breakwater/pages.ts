import type { Element, Node } from '@xmldom/xmldom'
import { attribute, childElements, isElement, named, parseDocument } from './dom.ts'
import type { SiteItem } from './site-item.ts'
import type { Collection } from './store.ts'

const ALLOWED = new Set([
  'p',
  'div',
  'span',
  'strong',
  'em',
  'b',
  'i',
  'sub',
  'sup',
  'code',
  'pre',
  'ul',
  'ol',
  'li',
  'table',
  'thead',
  'tbody',
  'tr',
  'td',
  'th',
  'br',
  'h1',
  'h2',
  'h3',
  'h4',
  'blockquote',
])

function escape(text: string): string {
  return text.replace(/[&<>"']/g, (character) => `&#${character.charCodeAt(0)};`)
}

function page(title: string, body: string): string {
  return `<!doctype html><html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>${escape(title)}</title><style>
body{font:17px/1.55 Georgia,serif;max-width:44rem;margin:2rem auto;padding:0 1.2rem;color:#12261f;background:#f4f6f1}
h1{font-size:1.5rem}fieldset{border:0;border-top:1px solid #b9c4b5;padding:1rem 0;margin:0}legend{font-weight:bold;padding:0}
label{display:block;padding:.15rem 0}input[type=text]{font:inherit;padding:.2rem .4rem;border:1px solid #51645a;background:#fff;max-width:100%}
button{font:inherit;padding:.5rem 1.2rem;border:1px solid #12261f;background:#12261f;color:#fff}table{border-collapse:collapse}td,th{padding:.3rem .8rem;border-bottom:1px solid #b9c4b5;text-align:left}
.site{color:#51645a;font-size:.85rem}</style></head><body><p class="site">Breakwater course site</p>${body}</body></html>`
}

/** The page on which a student takes a quiz; works without scripts. */
export function quizPage(quiz: Collection, items: readonly SiteItem[]): string {
  const blocks = items.map((item, index) => `<fieldset><legend>${index + 1}</legend>${itemHtml(item)}</fieldset>`)
  return page(
    quiz.title,
    `<h1>${escape(quiz.title)}</h1><form method="post"><label>Your name <input type="text" name="student" required maxlength="80"></label>${blocks.join('')}<button>Hand in</button></form>`,
  )
}

export function scorePage(
  quiz: Collection,
  student: string,
  rows: readonly { readonly title: string; readonly score: number; readonly points: number }[],
): string {
  const total = rows.reduce((sum, row) => sum + row.score, 0)
  const possible = rows.reduce((sum, row) => sum + row.points, 0)
  const body = rows.map(
    (row, index) => `<tr><td>${index + 1}</td><td>${escape(row.title)}</td><td>${row.score} of ${row.points}</td></tr>`,
  )
  return page(
    quiz.title,
    `<h1>${escape(quiz.title)}</h1><p>${escape(student)}, you have <strong>${total} of ${possible}</strong> points.</p><table><tbody>${body.join('')}</tbody></table>`,
  )
}

export function messagePage(title: string, text: string): string {
  return page(title, `<h1>${escape(title)}</h1><p>${escape(text)}</p>`)
}

function itemHtml(item: SiteItem): string {
  const body = named(parseDocument(item.source), 'itemBody')[0]
  return body
    ? Array.from(body.childNodes)
        .map((node) => nodeHtml(node, item))
        .join('')
    : ''
}

function nodeHtml(node: Node, item: SiteItem): string {
  if (!isElement(node)) return node.nodeType === 3 || node.nodeType === 4 ? escape(node.nodeValue ?? '') : ''
  const name = node.localName ?? ''
  if (node.namespaceURI === MATHML) return mathHtml(node)
  if (name === 'choiceInteraction') return choiceHtml(node, item)
  if (name === 'textEntryInteraction')
    return `<input type="text" name="${escape(fieldName(item, node))}" aria-label="Your answer" autocomplete="off" maxlength="400">`
  const inner = Array.from(node.childNodes)
    .map((child) => nodeHtml(child, item))
    .join('')
  return ALLOWED.has(name) ? `<${name}>${inner}</${name}>` : inner
}

const MATHML = 'http://www.w3.org/1998/Math/MathML'

/** Browsers draw MathML as it is; names are checked, attributes are left out but for the way it stands. */
function mathHtml(node: Element): string {
  const name = node.localName ?? ''
  if (name === 'annotation' || !/^m[a-z]+$|^semantics$/.test(name)) return ''
  const inside = Array.from(node.childNodes)
    .map((child) => (isElement(child) ? mathHtml(child) : escape(child.nodeValue ?? '')))
    .join('')
  const display = name === 'math' && attribute(node, 'display') === 'block' ? ' display="block"' : ''
  return `<${name}${display}>${inside}</${name}>`
}

function choiceHtml(interaction: Element, item: SiteItem): string {
  const type = attribute(interaction, 'maxChoices') === '1' ? 'radio' : 'checkbox'
  const field = escape(fieldName(item, interaction))
  const prompt = named(interaction, 'prompt')
    .map((one) => `<p>${inner(one, item)}</p>`)
    .join('')
  const choices = childElements(interaction)
    .filter((one) => one.localName === 'simpleChoice')
    .map(
      (one) =>
        `<label><input type="${type}" name="${field}" value="${escape(attribute(one, 'identifier') ?? '')}"> ${inner(one, item)}</label>`,
    )
  return prompt + choices.join('')
}

function inner(element: Element, item: SiteItem): string {
  return Array.from(element.childNodes)
    .map((node) => nodeHtml(node, item))
    .join('')
}

export function fieldName(item: SiteItem, interaction: Element): string {
  return `${item.id}.${attribute(interaction, 'responseIdentifier') ?? ''}`
}
