import type { Element, Node } from '@xmldom/xmldom'
import { escape, htmlPage } from '../shared/html.ts'
import { attribute, childElements, isElement, named } from './dom.ts'
import type { SiteItem } from './site-item.ts'
import type { Collection } from './store.ts'
import { isVersion1 } from './version1.ts'
import { parseQti } from './version3.ts'

const ALLOWED = new Set(
  'p div span strong em b i sub sup code pre ul ol li table thead tbody tr td th br h1 h2 h3 h4 blockquote'.split(' '),
)
/** Not for who answers: what scorers read, and feedback. */
const HIDDEN = new Set(['rubricBlock', 'feedbackInline', 'feedbackBlock', 'endAttemptInteraction'])
const MATHML = 'http://www.w3.org/1998/Math/MathML'

const STYLE = `body{font:17px/1.55 Georgia,serif;max-width:44rem;margin:2rem auto;padding:0 1.2rem;color:#12261f;background:#f4f6f1}
h1{font-size:1.5rem}h2{font-size:1.15rem;margin:2rem 0 .3rem}fieldset{border:0;border-top:1px solid #b9c4b5;padding:1rem 0;margin:0}legend{font-weight:bold;padding:0}
label{display:block;padding:.15rem 0}input[type=text],input[type=number],textarea,select{font:inherit;padding:.2rem .4rem;border:1px solid #51645a;background:#fff;max-width:100%}
textarea{width:100%;box-sizing:border-box}.pair{display:flex;flex-wrap:wrap;gap:.2rem 1rem;justify-content:space-between;border-bottom:1px solid #dde3d8}
button{font:inherit;padding:.5rem 1.2rem;border:1px solid #12261f;background:#12261f;color:#fff}table{border-collapse:collapse}td,th{padding:.3rem .8rem;border-bottom:1px solid #b9c4b5;text-align:left}
img{max-width:100%}.wide{overflow-x:auto}.site{color:#51645a;font-size:.85rem}`

function page(title: string, body: string): string {
  return htmlPage(title, STYLE, `<p class="site">Breakwater course site</p>${body}`)
}

/** Before a quiz that has a time: it runs from here. */
export function startPage(quiz: Collection): string {
  return page(
    quiz.title,
    `<h1>${escape(quiz.title)}</h1><p>You have ${minutes(quiz.seconds ?? 0)} from when you begin.</p><form method="post" action="/quiz/${quiz.id}/start">${NAME}<button>Begin</button></form>`,
  )
}

function minutes(seconds: number): string {
  return seconds < 120 ? `${seconds} seconds` : `${Math.round(seconds / 60)} minutes`
}

const NAME = '<label>Your name <input type="text" name="student" required maxlength="80"></label>'

/** Who began, and how long it still runs. */
export interface Begun {
  readonly id: string
  readonly student: string
  readonly secondsLeft: number
}

/** Counts down and hands in at the end; without scripts, the site says no to what comes too late. */
function clock({ secondsLeft }: Begun): string {
  return `<p>Time left: <output id="left">${minutes(secondsLeft)}</output></p><script>const end=Date.now()+${secondsLeft * 1000};const left=document.getElementById('left');setInterval(()=>{const s=Math.max(0,Math.round((end-Date.now())/1000));left.textContent=Math.floor(s/60)+':'+String(s%60).padStart(2,'0');if(s===0&&!window.sent){window.sent=true;document.forms[0].noValidate=true;document.forms[0].submit()}},1000)</script>`
}

/** The page on which a student takes a quiz; works without scripts. */
export function quizPage(quiz: Collection, items: readonly SiteItem[], begun: Begun | null): string {
  const number = new Map(items.map((item, at) => [item.id, at + 1]))
  const block = (item: SiteItem): string =>
    `<fieldset><legend>${number.get(item.id) ?? ''}</legend>${itemHtml(item)}</fieldset>`
  const inSections = (quiz.sections ?? []).flatMap((section) => {
    const own = section.itemIds.flatMap((id) => items.find((item) => item.id === id) ?? [])
    const head = section.title && section.title !== quiz.title ? `<h2>${escape(section.title)}</h2>` : ''
    const texts = section.texts.map((text) => `<p>${escape(text)}</p>`).join('')
    return own.length ? [head + texts + (section.shuffle ? mixed(own) : own).map(block).join('')] : []
  })
  const held = new Set((quiz.sections ?? []).flatMap(({ itemIds }) => itemIds))
  const rest = items.filter(({ id }) => !held.has(id)).map(block)
  const who = begun
    ? `<p>${escape(begun.student)}</p>${clock(begun)}<form method="post"><input type="hidden" name="start" value="${begun.id}">`
    : `<form method="post">${NAME}`
  return page(
    quiz.title,
    `<h1>${escape(quiz.title)}</h1>${who}${inSections.join('')}${rest.join('')}<button>Hand in</button></form>`,
  )
}

