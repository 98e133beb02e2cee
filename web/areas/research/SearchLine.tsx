import { useState } from 'react'
import { api, told, type Schemas } from '../../api/client'
import { useTreeId, useWrite } from '../../api/useTree'
import { PersonName } from '../../parts/PersonName'
import { LogSearch } from './LogSearch'
import { OUTCOMES } from './outcomes'
import { saved } from '../../parts/saved'

/** A search that was made, as a sentence. */
export function SearchLine({ search }: { search: Schemas['SearchResource'] }) {
  const outcome = OUTCOMES[search.outcome]
  const tree = useTreeId()
  const [changing, setChanging] = useState(false)
  const remove = useWrite(
    () =>
      told(
        api.DELETE('/api/trees/{tree}/searches/{search}', { params: { path: { tree, search: search.id } } }),
      ),
    () => saved('Deleted.'),
  )
  if (changing)
    return (
      <li className="border-b border-rule py-1">
        <LogSearch people={[]} search={search} onDone={() => setChanging(false)} />
      </li>
    )
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
      </span>{' '}
      <button type="button" className="act text-[13px]" onClick={() => setChanging(true)}>
        Change
      </button>{' '}
      <button
        type="button"
        className="act text-[13px]"
        aria-label={`Delete the search of ${search.lookedIn}`}
        onClick={() => remove.mutate(undefined)}
      >
        Delete
      </button>
    </li>
  )
}
