import type { Editor } from '@tiptap/react'

const BUTTONS = [
  ['Bold', 'B', (editor: Editor) => editor.chain().focus().toggleBold().run(), 'bold', {}],
  ['Italic', 'I', (editor: Editor) => editor.chain().focus().toggleItalic().run(), 'italic', {}],
  [
    'Heading',
    'Heading',
    (editor: Editor) => editor.chain().focus().toggleHeading({ level: 2 }).run(),
    'heading',
    {},
  ],
  [
    'Quotation',
    'Quotation',
    (editor: Editor) => editor.chain().focus().toggleBlockquote().run(),
    'blockquote',
    {},
  ],
  ['List', 'List', (editor: Editor) => editor.chain().focus().toggleBulletList().run(), 'bulletList', {}],
  [
    'Numbered list',
    '1. 2. 3.',
    (editor: Editor) => editor.chain().focus().toggleOrderedList().run(),
    'orderedList',
    {},
  ],
] as const

/** How what is chosen in a text is set, and the way to call something into it without knowing its key. */
export function TextBar({ editor }: { editor: Editor }) {
  return (
    <div
      role="toolbar"
      aria-label="The text"
      className="flex flex-wrap gap-x-4 border-b border-rule py-1 text-[14px]"
    >
      {BUTTONS.map(([name, shown, turn, mark]) => (
        <button
          key={name}
          type="button"
          className="act min-h-[24px] min-w-[24px]"
          aria-label={name}
          aria-pressed={editor.isActive(mark)}
          onClick={() => turn(editor)}
        >
          {shown}
        </button>
      ))}
      <button type="button" className="act" onClick={() => editor.chain().focus().insertContent('/').run()}>
        Call in a fact or a note <kbd>/</kbd>
      </button>
    </div>
  )
}
