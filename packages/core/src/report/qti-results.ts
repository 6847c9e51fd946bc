import { element, textNode } from '../content/elements.ts'
import type { ElementNode } from '../content/markup.ts'
import { printXml } from '../formats/xml/xml.ts'
import { variablesOf } from '../formats/qti/variables.ts'
import type { Response } from '../grade/response.ts'
import type { Item } from '../item/model.ts'

const NAMESPACE = 'http://www.imsglobal.org/xsd/imsqti_result_v2p1'

/** One person's attempt, as it is reported. */
export interface ReportedAttempt {
  /** What the person is known by. */
  readonly personId: string
  readonly testId: string
  /** ISO 8601. */
  readonly at: string
  readonly total: number
  readonly possible: number
  readonly items: readonly {
    readonly id: string
    readonly item: Item
    readonly response: Response | null
    /** Null: nobody has graded it yet. */
    readonly points: number | null
  }[]
}

/**
 * An attempt as a document of QTI 2.1 Results Reporting (1EdTech, sections 2 to 4: assessmentResult, testResult,
 * itemResult): the responses in the variables that our QTI 2.1 items declare, and the scores.
 */
export function qtiResult({ personId, testId, at, total, possible, items }: ReportedAttempt): string {
  return printXml(
    element('assessmentResult', { xmlns: NAMESPACE }, [
      element('context', { sourcedId: personId }, []),
      element('testResult', { identifier: testId, datestamp: at }, [score(total, possible)]),
      ...items.flatMap(({ id, item, response, points }, place) =>
        item.kind === 'note'
          ? []
          : [
              element(
                'itemResult',
                {
                  ...{ identifier: id, sequenceIndex: String(place + 1), datestamp: at },
                  sessionStatus: points === null ? 'pendingResponseProcessing' : 'final',
                },
                [
                  ...(response ? responses(item, response) : []),
                  ...(points === null ? [] : [score(points, item.points)]),
                ],
              ),
            ],
      ),
    ]),
  )
}

function score(value: number, most: number): ElementNode {
  return element(
    'outcomeVariable',
    { identifier: 'SCORE', cardinality: 'single', baseType: 'float', normalMaximum: String(most) },
    [element('value', {}, [textNode(String(Number(value.toFixed(6))))])],
  )
}

function responses(item: Item, response: Response): ElementNode[] {
  return Object.entries(variablesOf(item, response)).map(([identifier, values]) => {
    const [cardinality, baseType] = typeOf(item, identifier)
    return element('responseVariable', { identifier, cardinality, baseType }, [
      element(
        'candidateResponse',
        {},
        values.map((value) => element('value', {}, [textNode(value)])),
      ),
    ])
  })
}

/** Cardinality and base type of a variable, as our items declare them. */
function typeOf(item: Item, identifier: string): readonly [string, string] {
  switch (item.kind) {
    case 'multiple':
      return ['multiple', 'identifier']
    case 'order':
      return ['ordered', 'identifier']
    case 'match':
    case 'grid':
      return ['multiple', 'directedPair']
    case 'numeric':
      return ['single', 'float']
    case 'short':
    case 'essay':
    case 'note':
      return ['single', 'string']
    case 'cloze': {
      const gap = item.gaps[Number(/\d+$/.exec(identifier)?.[0] ?? 1) - 1]
      return ['single', gap?.choices ? 'identifier' : 'string']
    }
    case 'single':
    case 'truefalse':
    case 'scale':
      return ['single', 'identifier']
  }
}
