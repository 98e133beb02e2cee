import { useRef, useState } from 'react'
import { useNavigate } from 'react-router'
import { api, unwrap } from '../../../api/client'
import { useTreeId, useTreePath } from '../../../api/useTree'
import { Empty } from '../../../parts/Empty'
import { useCommands } from '../../../keys/commandRegistry'
import { OneLineEntry } from '../adding/OneLineEntry'
import { NumberedBy } from '../numbers/NumberedBy'
import { Filters } from './Filters'
import { Nearest } from './Nearest'
import { PeopleList, usePeopleList } from './PeopleList'
import type { Row } from './PersonRow'
import { PlaceFilter } from './PlaceFilter'
import { RelatedFilter } from './RelatedFilter'
import { Selection } from './Selection'
import { usePeopleFilters } from './usePeopleFilters'

/** The index of people: as many as there are, a page at a time. */
export default function People() {
  const tree = useTreeId()
  const path = useTreePath()
  const navigate = useNavigate()
  const filters = usePeopleFilters()
  const [adding, setAdding] = useState(filters.isAddAsked)
  const [picked, setPicked] = useState<Row[]>([])
  const filter = useRef<HTMLInputElement>(null)
  const list = usePeopleList(filters, picked, (row) =>
    setPicked((now) =>
      now.some((one) => one.id === row.id) ? now.filter((one) => one.id !== row.id) : [...now, row],
    ),
  )
  const { people } = list
  const { shown = 0, total = 0 } = people.data?.pages[0] ?? {}
  useCommands([
    { key: 'a', says: 'Add a person', run: () => setAdding(true) },
    { key: 'f', says: 'Filter the index', run: () => filter.current?.focus() },
  ])
  const empty = people.isSuccess && total === 0
  return (
    <div className="flex h-full flex-col px-6 pt-2">
      <div className="flex flex-wrap items-baseline gap-x-5 gap-y-1">
        <h1 className="font-serif text-[26px]">People</h1>
        <input
          ref={filter}
          className="gap w-[160px]"
          aria-label="Filter by name or number"
          placeholder="name or number"
          value={filters.typed}
          onChange={(event) => {
            filters.setTyped(event.target.value)
            list.setAt(0)
          }}
          onKeyDown={list.pressed}
        />
        <Filters filters={filters} />
        <span className="whitespace-nowrap text-graphite" role="status">
          {shown.toLocaleString('en')} of {total.toLocaleString('en')}
        </span>
        <button type="button" className="act ml-auto" onClick={() => setAdding(true)}>
          Add a person <kbd>a</kbd>
        </button>
      </div>
      {picked.length > 0 && <Selection picked={picked} onPicked={setPicked} />}
      {filters.place !== '' && <PlaceFilter place={filters.place} onLetGo={filters.letPlaceGo} />}
      {!empty && (
        <div className="flex flex-wrap items-baseline gap-x-4 pt-1 text-[14px]">
          <RelatedFilter filters={filters} />
          <NumberedBy filters={filters} />
        </div>
      )}
      {adding && (
        <div className="my-3 border-l-2 border-tide pl-4">
          <OneLineEntry
            label="A person"
            draftKey={`${tree}:person`}
            as={{ relation: '' }}
            take={(id) => Promise.resolve({ id })}
            keep={(line) =>
              unwrap(api.POST('/api/trees/{tree}/people', { params: { path: { tree } }, body: { line } }))
            }
            onKept={(made) => void navigate(path(`people/${made.id}`))}
            onLeave={() => setAdding(false)}
          />
        </div>
      )}
      {empty && !adding ? (
        <Empty says="Here everybody in this tree will stand. Begin with one person and go on from there, or bring a file in.">
          <button type="button" className="act-main" onClick={() => setAdding(true)}>
            Add the first person
          </button>
          <button type="button" className="act" onClick={() => navigate(path('exchange'))}>
            Bring a file in
          </button>
        </Empty>
      ) : (
        <>
          {people.isSuccess && shown === 0 && (
            <Nearest
              words={filters.query.q}
              onClear={() => {
                filters.clear()
                filter.current?.focus()
              }}
            />
          )}
          <PeopleList filters={filters} list={list} shown={shown} />
        </>
      )}
    </div>
  )
}
