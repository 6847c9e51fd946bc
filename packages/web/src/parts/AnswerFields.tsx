import { countGaps, type Item } from '@zakuska/core'
import type { ReactNode } from 'react'
import { RichText } from './RichText'
import { Grid, Pairs } from './answers/Pairs'
import { Ordered, Steps } from './answers/Ordered'
import { type AnswerProps, BOX } from './answers/props'

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
