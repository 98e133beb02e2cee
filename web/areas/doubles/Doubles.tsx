import { keepPreviousData, useInfiniteQuery } from '@tanstack/react-query'
import { useRef, useState, type KeyboardEvent } from 'react'
import { useNavigate } from 'react-router'
import { queries } from '../../api/queries'
import { useTreeId, useTreePath } from '../../api/useTree'
import { useCommands } from '../../keys/commandRegistry'
import { count } from '../../parts/count'
import { Empty } from '../../parts/Empty'
import { NothingFound } from '../../parts/NothingFound'
import { useDebounced } from '../../parts/useDebounced'
import { useWindowState } from '../../parts/useWindowState'
import { placed, useVirtualList, VirtualList } from '../../parts/VirtualList'
import { JoinSure } from './JoinSure'
import { ScanForm } from './ScanForm'
import { ScanProgress } from './ScanProgress'
import { PickTwo } from '../../parts/PickTwo'
import { isUnderWay } from '../../api/isUnderWay'

const ROW = 56

const SHOWN = [
  { value: '', says: 'to do' },
  { value: 'not now', says: 'not now' },
  { value: 'different', says: 'two people' },
]

/** People who may stand in the tree twice: the pairs that wait, the likeliest first. */
export default function Doubles() {
  const tree = useTreeId()
  const path = useTreePath()
  const navigate = useNavigate()
  const [show, setShow] = useWindowState('doubles.show', '')
  const [sort, setSort] = useWindowState('doubles.sort', '')
  const [words, setWords] = useWindowState('doubles.words', '')
  const [at, setAt] = useWindowState('doubles.at', 0)
  const [asking, setAsking] = useState(false)
  const [picking, setPicking] = useState(false)
  const q = useDebounced(words.trim())
  const scroller = useRef<HTMLDivElement>(null)
  const found = useInfiniteQuery({
    ...queries.doubles(tree, show, sort, q),
    placeholderData: keepPreviousData,
    refetchInterval: (query) => (isUnderWay(query.state.data?.pages[0]?.scan) ? 1000 : false),
  })
  const rows = found.data?.pages.flatMap((page) => page.pairs) ?? []
  const list = useVirtualList(scroller, rows.length, ROW, found)
  const first = found.data?.pages[0]
  // What was asked for comes into the list, so that is where the keys go on.
  const leaveForm = () => {
    setAsking(false)
    requestAnimationFrame(() => scroller.current?.focus())
  }
  const open = (index: number) => {
    const pair = rows[index]
    if (!pair) return
    setAt(index)
    void navigate(path(`doubles/${pair.a.id}/${pair.b.id}`))
  }
  const pressed = (event: KeyboardEvent) => {
    const by = { ArrowDown: 1, ArrowUp: -1 }[event.key]
    if (event.key === 'Enter') open(at)
    if (by === undefined) return
    event.preventDefault()
    const next = Math.max(0, Math.min(rows.length - 1, at + by))
    setAt(next)
    list.scrollToIndex(next)
  }
  useCommands([
    { key: 'a', says: 'Look for doubles', run: () => setAsking(true) },
    { key: 'c', says: 'Compare two people picked by hand', run: () => setPicking(true) },
    { key: 'Enter', says: 'Compare the pair in hand', run: () => open(at) },
  ])
  if (found.error) return <p className="p-6 text-madder">{found.error.message}</p>
  if (!first) return <p className="p-6 text-graphite">One moment…</p>
  const never = first.counts == null && first.toDo === 0
  const hasRows = !never || first.different + first.later > 0
  const minutes = Math.max(1, Math.round((first.toDo * 5) / 3))
  return (
    <div className="flex h-full flex-col px-6 py-3">
      <div className="flex flex-wrap items-baseline gap-x-6 gap-y-1">
        <h1 className="font-serif text-[26px]">Doubles</h1>
        <span className="text-graphite" role="status">
          {first.toDo === 0
            ? 'Nothing to do'
            : `${count(first.toDo, 'pair')} to do${first.toDo < 100 ? `, about ${count(minutes, 'minute')}` : ''}`}
        </span>
        <button type="button" className="act" onClick={() => setAsking(true)}>
          Look for doubles <kbd>a</kbd>
        </button>
        <button type="button" className="act" onClick={() => setPicking(true)}>
          Compare two people <kbd>c</kbd>
        </button>
      </div>
      {asking && <ScanForm onDone={leaveForm} />}
      {picking && <PickTwo onDone={() => setPicking(false)} />}
      <ScanProgress scan={first.scan ?? null} />
      {first.counts && (
        <p className="mt-1 text-[14px] text-graphite">
          Last search, {first.counts.of}: {first.counts.lookedAt.toLocaleString('en')} looked at,{' '}
          {first.counts.sure.toLocaleString('en')} with one sure double,{' '}
          {first.counts.several.toLocaleString('en')} with several or an unsure one,{' '}
          {first.counts.none.toLocaleString('en')} with none.
        </p>
      )}
      {hasRows && (
        <div className="mt-2 flex flex-wrap items-baseline gap-x-5 gap-y-1 text-[14px]">
          <input
            className="gap w-[220px]"
            aria-label="Words of a name"
            placeholder="words of a name"
            value={words}
            onChange={(event) => setWords(event.target.value)}
          />
          <label>
            show{' '}
            <select className="gap" value={show} onChange={(event) => setShow(event.target.value)}>
              {SHOWN.map((one) => (
                <option key={one.value} value={one.value}>
                  {one.says}
                </option>
              ))}
            </select>
          </label>
          <label>
            first{' '}
            <select className="gap" value={sort} onChange={(event) => setSort(event.target.value)}>
              <option value="">the likeliest</option>
              <option value="entries">those with most entries</option>
            </select>
          </label>
          <span className="text-graphite">
            {first.later > 0 && `${count(first.later, 'pair')} not now. `}
            {first.different > 0 && `${count(first.different, 'pair')} ruled to be two people.`}
          </span>
          <a
            className="act"
            href={`/api/trees/${tree}/doubles/pairs.csv?${new URLSearchParams({ show, q }).toString()}`}
            download="doubles.csv"
          >
            Download as CSV
          </a>
          {show === '' && <JoinSure sure={first.sure} q={q} />}
        </div>
      )}
      {never &&
        show === '' &&
        !asking &&
        first.scan?.state !== 'running' &&
        first.scan?.state !== 'waiting' && (
          <Empty
            says="Here will stand people who may be in the tree twice, each pair with how likely it is and why. Nothing is joined by
          itself. (Elsewhere this is called finding and merging duplicates.)"
          >
            <button type="button" className="act-main" onClick={() => setAsking(true)}>
              Look for doubles
            </button>
          </Empty>
        )}
      {!never && rows.length === 0 && q !== '' && (
        <NothingFound
          label="No pair found"
          says={`No pair is found for “${q}”.`}
          onClear={() => setWords('')}
          nearest={[]}
        />
      )}
      {!never && rows.length === 0 && q === '' && (
        <p className="mt-4 text-graphite">
          {show === ''
            ? 'No pair waits. Look again when more people are in the tree.'
            : 'No pair stands here.'}
        </p>
      )}
      <div
        ref={scroller}
        className="mt-2 min-h-0 grow overflow-auto border-t border-rule"
        tabIndex={0}
        role="listbox"
        aria-label="Pairs"
        aria-activedescendant={rows[at] ? `pair-${at}` : undefined}
        onKeyDown={pressed}
      >
        <VirtualList
          list={list}
          rows={rows}
          show={(row, item) => (
            <div
              key={row.a.id + row.b.id}
              id={`pair-${item.index}`}
              role="option"
              aria-selected={item.index === at}
              onClick={() => open(item.index)}
              className={`absolute inset-x-0 grid cursor-pointer grid-cols-[72px_minmax(0,1fr)] gap-x-3 overflow-hidden
                border-b border-rule px-1 pt-[5px] leading-tight ${item.index === at ? 'bg-wash' : 'hover:bg-wash/60'}`}
              style={placed(item)}
            >
              <span className="tabular text-right text-[15px]">{row.shown}</span>
              <span className="min-w-0">
                <span className="block truncate font-serif text-[17px]">
                  {row.a.name} {row.a.life}{' '}
                  <span className="text-[13px] text-graphite">no. {row.a.number}</span>
                  <span className="mx-2 text-graphite" aria-hidden="true">
                    ·
                  </span>
                  {row.b.name} {row.b.life}{' '}
                  <span className="text-[13px] text-graphite">no. {row.b.number}</span>
                  {row.entries > 2 && (
                    <span className="ml-3 font-sans text-[13px] text-ochre">{row.entries} entries</span>
                  )}
                </span>
                <span className="block truncate text-[13px] text-graphite" title={row.says}>
                  {row.reason ? `${row.ruling}: ${row.reason}` : row.says}
                </span>
              </span>
            </div>
          )}
        />
      </div>
    </div>
  )
}
