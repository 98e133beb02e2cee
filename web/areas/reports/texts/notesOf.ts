import type { JSONContent } from '@tiptap/react'

/** The numbers of a text's notes: by record, in the order in which they are first called for. */
export function notesOf(body: JSONContent): Map<string, number> {
  const notes = new Map<string, number>()
  const walk = (node: JSONContent) => {
    const record: unknown = node.attrs?.['record']
    if (node.type === 'citation' && typeof record === 'string' && !notes.has(record))
      notes.set(record, notes.size + 1)
    node.content?.forEach(walk)
  }
  walk(body)
  return notes
}
