import { ar } from './ar.ts'
import { cs } from './cs.ts'
import { da } from './da.ts'
import { de } from './de.ts'
import { en } from './en.ts'
import { es } from './es.ts'
import { fi } from './fi.ts'
import { fr } from './fr.ts'
import { he } from './he.ts'
import { hu } from './hu.ts'
import { it } from './it.ts'
import { ja } from './ja.ts'
import type { ItemKind } from '../../item/model.ts'
import type { ColumnWord, LanguageWords } from './language.ts'
import { nb } from './nb.ts'
import { nl } from './nl.ts'
import { pl } from './pl.ts'
import { pt } from './pt.ts'
import { ro } from './ro.ts'
import { ru } from './ru.ts'
import { sv } from './sv.ts'
import { tr } from './tr.ts'
import { uk } from './uk.ts'
import { zh } from './zh.ts'

/** Every language whose words the reader knows. */
export const LANGUAGES: readonly LanguageWords[] = [
  en,
  de,
  fr,
  es,
  pt,
  it,
  nl,
  sv,
  pl,
  ru,
  uk,
  tr,
  ar,
  he,
  zh,
  ja,
  da,
  nb,
  fi,
  cs,
  hu,
  ro,
]

type WordField = Exclude<
  {
    [Field in keyof LanguageWords]-?: NonNullable<LanguageWords[Field]> extends readonly string[] ? Field : never
  }[keyof LanguageWords],
  'pair'
>

/** The words of all languages for one part of a question, longest first, without duplicates. */
export function wordsFor(field: WordField): readonly string[] {
  const all = LANGUAGES.flatMap((language) => language[field] ?? [])
  return [...new Set(all.map((word) => word.toLowerCase()))].sort((a, b) => b.length - a.length)
}

/** A regular expression source that matches any of the words. */
export function anyOf(words: readonly string[]): string {
  return `(?:${words.map(escapeRegExp).join('|')})`
}

function escapeRegExp(text: string): string {
  return text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&').replaceAll(' ', '\\s+')
}

/** Names of each kind in all languages, lower case. */
export function kindWords(): ReadonlyMap<string, ItemKind> {
  const found = new Map<string, ItemKind>()
  for (const language of LANGUAGES)
    for (const [kind, words] of Object.entries(language.kinds))
      for (const word of words) if (!found.has(word)) found.set(word, kind as ItemKind)
  return found
}

/** Headers of one kind of column in all languages, lower case. */
export function columnWords(column: ColumnWord): readonly string[] {
  return [...new Set(LANGUAGES.flatMap((language) => language.columns[column]))]
}