export function scorePage(
  quiz: Collection,
  student: string,
  rows: readonly { readonly title: string; readonly score: number; readonly points: number }[],
): string {
  const total = rows.reduce((sum, row) => sum + row.score, 0)
  const possible = rows.reduce((sum, row) => sum + row.points, 0)
  const round = (value: number): number => Number(value.toFixed(2))
  const body = rows.map(
    (row, index) =>
      `<tr><td>${index + 1}</td><td>${escape(row.title)}</td><td>${round(row.score)} of ${round(row.points)}</td></tr>`,
  )
  return page(
    quiz.title,
    `<h1>${escape(quiz.title)}</h1><p>${escape(student)}, you have <strong>${round(total)} of ${round(possible)}</strong> points.</p><table><tbody>${body.join('')}</tbody></table>`,
  )
}

export function messagePage(title: string, text: string): string {
  return page(title, `<h1>${escape(title)}</h1><p>${escape(text)}</p>`)
}

function mixed<T>(list: readonly T[]): T[] {
  return list
    .map((one) => ({ one, at: Math.random() }))
    .sort((a, b) => a.at - b.at)
    .map(({ one }) => one)
}

function itemHtml(item: SiteItem): string {
  const root = parseQti(item.source)
  if (isVersion1(root)) return item1Html(root, item)
  return named(root, 'itemBody')
    .map((body) => inner(body, item))
    .join('')
}

function inner(element: Element, item: SiteItem): string {
  return Array.from(element.childNodes)
    .map((node) => nodeHtml(node, item))
    .join('')
}

function nodeHtml(node: Node, item: SiteItem): string {
  if (!isElement(node)) return node.nodeType === 3 || node.nodeType === 4 ? escape(node.nodeValue ?? '') : ''
  const name = node.localName ?? ''
  if (HIDDEN.has(name)) return ''
  if (node.namespaceURI === MATHML) return mathHtml(node)
  if (name === 'img' || name === 'object') return pictureHtml(node, item)
  if (name.endsWith('Interaction')) return interactionHtml(node, item)
  return ALLOWED.has(name) ? `<${name}>${inner(node, item)}</${name}>` : inner(node, item)
}

function pictureHtml(node: Element, item: SiteItem): string {
  const address = attribute(node, 'src') ?? attribute(node, 'data') ?? ''
  const media = item.media?.[address]
  const alt = escape(attribute(node, 'alt') ?? node.textContent ?? '')
  return media ? `<img alt="${alt}" src="data:${media.type};base64,${media.data}">` : `[${alt}]`
}

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

function interactionHtml(interaction: Element, item: SiteItem): string {
  const field = escape(`${item.id}.${attribute(interaction, 'responseIdentifier') ?? ''}`)
  const prompt = named(interaction, 'prompt')
    .map((one) => `<p>${inner(one, item)}</p>`)
    .join('')
  switch (interaction.localName) {
    case 'choiceInteraction':
      return prompt + choicesHtml(interaction, item, field)
    case 'textEntryInteraction':
      return `<input type="text" name="${field}" aria-label="Your answer" autocomplete="off" maxlength="400">`
    case 'extendedTextInteraction':
      return `${prompt}<textarea name="${field}" aria-label="Your answer" rows="8" maxlength="20000"></textarea>`
    case 'inlineChoiceInteraction':
      return `<select name="${field}" aria-label="Your answer"><option value=""></option>${optionsOf(interaction, 'inlineChoice')}</select>`
    case 'sliderInteraction':
      return `${prompt}<input type="number" name="${field}" aria-label="Your answer" min="${escape(attribute(interaction, 'lowerBound') ?? '0')}" max="${escape(attribute(interaction, 'upperBound') ?? '100')}">`
    case 'matchInteraction':
      return prompt + matchHtml(interaction, item, field)
    case 'orderInteraction':
      return prompt + orderHtml(interaction, item, field)
    default:
      return ''
  }
}

