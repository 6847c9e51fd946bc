import fc from 'fast-check'
import { textInlines } from '../content/elements.ts'
import { isEmptyContent, normalizeContent, paragraph, type Content } from '../content/model.ts'
import { plainText } from '../content/plain.ts'
import { fitItem } from '../fit/fit.ts'
import { REMEDIES } from '../fit/remedies.ts'
import { proveFormat } from '../proof/prove-format.ts'
import { isGraded, type Item, type NumericKey } from '../item/model.ts'
import { bandEnds } from '../item/same-item.ts'
import { anyItem } from '../testing/arbitraries.ts'
import { FORMAT_IDS, type FormatId } from './format.ts'
import { FORMATS } from './index.ts'

const GRADED_ALIKE = { letterCase: 'ignore', accents: 'respect' } as const

function without<Kind extends object>(value: Kind, ...names: readonly string[]): Kind {
  return Object.fromEntries(Object.entries(value).filter(([name]) => !names.includes(name))) as Kind
}

/** An item as the format announces that it arrives: what its limits name is changed, and nothing else. */
function asAnnounced(item: Item, id: FormatId): Item {
  const own = FORMATS[id].limits
  const lost = [
    ...(own.hint?.says.includes('left out') ? ['hint'] : []),
    ...(own.filing ? ['outcome', 'level', 'difficulty'] : []),
    ...(own['time-limit'] ? ['timeLimit'] : []),
    ...(own.language ? ['language'] : []),
    ...(own.feedback || (own['note-feedback'] && item.kind === 'note') ? ['feedback'] : []),
    ...(own.passage ? ['passage'] : []),
  ]
  const stem = own.passage && item.passage ? [...item.passage, ...item.stem] : item.stem
  const points = own.points && item.kind !== 'note' && item.kind !== 'scale' ? 1 : item.points
  const tags = own.tags ? [] : item.tags
  return ofKind({ ...without(item, ...lost), stem, points, tags }, id)
}

function ofKind(item: Item, id: FormatId): Item {
  const own = FORMATS[id].limits
  switch (item.kind) {
    case 'single': {
      const plain = id === 'aiken' ? inLines(item) : item
      if (id === 'cc13') return withoutOptionFeedback({ ...without(plain, 'weights'), shuffle: false })
      return { ...plain, shuffle: own['fixed-order'] ? true : item.shuffle }
    }
    case 'truefalse':
      return id === 'aiken' ? { ...inLines(asChoice(item)), shuffle: true } : item
    case 'multiple':
      if (id === 'cc13') return withoutOptionFeedback({ ...without(item, 'weights'), shuffle: false, credit: 'all' })
      return id === 'gift' ? giftMultiple(item) : item
    case 'short':
      return { ...item, rules: id === 'gift' ? GRADED_ALIKE : { ...item.rules, accents: 'respect' } }
    case 'cloze':
      return { ...item, rules: { ...item.rules, accents: 'respect' } }
    case 'numeric':
      return { ...(own.unit ? without(item, 'unit') : item), key: item.key.map((band) => asBand(band, id)) }
    case 'match':
      return id === 'gift' ? giftMatch(item, item.left, item.right) : item
    case 'grid':
      return id === 'gift' ? giftMatch(item, item.rows, item.columns) : item
    case 'order':
      return without(item, 'credit')
    case 'essay':
      if (id === 'cc13') return without(item, 'rubric', 'feedback')
      return id === 'gift' ? giftEssay(item) : item
    case 'scale':
    case 'note':
      return item
  }
}

function asChoice(item: Extract<Item, { kind: 'truefalse' }>): Extract<Item, { kind: 'single' }> {
  return REMEDIES['make-single'].apply(item)[0] as Extract<Item, { kind: 'single' }>
}

/** A cartridge says nothing of shuffling, and has one feedback for all. */
function withoutOptionFeedback<Kind extends Extract<Item, { kind: 'single' | 'multiple' }>>(item: Kind): Kind {
  return { ...item, options: item.options.map(({ id, content }) => ({ id, content })) }
}

/** Plain text in one line each, as Aiken holds it; a stem that looks like something else gets a stroke in front. */
function inLines(item: Extract<Item, { kind: 'single' }>): Extract<Item, { kind: 'single' }> {
  const oneLine = (content: Content): string => plainText(content).replace(/\s*\n\s*/g, ' ')
  const asContent = (text: string): Content => normalizeContent([paragraph(textInlines(text))])
  const stem = oneLine(item.stem)
  return {
    ...without(item, 'weights'),
    stem: asContent(/^(?:[A-Za-z][.)]\s|ANSWER:)/i.test(stem) ? `– ${stem}` : stem),
    options: item.options.map(({ id, content }) => ({ id, content: asContent(oneLine(content)) })),
  }
}

