import { execFileSync } from 'node:child_process'

const READER = `
const chunks = []
for await (const chunk of process.stdin) chunks.push(chunk)
const { getDocument } = await import('pdfjs-dist/legacy/build/pdf.mjs')
const pdf = await getDocument({ data: new Uint8Array(Buffer.concat(chunks)), verbosity: 0 }).promise
const pages = []
for (let number = 1; number <= pdf.numPages; number++) {
  const { items } = await (await pdf.getPage(number)).getTextContent()
  pages.push(items.map((one) => one.str ?? '').join(' ').replace(/\\s+/g, ' '))
}
process.stdout.write(JSON.stringify(pages))`

/** The words of each page, read by a general-purpose library in a process of its own: it is a module, as tests are not. */
export function pageTexts(pdf: Uint8Array): string[] {
  const printed = execFileSync(process.execPath, ['--input-type=module', '--eval', READER], {
    input: pdf,
    cwd: `${__dirname}/../..`,
  })
  return JSON.parse(printed.toString('utf8')) as string[]
}
