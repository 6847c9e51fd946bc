import type { ItemKind } from '../../item/model.ts'

/** What the header of a column can name. `wrong` heads options that are never the key. */
export type ColumnWord =
  'stem' | 'option' | 'options' | 'wrong' | 'key' | 'kind' | 'number' | 'points' | 'time' | 'section'

/**
 * The words of one language that a drafted question uses for its parts. All are matched without
 * regard to letter case, at the start of a line or before a colon. Adding a language is adding a file.
 */
export interface LanguageWords {
  /** BCP 47 primary tag. */
  readonly code: string
  /** Word before an item's number: "Question 3". */
  readonly question: readonly string[]
  /** One to twelve in words, as in "Question Two"; from memory. */
  readonly numerals?: readonly string[]
  /** First to sixth, all forms of each parted by blanks, as in "the second"; from memory. */
  readonly ordinals?: readonly string[]
  /** Word before a key: "Answer: B". */
  readonly answer: readonly string[]
  readonly feedback: readonly string[]
  readonly hint: readonly string[]
  /** Word before a model answer to an open question. */
  readonly sample: readonly string[]
  /** Units after a number of points: "2 marks". */
  readonly points: readonly string[]
  /** Words for one and two points where the language says them without a numeral. */
  readonly onePoint?: readonly string[]
  readonly twoPoints?: readonly string[]
  readonly truth: readonly string[]
  readonly falsehood: readonly string[]
  /** Words for yes and no, which answer a question and judge no statement. */
  readonly yesNo?: readonly string[]
  /** Word between the two: "true or false". */
  readonly or: readonly string[]
  readonly and: readonly string[]
  /** Words that ask for something to be named, written or worked out, as starts of a sentence; from memory. */
  readonly commands?: readonly string[]
  /** Phrases that ask for several options. */
  readonly several: readonly string[]
  readonly match: readonly string[]
  readonly order: readonly string[]
  /** Phrases that ask for an answer in sentences. */
  readonly essay: readonly string[]
  /** Words that ask for a reason: one question word or more. */
  readonly reason: readonly string[]
  /** What stands before a side of a matching that belongs to no other. */
  readonly leftOver?: readonly string[]
  /** Title of a block of keys. */
  readonly keyTitle: readonly string[]
  /** Word before a section's letter or number. */
  readonly section: readonly string[]
  /** Words that ask a student for a name, class or date. */
  readonly identity: readonly string[]
  /** Word before further accepted answers. */
  readonly accept: readonly string[]
  /** What follows a further accepted answer: "quicksilver is ok". */
  readonly acceptBehind?: readonly string[]
  readonly wordBank?: readonly string[]
  readonly difficulty?: readonly string[]
  readonly level?: readonly string[]
  readonly tags?: readonly string[]
  readonly outcome?: readonly string[]
  readonly note?: readonly string[]
  /** What asks a student to choose: "choose the correct answer:" is no key. */
  readonly choose: readonly string[]
  /** What leads to "true or false" and belongs to the label: "state whether". */
  readonly judge?: readonly string[]
  /** What the ends of a scale of opinion are called. */
  readonly opinion?: readonly string[]
  /** Names of the kinds, as before a stem ("Multiple choice:") or in a column of a table. */
  readonly kinds: Partial<Readonly<Record<ItemKind, readonly string[]>>>
  /** Headers of columns in a table of questions; those for feedback, hint and filing are the words above. */
  readonly columns: Readonly<Record<ColumnWord, readonly string[]>>
  /** How a key may be made to stand out, as said in "correct answers in bold". */
  readonly dress: readonly string[]
  /** Letters that stand for question and answer in a list of pairs: "Q: … A: …". */
  readonly pair: readonly [string, string]
  /** Openings and closings of a chat reply, as starts of a line. */
  readonly chatter: readonly string[]
  /** Instructions to the class that belong to no item, as starts of a line. */
  readonly instructions?: readonly string[]
}
