import { EditorContent, useEditor, type JSONContent } from '@tiptap/react'
import StarterKit from '@tiptap/starter-kit'
import { useMemo } from 'react'
import { TextContext, type OfText } from './Called'
import { CallingList } from './CallingList'
import { NODES } from './nodes'
import { notesOf } from './notesOf'
import type { Offer } from './offers'
import { TextBar } from './TextBar'
import { useCalling } from './useCalling'

const KIT = StarterKit.configure({
  code: false,
  codeBlock: false,
  strike: false,
  horizontalRule: false,
  link: false,
  underline: false,
  heading: { levels: [1, 2, 3] },
})

type Props = {
  body: JSONContent
  /** Null while they are asked for. */
  offers: readonly Offer[] | null
  today: OfText['today']
  onBody: (body: JSONContent) => void
}

/** A text while it is written. */
export function Editing({ body, offers, today, onBody }: Props) {
  const { calling, extension } = useCalling(offers)
  const editor = useEditor({
    extensions: [KIT, ...NODES, extension],
    content: body,
    // The page has the styles; a strict one lets nothing put in its own.
    injectCSS: false,
    shouldRerenderOnTransaction: true,
    editorProps: {
      attributes: {
        class: 'prose-editor',
        'aria-label': 'The text',
        role: 'textbox',
        'aria-multiline': 'true',
      },
    },
    onUpdate: ({ editor: of }) => onBody(of.getJSON()),
  })
  const now = editor.getJSON()
  const ofText = useMemo(() => ({ today, notes: notesOf(now) }), [today, now])
  return (
    <TextContext value={ofText}>
      <TextBar editor={editor} />
      <EditorContent editor={editor} />
      {calling && <CallingList calling={calling} />}
    </TextContext>
  )
}
