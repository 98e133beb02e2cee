import type { Schemas } from '../api/client'

/** A citation in its own styles. */
export function StyledText({ words }: { words: Schemas['StyledText'][] }) {
  return (
    <span>
      {words.map((part, index) =>
        part.style === 'italic' ? <i key={index}>{part.text}</i> : <span key={index}>{part.text}</span>,
      )}
    </span>
  )
}
