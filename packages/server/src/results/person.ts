/** What tells people apart by what they typed: capital letters and blanks do not. Null where no name is known. */
export function personOf(student: string): string | null {
  const folded = student.normalize('NFKC').toLocaleLowerCase('en').replace(/\s+/g, ' ').trim()
  return folded === '' || /^response \d+$/.test(folded) ? null : folded.slice(0, 300)
}
