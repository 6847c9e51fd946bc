import { defaultKeymap, history, historyKeymap, isolateHistory } from '@codemirror/commands'
import { EditorState, RangeSet, RangeSetBuilder, StateEffect, StateField, type Extension } from '@codemirror/state'
import {
  Decoration,
  drawSelection,
  EditorView,
  gutter,
  GutterMarker,
  keymap,
  lineNumbers,
  WidgetType,
  type DecorationSet,
} from '@codemirror/view'
import type { AsideLine, Mark, TextEdit } from '@zakuska/core'
import { STYLE_NONCE } from '../parts/style-nonce'
import { taughtChanged } from './teaching/taught-layer'
import { bracketState, type BracketState, type DeskItem } from './desk-state'

/** What the margin and the lines show: the newest reading. */
export interface Shown {
  readonly items: readonly DeskItem[]
  readonly aside: readonly AsideLine[]
  /** Index of the item that is worked on, or −1. */
  readonly here: number
  /** The mark whose slip stands open below its line. */
  readonly slip: Mark | null
  readonly takeMend: (mark: Mark) => void
  readonly keepAsRead: (marks: readonly Mark[]) => void
}

export const showReading = StateEffect.define<Shown>()

const NOTHING: Shown = {
  items: [],
  aside: [],
  here: -1,
  slip: null,
  takeMend: () => undefined,
  keepAsRead: () => undefined,
}

interface Drawn {
  readonly shown: Shown
  readonly decorations: DecorationSet
  readonly brackets: RangeSet<GutterMarker>
}

const drawn = StateField.define<Drawn>({
  create: () => ({ shown: NOTHING, decorations: Decoration.none, brackets: RangeSet.of<GutterMarker>([]) }),
  update(value, transaction) {
    for (const effect of transaction.effects) if (effect.is(showReading)) return draw(transaction.state, effect.value)
    // Until the next reading comes, what is drawn moves along with the text.
    return transaction.docChanged
      ? {
          ...value,
          decorations: value.decorations.map(transaction.changes),
          brackets: value.brackets.map(transaction.changes),
        }
      : value
  },
  provide: (field) => EditorView.decorations.from(field, (value) => value.decorations),
})

function draw(state: EditorState, shown: Shown): Drawn {
  const length = state.doc.length
  const ranges = [
    ...asideRanges(state, shown),
    ...hereRanges(state, shown),
    ...keyRanges(shown, length),
    ...markRanges(shown, length),
    ...slipRanges(state, shown),
  ]
  return { shown, decorations: Decoration.set(ranges, true), brackets: bracketsOf(state, shown) }
}

type Ranges = Parameters<typeof Decoration.set>[0] extends infer Given ? Extract<Given, readonly unknown[]> : never

function asideRanges(state: EditorState, shown: Shown): Ranges {
  const line = Decoration.line({ class: 'aside', attributes: { title: 'Set aside: in no item' } })
  return shown.aside
    .filter((one) => one.from <= state.doc.length && one.line <= state.doc.lines)
    .map((one) => line.range(state.doc.lineAt(one.from).from))
}

function hereRanges(state: EditorState, shown: Shown): Ranges {
  const item = shown.items[shown.here]
  if (!item || item.read.to > state.doc.length) return []
  const line = Decoration.line({ class: 'here' })
  return linesOf(state, item).map((from) => line.range(from))
}

function keyRanges(shown: Shown, length: number): Ranges {
  const style = Decoration.mark({ class: 'key-text' })
  return shown.items.flatMap(({ read }) =>
    read.places.keys.filter((key) => key.to > key.from && key.to <= length).map((key) => style.range(key.from, key.to)),
  )
}

/** Marks on part of an item underline their place; those on the whole item show in the margin alone. */
function markRanges(shown: Shown, length: number): Ranges {
  return shown.items.flatMap(({ read, followed }) =>
    followed.signOff
      ? []
      : read.marks
          .filter(
            (mark) =>
              mark.severity !== 'told' &&
              mark.to > mark.from &&
              mark.to <= length &&
              !(mark.from === read.from && mark.to === read.to),
          )
          .map((mark) =>
            Decoration.mark({ class: `mark-${mark.severity}`, attributes: { title: mark.message } }).range(
              mark.from,
              mark.to,
            ),
          ),
  )
}

function slipRanges(state: EditorState, shown: Shown): Ranges {
  const { slip } = shown
  if (!slip || slip.to > state.doc.length) return []
  const at = state.doc.lineAt(slip.to).to
  return [Decoration.widget({ widget: new Slip(slip, shown), block: true, side: 1 }).range(at)]
}

/** What a mark says, below its line, with its mend to take. */
class Slip extends WidgetType {
  readonly mark: Mark
  readonly shown: Shown

  constructor(mark: Mark, shown: Shown) {
    super()
    this.mark = mark
    this.shown = shown
  }

  override eq(other: Slip): boolean {
    return other.mark.code === this.mark.code && other.mark.message === this.mark.message
  }

