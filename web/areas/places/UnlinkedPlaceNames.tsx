import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { api, unwrap } from '../../api/client'
import { useTreeId, useWrite } from '../../api/useTree'
import { Finder } from '../../parts/Finder'
import { findPlaces } from '../../parts/findPlaces'
import { useDebounced } from '../../parts/useDebounced'
import { saved } from '../../parts/saved'
import { count } from '../../parts/count'
import { useWindowState } from '../../parts/useWindowState'
import { queries } from '../../api/queries'

/** Words that people typed for places and that stand for none yet: each becomes a place, is said to be one, or stays as it is. */
export function UnlinkedPlaceNames() {
  const tree = useTreeId()
  const [typed, setTyped] = useWindowState('wordings.words', '')
  const [choosing, setChoosing] = useState('')
  const q = useDebounced(typed.trim())
  const { data } = useQuery({ ...queries.unlinkedPlaceNames(tree, q), placeholderData: keepPreviousData })
  const settle = useWrite(
    (said: { typed: string; placeId?: string }) =>
      unwrap(api.POST('/api/trees/{tree}/wordings', { params: { path: { tree } }, body: said })),
    () => setChoosing(''),
  )
  const all = useWrite(
    () => unwrap(api.POST('/api/trees/{tree}/wordings/all', { params: { path: { tree } } })),
    () => saved('Saved.'),
  )
  return (
    <section aria-label="Place names not linked yet" className="max-w-[760px] px-6 py-3">
      <h2 className="font-serif text-[22px]">Place names not linked yet</h2>
      <p className="mt-1 text-graphite">
        They are kept as they were typed, whatever you do here. Made into places, the words between the commas
        lie each inside the next.
      </p>
      <p className="mt-2 flex items-baseline gap-5">
        <input
          className="gap w-[220px]"
          aria-label="Filter the words"
          placeholder="words"
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
        />
        <span className="text-graphite" role="status">
          {data?.rows.length ?? 0} of {data?.total ?? 0}
        </span>
        {q === '' && (data?.total ?? 0) > 1 && (
          <button
            type="button"
            className="act ml-auto"
            disabled={all.isPending}
            onClick={() => all.mutate(undefined)}
          >
            {all.isPending ? 'Adding places…' : `Add all as places ${data?.total}`}
          </button>
        )}
      </p>
      <ul className="mt-2 border-t border-rule">
        {data?.rows.map((row) => (
          <li key={row.typed} className="border-b border-rule py-[6px]">
            <span className="flex flex-wrap items-baseline gap-x-4">
              <span className="grow font-serif text-[16px]">{row.typed}</span>
              <span className="text-[13px] text-graphite">{count(row.facts, 'fact')}</span>
              <button
                type="button"
                className="act text-[14px]"
                onClick={() => settle.mutate({ typed: row.typed })}
              >
                Add it as a place
              </button>
              <button
                type="button"
                className="act text-[14px]"
                aria-expanded={choosing === row.typed}
                onClick={() => setChoosing(choosing === row.typed ? '' : row.typed)}
              >
                It stands for…
              </button>
            </span>
            {choosing === row.typed && (
              <Finder
                label="a place of the gazetteer"
                queryKey="stands"
                find={(name) => findPlaces(tree, name)}
                onChosen={(found) => settle.mutate({ typed: row.typed, placeId: found.id })}
                onLeave={() => setChoosing('')}
              />
            )}
          </li>
        ))}
      </ul>
      {data?.total === 0 && <p className="py-4 text-lichen">Every place name is linked.</p>}
    </section>
  )
}
