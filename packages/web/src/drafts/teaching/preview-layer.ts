import { StateEffect, StateField, type Extension } from '@codemirror/state'
import { Decoration, EditorView } from '@codemirror/view'
import { PART_KINDS } from '@zakuska/core'
import type { ChangedLine } from './what-follows'

/** Lines that would change, shown with what they would become until something settles or nothing is asked any more. */
export const showPreview = StateEffect.define<readonly ChangedLine[]>()

const preview = StateField.define({
  create: () => Decoration.none,
  update(value, transaction) {
    for (const effect of transaction.effects)
      if (effect.is(showPreview)) {
        const { doc } = transaction.state
        return Decoration.set(
          effect.value
            .filter(({ line }) => line <= doc.lines)
            .map(({ line, part }) =>
              Decoration.line({
                class: 'would-be',
                attributes: { 'data-part': `→ ${PART_KINDS[part].says.toLowerCase()}` },
              }).range(doc.line(line).from),
            ),
          true,
        )
      }
    return transaction.docChanged ? Decoration.none : value
  },
  provide: (field) => EditorView.decorations.from(field),
})

export const previewLayer: Extension = preview
