import { tidyText, wordItems, wordsIn, WORD_ITEM_FORMS, type WordItemForm } from '@zakuska/core'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import { Head } from '../../parts/Head'
import { Button } from '../../parts/Button'
import { counted } from '../../parts/item-words'
import { Fault } from '../../parts/fields'
import { May } from '../../people/May'
import { useWritingChanges } from '../../writing/queries'
import { useNewDraft } from '../queries'
import { AREA, FIELD } from '../writing/form'
import { entryOf, listedOf, tellingWords, type Entry } from './entries'
import { WordRow } from './WordRow'

const MOST_WORDS = 60

const FORM_WORDS: Readonly<Record<WordItemForm, string>> = {
  definition: 'by their definitions',
  sentence: 'by a sentence with a gap',
  mixed: 'both, by turns',
}

/** A list of words becomes items: senses are proposed and picked, definitions and sentences can be one's own. */
export function WordsPage() {
  const [list, setList] = useState('')
  const [passage, setPassage] = useState('')
  const [entries, setEntries] = useState<readonly Entry[] | null>(null)
  const [form, setForm] = useState<WordItemForm>('mixed')
  const [isOwn, setOwn] = useState(false)
  const { lookUp } = useWritingChanges()
  const words = wordsIn(list)
  const isTooLong = words.length > MOST_WORDS
  const look = (): void => {
    // Glosses of one's own need no dictionary, and may be in any language.
    if (isOwn) return setEntries(words.map((one) => entryOf(one, undefined)))
    lookUp.mutate(
      { words: words.map(({ word }) => word), passage },
      {
        onSuccess: (found) =>
          setEntries(
            words.map((one) =>
              entryOf(
                one,
                found.find(({ word }) => word === one.word),
              ),
            ),
          ),
      },
    )
  }
  return (
    <>
      <Head title="Questions from words" about={entries ? counted(entries.length, 'word', 'words') : 'up to sixty'} />
      <div className="grid min-h-0 flex-1 content-start gap-x-8 gap-y-5 overflow-y-auto px-3 py-4 sm:px-[18px] lg:grid-cols-[320px_minmax(0,1fr)]">
        <WordList
          words={words}
          isTooLong={isTooLong}
          look={look}
          list={list}
          setList={setList}
          passage={passage}
          setPassage={setPassage}
          isOwn={isOwn}
          setOwn={setOwn}
          lookUp={lookUp}
          entries={entries}
        />
        {entries ? (
          <Senses entries={entries} set={setEntries} form={form} setForm={setForm} passage={passage} />
        ) : (
          <p className="text-muted">
            Each word is shown with what it can mean, out of an open word net that ships with Zakuska. You pick the
            meaning, or write your own. Wrong options come from your list, of the same part of speech, and never a word
            that means the same.
          </p>
        )}
      </div>
    </>
  )
}

function WordList({
  words,
  isTooLong,
  look,
  list,
  setList,
  passage,
  setPassage,
  isOwn,
  setOwn,
  lookUp,
  entries,
}: {
  readonly words: readonly { readonly word: string; readonly gloss: string }[]
  readonly isTooLong: boolean
  readonly look: () => void
  readonly list: string
  readonly setList: (next: string) => void
  readonly passage: string
  readonly setPassage: (next: string) => void
  readonly isOwn: boolean
  readonly setOwn: (next: boolean) => void
  readonly lookUp: ReturnType<typeof useWritingChanges>['lookUp']
  readonly entries: readonly Entry[] | null
}) {
  return (
    <form
      aria-label="The list"
      className="grid content-start gap-3"
      onSubmit={(event) => {
        event.preventDefault()
        if (words.length && !isTooLong) look()
      }}
    >
      <label className="block">
        The words, one a line
        <textarea
          className={AREA}
          rows={10}
          autoFocus
          value={list}
          placeholder={'harbour\nanchor\nto moor – make fast'}
          onChange={(event) => setList(event.target.value)}
        />
        <span className={`text-xs ${isTooLong ? 'text-beet' : 'text-muted'}`} role="status">
          {isTooLong && <span aria-hidden="true">◆ </span>}
          {counted(words.length, 'word', 'words')}
          {isTooLong && `; ${MOST_WORDS} at most`}
        </span>
      </label>
      <label className="block">
        The text that they stand in, if there is one
        <textarea
          className={`${AREA} font-text`}
          rows={6}
          value={passage}
          onChange={(event) => setPassage(event.target.value)}
        />
      </label>
      {passage.trim() !== '' && (
        <Button onClick={() => setList(tellingWords(passage, MOST_WORDS).join('\n'))}>
          Take words out of the text
        </Button>
      )}
      <OwnTick isOwn={isOwn} setOwn={setOwn} />
      <Fault error={lookUp.error} />
      <div>
        <Button
          tone={entries ? 'plain' : 'lead'}
          type="submit"
          disabled={!words.length || isTooLong || lookUp.isPending}
        >
          {lookUp.isPending ? 'Looking them up …' : isOwn ? 'Take the list' : 'Look them up'}
        </Button>
      </div>
    </form>
  )
}

