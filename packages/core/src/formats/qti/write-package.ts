import { element, textNode, toElements, withTex } from '../../content/elements.ts'
import type { ElementNode } from '../../content/markup.ts'
import { mathMl } from '../../content/mathematics.ts'
import { isEmptyContent } from '../../content/model.ts'
import { fitItem } from '../../fit/fit.ts'
import type { Item } from '../../item/model.ts'
import type { Loss, PackageFile, WriteSettings, Written } from '../format.ts'
import type { FormatLimits } from '../../fit/limits.ts'
import { PicturePack } from '../package/pictures.ts'
import { printXml } from '../xml/xml.ts'
import { inDialect, type Dialect } from './dialect.ts'
import { LOM_NAMESPACE, MANIFEST, XSI_NAMESPACE } from './names.ts'
import { itemElement, type StimulusRef } from './write-item.ts'
import { testElement } from './write-paper.ts'

const encoder = new TextEncoder()
const TEST_PATH = 'test.xml'
/** LOM 5.8, the vocabulary for difficulty (IEEE 1484.12.1). */
const LOM_DIFFICULTIES = ['very easy', 'easy', 'medium', 'difficult', 'very difficult']

interface PackedItem {
  /** Index among the items that were given. */
  readonly at: number
  readonly identifier: string
  readonly path: string
  readonly item: Item
  readonly stimulus: StimulusRef | null
  /** Paths of the pictures that it shows. */
  readonly pictures: readonly string[]
}

/**
 * Writes a content package: the manifest, a file per item, its pictures, the test where a paper is written, and in
 * 3.0 a file per passage that its items share.
 */
export function writePackage(
  items: readonly Item[],
  settings: WriteSettings,
  dialect: Dialect,
  limits: FormatLimits,
): Written {
  const packing = new Packing(settings, dialect)
  const losses: Loss[] = []
  const written: number[] = []
  items.forEach((item, index) => {
    const fit = fitItem(item, limits, settings.assets)
    losses.push(...fit.reasons.map((reason) => ({ item: index, feature: reason.feature, says: reason.says })))
    if (fit.verdict === 'cannot') return
    written.push(index)
    packing.add(item, index)
  })
  return { data: { form: 'package', files: packing.finish() }, losses, written }
}

class Packing {
  readonly #settings: WriteSettings
  readonly #dialect: Dialect
  readonly #packed: PackedItem[] = []
  readonly #pictures: PicturePack
  readonly #stimuli = new Map<
    string,
    { readonly ref: StimulusRef; readonly path: string; readonly root: ElementNode }
  >()

  constructor(settings: WriteSettings, dialect: Dialect) {
    this.#settings = settings
    this.#dialect = dialect
    this.#pictures = new PicturePack(settings.assets, '../')
  }

