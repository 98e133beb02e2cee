import { keepPreviousData, useInfiniteQuery } from '@tanstack/react-query'
import { useRef, useState, type KeyboardEvent } from 'react'
import { useNavigate, useSearchParams } from 'react-router'
import { api, unwrap, type Schemas } from '../../../api/client'
import { useTreeId, useTreePath } from '../../../api/useTree'
import { Empty } from '../../../parts/Empty'
import { placed, useVirtualList, VirtualList } from '../../../parts/VirtualList'
import { useDebounced } from '../../../parts/useDebounced'
import { useCommands } from '../../../keys/commandRegistry'
import { OneLineEntry } from '../adding/OneLineEntry'
import { useWindowState } from '../../../parts/useWindowState'
import { PlaceFilter } from './PlaceFilter'
import { Nearest } from './Nearest'
import { Selection } from './Selection'
import { SortableHeader, type Sort } from './SortableHeader'
import { queries } from '../../../api/queries'

const ROW = 32
const COLUMNS =
  'grid grid-cols-[56px_minmax(160px,1.4fr)_minmax(110px,0.8fr)_minmax(120px,1.2fr)_minmax(110px,0.8fr)] gap-4 px-2 ' +
  'max-sm:grid-cols-[44px_1fr_110px]'

type Row = Schemas['PersonLine']

const ONLY = ['tied to nobody', 'living', 'undated', 'sex unknown']

