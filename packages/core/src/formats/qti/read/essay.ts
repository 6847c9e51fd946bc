import { fromElements } from '../../../content/elements.ts'
import type { ElementNode } from '../../../content/markup.ts'
import { plainText } from '../../../content/plain.ts'
import type { Item } from '../../../item/model.ts'
import { rubricLine } from '../../package/rubric.ts'
import { children, descendants } from '../../xml/xml.ts'
import { GENERAL } from '../names.ts'
import type { Reading } from './reading.ts'
import { isForScorer } from './body.ts'

/**
 * What the scorer is told, line by line, is a rubric where a line has points, and else what could have been written; so
 * is what others show as feedback to an essay, which nothing grades.
 */
export function essayItem({ root, body, common, most }: Reading): Item {
  const blocks = descendants(body, 'rubricBlock').filter(
    (one) => isForScorer(one) && one.attributes['class'] !== 'hint',
  )
  const contents = blocks.map((one) => fromElements(one.children))
  const lines = contents.map((content) =>
    content
      .flatMap((block) => (block.type === 'list' ? block.entries : [[block]]))
      .map((line) => rubricLine(plainText(line))),
  )
  const isSample = blocks.map(
    (one, at) => saysSample(one) || (!saysRubric(one) && (lines[at] ?? []).every((line) => line.points === 0)),
  )
  const rubric = lines.flatMap((own, at) => (isSample[at] ? [] : own))
  const { feedback, ...rest } = common
  const written = contents.filter((_content, at) => isSample[at]).flat()
  const isOurs = children(root, 'modalFeedback').some((one) => one.attributes['identifier'] === GENERAL)
  const keeps = isOurs || written.length > 0
  const sample = keeps ? written : (feedback ?? [])
  return {
    ...rest,
    kind: 'essay',
    points: most,
    ...(keeps && feedback && { feedback }),
    ...(sample.length > 0 && { sample }),
    ...(rubric.length > 0 && { rubric }),
  }
}

/** Our own class, or the `use` that QTI 3.0 gives a rubric block (its values from memory). */
function saysSample(block: ElementNode): boolean {
  return block.attributes['class'] === 'sample' || /^model-?answer$/i.test(block.attributes['use'] ?? '')
}

function saysRubric(block: ElementNode): boolean {
  return block.attributes['class'] === 'rubric' || /^scoring$/i.test(block.attributes['use'] ?? '')
}