  override toDOM(): HTMLElement {
    // The editor measures a block without its margins, so the slip stands in a padded place.
    const place = document.createElement('div')
    place.className = 'slip-place'
    const slip = document.createElement('div')
    place.append(slip)
    slip.className = `slip ${this.mark.severity}`
    const said = document.createElement('b')
    said.textContent = this.mark.message
    slip.append(said)
    const { mend, stays } = this.mark
    if (mend) slip.append(slipButton(mend.label, () => this.shown.takeMend(this.mark)))
    if (stays) slip.append(slipButton(stays.label, () => this.shown.keepAsRead([this.mark])))
    return place
  }

  override ignoreEvent(): boolean {
    return true
  }
}

function slipButton(label: string, run: () => void): HTMLButtonElement {
  const button = document.createElement('button')
  button.type = 'button'
  button.textContent = label
  button.addEventListener('click', run)
  return button
}

class Bracket extends GutterMarker {
  readonly look: string
  readonly state: BracketState

  constructor(look: string, state: BracketState) {
    super()
    this.look = look
    this.state = state
  }

  override eq(other: Bracket): boolean {
    return other.look === this.look && other.state === this.state
  }

  override toDOM(): HTMLElement {
    const bracket = document.createElement('span')
    bracket.className = `bracket ${this.look} ${this.state}`
    return bracket
  }
}

function bracketsOf(state: EditorState, shown: Shown): RangeSet<GutterMarker> {
  const builder = new RangeSetBuilder<GutterMarker>()
  let last = -1
  for (const item of shown.items) {
    if (item.read.to > state.doc.length) continue
    const lines = linesOf(state, item)
    lines.forEach((from, index) => {
      if (from <= last) return
      last = from
      builder.add(
        from,
        from,
        new Bracket(`${index === 0 ? 'first' : ''} ${index === lines.length - 1 ? 'last' : ''}`, bracketState(item)),
      )
    })
  }
  return builder.finish()
}

function linesOf(state: EditorState, { read }: DeskItem): number[] {
  const starts: number[] = []
  const last = state.doc.lineAt(Math.min(read.to, state.doc.length)).number
  for (let number = state.doc.lineAt(read.from).number; number <= last; number++)
    starts.push(state.doc.line(number).from)
  return starts
}

export interface EditorHooks {
  readonly changed: (view: EditorView, map: (at: number, side: 1 | -1) => number) => void
  readonly moved: (view: EditorView) => void
  readonly scrolled: (view: EditorView) => void
  /** Somebody wants to say what a line is. */
  readonly asked: (view: EditorView, line: { readonly from: number; readonly to: number }) => void
  /** Something was pasted; returns whether it was taken care of. */
  readonly pasted: (view: EditorView, data: DataTransfer) => boolean
  /** Commands by key; each returns whether it did something. */
  readonly keys: readonly { readonly key: string; readonly run: () => boolean }[]
}

function asked(hooks: EditorHooks, view: EditorView, line: { readonly from: number; readonly to: number }): boolean {
  view.dispatch({ selection: { anchor: line.from } })
  hooks.asked(view, line)
  return true
}

/** The text editor of the desk: drafted text with a margin. */
export function deskExtensions(hooks: EditorHooks, dress: Extension): Extension {
  return [
    dress,
    EditorView.cspNonce.of(STYLE_NONCE),
    lineNumbers({ domEventHandlers: { click: (view, line) => asked(hooks, view, line) } }),
    gutter({
      class: 'bracket-gutter',
      markers: (view) => view.state.field(drawn).brackets,
      domEventHandlers: { click: (view, line) => asked(hooks, view, line) },
    }),
    history(),
    drawSelection(),
    EditorView.lineWrapping,
    drawn,
    keymap.of([
      ...hooks.keys.map(({ key, run }) => ({ key, run, preventDefault: true })),
      ...defaultKeymap,
      ...historyKeymap,
    ]),
    EditorView.contentAttributes.of({ 'aria-label': 'Drafted text', spellcheck: 'false', tabindex: '0', dir: 'auto' }),
    EditorView.perLineTextDirection.of(true),
    EditorView.updateListener.of((update) => {
      if (update.docChanged || taughtChanged(update))
        hooks.changed(update.view, (at, side) => update.changes.mapPos(Math.min(at, update.changes.length), side))
      else if (update.selectionSet) hooks.moved(update.view)
    }),
    EditorView.domEventHandlers({
      scroll: (_event, view) => hooks.scrolled(view),
      paste: (event, view) => event.clipboardData !== null && hooks.pasted(view, event.clipboardData),
    }),
  ]
}

/** Applies edits of the draft's text as one step of the editor's history. */
export function applyToEditor(view: EditorView, edits: readonly TextEdit[]): void {
  const changes = [...edits].sort((a, b) => a.from - b.from).map(({ from, to, insert }) => ({ from, to, insert }))
  view.dispatch({ changes, userEvent: 'input.mend', annotations: isolateHistory.of('full') })
}
