/** The letter that an option stands under: a, b, … z; after that its number. */
export function letter(index: number): string {
  return index < 26 ? String.fromCharCode(97 + index) : String(index + 1)
}
