import { invertedEffects, isolateHistory } from '@codemirror/commands'
import { StateEffect, StateField, type ChangeDesc, type EditorState, type Extension } from '@codemirror/state'
import { Decoration, EditorView, type DecorationSet, type ViewUpdate } from '@codemirror/view'
import { PART_KINDS, type LinePart, type Notation, type TaughtLine } from '@zakuska/core'

/** What a draft was taught: what its lines are said to be, and the notation that it is read by. */
export interface Taught {
  readonly lines: readonly TaughtLine[]
  readonly notation: Notation | null
}

const setTaught = StateEffect.define<Taught>({
  map: (taught, changes) => ({ ...taught, lines: mapLines(taught.lines, changes) }),
})

/** What was taught moves with the lines, and an undo brings it back. */
const layer = StateField.define<Taught>({
  create: () => ({ lines: [], notation: null }),
  update(value, transaction) {
    for (const effect of transaction.effects) if (effect.is(setTaught)) return effect.value
    return transaction.docChanged ? { ...value, lines: mapLines(value.lines, transaction.changes) } : value
  },
  provide: (field) => EditorView.decorations.compute([field, 'doc'], (state) => notes(state, state.field(field).lines)),
})

/** A line that is gone takes with it what was said of it. */
function mapLines(lines: readonly TaughtLine[], changes: ChangeDesc): TaughtLine[] {
  return lines
    .map((line) => ({ ...line, from: changes.mapPos(line.from, 1), to: changes.mapPos(line.to, -1) }))
    .filter((line) => line.from < line.to)
}

function notes(state: EditorState, lines: readonly TaughtLine[]): DecorationSet {
  const ranges = lines
    .filter((line) => line.from <= state.doc.length)
    .map(({ from, part }) =>
      Decoration.line({
        class: 'said',
        attributes: { 'data-said': `said: ${PART_KINDS[part].says.toLowerCase()}` },
      }).range(state.doc.lineAt(from).from),
    )
  return Decoration.set(ranges, true)
}

/** The layer of an editor, started with what was taught before. */
export function taughtLayer(taught: Taught, length: number): Extension {
  const lines = taught.lines.filter((line) => line.from < line.to && line.to <= length)
  return [
    layer.init(() => ({ ...taught, lines })),
    invertedEffects.of((transaction) => {
      const before = transaction.startState.field(layer)
      const hasTaught = before.lines.length > 0 || before.notation !== null
      const isSet = transaction.effects.some((effect) => effect.is(setTaught))
      return isSet || (transaction.docChanged && hasTaught) ? [setTaught.of(before)] : []
    }),
  ]
}

export function taughtIn(state: EditorState): Taught {
  return state.field(layer)
}

export function taughtChanged(update: ViewUpdate): boolean {
  return update.startState.field(layer) !== update.state.field(layer)
}

/** What would be taught if the lines that hold `places` were said to be `part`; what was said of them before goes. */
export function withLines(
  state: EditorState,
  places: readonly number[],
  part: LinePart | null,
  alike: boolean,
  before: Taught = state.field(layer),
): Taught {
  const lines = new Map(before.lines.map((line) => [state.doc.lineAt(line.from).from, line]))
  for (const place of places) {
    const { from, to } = state.doc.lineAt(place)
    lines.delete(from)
    if (part !== null && from < to) lines.set(from, { from, to, part, alike })
  }
  return { ...before, lines: [...lines.values()] }
}

/** Teaches it as one step of the editor's history. */
export function teach(view: EditorView, taught: Taught): void {
  view.dispatch({ effects: setTaught.of(taught), annotations: isolateHistory.of('full') })
}
