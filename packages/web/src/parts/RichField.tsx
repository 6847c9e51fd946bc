import { STYLE_NONCE } from './style-nonce'
import { Tex } from './Tex'
import { TableKit } from '@tiptap/extension-table'
import { EditorContent, useEditor, useEditorState, type Editor } from '@tiptap/react'
import StarterKit from '@tiptap/starter-kit'
import type { Content, Picture } from '@zakuska/core'
import { useRef, useState, type ReactNode } from 'react'
import { Button } from './Button'
import { Dialog } from './Dialog'
import { useTell } from './notices'
import { keepPicture } from './keep-picture'
import { PictureDialog } from './PictureDialog'
import { fromEditorDoc, toEditorDoc } from './rich-doc'
import { GapNode, PictureNode, Subscript, Superscript, TexNode } from './rich-nodes'

interface FieldProps {
  readonly label: string
  readonly value: Content
  readonly change: (content: Content) => void
  /** One line high, without the toolbar until it is worked in. */
  readonly slim?: boolean
}

interface PlacedPicture {
  /** Where it stands in the editor's document. */
  readonly at: number
  readonly picture: Picture
}

const EXTENSIONS = [
  StarterKit.configure({
    heading: false,
    blockquote: false,
    horizontalRule: false,
    strike: false,
    link: false,
    dropcursor: false,
    gapcursor: false,
  }),
  Superscript,
  Subscript,
  GapNode,
  TexNode,
  PictureNode,
  TableKit.configure({ table: { resizable: false } }),
]

/** A field of rich text. The vocabulary is closed: what is pasted beyond it leaves its text. */
export function RichField({ label, value, change, slim = false }: FieldProps) {
  const [busy, setBusy] = useState(false)
  const [picture, setPicture] = useState<PlacedPicture | null>(null)
  const tell = useTell()
  const takeFiles = (files: FileList | null | undefined): boolean => {
    const pictures = [...(files ?? [])].filter((file) => file.type.startsWith('image/'))
    for (const file of pictures)
      void keepPicture(file)
        .then((asset) => putPicture(asset))
        .catch((error: unknown) =>
          tell(error instanceof Error ? error.message : 'The picture was not kept.', { tone: 'trouble' }),
        )
    return pictures.length > 0
  }
  const editor = useEditor({
    ...(STYLE_NONCE && { injectNonce: STYLE_NONCE }),
    extensions: EXTENSIONS,
    content: toEditorDoc(value),
    editorProps: {
      handlePaste: (_view, event) => takeFiles(event.clipboardData?.files),
      handleDrop: (_view, event) => takeFiles(event.dataTransfer?.files),
      handleClickOn: (_view, _at, node, from) => {
        if (node.type.name === 'picture') setPicture({ at: from, picture: node.attrs['picture'] as Picture })
        return false
      },
      handleKeyDown: (view, event) => {
        const { selection } = view.state
        const node = view.state.doc.nodeAt(selection.from)
        const isChosen = node?.type.name === 'picture' && selection.to - selection.from === 1
        if (event.key !== 'Enter' || !isChosen) return false
        setPicture({ at: selection.from, picture: node.attrs['picture'] as Picture })
        return true
      },
      attributes: { 'aria-label': label, role: 'textbox', 'aria-multiline': 'true', class: 'rich' },
    },
    onUpdate: ({ editor: now }) => change(fromEditorDoc(now.getJSON())),
    onFocus: () => setBusy(true),
  })
  const putPicture = (asset: string): void => {
    const fresh: Picture = { type: 'picture', asset, alt: '' }
    const at = editor.state.selection.from
    editor
      .chain()
      .focus()
      .insertContent({ type: 'picture', attrs: { picture: fresh } })
      .run()
    setPicture({ at, picture: fresh })
  }
  const changePicture = ({ at }: PlacedPicture, next: Picture | null): void => {
    const chain = editor.chain().focus()
    if (next) chain.insertContentAt({ from: at, to: at + 1 }, { type: 'picture', attrs: { picture: next } }).run()
    else chain.deleteRange({ from: at, to: at + 1 }).run()
    setPicture(null)
  }
  return (
    <div
      className="item-editor min-w-0 flex-1 rounded-[3px] border border-edge bg-sheet focus-within:border-ink"
      onBlur={(event) => {
        if (!event.currentTarget.contains(event.relatedTarget)) setBusy(false)
      }}
    >
      {(!slim || busy) && <Toolbar editor={editor} takeFiles={takeFiles} />}
      <EditorContent editor={editor} className="px-2 py-1 font-text text-[15px]" />
      {picture && (
        <PictureDialog
          picture={picture.picture}
          save={(next) => changePicture(picture, next)}
          close={() => setPicture(null)}
        />
      )}
    </div>
  )
}

