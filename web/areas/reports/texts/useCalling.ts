import { Extension } from '@tiptap/core'
import Suggestion, { type SuggestionProps } from '@tiptap/suggestion'
import { useMemo, useRef, useState } from 'react'
import { matching, type Offer } from './offers'

export type Calling = { offers: Offer[]; at: number; place: DOMRect | null; take: (offer: Offer) => void }

/** What is offered after `/` while one writes: arrows choose, Enter takes, Escape leaves. */
export function useCalling(offers: readonly Offer[]) {
  const [calling, setCalling] = useState<Calling | null>(null)
  const all = useRef(offers)
  all.current = offers
  const now = useRef<Calling | null>(null)
  now.current = calling
  const extension = useMemo(() => {
    const shown = (props: SuggestionProps<Offer, Offer>) =>
      setCalling({ offers: props.items, at: 0, place: props.clientRect?.() ?? null, take: props.command })
    return Extension.create({
      name: 'calling',
      addProseMirrorPlugins() {
        return [
          Suggestion<Offer, Offer>({
            editor: this.editor,
            char: '/',
            allowSpaces: true,
            items: ({ query }) => matching(all.current, query),
            command: ({ editor, range, props }) => {
              const chain = editor.chain().focus().deleteRange(range)
              if (props.node === 'research')
                chain.insertContent({ type: 'researchNote', content: [{ type: 'paragraph' }] }).run()
              else chain.insertContent(props.node).run()
            },
            render: () => ({
              onStart: shown,
              onUpdate: shown,
              onExit: () => setCalling(null),
              onKeyDown: ({ event }) => {
                const { current } = now
                if (!current) return false
                const step = { ArrowDown: 1, ArrowUp: -1 }[event.key]
                if (step !== undefined) {
                  const at = Math.max(0, Math.min(current.offers.length - 1, current.at + step))
                  setCalling({ ...current, at })
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
  return { calling, extension }
}
