import type { ListedWord } from '@zakuska/core'
import type { Schemas } from '../../api/client'

type Sense = Schemas['WordSenseDto']
type LookedUp = Schemas['LookedUpDto']

/** A word of the list, as it stands on the screen. */
export interface Entry {
  readonly word: string
  readonly senses: readonly Sense[]
  /** Place of the sense that is picked; −1: none. */
  readonly sense: number
  readonly definition: string
  readonly sentence: string
  readonly inPassage: LookedUp['inPassage']
}

/** The likely sense is proposed; a gloss of one's own goes before it. */
export function entryOf(
  { word, gloss }: { readonly word: string; readonly gloss: string },
  found: LookedUp | undefined,
): Entry {
  const entry: Entry = {
    word,
    senses: found?.senses ?? [],
    sense: -1,
    definition: '',
    sentence: '',
    inPassage: found?.inPassage ?? null,
  }
  const proposed = picked(entry, found?.likely ?? -1)
  return gloss ? { ...proposed, definition: gloss } : proposed
}

/** Another sense brings its definition and its example; the passage's own sentence stays before any example. */
export function picked(entry: Entry, at: number): Entry {
  const sense = entry.senses[at]
  const sentence = entry.inPassage?.sentence ?? sense?.example ?? ''
  return { ...entry, sense: sense ? at : -1, definition: sense?.definition ?? '', sentence }
}

export function listedOf({ word, senses, sense, definition, sentence, inPassage }: Entry): ListedWord {
  const one = senses[sense]
  const as =
    sentence === inPassage?.sentence
      ? inPassage.as
      : sentence === one?.example
        ? (one.inExample ?? word)
        : formIn(sentence, word, one)
  return {
    word,
    definition,
    sentence,
    as,
    class: one?.pos ?? '',
    related: one?.related ?? [],
    ...(one && { forms: one.forms }),
  }
}

/** The form of a word that a sentence of one's own has. */
function formIn(sentence: string, word: string, sense: Sense | undefined): string {
  const lower = sentence.toLowerCase()
  return [word, ...Object.values(sense?.forms ?? {})].find((form) => lower.includes(form.toLowerCase())) ?? word
}

/** Words of a text that say most of what it is about: its longer words that do not stand everywhere, each once. */
export function tellingWords(text: string, most: number): string[] {
  const counts = new Map<string, number>()
  for (const word of text.toLowerCase().match(/\p{L}{5,}/gu) ?? [])
    if (!EVERYWHERE.has(word)) counts.set(word, (counts.get(word) ?? 0) + 1)
  const chosen = [...counts].sort((a, b) => b[1] - a[1] || b[0].length - a[0].length).slice(0, most)
  return chosen.map(([word]) => word).sort((a, b) => text.toLowerCase().indexOf(a) - text.toLowerCase().indexOf(b))
}

const EVERYWHERE = new Set(
  'about above after again against along among another around because before begin being below between could during every first found further given great having later least might never often other others should since small something still their there these those three through under until using usually which while whose within without would'.split(
    ' ',
  ),
)
