import { keepPreviousData, useInfiniteQuery } from '@tanstack/react-query'
import { useEffect, useRef, useState, type KeyboardEvent } from 'react'
import { Link, useNavigate, useParams } from 'react-router'
import { useTreeId, useTreePath } from '../../api/useTree'
import { Empty } from '../../parts/Empty'
import { placed, useVirtualList, VirtualList } from '../../parts/VirtualList'
import { useDebounced } from '../../parts/useDebounced'
import { useCommands } from '../../keys/commandRegistry'
import { AddPlace } from './AddPlace'
import { PlacePage } from './PlacePage'
import { UnlinkedPlaceNames } from './UnlinkedPlaceNames'
import { count } from '../../parts/count'
import { useWindowState } from '../../parts/useWindowState'
import { NoneFound } from '../../parts/NoneFound'
import { queries } from '../../api/queries'

const ROW = 44

/** The gazetteer: places at the left, the one in hand beside them. */
export default function Places() {
  const tree = useTreeId()
  const path = useTreePath()
  const navigate = useNavigate()
  const place = useParams().place ?? ''
  const [typed, setTyped] = useWindowState('places.words', '')
  const [making, setMaking] = useState(false)
  const q = useDebounced(typed.trim())
  const scroller = useRef<HTMLDivElement>(null)
  const filter = useRef<HTMLInputElement>(null)
  const places = useInfiniteQuery({ ...queries.places(tree, q), placeholderData: keepPreviousData })
  const rows = places.data?.pages.flatMap((page) => page.rows) ?? []
  const { shown = 0, total = 0, unsettled = 0 } = places.data?.pages[0] ?? {}
  const list = useVirtualList(scroller, rows.length, ROW, places)
  const go = (id: string) => navigate(path(`places/${id}`))
  // While there is no place yet, the words that wait are where one begins.
  const begins = place === '' && total === 0 && unsettled > 0
  useEffect(() => {
    if (begins) void navigate(path('places/words'), { replace: true })
  }, [begins, navigate, path])
  const isDrawn = list.getVirtualItems().some((item) => rows[item.index]?.id === place)
  const pressed = (event: KeyboardEvent) => {
    const by = { ArrowDown: 1, ArrowUp: -1 }[event.key]
    if (by === undefined) return
    event.preventDefault()
    const at = rows.findIndex((row) => row.id === place)
    const next = Math.max(0, Math.min(rows.length - 1, at + by))
    if (rows[next]) void go(rows[next].id)
    list.scrollToIndex(next)
  }
  useCommands([
    { key: 'a', says: 'Add a place', run: () => setMaking(true) },
    { key: 'f', says: 'Filter the places', run: () => filter.current?.focus() },
  ])
  const empty = places.isSuccess && total === 0 && unsettled === 0
  return (
    <div className="grid h-full grid-cols-[300px_minmax(0,1fr)] max-sm:block max-sm:overflow-auto">
      <section className="flex min-h-0 flex-col border-r border-rule px-4 pt-3 max-sm:border-r-0">
        <div className="flex items-baseline justify-between gap-3">
          <h1 className="font-serif text-[26px]">Places</h1>
          <button type="button" className="act" onClick={() => setMaking(true)}>
            Add a place <kbd>a</kbd>
          </button>
        </div>
        <div className="flex items-baseline gap-3">
          <input
            ref={filter}
            className="gap min-w-0 grow"
            aria-label="Filter places by name"
            placeholder="any name of a place"
            value={typed}
            onChange={(event) => setTyped(event.target.value)}
            onKeyDown={pressed}
          />
          <span className="text-[14px] whitespace-nowrap text-graphite" role="status">
            {shown} of {total}
          </span>
        </div>
        {unsettled > 0 && (
          <p className="mt-2 text-[14px]">
            <Link className="act" to={path('places/words')}>
              {count(unsettled, 'place name')} not linked yet
            </Link>
          </p>
        )}
        {places.isSuccess && total > 0 && shown === 0 && (
          <NoneFound what="place" words={q} onClear={() => setTyped('')} />
        )}
        <div
          ref={scroller}
          className="mt-2 min-h-0 grow overflow-auto border-t border-rule max-sm:max-h-[40vh]"
          tabIndex={0}
          role="listbox"
          aria-label="Places"
          aria-activedescendant={isDrawn ? `place-${place}` : undefined}
          onKeyDown={pressed}
        >
          <VirtualList
            list={list}
            rows={rows}
            show={(row, item) => (
              <div
                key={row.id}
                id={`place-${row.id}`}
                role="option"
                aria-selected={row.id === place}
                onClick={() => go(row.id)}
                className={`absolute inset-x-0 cursor-pointer overflow-hidden px-1 pt-[3px] leading-tight
                    ${row.id === place ? 'bg-wash' : 'hover:bg-wash/60'}`}
                style={placed(item)}
              >
                <span className="flex items-baseline justify-between gap-2">
                  <span className="truncate font-serif text-[17px]" title={row.name}>
                    {row.name}
                  </span>
                  <span className="text-[13px] whitespace-nowrap text-graphite">
                    {row.facts === 0 ? '' : count(row.facts, 'fact')}
                  </span>
                </span>
                <span className="block truncate text-[13px] text-graphite" title={row.inside}>
                  {row.inside ? `in ${row.inside}` : row.kind}
                </span>
              </div>
            )}
          />
        </div>
      </section>
      <div className="min-h-0 overflow-auto">
        {making ? (
          <AddPlace
            onMade={(id) => {
              setMaking(false)
              void go(id)
            }}
            onLeave={() => setMaking(false)}
          />
        ) : place === 'words' ? (
          <UnlinkedPlaceNames />
        ) : place !== '' ? (
          <PlacePage key={place} id={place} />
        ) : empty ? (
          <div className="px-6">
            <Empty
              says="Places will stand here, each inside the next, with what it was called and where it lay in its time. Words that
              you type with a fact are kept; whether they stand for a place is yours to say."
            >
              <button type="button" className="act-main" onClick={() => setMaking(true)}>
                Add the first place
              </button>
            </Empty>
          </div>
        ) : (
          <p className="px-6 py-4 text-graphite">Choose a place to see what is said of it.</p>
        )}
      </div>
    </div>
  )
}