const TOOLS: readonly {
  readonly name: string
  readonly sign: string
  readonly mark: string
  readonly run: (editor: Editor) => void
}[] = [
  { name: 'Bold', sign: 'B', mark: 'bold', run: (editor) => editor.chain().focus().toggleBold().run() },
  { name: 'Italic', sign: 'I', mark: 'italic', run: (editor) => editor.chain().focus().toggleItalic().run() },
  { name: 'Underline', sign: 'U', mark: 'underline', run: (editor) => editor.chain().focus().toggleUnderline().run() },
  {
    name: 'Superscript',
    sign: 'x²',
    mark: 'superscript',
    run: (editor) => editor.chain().focus().toggleMark('superscript').run(),
  },
  {
    name: 'Subscript',
    sign: 'x₂',
    mark: 'subscript',
    run: (editor) => editor.chain().focus().toggleMark('subscript').run(),
  },
  { name: 'Code', sign: '‹›', mark: 'code', run: (editor) => editor.chain().focus().toggleCode().run() },
  { name: 'List', sign: '•', mark: 'bulletList', run: (editor) => editor.chain().focus().toggleBulletList().run() },
  {
    name: 'Numbered list',
    sign: '1.',
    mark: 'orderedList',
    run: (editor) => editor.chain().focus().toggleOrderedList().run(),
  },
  {
    name: 'Block of code',
    sign: '{ }',
    mark: 'codeBlock',
    run: (editor) => editor.chain().focus().toggleCodeBlock().run(),
  },
]

/** What can be done with the table that the cursor stands in. */
const TABLE_TOOLS: readonly { readonly name: string; readonly sign: string; readonly run: (editor: Editor) => void }[] =
  [
    { name: 'Row below', sign: '+ row', run: (editor) => editor.chain().focus().addRowAfter().run() },
    { name: 'Column to the right', sign: '+ column', run: (editor) => editor.chain().focus().addColumnAfter().run() },
    { name: 'Take the row out', sign: '− row', run: (editor) => editor.chain().focus().deleteRow().run() },
    { name: 'Take the column out', sign: '− column', run: (editor) => editor.chain().focus().deleteColumn().run() },
    { name: 'Header row or not', sign: 'header', run: (editor) => editor.chain().focus().toggleHeaderRow().run() },
    { name: 'Take the table out', sign: '× table', run: (editor) => editor.chain().focus().deleteTable().run() },
  ]

/** A button of the toolbar; the text keeps its cursor. */
function Tool({
  name,
  title = name,
  pressed,
  small = false,
  run,
  children,
}: {
  readonly name: string
  readonly title?: string
  /** Whether what it does is on where the cursor stands; absent: it is no switch. */
  readonly pressed?: boolean | undefined
  readonly small?: boolean
  readonly run: () => void
  readonly children: ReactNode
}) {
  return (
    <button
      type="button"
      aria-label={name}
      title={title}
      aria-pressed={pressed}
      className={`min-h-6 rounded-[2px] px-1 ${small ? 'text-xs text-muted' : 'min-w-6'} ${pressed ? 'bg-mustard-wash' : ''}`}
      onMouseDown={(event) => event.preventDefault()}
      onClick={run}
    >
      {children}
    </button>
  )
}

function Toolbar({
  editor,
  takeFiles,
}: {
  readonly editor: Editor
  readonly takeFiles: (files: FileList | null) => boolean
}) {
  const [tex, setTex] = useState<string | null>(null)
  const file = useRef<HTMLInputElement>(null)
  const inTable = useEditorState({ editor, selector: ({ editor: now }) => now.isActive('table') })
  const active = useEditorState({ editor, selector: ({ editor: now }) => TOOLS.map((tool) => now.isActive(tool.mark)) })
  return (
    <div role="toolbar" aria-label="Text styles" className="flex flex-wrap gap-0.5 border-b border-line px-1 py-0.5">
      {TOOLS.map((tool, index) => (
        <Tool key={tool.name} name={tool.name} pressed={active[index]} run={() => tool.run(editor)}>
          {tool.sign}
        </Tool>
      ))}
      <Tool name="Gap" run={() => editor.chain().focus().insertContent({ type: 'gap' }).run()}>
        ___
      </Tool>
      <Tool name="Formula" title="Formula in TeX" run={() => setTex('')}>
        ∑
      </Tool>
      <Tool name="Picture" title="Picture; it can be pasted and dropped, too" run={() => file.current?.click()}>
        ▣
      </Tool>
      <input
        ref={file}
        type="file"
        aria-label="Picture to put in"
        accept="image/png,image/jpeg,image/gif,image/webp"
        tabIndex={-1}
        className="sr-only"
        onChange={(event) => {
          takeFiles(event.target.files)
          event.target.value = ''
        }}
      />
      <Tool
        name="Table"
        run={() => editor.chain().focus().insertTable({ rows: 3, cols: 2, withHeaderRow: true }).run()}
      >
        ▦
      </Tool>
      {inTable &&
        TABLE_TOOLS.map((tool) => (
          <Tool key={tool.name} name={tool.name} small run={() => tool.run(editor)}>
            {tool.sign}
          </Tool>
        ))}
      <Dialog open={tex !== null} close={() => setTex(null)} title="Formula in TeX">
        <input
          autoFocus
          aria-label="TeX"
          value={tex ?? ''}
          onChange={(event) => setTex(event.target.value)}
          className="w-full rounded-[3px] border border-edge bg-sheet px-2 py-1 font-mono"
        />
        <p className="my-3 min-h-8 text-lg">
          <Tex tex={tex ?? ''} />
        </p>
        <Button
          tone="lead"
          disabled={!tex?.trim()}
          onClick={() => {
            editor
              .chain()
              .focus()
              .insertContent({ type: 'tex', attrs: { tex, display: false } })
              .run()
            setTex(null)
          }}
        >
          Put in
        </Button>
      </Dialog>
    </div>
  )
}