/** The index of people: as many as there are, a page at a time. */
export default function People() {
  const tree = useTreeId()
  const path = useTreePath()
  const navigate = useNavigate()
  const [typed, setTyped] = useWindowState('people.words', '')
  const [sort, setSort] = useWindowState<Sort>('people.sort', 'name')
  const [at, setAt] = useState(0)
  const [asked, setAsked] = useSearchParams()
  const place = asked.get('place') ?? ''
  const [adding, setAdding] = useState(asked.has('add'))
  const [sex, setSex] = useWindowState('people.sex', '')
  const [only, setOnly] = useWindowState('people.only', '')
  const [years, setYears] = useWindowState('people.years', ['', ''])
  const q = useDebounced(typed.trim())
  const [from, to] = useDebounced(years.map((year) => (/^\d{3,4}$/.test(year) ? Number(year) : 0)))
  const scroller = useRef<HTMLDivElement>(null)
  const filter = useRef<HTMLInputElement>(null)
  const people = useInfiniteQuery({
    ...queries.people(tree, { q, sort, sex, only, from, to, place }),
    placeholderData: keepPreviousData,
  })
  const rows = people.data?.pages.flatMap((page) => page.rows) ?? []
  const { shown = 0, total = 0 } = people.data?.pages[0] ?? {}
  // The heads of the columns stand over the first row.
  const list = useVirtualList(scroller, rows.length, ROW, people, ROW)
  const go = (id: string) => void navigate(path(`people/${id}`))
  const [picked, setPicked] = useState<Row[]>([])
  const pick = (row: Row) =>
    setPicked((now) =>
      now.some((one) => one.id === row.id) ? now.filter((one) => one.id !== row.id) : [...now, row],
    )
  const isPicked = (row: Row) => picked.some((one) => one.id === row.id)
  const move = (by: number) => {
    const next = Math.max(0, Math.min(rows.length - 1, at + by))
    setAt(next)
    list.scrollToIndex(next)
  }
  const pressed = (event: KeyboardEvent) => {
    const steps: Record<string, number> = { ArrowDown: 1, ArrowUp: -1, PageDown: 15, PageUp: -15 }
    if (event.key in steps) {
      event.preventDefault()
      move(steps[event.key] ?? 0)
    } else if (event.key === 'Enter' && rows[at]) {
      go(rows[at].id)
    } else if (event.key === ' ' && rows[at] && event.target === event.currentTarget) {
      event.preventDefault()
      pick(rows[at])
    }
  }
  useCommands([
    { key: 'a', says: 'Add a person', run: () => setAdding(true) },
    { key: 'f', says: 'Filter the index', run: () => filter.current?.focus() },
  ])
  const empty = people.isSuccess && total === 0
  const clear = () => {
    setTyped('')
    setSex('')
    setOnly('')
    setYears(['', ''])
    setAsked({})
    filter.current?.focus()
  }
  return (
    <div className="flex h-full flex-col px-6 pt-3">
      <div className="flex flex-wrap items-baseline gap-x-6 gap-y-1">
        <h1 className="font-serif text-[26px]">People</h1>
        <input
          ref={filter}
          className="gap w-[200px]"
          aria-label="Filter by name or number"
          placeholder="name or number"
          value={typed}
          onChange={(event) => {
            setTyped(event.target.value)
            setAt(0)
          }}
          onKeyDown={pressed}
        />
        <span className="flex flex-wrap items-baseline gap-2 text-[14px]">
          <select
            className="gap"
            aria-label="Sex"
            value={sex}
            onChange={(event) => setSex(event.target.value)}
          >
            <option value="">any sex</option>
            <option value="F">female</option>
            <option value="M">male</option>
            <option value="X">other</option>
            <option value="U">not known</option>
          </select>
          <span className="text-graphite">born</span>
          {['from', 'to'].map((word, index) => (
            <input
              key={word}
              className="gap w-[52px]"
              inputMode="numeric"
              aria-label={`Born ${word}`}
              placeholder={word}
              value={years[index]}
              onChange={(event) =>
                setYears(years.map((year, at) => (at === index ? event.target.value : year)))
              }
            />
          ))}
          <select
            className="gap"
            aria-label="Only those who are"
            value={only}
            onChange={(event) => setOnly(event.target.value)}
          >
            <option value="">everybody</option>
            {ONLY.map((one) => (
              <option key={one}>{one}</option>
            ))}
          </select>
        </span>
        <span className="whitespace-nowrap text-graphite" role="status">
          {shown.toLocaleString('en')} of {total.toLocaleString('en')}
        </span>
        <button type="button" className="act ml-auto" onClick={() => setAdding(true)}>
          Add a person <kbd>a</kbd>
        </button>
      </div>
      {picked.length > 0 && <Selection picked={picked} onPicked={setPicked} />}
      {place !== '' && <PlaceFilter place={place} onLetGo={() => setAsked({})} />}
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
            onKept={(made) => go(made.id)}
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
          {people.isSuccess && shown === 0 && <Nearest words={q} onClear={clear} />}
          <div
            ref={scroller}
            role="grid"
            aria-label="People"
            aria-rowcount={shown + 1}
            aria-multiselectable
            tabIndex={0}
            aria-activedescendant={rows[at] ? `row-${rows[at].id}` : undefined}
            onKeyDown={pressed}
            className="mt-2 min-h-0 grow overflow-auto"
          >
            <div
              role="row"
              aria-rowindex={1}
              className={`${COLUMNS} heads sticky top-0 z-[1] h-[32px] items-end border-b border-rule bg-paper pb-1`}
            >
              <SortableHeader name="number" says="No." sort={sort} onSort={setSort} />
              <SortableHeader name="name" says="Name" sort={sort} onSort={setSort} />
              <SortableHeader name="birth" says="Born" sort={sort} onSort={setSort} />
              <span role="columnheader" className="leading-[24px] max-sm:hidden">
                At
              </span>
              <SortableHeader
                name="death"
                says="Died"
                sort={sort}
                onSort={setSort}
                className="max-sm:hidden"
              />
            </div>
            <div role="rowgroup">
              <VirtualList
                list={list}
                rows={rows}
                show={(row, item) => (
                  <div
                    key={row.id}
                    id={`row-${row.id}`}
                    role="row"
                    aria-rowindex={item.index + 2}
                    aria-selected={isPicked(row)}
                    onClick={() => go(row.id)}
                    className={`${COLUMNS} absolute inset-x-0 cursor-pointer items-center
                        ${item.index === at ? 'bg-wash' : 'hover:bg-wash/60'}`}
                    style={placed(item)}
                  >
                    <span role="gridcell" className="flex items-center gap-2 text-graphite">
                      <Mark name={row.name} isPicked={isPicked(row)} onPick={() => pick(row)} />
                      {row.number}
                    </span>
                    <span role="gridcell" className="truncate font-serif text-[16px]" title={row.filed}>
                      {row.filed}
                    </span>
                    <span role="gridcell" className="truncate">
                      {row.born}
                    </span>
                    <span role="gridcell" className="truncate text-graphite max-sm:hidden">
                      {row.birthPlace}
                    </span>
                    <span role="gridcell" className="truncate max-sm:hidden">
                      {row.died}
                    </span>
                  </div>
                )}
              />
            </div>
          </div>
        </>
      )}
    </div>
  )
}

/** Picks by mouse what Space picks by key; a row of a list holds nothing that could be stepped into. */
function Mark({ name, isPicked, onPick }: { name: string; isPicked: boolean; onPick: () => void }) {
  return (
    <>
      <span
        aria-hidden
        title={isPicked ? `Remove ${name} from the choice` : `Choose ${name}`}
        className="grid size-[15px] shrink-0 place-items-center rounded-[2px] border border-graphite text-[12px] leading-none"
        onClick={(event) => {
          event.stopPropagation()
          onPick()
        }}
      >
        {isPicked && '✓'}
      </span>
      {isPicked && <span className="sr-only">chosen,</span>}
    </>
  )
}
