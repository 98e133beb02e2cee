import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { api, told } from '../../api/client'
import { useTreeId } from '../../api/useTree'
import { Empty } from '../../parts/Empty'
import { useDebounced } from '../../parts/useDebounced'

/** The gazetteer: every place with what it lies in. */
export default function Places() {
  const tree = useTreeId()
  const [typed, setTyped] = useState('')
  const q = useDebounced(typed.trim())
  const { data } = useQuery({
    queryKey: ['gazetteer', tree, q],
    queryFn: () => told(api.GET('/api/trees/{tree}/places', { params: { path: { tree }, query: { q } } })),
    placeholderData: keepPreviousData,
  })
  return (
    <div className="h-full overflow-auto px-6 py-3">
      <div className="flex items-baseline gap-6">
        <h1 className="font-serif text-[26px]">Places</h1>
        <input
          className="gap w-[240px]"
          aria-label="Filter places by name"
          placeholder="name of a place"
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
        />
        <span className="text-graphite" role="status">
          {data?.shown ?? 0} of {data?.total ?? 0}
        </span>
      </div>
      {data?.total === 0 && (
        <Empty says="Every place that you type with a fact will stand here, inside the places that you named after it." />
      )}
      <ul className="mt-3 max-w-[720px]">
        {data?.rows.map((place) => (
          <li key={place.id} className="flex items-baseline gap-4 border-b border-rule py-[6px]">
            <span className="font-serif text-[17px]">{place.name}</span>
            <span className="grow text-graphite">{place.inside && `in ${place.inside}`}</span>
            <span className="text-[14px] text-graphite">
              {place.facts === 1 ? 'one fact' : place.facts === 0 ? '' : `${place.facts} facts`}
            </span>
          </li>
        ))}
      </ul>
    </div>
  )
}
