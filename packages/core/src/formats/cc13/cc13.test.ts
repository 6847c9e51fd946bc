import { textOf } from '../../content/elements.ts'
import type { ElementNode } from '../../content/markup.ts'
import { contentOf, type Content } from '../../content/model.ts'
import { plainText } from '../../content/plain.ts'
import { DEFAULT_TEXT_RULES, type Item } from '../../item/model.ts'
import type { FormatData, WriteSettings } from '../format.ts'
import { barePlan } from '../paper-plan.ts'
import { child, descendants, elementsOf, parseXml } from '../xml/xml.ts'
import { cc13 } from './index.ts'

const items: Item[] = [
  {
    kind: 'single',
    stem: contentOf('Which?'),
    points: 2,
    tags: [],
    options: ['ebb', 'flood'].map((text, at) => ({ id: 'ab'.charAt(at), content: contentOf(text) })),
    key: ['b'],
    shuffle: false,
    feedback: contentOf('It comes in.'),
  },
  { kind: 'truefalse', stem: contentOf('Rye is a grain.'), points: 1, tags: [], key: [true] },
  {
    kind: 'short',
    stem: contentOf('Name a tree.'),
    points: 1,
    tags: [],
    key: ['oak', 'elm'],
    rules: DEFAULT_TEXT_RULES,
  },
  { kind: 'essay', stem: contentOf('Why?'), points: 4, tags: [], sample: contentOf('Because.') },
]

function fileOf(data: FormatData, path: string): string {
  const file = data.form === 'package' ? data.files.find((one) => one.path === path) : undefined
  return new TextDecoder().decode(file?.bytes)
}

const written = (settings: Partial<WriteSettings> = {}) =>
  cc13.write(items, { title: 'Tides', as: 'paper', ...settings }).data

// Rules of the standard, from memory: IMS Common Cartridge 1.3, its manifest and its profile of QTI 1.2.1.
describe('the manifest', () => {
  test('says what it is, hangs an assessment in its one organization, and names every file', () => {
    const data = written()
    const manifest = parseXml(fileOf(data, 'imsmanifest.xml'))
    const metadata = child(manifest, 'metadata')
    expect(metadata && descendants(metadata, 'schema').length).toBe(1)
    expect(fileOf(data, 'imsmanifest.xml')).toContain(
      '<schema>IMS Common Cartridge</schema><schemaversion>1.3.0</schemaversion>',
    )
    const [organization] = descendants(manifest, 'organization')
    expect(organization?.attributes['structure']).toBe('rooted-hierarchy')
    const [resource] = descendants(manifest, 'resource')
    expect(resource?.attributes['type']).toBe('imsqti_xmlv1p2/imscc_xmlv1p3/assessment')
    const referred = descendants(manifest, 'item').flatMap(({ attributes }) => attributes['identifierref'] ?? [])
    expect(referred).toEqual([resource?.attributes['identifier']])
    const named = descendants(manifest, 'file').map(({ attributes }) => attributes['href'])
    expect(
      data.form === 'package' && data.files.map(({ path }) => path).filter((path) => path !== 'imsmanifest.xml'),
    ).toEqual(named)
  })

  test('a question bank is a resource that no organization refers to', () => {
    const data = written({ as: 'bank', categories: ['Tides/Words', '', '', ''] })
    const manifest = parseXml(fileOf(data, 'imsmanifest.xml'))
    expect(descendants(manifest, 'resource')[0]?.attributes['type']).toBe('imsqti_xmlv1p2/imscc_xmlv1p3/question-bank')
    expect(descendants(manifest, 'item').flatMap(({ attributes }) => attributes['identifierref'] ?? [])).toEqual([])
    expect(fileOf(data, 'bank/question-bank.xml')).toContain('<objectbank ident="bank-1">')
    expect(fileOf(data, 'bank/question-bank.xml')).toContain('<fieldentry>Tides/Words</fieldentry>')
  })
})

