import { element, textNode } from '../../content/elements.ts'
import type { ElementNode } from '../../content/markup.ts'
import type { Item } from '../../item/model.ts'
import type { WriteSettings } from '../format.ts'
import { barePlan, bySection, type PaperPlan, type PlannedSection } from '../paper-plan.ts'
import type { Dialect } from './dialect.ts'
import { SCORE, XSI_NAMESPACE } from './names.ts'

/** An item of the test: its file, and what the test has to know of it. */
export interface TestRef {
  readonly identifier: string
  readonly path: string
  readonly item: Item
}

/**
 * The test of a paper: one part, its sections and their items in order, the scores added up (QTI 2.1 Information
 * Model, section 3). The points are in the items, so that no reference needs a weight.
 *
 * @param refs each with the index of its item in the plan.
 */
export function testElement(
  refs: readonly { readonly at: number; readonly part: TestRef }[],
  settings: WriteSettings,
  dialect: Dialect,
): ElementNode {
  const title = settings.title || 'Test'
  const plan = settings.plan ?? barePlan(Math.max(0, ...refs.map((ref) => ref.at + 1)))
  const sum = element('sum', {}, [element('testVariables', { variableIdentifier: SCORE }, [])])
  return element(
    'assessmentTest',
    {
      xmlns: dialect.itemNamespace,
      'xmlns:xsi': XSI_NAMESPACE,
      'xsi:schemaLocation': `${dialect.itemNamespace} ${dialect.itemSchema}`,
      identifier: 'test',
      title,
    },
    [
      element('outcomeDeclaration', { identifier: SCORE, cardinality: 'single', baseType: 'float' }, [
        element('defaultValue', {}, [element('value', {}, [textNode('0')])]),
      ]),
      ...timeLimits(plan.timeLimit),
      element('testPart', { identifier: 'part-1', navigationMode: 'nonlinear', submissionMode: submission(plan) }, [
        // Feedback is shown after the last attempt, of the item or of the whole, unless this says no (`showFeedback`).
        ...(plan.feedbackWhen === 'never' ? [element('itemSessionControl', { showFeedback: 'false' }, [])] : []),
        ...sections(bySection(plan, refs), plan, title),
      ]),
      element('outcomeProcessing', {}, [element('setOutcomeValue', { identifier: SCORE }, [sum])]),
    ],
  )
}

/** In simultaneous mode nothing is handed in before the end. */
function submission(plan: PaperPlan): string {
  return plan.feedbackWhen === 'each' ? 'individual' : 'simultaneous'
}

function timeLimits(seconds: number | null | undefined): ElementNode[] {
  return seconds === null || seconds === undefined ? [] : [element('timeLimits', { maxTime: String(seconds) }, [])]
}

/**
 * The paper's own sections; where something stands before them, or the paper has instructions of its own, they are
 * inside one for the whole paper.
 */
function sections(planned: readonly PlannedSection<TestRef>[], plan: PaperPlan, title: string): ElementNode[] {
  const loose = planned.flatMap(({ section, parts }) => (section ? [] : parts.map(refElement)))
  const own = planned
    .flatMap(({ section, parts }) => (section ? [{ section, refs: parts.map(refElement) }] : []))
    .map(({ section, refs }, index) => sectionElement(`section-${index + 1}`, section, plan, refs))
  if (own.length && !loose.length && !plan.instructions.trim()) return own
  const whole = { title, instructions: plan.instructions }
  return [sectionElement(own.length ? 'paper' : 'section-1', whole, plan, [...loose, ...own])]
}

function sectionElement(
  identifier: string,
  { title, instructions }: { readonly title: string; readonly instructions: string },
  plan: PaperPlan,
  inner: readonly ElementNode[],
): ElementNode {
  const lines = instructions.split('\n').filter((line) => line.trim() !== '')
  // A section inside another keeps its place (`fixed`) where the items around it change theirs.
  const mixes = plan.shuffleItems && inner.some((one) => one.name === 'assessmentItemRef')
  return element(
    'assessmentSection',
    { identifier, ...(plan.shuffleItems && { fixed: 'true' }), title: title || identifier, visible: 'true' },
    [
      ...(mixes ? [element('ordering', { shuffle: 'true' }, [])] : []),
      ...(lines.length
        ? [
            element(
              'rubricBlock',
              { view: 'candidate' },
              lines.map((line) => element('p', {}, [textNode(line.trim())])),
            ),
          ]
        : []),
      ...inner,
    ],
  )
}

function refElement({ part, required }: PlannedSection<TestRef>['parts'][number]): ElementNode {
  const isNote = part.item.kind === 'note'
  return element(
    'assessmentItemRef',
    { identifier: part.identifier, ...(isNote && { fixed: 'true' }), href: part.path },
    [
      // A note has nothing to skip.
      ...(isNote ? [] : [element('itemSessionControl', { allowSkipping: String(!required) }, [])]),
      ...timeLimits(part.item.timeLimit),
    ],
  )
}