  add(given: Item, index: number): void {
    const identifier = identifierOf(this.#settings.ids?.[index] ?? `item-${String(index + 1).padStart(3, '0')}`)
    const pictures = new Set<string>()
    const item = this.#pictures.place(given, pictures)
    const stimulus = this.#stimulusFor(item)
    this.#packed.push({
      at: index,
      identifier,
      path: `items/${identifier}.xml`,
      item,
      stimulus,
      pictures: [...pictures],
    })
  }

  finish(): PackageFile[] {
    const items = this.#packed.map((one) =>
      this.#file(one.path, itemElement(one.item, one.identifier, this.#dialect, one.stimulus)),
    )
    const stimuli = [...this.#stimuli.values()].map((one) => this.#file(one.path, one.root))
    return [
      { path: MANIFEST, bytes: encoder.encode(printXml(this.#manifest())) },
      ...(this.#settings.as === 'paper' ? [this.#file(TEST_PATH, this.#test())] : []),
      ...items,
      ...stimuli,
      ...this.#pictures.files(),
    ]
  }

  #test(): ElementNode {
    const refs = this.#packed.map(({ at, identifier, path, item }) => ({ at, part: { identifier, path, item } }))
    return testElement(refs, this.#settings, this.#dialect)
  }

  #file(path: string, root: ElementNode): PackageFile {
    return { path, bytes: encoder.encode(printXml(inDialect(withTex(root, mathMl), this.#dialect))) }
  }

  /** In 3.0 a passage is a stimulus of its own, which all its items refer to. */
  #stimulusFor(item: Item): StimulusRef | null {
    if (this.#dialect.stimulusType === null || isEmptyContent(item.passage)) return null
    const name = JSON.stringify(item.passage)
    const known = this.#stimuli.get(name)
    if (known) return known.ref
    const identifier = `stimulus-${this.#stimuli.size + 1}`
    const path = `stimuli/${identifier}.xml`
    const root = element(
      'assessmentStimulus',
      { xmlns: this.#dialect.itemNamespace, identifier, title: `Passage ${this.#stimuli.size + 1}` },
      [element('stimulusBody', {}, toElements(item.passage ?? []))],
    )
    const ref = { identifier, href: `../${path}` }
    this.#stimuli.set(name, { ref, path, root })
    return ref
  }

  /** IMS Content Packaging as profiled by QTI (Integration Guide): one resource per file, a test depends on its items. */
  #manifest(): ElementNode {
    const dialect = this.#dialect
    const resources = this.#packed.map((one) => this.#itemResource(one))
    for (const { ref, path } of this.#stimuli.values())
      resources.push(resource(`R-${ref.identifier}`, dialect.stimulusType ?? '', path, [], []))
    if (this.#settings.as === 'paper')
      resources.unshift(
        resource(
          'R-test',
          dialect.testType,
          TEST_PATH,
          [],
          this.#packed.map((one) => `R-${one.identifier}`),
        ),
      )
    return element(
      'manifest',
      {
        xmlns: dialect.packageNamespace,
        'xmlns:imsmd': LOM_NAMESPACE,
        'xmlns:xsi': XSI_NAMESPACE,
        'xsi:schemaLocation': `${dialect.packageNamespace} ${dialect.packageSchema}`,
        identifier: 'MANIFEST',
      },
      [
        element('metadata', {}, [
          element('schema', {}, [textNode(dialect.packageName)]),
          element('schemaversion', {}, [textNode(dialect.packageVersion)]),
          lom([md('general', [md('title', [langString(this.#settings.title)])])]),
        ]),
        element('organizations', {}, []),
        element('resources', {}, resources),
      ],
    )
  }

  #itemResource({ identifier, path, item, stimulus, pictures }: PackedItem): ElementNode {
    const filing = filingOf(item)
    const metadata = filing.length ? [element('metadata', {}, [lom(filing)])] : []
    const files = pictures.map((picture) => element('file', { href: picture }, []))
    const depends = stimulus ? [`R-${stimulus.identifier}`] : []
    return resource(`R-${identifier}`, this.#dialect.itemType, path, metadata, depends, files)
  }
}

function resource(
  identifier: string,
  type: string,
  href: string,
  metadata: readonly ElementNode[],
  depends: readonly string[],
  files: readonly ElementNode[] = [],
): ElementNode {
  const dependencies = depends.map((identifierref) => element('dependency', { identifierref }, []))
  return element('resource', { identifier, type, href }, [
    ...metadata,
    element('file', { href }, []),
    ...files,
    ...dependencies,
  ])
}

/** Tags, difficulty, level and outcome as Learning Object Metadata (IEEE 1484.12.1: 1.5, 5.8 and 9). */
function filingOf(item: Item): ElementNode[] {
  const found: ElementNode[] = []
  if (item.tags.length)
    found.push(
      md(
        'general',
        item.tags.map((tag) => md('keyword', [langString(tag)])),
      ),
    )
  if (item.difficulty !== undefined) {
    const source = LOM_DIFFICULTIES.includes(item.difficulty) ? 'LOMv1.0' : 'own'
    const vocabulary = [md('source', [textNode(source)]), md('value', [textNode(item.difficulty)])]
    found.push(md('educational', [md('difficulty', vocabulary)]))
  }
  if (item.outcome !== undefined) found.push(classification('educational objective', item.outcome))
  if (item.level !== undefined) found.push(classification('skill level', item.level))
  return found
}

function classification(purpose: string, text: string): ElementNode {
  const named = md('purpose', [md('source', [textNode('LOMv1.0')]), md('value', [textNode(purpose)])])
  return md('classification', [named, md('description', [langString(text)])])
}

function lom(inner: readonly ElementNode[]): ElementNode {
  return md('lom', inner)
}

function md(name: string, inner: ElementNode['children']): ElementNode {
  return element(`imsmd:${name}`, {}, inner)
}

function langString(text: string): ElementNode {
  return md('string', [textNode(text)])
}

/** An NCName that is a file name as well. */
function identifierOf(id: string): string {
  const plain = id.replace(/[^A-Za-z0-9_-]/g, '-')
  return /^[A-Za-z_]/.test(plain) ? plain : `i-${plain}`
}
