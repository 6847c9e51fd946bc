import { partsOf, plainText, type Item } from '@zakuska/core'

export function canSpeak(): boolean {
  return 'speechSynthesis' in window
}

/** What is read: the passage, the question, and what there is to choose from. A gap is a pause. */
export function spokenText(item: Item): string {
  const parts = item.kind === 'truefalse' ? ['True', 'False'] : partsOf(item).map((part) => plainText(part))
  return [plainText(item.passage), plainText(item.stem), ...parts]
    .map((text) => text.replace(/_{2,}/g, ' … ').trim())
    .filter(Boolean)
    .map((text) => (/[.!?…:]$/.test(text) ? text : `${text}.`))
    .join(' ')
}

/** Reads an item aloud by the browser's own voice, in the item's language. */
export function speak(item: Item): void {
  const said = new SpeechSynthesisUtterance(spokenText(item))
  if (item.language) said.lang = item.language
  window.speechSynthesis.cancel()
  window.speechSynthesis.speak(said)
}
