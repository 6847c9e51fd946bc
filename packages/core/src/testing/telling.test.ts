import { readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { inPaper } from '../assemble/arrange.ts'
import { expectedSeconds } from '../assemble/expected-time.ts'
import { fitsItem, forStudent, fromStudent, toStudent } from '../assemble/for-student.ts'
import { BREAKWATER_LIMITS } from '../destinations/breakwater.ts'
import { FOGHORN_LIMITS } from '../destinations/foghorn.ts'
import { INLET_LIMITS } from '../destinations/inlet.ts'
import { fitItem } from '../fit/fit.ts'
import { featuresOf, measure, type FormatLimits } from '../fit/limits.ts'
import { REMEDIES, remediesFor } from '../fit/remedies.ts'
import type { RemedyId } from '../fit/remedy-id.ts'
import { FORMATS } from '../formats/index.ts'
import { probesOf } from '../grade/probes.ts'
import { keyInWords, readResponse, responseText } from '../grade/response-text.ts'
import { keyText } from '../item/key-text.ts'
import { checkItem } from '../item/check.ts'
import type { Item } from '../item/model.ts'
import { outlineOf } from '../item/outline.ts'
import { proveFormat, proofSummary } from '../proof/prove-format.ts'
import { TELLING } from './every-kind.ts'

const SEED = 11
const PLACES: Readonly<Record<string, FormatLimits>> = {
  ...{ breakwater: BREAKWATER_LIMITS, foghorn: FOGHORN_LIMITS, inlet: INLET_LIMITS },
  ...Object.fromEntries(Object.entries(FORMATS).map(([id, { limits }]) => [id, limits])),
}
const short = (item: Item): string =>
  JSON.stringify({ ...outlineOf(item), ...('credit' in item && { credit: item.credit }) })

/** What a paper, a student, a key and a destination make of one item. */
function linesOf(item: Item, index: number): string[] {
  const shown = forStudent(item, SEED)
  return [
    `=== ${index} ${item.kind}`,
    `features ${featuresOf(item).join(' ')}`,
    `measures ${(['option-count', 'option-length', 'stem-length'] as const).map((what) => measure(item, what)).join(' ')}`,
    `key ${keyText(item)} | ${keyInWords(item)}`,
    `seconds ${expectedSeconds(item)}`,
    `checks ${JSON.stringify(checkItem(item))}`,
    `student ${JSON.stringify(shown)}`,
    `in a paper ${short(inPaper(item, { points: 7, optionOrder: ['b'] }, false))}`,
    ...probesOf(item).map(({ kind, response, share }) => {
      const text = responseText(item, response)
      const given = toStudent(shown, response)
      const back = [fromStudent(shown, given), readResponse(item, text)]
      return `probe ${kind} ${share} ${text} | ${JSON.stringify(given)} ${back.map((one) => JSON.stringify(one)).join(' ')} ${fitsItem(item, response)}`
    }),
  ]
}

function remediesOf(item: Item, index: number): string[] {
  const suited = (Object.keys(REMEDIES) as RemedyId[]).filter((id) => REMEDIES[id].suits(item))
  const pictureAddress = (asset: string): string => `https://harbour.example/${asset}`
  return [
    `=== ${index} remedies`,
    ...suited.flatMap((id) =>
      REMEDIES[id].apply(item, { limits: FOGHORN_LIMITS, pictureAddress }).map((part) => `${id} ${short(part)}`),
    ),
    ...Object.entries(PLACES).map(([place, limits]) => {
      const { verdict, reasons } = fitItem(item, limits)
      const found = remediesFor(item, [], { limits, pictureAddress })
      return `${place} ${verdict}: ${reasons.map(({ feature }) => feature).join(' ')} → ${found.join(' ')}`
    }),
  ]
}

/*
 * What each part of the core makes of items that say all there is to say changes only where somebody means it to; that it
 * is right is held beside each part. To be written anew with WRITE_SAMPLES=1, and read before it is kept.
 */
test.each<[string, () => string[]]>([
  ['items', () => TELLING.flatMap(linesOf)],
  ['remedies', () => TELLING.flatMap(remediesOf)],
  [
    'proofs',
    () =>
      Object.values(FORMATS).map(
        (format) => `${format.id} ${JSON.stringify(proofSummary(proveFormat(TELLING, format, 'All')))}`,
      ),
  ],
])('%s that tell all are as they were', (name, lines) => {
  const file = join(__dirname, `../../samples/telling/${name}.txt`)
  const now = [...lines(), '']
  if (process.env['WRITE_SAMPLES']) writeFileSync(file, now.join('\n'))
  expect(now).toEqual(readFileSync(file, 'utf8').split('\n'))
})
