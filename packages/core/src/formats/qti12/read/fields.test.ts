import { parseXml } from '../../xml/xml.ts'
import { fieldsOf, secondsOf } from './fields.ts'

// ASI Information Model 1.2, section 3.3 (qtimetadata); the elements "qmd_…" are those of 1.0 and 1.1.
test('fields by their labels in lower case, without the blanks round them', () => {
  const node = parseXml(
    `<item><itemmetadata><qmd_levelofdifficulty> easy </qmd_levelofdifficulty><qtimetadata><qtimetadatafield><fieldlabel> CC_Profile
</fieldlabel><fieldentry> cc.essay.v0p1 </fieldentry></qtimetadatafield></qtimetadata></itemmetadata></item>`,
  )
  expect([...fieldsOf(node)]).toEqual([
    ['qmd_levelofdifficulty', 'easy'],
    ['cc_profile', 'cc.essay.v0p1'],
  ])
})

test('nothing is taken for metadata that is none', () => {
  const node = parseXml(
    '<item><presentation><qmd_topic>wind</qmd_topic></presentation><itemmetadata><topic>tides</topic></itemmetadata></item>',
  )
  expect([...fieldsOf(node)]).toEqual([])
})

test.each([
  ['PT1H30M', 5400],
  ['PT45S', 45],
  ['PT1.5S', 1.5],
  ['90 minutes', 0],
  ['', 0],
])('%s is %d seconds (ISO 8601)', (text, seconds) => {
  expect(secondsOf(parseXml(`<duration> ${text} </duration>`))).toBe(seconds)
})
