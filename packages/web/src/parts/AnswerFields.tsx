import { countGaps, type Item, type Response } from '@zakuska/core'
import type { ReactNode } from 'react'
import { letterOf } from './item-words'
import { MoveButtons } from './MoveButtons'
import { RichText } from './RichText'

export interface AnswerProps {
  readonly body: Item
  /** Names the fields apart from those of other items. */
  readonly name: string
  readonly response: Response | null
  readonly answer: (response: Response) => void
  readonly locked: boolean
}

/** Whether an item is answered in the gaps of its stem. */
export function answersInStem(body: Item): boolean {
  return body.kind === 'cloze' || ((body.kind === 'short' || body.kind === 'numeric') && countGaps(body.stem) === 1)
}

/** The stem as a student sees it: with boxes in its gaps where it is answered there. */
export function AnswerStem(props: AnswerProps) {
  const { body } = props
  if (!answersInStem(body)) return <RichText content={body.stem} />
  return <RichText content={body.stem} gap={(index) => <GapField {...props} index={index} />} />
}

/** What a student answers with, for every kind of item; nothing for those answered in their stem. */
export function AnswerFields(props: AnswerProps): ReactNode {
  const { body } = props
  if (body.kind !== 'cloze' && answersInStem(body)) return null
  switch (body.kind) {
    case 'single':
    case 'multiple':
      return <Choices {...props} body={body} />
    case 'truefalse':
      return <Truth {...props} />
    case 'short':
      return <TextField {...props} label={`Answer to item ${props.name}`} />
    case 'numeric':
      return (
        <span className="flex items-baseline gap-2">
          <TextField {...props} label={`Number for item ${props.name}`} />
          {body.unit && <span>{body.unit}</span>}
        </span>
      )
    case 'cloze':
      return body.wordBank ? <p className="border border-line px-3 py-1">{body.wordBank.join('   ·   ')}</p> : null
    case 'match':
      return <Pairs {...props} left={body.left} right={body.right} />
    case 'grid':
      return <Grid {...props} body={body} />
    case 'order':
      return <Ordered {...props} body={body} />
    case 'scale':
      return <Steps {...props} body={body} />
    case 'essay':
      return (
        <textarea
          aria-label={`Answer to item ${props.name}`}
          rows={5}
          disabled={props.locked}
          value={props.response?.kind === 'text' ? props.response.text : ''}
          onChange={(event) => props.answer({ kind: 'text', text: event.target.value })}
          className="w-full rounded-[3px] border border-edge bg-sheet px-2 py-1"
        />
      )
    case 'note':
      return null
  }
}

function Choices({
  body,
  name,
  response,
  answer,
  locked,
}: AnswerProps & { readonly body: Extract<Item, { kind: 'single' | 'multiple' }> }) {
  const before = response?.kind === 'choice' ? response.chosen : []
  const after = (id: string, on: boolean): string[] =>
    body.kind === 'single' ? [id] : [...before.filter((one) => one !== id), ...(on ? [id] : [])]
  return body.options.map((option) => (
    <label key={option.id} className="flex items-baseline gap-2 py-0.5">
      <input
        type={body.kind === 'single' ? 'radio' : 'checkbox'}
        name={`item-${name}`}
        disabled={locked}
        checked={before.includes(option.id)}
        onChange={(event) => answer({ kind: 'choice', chosen: after(option.id, event.target.checked) })}
        className="accent-ink"
      />
      <RichText content={option.content} inline />
    </label>
  ))
}

function Truth({ name, response, answer, locked }: AnswerProps) {
  return [true, false].map((value) => (
    <label key={String(value)} className="mr-8 inline-flex items-baseline gap-2 py-0.5">
      <input
        type="radio"
        name={`item-${name}`}
        disabled={locked}
        checked={response?.kind === 'truth' && response.value === value}
        onChange={() => answer({ kind: 'truth', value })}
        className="accent-ink"
      />
      {value ? 'True' : 'False'}
    </label>
  ))
}

const BOX = 'border-b border-ink bg-transparent px-1'

function TextField({ response, answer, locked, label }: AnswerProps & { readonly label: string }) {
  return (
    <input
      type="text"
      aria-label={label}
      autoComplete="off"
      disabled={locked}
      value={response?.kind === 'text' ? response.text : ''}
      onChange={(event) => answer({ kind: 'text', text: event.target.value })}
      className={`${BOX} w-full max-w-80`}
    />
  )
}

function GapField({ body, name, response, answer, locked, index }: AnswerProps & { readonly index: number }) {
  if (body.kind !== 'cloze')
    return (
      <input
        type="text"
        aria-label={`Answer to item ${name}`}
        autoComplete="off"
        disabled={locked}
        value={response?.kind === 'text' ? response.text : ''}
        onChange={(event) => answer({ kind: 'text', text: event.target.value })}
        className={`${BOX} mx-1 w-32`}
      />
    )
  const texts = response?.kind === 'gaps' ? response.texts : []
  const give = (text: string): void =>
    answer({ kind: 'gaps', texts: body.gaps.map((_gap, at) => (at === index ? text : (texts[at] ?? ''))) })
  const choices = body.gaps[index]?.choices
  const label = `Gap ${index + 1} of item ${name}`
  if (!choices)
    return (
      <input
        type="text"
        aria-label={label}
        autoComplete="off"
        disabled={locked}
        value={texts[index] ?? ''}
        onChange={(event) => give(event.target.value)}
        className={`${BOX} mx-1 w-28`}
      />
    )
  return (
    <select
      aria-label={label}
      disabled={locked}
      value={texts[index] ?? ''}
      onChange={(event) => give(event.target.value)}
      className={`${BOX} mx-1`}
    >
      <option value="">…</option>
      {choices.map((choice) => (
        <option key={choice}>{choice}</option>
      ))}
    </select>
  )
}

