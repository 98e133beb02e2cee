import { mergeAttributes, Node } from '@tiptap/core'
import { ReactNodeViewRenderer, type ReactNodeViewProps } from '@tiptap/react'
import type { ComponentType } from 'react'
import { CalledFact, CalledNote, CalledPerson } from './Called'

/** Something within a line that is called in and not typed; it is whole, and its attributes are all that is kept of it. */
const called = (name: string, attributes: string[], view: ComponentType<ReactNodeViewProps>) =>
  Node.create({
    name,
    group: 'inline',
    inline: true,
    atom: true,
    selectable: true,
    addAttributes: () =>
      Object.fromEntries(attributes.map((attribute) => [attribute, { default: '', rendered: false }])),
    parseHTML: () => [{ tag: `span[data-called=${name}]` }],
    renderHTML: ({ HTMLAttributes }) => ['span', mergeAttributes(HTMLAttributes, { 'data-called': name })],
    addNodeView: () => ReactNodeViewRenderer(view),
  })

const Fact = called('fact', ['owner', 'fact', 'form', 'of', 'told'], CalledFact)
const Person = called('person', ['person', 'told'], CalledPerson)
const Citation = called('citation', ['record'], CalledNote)

/** For whoever searches on; it stands apart and is printed only where that is asked for. */
const ResearchNote = Node.create({
  name: 'researchNote',
  group: 'block',
  content: 'paragraph+',
  parseHTML: () => [{ tag: 'aside' }],
  renderHTML: () => ['aside', { class: 'research-note', 'aria-label': 'Research note' }, 0],
})

export const NODES = [Fact, Person, Citation, ResearchNote]
