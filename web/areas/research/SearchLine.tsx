import type { Schemas } from '../../api/client'
import { PersonName } from '../../parts/PersonName'

export const OUTCOMES: Record<string, { mark: string; tone: string }> = {
  found: { mark: '+', tone: 'text-lichen' },
  nothing: { mark: '∅', tone: 'text-graphite' },
  'in part': { mark: '±', tone: 'text-ochre' },
  waiting: { mark: '…', tone: 'text-ochre' },
}

/** A search that was made, as a sentence. */
export function SearchLine({ search }: { search: Schemas['SearchResource'] }) {
  const outcome = OUTCOMES[search.outcome]
  return (
    <li className="border-b border-rule py-1">
      <span className="text-graphite">{search.date}</span> {search.lookedIn}, for {search.lookedFor}:{' '}
      <span className={outcome?.tone}>
        <span aria-hidden>{outcome?.mark} </span>
        {search.outcome}
      </span>
      {search.isWhole && ', all of it read'}
      {search.found !== '' && <span className="font-serif">. {search.found}</span>}
      {search.note !== '' && <span className="text-graphite"> {search.note}</span>}{' '}
      <span className="font-serif text-graphite">
        {search.people.map((one, index) => (
          <span key={one.id}>
            {index > 0 && ', '}
            <PersonName id={one.id}>{one.name}</PersonName>
          </span>
        ))}
      </span>
    </li>
  )
}
