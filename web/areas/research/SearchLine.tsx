import { useState } from 'react'
import { api, asRead, unwrap, type Schemas } from '../../api/client'
import { useTreeId, useWrite } from '../../api/useTree'
import { PersonLink } from '../../parts/PersonLink'
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
      unwrap(
        api.DELETE('/api/trees/{tree}/searches/{search}', {
          params: { path: { tree, search: search.id } },
          ...asRead(search.version),
        }),
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
        {search.people.map((person, index) => (
          <span key={person.id}>
            {index > 0 && ', '}
            <PersonLink id={person.id}>{person.name}</PersonLink>
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
