export function escape(text: string): string {
  return text.replace(/[&<>"']/g, (character) => `&#${character.charCodeAt(0)};`)
}

/** Lines of plain text as paragraphs. */
export function lines(text: string): string {
  return text
    .split(/\n+/)
    .filter((line) => line.trim() !== '')
    .map((line) => `<p>${escape(line)}</p>`)
    .join('')
}

/** A whole page; `style` gives the service its own look. */
export function htmlPage(title: string, style: string, body: string): string {
  return `<!doctype html><html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>${escape(title)}</title><style>${style}</style></head><body>${body}</body></html>`
}
