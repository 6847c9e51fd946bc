import type { ElementNode } from '../../../content/markup.ts'
import type { Content } from '../../../content/model.ts'
import { plainText } from '../../../content/plain.ts'
import { descendants, walk } from '../../xml/xml.ts'
import { scorerOf } from '../process.ts'
import { labelsOf } from './choice.ts'
import type { Reading } from './item.ts'
import { identOf } from './ident.ts'
import { partsAlike } from './parts.ts'
import { contentOf, goesOnBehind, isPassage, promptsOf } from './material.ts'

/** A question ends with one of these; the text in front of a gap goes on behind it. */
const ENDS = /[.?!:)\]]$/

/**
 * An item that asks several questions, each with choices of its own below it, as one for each; null: it asks one
 * thing, or its choices stand in a text. Each is worth what its best choice earns alone.
 */
export function questionsOf(reading: Reading): Reading[] | null {
  const { responses, kind, node, presentation, most, points, common } = reading
  if (kind !== undefined || responses.length < 2) return null
  if (partsAlike(reading) || goesOnBehind(presentation, false)) return null
  if (responses.some((one) => one.name !== 'response_lid' || !descendants(one, 'render_choice').length)) return null
  const stems = stemsIn(presentation, responses)
  if (stems.some((stem) => !ENDS.test(plainText(stem)))) return null
  const { feedback, hint, ...rest } = common
  const score = scorerOf(node)
  const parts = responses.map((response, index): Reading => {
    const name = identOf(response)
    const best = Math.max(0, ...labelsOf(response).map((label) => score(new Map([[name, [identOf(label)]]]))))
    const own = best > 0 ? best : most / responses.length
    const isLast = index === responses.length - 1
    return {
      ...reading,
      responses: [response],
      most: own,
      points: Math.round((points * own * 1e6) / most) / 1e6,
      common: {
        ...rest,
        stem: stems[index] ?? [],
        ...(hint && index === 0 && { hint }),
        ...(feedback && isLast && { feedback }),
      },
    }
  })
  return parts
}

/** The text in front of each response, with what it says itself. */
function stemsIn(presentation: ElementNode, responses: readonly ElementNode[]): Content[] {
  const stems: Content[] = []
  let waiting: Content = []
  walk(presentation, (one) => {
    if (responses.includes(one)) {
      stems.push([...waiting, ...promptsOf(one).flatMap(contentOf)])
      waiting = []
      return false
    }
    if (one.name !== 'material') return true
    if (!isPassage(one)) waiting = [...waiting, ...contentOf(one)]
    return false
  })
  return stems
}