function choicesHtml(interaction: Element, item: SiteItem, field: string): string {
  const type = attribute(interaction, 'maxChoices') === '1' ? 'radio' : 'checkbox'
  const choices = named(interaction, 'simpleChoice')
  const shown = attribute(interaction, 'shuffle') === 'true' ? mixed(choices) : choices
  return shown
    .map(
      (one) =>
        `<label><input type="${type}" name="${field}" value="${escape(attribute(one, 'identifier') ?? '')}"> ${inner(one, item)}</label>`,
    )
    .join('')
}

function optionsOf(parent: Element, name: string): string {
  return childElements(parent)
    .filter(({ localName }) => localName === name)
    .map(
      (one) =>
        `<option value="${escape(attribute(one, 'identifier') ?? '')}">${escape((one.textContent ?? '').trim())}</option>`,
    )
    .join('')
}

/** A partner is chosen for each part. */
function matchHtml(interaction: Element, item: SiteItem, field: string): string {
  const [lefts, rights] = named(interaction, 'simpleMatchSet')
  if (!lefts || !rights) return ''
  const partners = optionsOf(rights, 'simpleAssociableChoice')
  return named(lefts, 'simpleAssociableChoice')
    .map(
      (one) =>
        `<label class="pair"><span>${inner(one, item)}</span><select name="${field}.${escape(attribute(one, 'identifier') ?? '')}"><option value=""></option>${partners}</select></label>`,
    )
    .join('')
}

/** Each part gets its place. */
function orderHtml(interaction: Element, item: SiteItem, field: string): string {
  const choices = named(interaction, 'simpleChoice')
  const places = choices.map((_one, at) => `<option>${at + 1}</option>`).join('')
  return mixed(choices)
    .map(
      (one) =>
        `<label class="pair"><span>${inner(one, item)}</span><select name="${field}.${escape(attribute(one, 'identifier') ?? '')}" aria-label="Place"><option value=""></option>${places}</select></label>`,
    )
    .join('')
}

/** An item of QTI 1.2: its material as text, and a field for each response. */
function item1Html(root: Element, item: SiteItem): string {
  return named(root, 'presentation')
    .flatMap((presentation) => parts1(presentation, item))
    .join('')
}

function parts1(parent: Element, item: SiteItem): string[] {
  return childElements(parent).flatMap((part): string[] => {
    const field = escape(`${item.id}.${attribute(part, 'ident') ?? ''}`)
    switch (part.localName) {
      case 'material':
        return [`<p>${materialText(part)}</p>`]
      case 'response_lid':
        return [...named(part, 'material').map((one) => `<p>${materialText(one)}</p>`), labels1(part, field)]
      case 'response_str':
      case 'response_num':
        return [`<input type="text" name="${field}" aria-label="Your answer" autocomplete="off" maxlength="4000">`]
      case 'flow':
        return parts1(part, item)
      default:
        return []
    }
  })
}

function labels1(response: Element, field: string): string {
  const type = attribute(response, 'rcardinality') === 'Multiple' ? 'checkbox' : 'radio'
  return Array.from(response.getElementsByTagNameNS('*', 'response_label'))
    .map(
      (label) =>
        `<label><input type="${type}" name="${field}" value="${escape(attribute(label, 'ident') ?? '')}"> ${materialText(label)}</label>`,
    )
    .join('')
}

/** Without its dress: the words of escaped HTML. */
function materialText(parent: Element): string {
  return Array.from(parent.getElementsByTagNameNS('*', 'mattext'))
    .map((text) =>
      escape(
        (text.textContent ?? '')
          .replace(/<[^>]+>/g, ' ')
          .replace(/&nbsp;/g, ' ')
          .replace(/&lt;/g, '<')
          .replace(/&gt;/g, '>')
          .replace(/&amp;/g, '&')
          .trim(),
      ),
    )
    .join('<br>')
}
