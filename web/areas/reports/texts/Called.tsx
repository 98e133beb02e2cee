import { NodeViewWrapper, type ReactNodeViewProps } from '@tiptap/react'
import { createContext, useContext } from 'react'
import { keyOf, wordOf } from './keyOf'

/** What a text needs to know of what is called into it: how facts would be told today, and the numbers of its notes. */
export type OfText = {
  /** By keyOf; what is missing was called in just now. */
  today: ReadonlyMap<string, { today: string; isThere: boolean }>
  /** By record, from 1 in the order in which they stand. */
  notes: ReadonlyMap<string, number>
}

export const TextContext = createContext<OfText>({ today: new Map(), notes: new Map() })

/** A fact where it is told; one that would be told otherwise today is marked and says so. */
export function CalledFact({ node, updateAttributes, selected }: ReactNodeViewProps) {
  const { today } = useContext(TextContext)
  const told = wordOf(node.attrs, 'told')
  const now = today.get(keyOf(node.attrs))
  const isGone = now !== undefined && !now.isThere
  const isOther = now?.isThere === true && now.today !== told
  return (
    <NodeViewWrapper
      as="span"
      className={`called ${selected ? 'called-chosen' : ''}`}
      data-changed={isOther || isGone}
    >
      {told}
      {isOther && (
        <button
          type="button"
          className="act text-[13px] text-madder"
          contentEditable={false}
          onClick={() => updateAttributes({ told: now.today })}
        >
          changed: {now.today || 'nothing is told now'}
        </button>
      )}
      {isGone && (
        <span contentEditable={false} className="text-[13px] text-madder">
          {' '}
          (deleted)
        </span>
      )}
    </NodeViewWrapper>
  )
}

export function CalledPerson({ node, selected }: ReactNodeViewProps) {
  return (
    <NodeViewWrapper as="span" className={`called ${selected ? 'called-chosen' : ''}`}>
      {wordOf(node.attrs, 'told')}
    </NodeViewWrapper>
  )
}

/** The mark of a note; notes number themselves by where they are first called for. */
export function CalledNote({ node, selected }: ReactNodeViewProps) {
  const { notes } = useContext(TextContext)
  return (
    <NodeViewWrapper as="sup" className={`called ${selected ? 'called-chosen' : ''}`}>
      {notes.get(wordOf(node.attrs, 'record')) ?? '*'}
    </NodeViewWrapper>
  )
}
