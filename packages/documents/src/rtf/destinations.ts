/** Where the text of a group goes. */
export type Destination = 'text' | 'skip' | 'label' | 'colours' | 'names' | 'picture' | 'property' | 'alt'

/** Destinations whose text is no part of the document's body (RTF 1.9.1, "Destinations"). */
const SKIPPED = new Set([
  'fonttbl',
  'info',
  'header',
  'headerl',
  'headerr',
  'headerf',
  'footer',
  'footerl',
  'footerr',
  'footerf',
  'listtable',
  'listoverridetable',
  'revtbl',
  'rsidtbl',
  'generator',
  'themedata',
  'datastore',
  'xmlnstbl',
  'fldinst',
  'annotation',
  'atnid',
  'atnauthor',
  'atrfstart',
  'atrfend',
  'bkmkstart',
  'bkmkend',
  'pgdsctbl',
  'latentstyles',
  'colorschememapping',
  'wgrffmtfilter',
  'filetbl',
  'object',
  'userprops',
  'footnote',
  'ftnsep',
  'nonshppict',
  'levelnumbers',
])

/** Groups marked as skippable whose text counts all the same. */
const KEPT_STARRED = new Set(['shppict', 'picprop', 'cs', 'shpinst', 'pn'])

const NAMED: Readonly<Record<string, Destination>> = {
  listtext: 'label',
  pntext: 'label',
  colortbl: 'colours',
  stylesheet: 'names',
  pict: 'picture',
}

/**
 * Where the text of a group goes that begins with this word; null if the word is no destination.
 *
 * @param starred the word follows `\*`: whoever does not know it skips the group.
 * @param outer where the text of the group around it goes.
 * @param property the name of the picture's property whose value may follow.
 */
export function destinationOf(
  word: string,
  starred: boolean,
  outer: Destination,
  property: string,
): Destination | null {
  const named = NAMED[word]
  if (named) return stayed(named, outer, word)
  if (outer === 'picture' && word === 'sn') return 'property'
  if (outer === 'picture' && word === 'sv') return property === 'wzDescription' ? 'alt' : 'skip'
  return SKIPPED.has(word) || (starred && !KEPT_STARRED.has(word)) ? stayed('skip', outer, word) : null
}

/** A skipped group stays skipped, whatever stands in it; a table of styles names each in a group of its own. */
function stayed(into: Destination, outer: Destination, word: string): Destination {
  return outer === 'skip' || (outer === 'names' && into === 'skip' && word === 'cs') ? outer : into
}
