/** What a copied page carries that its plain text loses: dress that may say which option is right, lists, tables. */
const TELLING = 'table, ol, ul, b, strong, u, ins, mark, s, del, sub, sup, h1, h2, h3, h4, h5, h6'
const TELLING_STYLE =
  /font-weight\s*:\s*(?:bold|[6-9]00)|text-decoration[\w-]*\s*:[^;]*underline|background(?:-color)?\s*:/i
/** Three lines or more with cells between tabs were copied from a sheet. */
const FEWEST_ROWS = 3

/**
 * What was pasted as a file that is read like any other, where its plain text would lose something of it.
 *
 * @returns null: the plain text is all there is.
 */
export function pastedFile(html: string, plain: string): File | null {
  if (html && isTelling(html)) return new File([`<html><body>${html}</body></html>`], 'pasted.html')
  if (/^\s*<(?:!doctype html|html[\s>])/i.test(plain)) return new File([plain], 'pasted.html')
  const rows = plain.split(/\r?\n/).filter((line) => line.includes('\t'))
  return rows.length >= FEWEST_ROWS ? new File([plain], 'pasted.txt') : null
}

function isTelling(html: string): boolean {
  const page = new DOMParser().parseFromString(html, 'text/html')
  // A code editor colours all that it copies; its blanks are what tells.
  if (page.body.querySelector('pre') ?? /white-space\s*:\s*pre\b/.test(html.slice(0, 2000))) return false
  // Some copy everything inside of one bold element that says it is not.
  const telling = [...page.body.querySelectorAll<HTMLElement>(TELLING)].filter(
    (element) => !/font-weight\s*:\s*normal/i.test(element.getAttribute('style') ?? ''),
  )
  return (
    telling.length > 0 ||
    [...page.body.querySelectorAll('[style]')].some((element) =>
      TELLING_STYLE.test(element.getAttribute('style') ?? ''),
    )
  )
}
