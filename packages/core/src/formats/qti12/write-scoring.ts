import { element, textNode } from '../../content/elements.ts'
import type { ElementNode } from '../../content/markup.ts'
import type { Item, NumericKey, TextRules } from '../../item/model.ts'
import { gapIdent, partIdent, RESPONSE, SCORE } from './names.ts'

/** The conditions that set SCORE, in points (ASI Information Model 1.2, section 3.5.2: respcondition, setvar). */
// eslint-disable-next-line max-lines-per-function -- one short case for each kind
export function respconditions(item: Item): ElementNode[] {
  switch (item.kind) {
    case 'single':
      return item.options.flatMap(({ id }) => {
        const share = item.key.includes(id) ? 1 : (item.weights?.[id] ?? 0)
        return share > 0 ? [when(equal(RESPONSE, id), 'Set', item.points * share)] : []
      })
    case 'multiple':
      return item.credit === 'all' ? [exactly(item)] : item.options.flatMap(({ id }) => change(id, item))
    case 'truefalse':
      return item.key.map((value) => when(equal(RESPONSE, String(value)), 'Set', item.points))
    case 'short':
      return [when(oneOf(RESPONSE, item.key, item.rules), 'Set', item.points)]
    case 'numeric':
      return item.key.map((band) => when(inBand(band), 'Set', item.points * (band.credit ?? 1)))
    case 'cloze': {
      const tests = item.gaps.map((gap, index) =>
        gap.choices
          ? any(
              gap.choices.flatMap((choice, at) =>
                gap.key.includes(choice) ? [equal(gapIdent(index), `c${at + 1}`)] : [],
              ),
            )
          : oneOf(gapIdent(index), gap.key, item.rules),
      )
      return parts(tests, item.points, item.credit)
    }
    case 'match':
    case 'grid':
      return parts(
        item.key.map(([part, partner]) => equal(partIdent(part), `R${partner + 1}`)),
        item.points,
        item.credit,
      )
    case 'order':
      return [
        when(
          element(
            'and',
            {},
            item.key.map((id, index) =>
              element('varequal', { respident: RESPONSE, index: String(index + 1) }, [textNode(id)]),
            ),
          ),
          'Set',
          item.points,
        ),
      ]
    case 'scale':
    case 'essay':
    case 'note':
      return []
  }
}

function equal(respident: string, value: string): ElementNode {
  return element('varequal', { respident }, [textNode(value)])
}

/** A condition; the ones that add up go on to the next, the ones that set the score end the processing. */
function when(test: ElementNode, action: 'Set' | 'Add' | 'Subtract', amount: number): ElementNode {
  return element('respcondition', { continue: action === 'Set' ? 'No' : 'Yes' }, [
    element('conditionvar', {}, [test]),
    element('setvar', { varname: SCORE, action }, [textNode(String(Number(amount.toFixed(9))))]),
  ])
}

function any(tests: readonly ElementNode[]): ElementNode {
  const [only, ...others] = tests
  return only && !others.length ? only : element('or', {}, tests)
}

function oneOf(respident: string, key: readonly string[], rules: TextRules): ElementNode {
  const caseYes = rules.letterCase === 'respect' ? 'Yes' : 'No'
  return any(
    key.map((accepted) =>
      element('varequal', { respident, case: caseYes }, [textNode(accepted.replace(/\s+/g, ' ').trim())]),
    ),
  )
}

function exactly(item: Extract<Item, { kind: 'multiple' }>): ElementNode {
  const tests = item.options.map(({ id }) =>
    item.key.includes(id) ? equal(RESPONSE, id) : element('not', {}, [equal(RESPONSE, id)]),
  )
  return when(element('and', {}, tests), 'Set', item.points)
}

function change(id: string, item: Extract<Item, { kind: 'multiple' }>): ElementNode[] {
  const share =
    item.credit === 'weights' ? (item.weights?.[id] ?? 0) : (item.key.includes(id) ? 1 : -1) / item.key.length
  if (share === 0) return []
  return [when(equal(RESPONSE, id), share > 0 ? 'Add' : 'Subtract', Math.abs(share) * item.points)]
}

function inBand(band: NumericKey): ElementNode {
  const [low, high] =
    'min' in band ? [band.min, band.max] : [rounded(band.value - band.tolerance), rounded(band.value + band.tolerance)]
  if (!('min' in band) && band.tolerance === 0) return equal(RESPONSE, String(band.value))
  return element('and', {}, [
    element('vargte', { respident: RESPONSE }, [textNode(String(low))]),
    element('varlte', { respident: RESPONSE }, [textNode(String(high))]),
  ])
}

function rounded(value: number): number {
  return Number(value.toPrecision(12))
}

function parts(tests: readonly ElementNode[], points: number, credit: 'each' | 'all' | undefined): ElementNode[] {
  if (credit === 'all') return [when(element('and', {}, tests), 'Set', points)]
  return tests.map((test) => when(test, 'Add', points / tests.length))
}