function OwnTick({ isOwn, setOwn }: { readonly isOwn: boolean; readonly setOwn: (next: boolean) => void }) {
  return (
    <label className="flex items-baseline gap-2">
      <input type="checkbox" checked={isOwn} onChange={(event) => setOwn(event.target.checked)} />
      <span>
        Another language, or glosses of my own
        <span className="block text-xs text-muted">two columns: the word, then what it means</span>
      </span>
    </label>
  )
}

function Senses({
  entries,
  set,
  form,
  setForm,
  passage,
}: {
  readonly entries: readonly Entry[]
  readonly set: (entries: readonly Entry[]) => void
  readonly form: WordItemForm
  readonly setForm: (form: WordItemForm) => void
  readonly passage: string
}) {
  const newDraft = useNewDraft()
  const navigate = useNavigate()
  const [seed] = useState(() => Math.floor(Math.random() * 2 ** 31))
  const { items, left } = wordItems(entries.map(listedOf), form, seed)
  const typed = items.filter(({ kind }) => kind === 'short').length
  const make = (): void =>
    newDraft.mutate(
      {
        title: `Words: ${entries
          .slice(0, 3)
          .map(({ word }) => word)
          .join(', ')} …`,
        text: tidyText(items),
        ...(passage.trim() && { source: passage }),
      },
      { onSuccess: ({ id }) => void navigate(`/drafts/${id}`) },
    )
  const unknown = entries.filter((entry) => entry.senses.length === 0 && !entry.definition.trim()).length
  return (
    <section aria-label="What they mean" className="min-w-0">
      <div className="sticky top-0 z-10 flex flex-wrap items-end gap-x-4 gap-y-2 border-b border-ink bg-paper pb-2">
        <label className="block">
          Ask for them
          <select
            className={`${FIELD} block`}
            value={form}
            onChange={(event) => setForm(event.target.value as WordItemForm)}
          >
            {WORD_ITEM_FORMS.map((one) => (
              <option key={one} value={one}>
                {FORM_WORDS[one]}
              </option>
            ))}
          </select>
        </label>
        <p className="min-w-0 basis-full pb-1 text-muted sm:flex-1 sm:basis-0" role="status">
          {counted(items.length, 'item', 'items')}
          {typed > 0 && `, ${typed} of them typed: the list has too few words of their kind`}
          {left.length > 0 && `; nothing for ${left.map(({ word }) => word).join(', ')}`}
          {unknown > 0 &&
            `. ${counted(unknown, 'word has', 'words have')} no entry; write what ${unknown === 1 ? 'it means' : 'they mean'}`}
          .
        </p>
        <May right="write" to="make a draft">
          <Button tone="lead" disabled={!items.length || newDraft.isPending} onClick={make}>
            {newDraft.isPending ? 'Making it …' : `Make a draft of ${counted(items.length, 'item', 'items')}`}
          </Button>
        </May>
      </div>
      <Fault error={newDraft.error} />
      <ol>
        {entries.map((entry, at) => (
          <WordRow
            key={entry.word}
            entry={entry}
            change={(next) => set(entries.map((one, place) => (place === at ? next : one)))}
            remove={() => set(entries.filter((_, place) => place !== at))}
          />
        ))}
      </ol>
    </section>
  )
}
