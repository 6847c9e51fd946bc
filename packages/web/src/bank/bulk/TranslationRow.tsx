import { useState } from 'react'
import { Button } from '../../parts/Button'
import { FileButton } from '../../parts/FileButton'
import { counted } from '../../parts/item-words'
import { useTell } from '../../parts/notices'
import { FIELD } from '../form/field'
import { useBankChanges } from '../queries'
import { Row } from './Row'

/** What the server writes into one file. */
const MOST_AT_ONCE = 500

/** Out as XLIFF 2 for a translator's own program, and back as variants of the items. */
export function TranslationRow({ ids, close }: { readonly ids: readonly string[]; readonly close: () => void }) {
  const { toTranslate, translated } = useBankChanges()
  const tell = useTell()
  const [language, setLanguage] = useState('')
  const failed = (error: Error): void => tell(error.message, { tone: 'trouble' })
  const send = (): void =>
    toTranslate.mutate(
      { ids: ids.slice(0, MOST_AT_ONCE), language: language.trim() },
      {
        onError: failed,
        onSuccess: ({ text }) => {
          const address = URL.createObjectURL(new Blob([text], { type: 'application/xliff+xml' }))
          const link = document.createElement('a')
          link.href = address
          link.download = `items-${language.trim()}.xlf`
          link.click()
          URL.revokeObjectURL(address)
          if (ids.length > MOST_AT_ONCE)
            tell(`The first ${MOST_AT_ONCE} of ${ids.length} items went out; pick the others and send them, too.`, {
              tone: 'trouble',
            })
        },
      },
    )
  const read = async (chosen: File | undefined): Promise<void> => {
    if (!chosen) return
    translated.mutate(await chosen.text(), {
      onError: failed,
      onSuccess: ({ created, updated, open, unknown }) => {
        close()
        tell(
          [
            `${counted(created, 'translation is', 'translations are')} new, ${updated} changed`,
            ...(open ? [`${counted(open, 'text is', 'texts are')} not translated yet`] : []),
            ...(unknown ? [`${counted(unknown, 'item is', 'items are')} not in this bank`] : []),
          ].join('; ') + '.',
        )
      },
    })
  }
  return (
    <Row label="Translation">
      <form
        className="flex flex-1 flex-wrap gap-1.5"
        onSubmit={(event) => {
          event.preventDefault()
          if (language.trim()) send()
        }}
      >
        <input
          aria-label="Language to translate into"
          placeholder="such as sv"
          value={language}
          onChange={(event) => setLanguage(event.target.value)}
          className={`${FIELD} w-24`}
        />
        <Button type="submit" disabled={!language.trim() || toTranslate.isPending}>
          Send out
        </Button>
        <FileButton name="Translated file" accept=".xlf,.xliff,.xml" open={read}>
          Read back
        </FileButton>
      </form>
    </Row>
  )
}
