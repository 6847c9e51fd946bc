import { plainText, type Item, type NumericKey } from '@zakuska/core'
import type { ReactNode } from 'react'
import { KeyGlyph } from './KeyGlyph'
import { letterOf } from './item-words'
import { RichText } from './RichText'

/** An item as it would read in a paper, with its key shown by a glyph and a word. `setKey` makes options clickable. */
export function ItemView({
  item,
  setKey,
  small = false,
}: {
  readonly item: Item
  readonly setKey?: ((index: number) => void) | undefined
  readonly small?: boolean
}) {
  return (
    <div>
      <div className={`font-text ${small ? 'text-[15px] leading-snug' : 'text-[16.5px] leading-[1.42]'}`}>
        <RichText content={item.stem} />
      </div>
      <Answers item={item} setKey={setKey} />
    </div>
  )
}

// eslint-disable-next-line max-lines-per-function -- one short case for each kind
function Answers({ item, setKey }: { readonly item: Item; readonly setKey?: ((index: number) => void) | undefined }) {
  switch (item.kind) {
    case 'single':
    case 'multiple':
      return (
        <ol className="grid gap-px pt-1">
          {item.options.map((option, index) => (
            <Row
              key={option.id}
              letter={letterOf(index)}
              keyed={item.key.includes(option.id)}
              choose={setKey && (() => setKey(index))}
            >
              <RichText content={option.content} inline />
              {option.feedback && (
                <span className="block font-ui text-xs text-muted">{plainText(option.feedback)}</span>
              )}
            </Row>
          ))}
        </ol>
      )
    case 'truefalse':
      return (
        <ol className="flex flex-wrap gap-x-8 pt-1">
          <Row letter="t" keyed={item.key[0] === true} choose={setKey && (() => setKey(0))}>
            True
          </Row>
          <Row letter="f" keyed={item.key[0] === false} choose={setKey && (() => setKey(1))}>
            False
          </Row>
        </ol>
      )
    case 'short':
      return item.key.length ? (
        <Line>
          <KeyGlyph /> {item.key.join('  or  ')}
        </Line>
      ) : null
    case 'numeric':
      return item.key.length ? (
        <Line>
          <KeyGlyph /> {item.key.map(bandText).join(' or ')} {item.unit}
        </Line>
      ) : null
    case 'match':
      return (
        <Line>
          {item.left.map((left, index) => (
            <span key={index} className="block">
              <KeyGlyph /> {plainText(left)} –{' '}
              {item.key
                .filter(([from]) => from === index)
                .map(([, to]) => plainText(item.right[to]))
                .join(', ') || '?'}
            </span>
          ))}
          {sparesOf(item).length > 0 && <span className="block text-muted">Spare: {sparesOf(item).join(', ')}</span>}
        </Line>
      )
    case 'order':
      return (
        <Line>
          {(item.key.length ? item.key : item.options.map((option) => option.id)).map((id, index) => (
            <span key={id} className="block">
              {item.key.length > 0 && <KeyGlyph />} {index + 1}.{' '}
              {plainText(item.options.find((option) => option.id === id)?.content)}
            </span>
          ))}
        </Line>
      )
    case 'cloze':
      return (
        <Line>
          {item.gaps.map((gap, index) => (
            <span key={index} className="block">
              <KeyGlyph /> gap {index + 1}: {gap.key.join(' or ') || '?'}
              {gap.choices && <span className="text-muted"> of {gap.choices.join(', ')}</span>}
            </span>
          ))}
        </Line>
      )
    case 'grid':
      return (
        <Line>
          {item.rows.map((row, index) => (
            <span key={index} className="block">
              <KeyGlyph /> {plainText(row)}:{' '}
              {item.key
                .filter(([at]) => at === index)
                .map(([, column]) => plainText(item.columns[column]))
                .join(', ') || '?'}
            </span>
          ))}
        </Line>
      )
    case 'scale':
      return (
        <Line>
          {item.low} {item.lowLabel} … {item.high} {item.highLabel}
        </Line>
      )
    case 'essay':
      return item.sample ? (
        <Line>
          <RichText content={item.sample} />
        </Line>
      ) : null
    case 'note':
      return null
  }
}

function bandText(band: NumericKey): string {
  const share = band.credit === undefined ? '' : ` (${Math.round(band.credit * 100)} %)`
  if ('min' in band) return `${band.min} to ${band.max}${share}`
  return `${band.value}${band.tolerance ? ` ± ${band.tolerance}` : ''}${share}`
}

function sparesOf(item: Extract<Item, { kind: 'match' }>): string[] {
  const used = new Set(item.key.map(([, partner]) => partner))
  return item.key.length ? item.right.filter((_part, index) => !used.has(index)).map((part) => plainText(part)) : []
}

function Line({ children }: { readonly children: ReactNode }) {
  return <div className="pt-1 font-text text-[14.5px]">{children}</div>
}

function Row({
  letter,
  keyed,
  choose,
  children,
}: {
  readonly letter: string
  readonly keyed: boolean
  readonly choose?: (() => void) | undefined
  readonly children: ReactNode
}) {
  const inside = (
    <>
      <span className="w-5 shrink-0 font-ui text-[12.5px] text-muted">{letter}</span>
      <span className="w-5 shrink-0">{keyed && <KeyGlyph />}</span>
      <span className={`min-w-0 ${keyed ? 'font-semibold' : ''}`}>{children}</span>
    </>
  )
  const look = 'flex items-baseline font-text text-[14.5px] leading-normal text-left'
  return (
    <li>
      {choose ? (
        <button
          type="button"
          tabIndex={-1}
          title={`Make ${letter} the key`}
          className={`${look} w-full hover:bg-mustard-wash`}
          onClick={choose}
        >
          {inside}
        </button>
      ) : (
        <span className={look}>{inside}</span>
      )}
    </li>
  )
}

/** Feedback, hint and passage below an item, where it has them. */
export function ItemExtras({ item }: { readonly item: Item }) {
  if (!item.feedback && !item.hint) return null
  return (
    <dl className="mt-1.5 grid gap-0.5 text-[12.5px] text-muted">
      {item.hint && (
        <div className="flex gap-2">
          <dt className="font-semibold">Hint</dt>
          <dd className="min-w-0">
            <RichText content={item.hint} />
          </dd>
        </div>
      )}
      {item.feedback && (
        <div className="flex gap-2">
          <dt className="font-semibold">Feedback</dt>
          <dd className="min-w-0">
            <RichText content={item.feedback} />
          </dd>
        </div>
      )}
    </dl>
  )
}
