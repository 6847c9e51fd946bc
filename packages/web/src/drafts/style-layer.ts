import { invertedEffects, isolateHistory } from '@codemirror/commands'
import { StateEffect, StateField, Transaction, type EditorState, type Extension } from '@codemirror/state'
import { Decoration, EditorView, type DecorationSet } from '@codemirror/view'
import type { SourceStyle, TextEdit } from '@zakuska/core'

const setStyles = StateEffect.define<readonly SourceStyle[]>({
  map: (styles, changes) =>
    styles.map((style) => ({ ...style, from: changes.mapPos(style.from, 1), to: changes.mapPos(style.to, -1) })),
})

/** The dress that a document gave its text: it moves with the text, and an undo brings it back. */
const layer = StateField.define<DecorationSet>({
  create: () => Decoration.none,
  update(value, transaction) {
    for (const effect of transaction.effects)
      if (effect.is(setStyles)) return decorationsOf(effect.value, transaction.state.doc.length)
    return transaction.docChanged ? value.map(transaction.changes) : value
  },
  provide: (field) => EditorView.decorations.from(field),
})

function decorationsOf(styles: readonly SourceStyle[], length: number): DecorationSet {
  return Decoration.set(
    styles
      .filter((style) => style.from < style.to && style.to <= length)
      .map((style) =>
        Decoration.mark({ class: `dress-${style.style}`, dress: style.style }).range(style.from, style.to),
      ),
    true,
  )
}

/** The style layer of an editor, started with what the draft brings. */
export function styleLayer(styles: readonly SourceStyle[], text: string): Extension {
  return [
    layer.init(() => decorationsOf(styles, text.length)),
    invertedEffects.of((transaction) => {
      const before = transaction.startState.field(layer)
      const changed = transaction.docChanged || transaction.effects.some((effect) => effect.is(setStyles))
      return changed && before.size > 0 ? [setStyles.of(stylesIn(transaction.startState))] : []
    }),
  ]
}

const KEY_DRESS = new Set<SourceStyle['style']>(['strong', 'underline', 'highlight', 'colour'])

/** Takes off what marks a key by its looks inside the given places. */
export function undress(view: EditorView, places: readonly { readonly from: number; readonly to: number }[]): void {
  const styles = stylesIn(view.state)
  const kept = styles.filter(
    (style) => !KEY_DRESS.has(style.style) || !places.some((place) => style.from < place.to && style.to > place.from),
  )
  if (kept.length < styles.length) view.dispatch({ effects: setStyles.of(kept) })
}

/** Puts text with its dress in the place of other text, as one step of the editor's history. */
export function insertDressed(
  view: EditorView,
  { from, to }: { readonly from: number; readonly to: number },
  text: string,
  styles: readonly SourceStyle[],
): void {
  const moved = text.length - (to - from)
  const around = stylesIn(view.state).flatMap((style): SourceStyle[] => {
    if (style.to <= from) return [style]
    return style.from >= to ? [{ ...style, from: style.from + moved, to: style.to + moved }] : []
  })
  const inside = styles.map((style) => ({ ...style, from: style.from + from, to: style.to + from }))
  view.dispatch({
    changes: { from, to, insert: text },
    effects: setStyles.of([...around, ...inside].sort((a, b) => a.from - b.from)),
    selection: { anchor: from + text.length },
    annotations: isolateHistory.of('full'),
    userEvent: 'input.paste',
  })
}

/** Changes the text and dresses it anew, past the history: what somebody else typed is not for this one to undo. */
export function rewrite(view: EditorView, edits: readonly TextEdit[], styles: readonly SourceStyle[]): void {
  view.dispatch({
    changes: edits.map(({ from, to, insert }) => ({ from, to, insert })),
    effects: setStyles.of(styles),
    annotations: Transaction.addToHistory.of(false),
    // Also for somebody who looks on.
    filter: false,
  })
}

/** The dress of the text as it stands now, by range. */
export function stylesIn(state: EditorState): SourceStyle[] {
  const styles: SourceStyle[] = []
  for (const cursor = state.field(layer).iter(); cursor.value; cursor.next()) {
    const { dress } = cursor.value.spec as { dress: SourceStyle['style'] }
    if (cursor.from < cursor.to) styles.push({ from: cursor.from, to: cursor.to, style: dress })
  }
  return styles
}
