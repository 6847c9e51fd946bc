import unhomoglyph from 'unhomoglyph'

/** What is seen as nothing or as a blank: controls of format, fillers, and the empty Braille cell. */
const UNSEEN = /[\s\p{Default_Ignorable_Code_Point}\p{Cf}\u2800]+/gu

/**
 * What tells people apart by what they typed. Names that look alike are one: capital letters, blanks, what is not seen, and
 * letters that are mistaken for one another do not count (Unicode Technical Standard #39, section 4, "Confusable Detection":
 * the skeleton; its table comes with `unhomoglyph`). Null where no name is known.
 */
export function personOf(student: string): string | null {
  const folded = [...student.normalize('NFKC')].map(inLatin).join('').toLocaleLowerCase('en')
  const plain = folded.replace(UNSEEN, '')
  if (plain === '' || /^response\d+$/.test(plain)) return null
  return unhomoglyph(plain.normalize('NFD')).normalize('NFD').slice(0, 300)
}

/** Capitals of other scripts look like Latin ones whose small letters theirs do not look like: В and в. */
function inLatin(letter: string): string {
  if (!/(?=\p{Lu})\P{Script=Latin}/u.test(letter)) return letter
  const looks = unhomoglyph(letter)
  // The skeleton of a capital I is a small l.
  return looks === 'l' ? 'I' : looks
}