/** All or nothing becomes what the weights say: a share for each keyed option, everything back for a wrong one. */
function giftMultiple(item: Extract<Item, { kind: 'multiple' }>): Item {
  const plain = { ...item, shuffle: true }
  if (item.credit !== 'all') return plain
  const share = Number((Number((100 / item.key.length).toFixed(5)) / 100).toFixed(6))
  if (item.key.length === 1 || item.key.length === item.options.length) return { ...plain, credit: 'each' }
  const weights = Object.fromEntries(item.options.map(({ id }) => [id, item.key.includes(id) ? share : -1]))
  return { ...plain, credit: 'weights', weights }
}

/** One place behind the answer: for the sample, else for the feedback. */
function giftEssay(item: Extract<Item, { kind: 'essay' }>): Item {
  const sample = isEmptyContent(item.sample) ? item.feedback : item.sample
  return { ...without(item, 'feedback', 'sample', 'rubric'), ...(!isEmptyContent(sample) && { sample }) }
}

/** Right sides in the order in which the pairs name them, spares behind. */
function giftMatch(
  item: Extract<Item, { kind: 'match' | 'grid' }>,
  left: readonly Content[],
  right: readonly Content[],
): Item {
  const used = [...new Set(item.key.map(([, partner]) => partner))]
  const order = [...used, ...right.map((_part, index) => index).filter((index) => !used.includes(index))]
  const common = without(item, 'credit', 'rows', 'columns', 'left', 'right')
  const key = item.key.map(([part, partner]) => [part, order.indexOf(partner)] as const)
  return { ...common, kind: 'match', left, right: order.map((index) => right[index] ?? []), key }
}

/** QTI 1.2 has no tolerance: a band is said by its ends. */
function asBand(band: NumericKey, id: FormatId): NumericKey {
  if (id !== 'qti12' || 'min' in band || band.tolerance === 0) return band
  const [min, max] = bandEnds(band)
  return { min, max, ...(band.credit !== undefined && { credit: band.credit }) }
}

/** Items that the format does not refuse; where it takes one kind only, of that kind. */
function heldBy(id: FormatId): fc.Arbitrary<Item> {
  return anyItem.filter((item) => fitItem(item, FORMATS[id].limits).verdict !== 'cannot')
}

describe.each<FormatId>([...FORMAT_IDS])('%s', (id) => {
  const format = FORMATS[id]

  test('what fits comes back equal, what changes comes back changed as announced', () => {
    fc.assert(
      fc.property(fc.array(heldBy(id), { minLength: 1, maxLength: 4 }), (items) => {
        const written = format.write(items, { title: 'A bank', as: 'bank' })
        const back = format.read(written.data)
        expect(back.unread).toEqual([])
        expect(back.items).toEqual(items.map((item) => asAnnounced(item, id)))
      }),
      { numRuns: 150 },
    )
  })

  test('writing what was read gives the same bytes', () => {
    fc.assert(
      fc.property(fc.array(anyItem, { minLength: 1, maxLength: 3 }), (items) => {
        const first = format.write(format.read(format.write(items, { title: 'A bank', as: 'bank' }).data).items, {
          title: 'A bank',
          as: 'bank',
        })
        const second = format.write(format.read(first.data).items, { title: 'A bank', as: 'bank' })
        expect(second.data).toEqual(first.data)
      }),
      { numRuns: 60 },
    )
  })

  test('every key is proven, and only what was announced grades otherwise', () => {
    fc.assert(
      fc.property(fc.array(anyItem, { minLength: 1, maxLength: 3 }), (items) => {
        const { proofs, changedKeys } = proveFormat(items, format, 'A bank')
        expect(changedKeys).toEqual([])
        proofs.forEach((proof, index) => {
          const item = items[index]!
          if (fitItem(item, format.limits).verdict === 'cannot') return expect(proof.verdict).toBe('not-sent')
          if (!isGraded(item.kind)) return expect(proof.verdict).toBe('ungraded')
          const affected = fitItem(item, format.limits).reasons.some((reason) => reason.affects?.length)
          expect(proof.verdict).toBe(
            proof.probes.some((probe) => probe.verdict === 'announced') && affected ? 'announced' : 'proven',
          )
        })
      }),
      { numRuns: 150 },
    )
  })

  test('an item without a key is left out and said to be', () => {
    const item: Item = {
      kind: 'truefalse',
      stem: [{ type: 'paragraph', content: [{ type: 'text', text: 'Rye is a grain.' }] }],
      points: 1,
      tags: [],
      key: [],
    }
    const written = format.write([item], { title: 'A bank', as: 'bank' })
    expect(written.written).toEqual([])
    expect(written.losses.map((loss) => loss.feature)).toContain('no-key')
    expect(plainText(item.stem)).toBe('Rye is a grain.')
  })
})
