import type { Schemas } from '../api/client'

/** Under a date: one stroke for each origin that backs the fact, hollow while nobody has read it; after six a number. */
export function Notches({ citations }: { citations: Schemas['CitationResource'][] }) {
  const origins = [...new Map(citations.map((citation) => [citation.recordId, citation])).values()]
  if (origins.length === 0) return null
  const unread = origins.filter((origin) => origin.takenOver).length
  const says =
    `Backed by ${origins.length} ${origins.length === 1 ? 'record' : 'records'}` +
    (unread > 0 ? `, ${unread} taken over from a file and not read yet` : ', not yet weighed')
  return (
    <span className="inline-flex items-end gap-[3px]" role="img" aria-label={says} title={says}>
      {origins.slice(0, 6).map((origin) => (
        <span
          key={origin.recordId}
          className={`h-[7px] w-[4px] border border-graphite ${origin.takenOver ? '' : 'bg-graphite'}`}
        />
      ))}
      {origins.length > 6 && <span className="text-[11px] text-graphite">{origins.length}</span>}
    </span>
  )
}