describe('the profile of QTI 1.2.1', () => {
  test('one section, a profile and a weight per item, SCORE as a percentage', () => {
    const plan = { ...barePlan(4), timeLimit: 600, attempts: 2, instructions: 'No charts.' }
    const root = parseXml(fileOf(written({ plan }), 'assessment/assessment.xml'))
    const sections = descendants(root, 'section')
    expect(sections.map(({ attributes }) => attributes['ident'])).toEqual(['root_section'])
    const fields = (node: ElementNode): Record<string, string> =>
      Object.fromEntries(
        descendants(node, 'qtimetadatafield').map((field) => elementsOf(field).map((one) => textOf(one))) as [
          string,
          string,
        ][],
      )
    const profiles = descendants(root, 'item').map((item) => [fields(item)['cc_profile'], fields(item)['cc_weighting']])
    expect(profiles).toEqual([
      ['cc.multiple_choice.v0p1', '2'],
      ['cc.true_false.v0p1', '1'],
      ['cc.fib.v0p1', '1'],
      ['cc.essay.v0p1', '4'],
    ])
    const assessment = child(root, 'assessment')
    const own = assessment && child(assessment, 'qtimetadata')
    expect(own && fields(own)).toMatchObject({ cc_profile: 'cc.exam.v0p1', cc_maxattempts: '2', qmd_timelimit: '10' })
    expect(new Set(descendants(root, 'decvar').map(({ attributes }) => attributes['maxvalue']))).toEqual(
      new Set(['100']),
    )
  })

  test('points, keys, accepted answers and samples come back', () => {
    const back = cc13.read(written())
    expect([back.title, back.unread]).toEqual(['Tides', []])
    expect(back.items).toEqual(items)
  })

  test('every key earns everything there, and nothing earns nothing', () => {
    const grade = cc13.grader(written())
    expect(grade(0, { kind: 'choice', chosen: ['b'] })).toBe(1)
    expect(grade(0, { kind: 'choice', chosen: ['a'] })).toBe(0)
    expect(grade(2, { kind: 'text', text: 'ELM' })).toBe(1)
    expect(grade(2, { kind: 'text', text: '' })).toBe(0)
  })
})

test('pictures go as files of the cartridge, named from its root, and come back', () => {
  const picture: Content = [{ type: 'paragraph', content: [{ type: 'picture', asset: 'p1', alt: 'a buoy' }] }]
  const [first] = items
  const shown: Item = { ...(first as Item), stem: picture }
  const bytes = new Uint8Array([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a])
  const { data } = cc13.write([shown], { title: 'T', as: 'paper', assets: new Map([['p1', bytes]]) })
  expect(fileOf(data, 'assessment/assessment.xml')).toContain('$IMS-CC-FILEBASE$/media/')
  expect(fileOf(data, 'imsmanifest.xml')).toContain('type="webcontent"')
  const back = cc13.read(data)
  expect(plainText(back.items[0]?.stem)).toContain('a buoy')
  expect([...(back.assets?.values() ?? [])]).toEqual([bytes])
})

// Common Cartridge 1.3, QTI profile, assessment metadata: from memory.
describe('what a paper asks of the site', () => {
  const fieldsOf = (plan: Partial<ReturnType<typeof barePlan>>): Record<string, string> => {
    const data = written({ plan: { ...barePlan(items.length), ...plan } })
    const root = parseXml(fileOf(data, 'assessment/assessment.xml'))
    return Object.fromEntries(
      descendants(root, 'assessment')
        .flatMap((assessment) => elementsOf(assessment).filter(({ name }) => name === 'qtimetadata'))
        .flatMap((metadata) => descendants(metadata, 'qtimetadatafield'))
        .map((field) => [textOf(child(field, 'fieldlabel') ?? field), textOf(child(field, 'fieldentry') ?? field)]),
    )
  }
  test('an examination in percent, as often as one likes, with feedback', () => {
    expect(fieldsOf({})).toEqual({
      cc_profile: 'cc.exam.v0p1',
      qmd_assessmenttype: 'Examination',
      qmd_scoretype: 'Percentage',
      qmd_feedbackpermitted: 'Yes',
      cc_maxattempts: 'unlimited',
    })
  })
  test.each<[Partial<ReturnType<typeof barePlan>>, string, string | undefined]>([
    [{ attempts: 1 }, 'cc_maxattempts', '1'],
    [{ attempts: 5 }, 'cc_maxattempts', '5'],
    [{ attempts: 6 }, 'cc_maxattempts', 'unlimited'],
    [{ feedbackWhen: 'never' }, 'qmd_feedbackpermitted', 'No'],
    [{ timeLimit: 1800 }, 'qmd_timelimit', '30'],
    [{ timeLimit: 20 }, 'qmd_timelimit', '1'],
    [{ timeLimit: null }, 'qmd_timelimit', undefined],
  ])('%j', (plan, field, entry) => {
    expect(fieldsOf(plan)[field]).toBe(entry)
  })
})
