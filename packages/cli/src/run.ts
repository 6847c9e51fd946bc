import { spawn } from 'node:child_process'
import { readFileSync, writeFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { parseArgs } from 'node:util'
import {
  FORMAT_IDS,
  FormatError,
  isFormatId,
  NotationError,
  readDraft,
  readingOutline,
  type Assets,
  type Item,
  type PaperPlan,
  type Reading,
  type Unread,
} from '@zakuska/core'
import { FILE_TARGETS, isFileTarget, PackageError, readFile } from '@zakuska/documents'
import { itemsOutline } from './items-outline.ts'
import { findNotation } from './notation.ts'
import { COMMANDS, nearestCommand, usageOf } from './usage.ts'

/** Where the command writes: results to `out`, all else to `err`. */
export interface Streams {
  readonly out: (text: string | Uint8Array) => void
  readonly err: (text: string) => void
}

/** Wrong usage: exit status 2. */
class UsageError extends Error {
  override readonly name = 'UsageError'
}

/** Runs the command. @returns its exit status: 0 done, 1 cannot read or write it, 2 wrong usage. */
export async function run(args: readonly string[], streams: Streams): Promise<number> {
  try {
    return await dispatch(args, streams)
  } catch (error) {
    if (error instanceof UsageError || codeOf(error)?.startsWith('ERR_PARSE_ARGS')) {
      const [command] = args.filter((one) => !one.startsWith('-'))
      streams.err(`zakuska: ${messageOf(error)}\n${usageOf(command)}`)
      return 2
    }
    streams.err(`zakuska: ${explain(error)}\n`)
    return 1
  }
}

const OPTIONS = {
  key: { type: 'string' },
  notation: { type: 'string' },
  as: { type: 'string' },
  to: { type: 'string' },
  against: { type: 'string' },
  for: { type: 'string' },
  json: { type: 'boolean' },
  out: { type: 'string', short: 'o' },
  help: { type: 'boolean', short: 'h' },
} as const

async function dispatch(args: readonly string[], streams: Streams): Promise<number> {
  const { values, positionals } = parseArgs({
    args: [...args],
    allowPositionals: true,
    options: OPTIONS,
  })
  const [command, file, ...more] = positionals
  if (command !== undefined && !Object.hasOwn(COMMANDS, command)) {
    const near = nearestCommand(command)
    throw new UsageError(`There is no command “${command}”.${near ? ` Did you mean “${near}”?` : ''}`)
  }
  if (values.help) {
    streams.out(usageOf(command))
    return 0
  }
  if (command === undefined) throw new UsageError('Say what to do.')
  if (command === 'bench') {
    if (file) throw new UsageError('bench takes no file.')
    return bench(streams)
  }
  if (!file) throw new UsageError(`${command} takes a file.`)
  if (command === 'read')
    return more.length ? readSeveral([file, ...more], values, streams) : read(file, values, streams)
  if (more.length) throw new UsageError(`${command} takes one file.`)
  switch (command) {
    case 'convert':
      return convert(file, values.to, values.out, streams)
    case 'check':
      return check(file, values, streams)
    case 'fit':
      return fit(file, values.for, streams)
    default:
      return prove(file, values, streams)
  }
}

/** What a draft is read with, besides its own text. */
interface ReadWith {
  readonly key?: string | undefined
  readonly notation?: string | undefined
}

async function read(file: string, how: ReadHow, streams: Streams): Promise<number> {
  const as = formOf(how)
  const opened = await open(file, how, streams)
  if (as === 'items') sayNotKept(opened, streams)
  print(streams, asRead(opened, as))
  return 0
}

interface ReadHow extends ReadWith {
  readonly as?: string | undefined
}

function formOf({ as = 'outline' }: ReadHow): 'outline' | 'items' {
  if (as !== 'outline' && as !== 'items') throw new UsageError('--as takes outline or items.')
  return as
}

function asRead(opened: Opened, as: 'outline' | 'items'): object {
  if (as === 'items')
    return {
      zakuska: 1,
      title: opened.title,
      items: opened.reading ? opened.reading.items.map((item) => item.item) : opened.items,
    }
  return opened.reading ? readingOutline(opened.reading) : itemsOutline(opened.title, opened.items, opened.unread)
}

const SAY_AFTER_MS = 1000

/** A line of JSON for each file, as it is read; one that cannot be read has its reason there, and the others are read. */
async function readSeveral(files: readonly string[], how: ReadHow, streams: Streams): Promise<number> {
  const as = formOf(how)
  const start = performance.now()
  let failed = 0
  for (const [at, file] of files.entries()) {
    if (performance.now() - start > SAY_AFTER_MS) streams.err(`zakuska: ${at + 1} of ${files.length}, ${file}\n`)
    let result: object
    try {
      const opened = await open(file, how)
      if (as === 'items') for (const line of opened.notKept) streams.err(`zakuska: ${file}: ${line}\n`)
      result = asRead(opened, as)
    } catch (error) {
      failed++
      result = { error: explain(error) }
    }
    streams.out(`${JSON.stringify({ file, ...result })}\n`)
  }
  return failed ? 1 : 0
}

async function convert(
  file: string,
  to: string | undefined,
  out: string | undefined,
  streams: Streams,
): Promise<number> {
  if (!to || !isFileTarget(to)) throw new UsageError(`--to takes one of ${FILE_TARGETS.join(', ')}.`)
  const opened = await open(file, {}, streams)
  const { convertItems } = await import('./convert.ts')
  if (!opened.items.length) throw new PackageError('There is no item in it to convert.')
  const converted = await convertItems(opened, to)
  for (const line of [...opened.notKept, ...converted.losses]) streams.err(`zakuska: ${line}\n`)
  if (out === undefined) streams.out(converted.bytes)
  else writeFileSync(out, converted.bytes)
  return 0
}

/** Runs the measurements of the whole project. @returns their exit status. */
function bench(streams: Streams): Promise<number> {
  const script = fileURLToPath(new URL('../../../scripts/bench.mjs', import.meta.url))
  const child = spawn(process.execPath, [script], { stdio: ['ignore', 'pipe', 'pipe'] })
  child.stdout.on('data', (bytes: Buffer) => streams.out(bytes))
  child.stderr.on('data', (bytes: Buffer) => streams.err(bytes.toString()))
  return new Promise((resolve, reject) => {
    child.on('error', reject)
    child.on('close', (status) => resolve(status === 0 ? 0 : 1))
  })
}

async function check(
  file: string,
  { json = false, ...readWith }: ReadWith & { readonly json?: boolean | undefined },
  streams: Streams,
): Promise<number> {
  const opened = await open(file, readWith)
  const { checkReport } = await import('./check.ts')
  const report = checkReport(opened.reading, opened.items, opened.unread)
  if (json) print(streams, report)
  else
    streams.out(
      report.marks.map((mark) => `line ${mark.line}: ${mark.message} (${mark.code})\n`).join('') +
        report.findings
          .map((one) => `item ${one.items.map((at) => at + 1).join(', ')}: ${one.message} (${one.code})\n`)
          .join('') +
        `${report.items} items, ${report.marks.length} marks, ${report.findings.length} from the writing checks\n`,
    )
  return 0
}

async function fit(file: string, name: string | undefined, streams: Streams): Promise<number> {
  const opened = await open(file)
  const { FIT_NAMES, fitReport } = await import('./fit.ts')
  const report = fitReport(opened.items, opened.plan, name ?? '')
  if (report === null) throw new UsageError(`--for takes one of ${FIT_NAMES.join(', ')}.`)
  sayNotKept(opened, streams)
  streams.out(report)
  return 0
}

function sayNotKept({ notKept }: Opened, streams: Streams): void {
  for (const line of notKept) streams.err(`zakuska: ${line}\n`)
}

async function prove(
  file: string,
  { to, against }: { readonly to?: string | undefined; readonly against?: string | undefined },
  streams: Streams,
): Promise<number> {
  if (against !== undefined) return proveFile(file, against, streams)
  if (!to || !isFormatId(to)) throw new UsageError(`--to takes one of ${FORMAT_IDS.join(', ')}, --against a file.`)
  const opened = await open(file)
  sayNotKept(opened, streams)
  const { proofReport } = await import('./prove.ts')
  const report = proofReport(opened.items, to, opened.title)
  streams.out(report.text)
  return report.agrees ? 0 : 1
}

async function proveFile(file: string, against: string, streams: Streams): Promise<number> {
  const { items } = await open(file)
  const there = await open(against)
  sayNotKept(there, streams)
  const { proofAgainst } = await import('./prove.ts')
  const { heldIn } = await import('./held-in.ts')
  const report = proofAgainst(items, { items: there.items, format: await heldIn(against) }, against)
  streams.out(report.text)
  return report.agrees ? 0 : 1
}

interface Opened {
  readonly title: string | null
  readonly items: readonly Item[]
  /** Where the file is a test: its sections and settings. */
  readonly plan: PaperPlan | null
  /** Pictures that came with the items. */
  readonly assets?: Assets
  readonly categories?: readonly string[]
  readonly reading: Reading | null
  readonly unread: readonly Unread[]
  /** A line for each piece that is in the file and not among the items. */
  readonly notKept: readonly string[]
}

/** Longer files take their time to read, and it is said which one is being read. */
const LONG_BYTES = 200_000

async function open(
  file: string,
  { key: keyFile, notation: named }: ReadWith = {},
  streams: Streams | null = null,
): Promise<Opened> {
  const notation = named === undefined ? null : findNotation(named)
  const bytes = new Uint8Array(readFileSync(file))
  if (bytes.length > LONG_BYTES) streams?.err(`zakuska: reading ${file}, ${Math.round(bytes.length / 1024)} KiB …\n`)
  const contents = await readFile(bytes)
  if (contents.kind === 'items') {
    if (notation) throw new NotationError('The file holds items as they are: there is nothing to read by a notation.')
    const { title, items, unread, plan, assets, categories } = contents.result
    return {
      title,
      items,
      plan: plan ?? null,
      ...(assets && { assets }),
      ...(categories && { categories }),
      reading: null,
      unread,
      notKept: unread.map((one) => `${one.where}: ${one.reason}`),
    }
  }
  const key = keyFile === undefined ? undefined : await readFile(new Uint8Array(readFileSync(keyFile)))
  if (key && key.kind !== 'draft') throw new PackageError('The key file holds items, not keys.')
  const reading = readDraft({
    ...contents.source,
    ...(key && { keyText: key.source.text }),
    ...(notation && { notation }),
  })
  return {
    title: reading.title,
    items: reading.items.map((read) => read.item),
    plan: null,
    ...(contents.assets && { assets: contents.assets }),
    reading,
    unread: [],
    notKept: [],
  }
}

function print(streams: Streams, value: unknown): void {
  streams.out(`${JSON.stringify(value, null, 2)}\n`)
}

/** Errors of Node carry a code; telling them by it also works for errors of another realm. */
function codeOf(error: unknown): string | null {
  return typeof error === 'object' && error !== null && 'code' in error && typeof error.code === 'string'
    ? error.code
    : null
}

function messageOf(error: unknown): string {
  return typeof error === 'object' && error !== null && 'message' in error ? String(error.message) : String(error)
}

function explain(error: unknown): string {
  if (error instanceof FormatError || error instanceof PackageError) return error.message
  const path = typeof error === 'object' && error !== null && 'path' in error ? String(error.path) : 'the file'
  switch (codeOf(error)) {
    case 'ENOENT':
      return `There is no file ${path}.`
    case 'EISDIR':
      return `What was named is a folder, not a file.`
    case 'EACCES':
      return `${path} may not be read or written.`
    default:
      return messageOf(error)
  }
}
