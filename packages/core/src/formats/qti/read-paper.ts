import { textOf } from '../../content/elements.ts'
import type { ElementNode } from '../../content/markup.ts'
import type { FeedbackWhen, PaperPlan } from '../paper-plan.ts'
import { child, children, descendants, elementsOf } from '../xml/xml.ts'

/** A reference of a test to an item file. */
export interface ReadRef {
  /** As the test gives it, relative to the test's own file. */
  readonly href: string
  readonly section: number | null
  readonly required: boolean
  /** Seconds. */
  readonly timeLimit: number | null
  /** What the test multiplies its score by. */
  readonly weight: number
}

export interface ReadTest {
  readonly title: string | null
  readonly refs: readonly ReadRef[]
  readonly plan: Omit<PaperPlan, 'places'>
}

/** Reads an `assessmentTest`, in the words of 2.x (QTI 2.1 Information Model, section 3). */
export function readTest(root: ElementNode): ReadTest {
  const parts = children(root, 'testPart')
  const title = root.attributes['title']?.trim() || null
  const tops = parts.flatMap((part) => children(part, 'assessmentSection'))
  const whole = wholePaper(tops, title)
  const walk = new SectionWalk(usedWeights(root))
  for (const part of parts) {
    const skipping = skippingOf(part) ?? true
    for (const section of children(part, 'assessmentSection'))
      if (section === whole) walk.inside(section, null, skipping)
      else walk.section(section, skipping)
  }
  return {
    title,
    refs: walk.refs,
    plan: {
      instructions: whole ? instructionsOf(whole) : '',
      identity: [],
      timeLimit: maxTime(root) ?? (parts.length === 1 && parts[0] ? maxTime(parts[0]) : null),
      attempts: null,
      shuffleItems: descendants(root, 'ordering').some((one) => one.attributes['shuffle'] === 'true'),
      feedbackWhen: feedbackOf(parts),
      sections: walk.sections,
    },
  }
}

/** The section that stands for the paper itself: it holds the others, or is the only one and named like the test. */
function wholePaper(tops: readonly ElementNode[], title: string | null): ElementNode | null {
  const [only, ...others] = tops
  if (!only || others.length) return null
  return child(only, 'assessmentSection') || only.attributes['title']?.trim() === title ? only : null
}

class SectionWalk {
  readonly refs: ReadRef[] = []
  readonly sections: { title: string; instructions: string }[] = []
  readonly #weights: ReadonlySet<string>

  constructor(weights: ReadonlySet<string>) {
    this.#weights = weights
  }

  section(node: ElementNode, skipping: boolean): void {
    const index = this.sections.length
    this.sections.push({ title: node.attributes['title'] ?? '', instructions: instructionsOf(node) })
    this.inside(node, index, skipping)
  }

  inside(node: ElementNode, section: number | null, inherited: boolean): void {
    const skipping = skippingOf(node) ?? inherited
    for (const one of elementsOf(node))
      if (one.name === 'assessmentSection') this.section(one, skipping)
      else if (one.name === 'assessmentItemRef')
        this.refs.push({
          href: one.attributes['href'] ?? '',
          section,
          required: !(skippingOf(one) ?? skipping),
          timeLimit: maxTime(one),
          weight: this.#weightOf(one),
        })
  }

  #weightOf(ref: ElementNode): number {
    const own = children(ref, 'weight')
    const used = this.#weights.size
      ? own.find((one) => this.#weights.has(one.attributes['identifier'] ?? ''))
      : own.length === 1
        ? own[0]
        : undefined
    const value = Number(used?.attributes['value'])
    return value > 0 ? value : 1
  }
}

/** Weights that the outcome processing asks for (`testVariables`); where it asks for none, the only one of an item counts. */
function usedWeights(root: ElementNode): ReadonlySet<string> {
  return new Set(descendants(root, 'testVariables').flatMap((one) => one.attributes['weightIdentifier'] ?? []))
}

function skippingOf(node: ElementNode): boolean | null {
  const said = child(node, 'itemSessionControl')?.attributes['allowSkipping']
  return said === undefined ? null : said !== 'false'
}

function maxTime(node: ElementNode): number | null {
  const seconds = Number(child(node, 'timeLimits')?.attributes['maxTime'])
  return seconds > 0 ? seconds : null
}

function feedbackOf(parts: readonly ElementNode[]): FeedbackWhen {
  const controls = parts.flatMap((part) => child(part, 'itemSessionControl') ?? [])
  if (controls.some((one) => one.attributes['showFeedback'] === 'false')) return 'never'
  return parts.some((part) => part.attributes['submissionMode'] === 'individual') ? 'each' : 'after'
}

/** What the candidate reads above the items, a line for each block of text. */
function instructionsOf(section: ElementNode): string {
  return children(section, 'rubricBlock')
    .filter((block) => (block.attributes['view'] ?? 'candidate').split(/\s+/).includes('candidate'))
    .flatMap((block) => {
      const paragraphs = elementsOf(block).map(textOf)
      return paragraphs.length ? paragraphs : [textOf(block)]
    })
    .map((line) => line.replace(/\s+/g, ' ').trim())
    .filter(Boolean)
    .join('\n')
}
