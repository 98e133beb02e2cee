import { Extension } from '@tiptap/core'
import Suggestion, { type SuggestionProps } from '@tiptap/suggestion'
import { useMemo, useRef, useState } from 'react'
import { matching, type Offer } from './offers'

type Asked = { words: string; at: number; place: DOMRect | null; take: (offer: Offer) => void }

/** `offers` is null while what can be called in is still asked for. */
export type Calling = Asked & { offers: Offer[] | null }

/** What is offered after `/` while one writes: arrows choose, Enter takes, Escape leaves. */
export function useCalling(offers: readonly Offer[] | null) {
  const [asked, setAsked] = useState<Asked | null>(null)
  // What can be called in may come from the server after its words were typed.
  const callingOf = (of: Asked | null): Calling | null =>
    of && { ...of, offers: offers && matching(offers, of.words) }
  // A key that comes before the page is drawn again is for the words typed just before it.
  const typed = useRef<Asked | null>(null)
  const now = useRef(callingOf)
  now.current = callingOf
  const extension = useMemo(() => {
    const show = (next: Asked | null) => {
      typed.current = next
      setAsked(next)
    }
    const shown = (props: SuggestionProps<Offer, Offer>) =>
      show({ words: props.query, at: 0, place: props.clientRect?.() ?? null, take: props.command })
    return Extension.create({
      name: 'calling',
      addProseMirrorPlugins() {
        return [
          Suggestion<Offer, Offer>({
            editor: this.editor,
            char: '/',
            allowSpaces: true,
            items: () => [],
            command: ({ editor, range, props }) => {
              const chain = editor.chain().focus().deleteRange(range)
              if (props.node === 'research')
                chain.insertContent({ type: 'researchNote', content: [{ type: 'paragraph' }] }).run()
              else chain.insertContent(props.node).run()
            },
            render: () => ({
              onStart: shown,
              onUpdate: shown,
              onExit: () => show(null),
              onKeyDown: ({ event }) => {
                const current = now.current(typed.current)
                if (!current?.offers) return false
                const step = { ArrowDown: 1, ArrowUp: -1 }[event.key]
                if (step !== undefined) {
                  const at = Math.max(0, Math.min(current.offers.length - 1, current.at + step))
                  show({ ...current, at })
                  return true
                }
                const chosen = current.offers[current.at]
                if (event.key !== 'Enter' || !chosen) return false
                current.take(chosen)
                return true
              },
            }),
          }),
        ]
      },
    })
  }, [])
  return { calling: callingOf(asked), extension }
}