type Parts = Extract<Item, { kind: 'match' }>['left']

function withPair(response: Response | null, part: number, partner: number | null): Response {
  const before = response?.kind === 'pairs' ? response.pairs.filter(([one]) => one !== part) : []
  const pairs = partner === null ? before : [...before, [part, partner] as const]
  return { kind: 'pairs', pairs: [...pairs].sort((a, b) => a[0] - b[0]) }
}

function partnerOf(response: Response | null, part: number): number | null {
  return response?.kind === 'pairs' ? (response.pairs.find(([one]) => one === part)?.[1] ?? null) : null
}

/** The right side is lettered, and a letter is chosen for each part on the left. */
function Pairs({
  name,
  response,
  answer,
  locked,
  left,
  right,
}: AnswerProps & { readonly left: Parts; readonly right: Parts }) {
  return (
    <div className="grid gap-x-8 gap-y-2 sm:grid-cols-2">
      <ul>
        {left.map((part, index) => (
          <li key={index} className="flex items-baseline gap-2 py-0.5">
            <select
              aria-label={`Partner of part ${index + 1} of item ${name}`}
              disabled={locked}
              value={partnerOf(response, index) ?? ''}
              onChange={(event) =>
                answer(withPair(response, index, event.target.value === '' ? null : Number(event.target.value)))
              }
              className={BOX}
            >
              <option value="">…</option>
              {right.map((_partner, at) => (
                <option key={at} value={at}>
                  {letterOf(at)}
                </option>
              ))}
            </select>
            <RichText content={part} inline />
          </li>
        ))}
      </ul>
      <ul>
        {right.map((part, index) => (
          <li key={index} className="flex items-baseline gap-2 py-0.5">
            <span className="w-4 font-ui text-[12.5px] text-muted">{letterOf(index)}</span>
            <RichText content={part} inline />
          </li>
        ))}
      </ul>
    </div>
  )
}

function Grid({
  body,
  name,
  response,
  answer,
  locked,
}: AnswerProps & { readonly body: Extract<Item, { kind: 'grid' }> }) {
  return (
    <div className="relative overflow-x-auto" tabIndex={0} role="group" aria-label={`Grid of item ${name}`}>
      <table className="border-collapse">
        <thead>
          <tr>
            <td />
            {body.columns.map((column, index) => (
              <th key={index} scope="col" className="px-3 py-1 text-center font-semibold">
                <RichText content={column} inline />
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {body.rows.map((row, at) => (
            <tr key={at} className="border-t border-line">
              <th scope="row" className="py-1 pr-4 text-left font-normal">
                <RichText content={row} inline />
              </th>
              {body.columns.map((_column, index) => (
                <td key={index} className="px-3 py-1 text-center">
                  <input
                    type="radio"
                    name={`item-${name}-${at}`}
                    aria-label={`Row ${at + 1}, column ${index + 1} of item ${name}`}
                    disabled={locked}
                    checked={partnerOf(response, at) === index}
                    onChange={() => answer(withPair(response, at, index))}
                    className="accent-ink"
                  />
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  )
}

/** Until something is moved the order counts as not answered. */
function Ordered({
  body,
  name,
  response,
  answer,
  locked,
}: AnswerProps & { readonly body: Extract<Item, { kind: 'order' }> }) {
  const ids = response?.kind === 'order' && response.ids.length ? response.ids : body.options.map((option) => option.id)
  const move = (index: number, step: number): void => {
    const next = [...ids]
    const [moved] = next.splice(index, 1)
    if (moved !== undefined) next.splice(index + step, 0, moved)
    answer({ kind: 'order', ids: next })
  }
  return (
    <ol>
      {ids.map((id, index) => (
        <li key={id} className="flex items-baseline gap-2 border-b border-line py-0.5">
          <span className="w-5 font-ui text-[12.5px] text-muted">{index + 1}</span>
          <span className="min-w-0 flex-1">
            <RichText content={body.options.find((option) => option.id === id)?.content ?? []} inline />
          </span>
          {!locked && (
            <MoveButtons what={`entry ${index + 1} of item ${name}`} index={index} count={ids.length} move={move} />
          )}
        </li>
      ))}
    </ol>
  )
}

function Steps({
  body,
  name,
  response,
  answer,
  locked,
}: AnswerProps & { readonly body: Extract<Item, { kind: 'scale' }> }) {
  const steps = Array.from({ length: body.high - body.low + 1 }, (_none, at) => body.low + at)
  return (
    <div className="flex flex-wrap items-end gap-x-4 gap-y-1">
      {body.lowLabel && <span className="text-muted">{body.lowLabel}</span>}
      {steps.map((step) => (
        <label key={step} className="grid justify-items-center gap-0.5">
          {step}
          <input
            type="radio"
            name={`item-${name}`}
            disabled={locked}
            checked={response?.kind === 'step' && response.value === step}
            onChange={() => answer({ kind: 'step', value: step })}
            className="accent-ink"
          />
        </label>
      ))}
      {body.highLabel && <span className="text-muted">{body.highLabel}</span>}
    </div>
  )
}
