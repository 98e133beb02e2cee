import { keepPreviousData, useInfiniteQuery } from '@tanstack/react-query'
import { useEffect, useRef, useState } from 'react'
import { useNavigate } from 'react-router'
import { queries } from '../../../api/queries'
import { useTreeId, useTreePath } from '../../../api/useTree'
import { useCommands } from '../../../keys/commandRegistry'
import { ColumnGrid } from '../../../parts/columns/ColumnGrid'
import type { Sorted } from '../../../parts/columns/ColumnHeads'
import type { Column } from '../../../parts/columns/useColumns'
import { openBeside } from '../../../parts/openBeside'
import { rowKeys } from '../../../parts/rowKeys'
import { useDebounced } from '../../../parts/useDebounced'
import { useWindowState } from '../../../parts/useWindowState'
import { useVirtualList } from '../../../parts/VirtualList'
import { CoupleLine } from './CoupleLine'
import { useWalk } from '../walking/useWalk'

const ROW = 32
type By = 'first' | 'second' | 'married' | 'place' | 'children'

const COLUMNS: readonly Column<By>[] = [
  { name: 'first', says: 'One', width: 180, grows: true },
  { name: 'second', says: 'Other', width: 180, grows: true },
  { name: 'married', says: 'Married', width: 140 },
  { name: 'place', says: 'At', width: 130, className: 'max-sm:hidden' },
  { name: 'children', says: 'Children', width: 64, className: 'max-sm:hidden' },
]
const WITHOUT = ['a date', 'a source', 'children', 'a partner']

/** All couples: sorted by any column, narrowed to those of whom something is missing. */
export default function Couples() {
  const tree = useTreeId()
  const path = useTreePath()
  const navigate = useNavigate()
  const { hand, take } = useWalk()
  const [typed, setTyped] = useWindowState('couples.words', '')
  const [without, setWithout] = useWindowState('couples.without', '')
  const [sorted, setSorted] = useWindowState<Sorted<By>>('couples.sorted', { by: 'first', isDown: false })
  const [at, setAt] = useState(-1)
  /** Which of the two is in hand. */
  const [side, setSide] = useState(0)
  const scroller = useRef<HTMLDivElement>(null)
  const filter = useRef<HTMLInputElement>(null)
  const q = useDebounced(typed.trim())
  const couples = useInfiniteQuery({
    ...queries.couples(tree, { q, without, sort: sorted.by, isDown: sorted.isDown }),
    placeholderData: keepPreviousData,
  })
  const rows = couples.data?.pages.flatMap((page) => page.rows) ?? []
  const { shown = 0, total = 0 } = couples.data?.pages[0] ?? {}
  const list = useVirtualList(scroller, rows.length, ROW, couples, ROW)
  const partnerAt = (index: number, which: number) => rows[index]?.partners[which] ?? rows[index]?.partners[0]
  const go = (index: number, which = side) => {
    setAt(index)
    setSide(which)
    list.scrollToIndex(index)
    const partner = partnerAt(index, which)
    if (partner) take(partner.id)
  }
  // Whoever came in hand from another view is shown where they are among those fetched.
  const isThere = rows.length > 0
  useEffect(() => {
    if (!isThere || partnerAt(at, side)?.id === hand) return
    const index = rows.findIndex((row) => row.partners.some((partner) => partner.id === hand))
    setAt(index)
    if (index >= 0) list.scrollToIndex(index)
    if (index >= 0) setSide(Math.max(0, rows[index]?.partners.findIndex((one) => one.id === hand) ?? 0))
  }, [hand, isThere]) // eslint-disable-line react-hooks/exhaustive-deps
  const open = (index: number, isBeside: boolean) => {
    const partner = partnerAt(index, side)
    if (!partner) return
    if (isBeside) openBeside(path(`people/${partner.id}`))
    else void navigate(path(`people/${partner.id}`))
  }
  const pressed = rowKeys({
    at,
    count: rows.length,
    onAt: (index) => go(index),
    onOpen: open,
    also: (key, event) => {
      if (event.target instanceof HTMLInputElement || !['ArrowLeft', 'ArrowRight'].includes(key) || at < 0)
        return false
      go(at, key === 'ArrowRight' ? 1 : 0)
      return true
    },
  })
  useCommands([
    { key: 'f', says: 'Filter the couples', run: () => filter.current?.focus() },
    { key: 'ArrowLeft', says: 'Take the one of the two in hand' },
    { key: 'ArrowRight', says: 'Take the other in hand' },
  ])
  return (
    <div className="flex h-full min-h-0 flex-col px-6 pt-2">
      <div className="flex flex-wrap items-baseline gap-x-5 gap-y-1">
        <h1 className="font-serif text-[26px]">Couples</h1>
        <input
          ref={filter}
          className="gap w-[180px]"
          aria-label="Filter by the name of either"
          placeholder="name of either"
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
          onKeyDown={pressed}
        />
        <select
          className="gap text-[14px]"
          aria-label="Only those without"
          value={without}
          onChange={(event) => setWithout(event.target.value)}
        >
          <option value="">all couples</option>
          {WITHOUT.map((one) => (
            <option key={one} value={one}>
              without {one}
            </option>
          ))}
        </select>
        <span className="whitespace-nowrap text-graphite" role="status">
          {shown.toLocaleString('en')} of {total.toLocaleString('en')}
        </span>
      </div>
      {couples.isSuccess && total === 0 && (
        <p className="pt-4 text-graphite">
          Here every couple of this tree will stand. Take somebody in hand and add a partner.
        </p>
      )}
      {couples.isSuccess && total > 0 && shown === 0 && (
        <p className="pt-4 text-graphite">
          No couple is found so.{' '}
          <button
            type="button"
            className="act"
            onClick={() => {
              setTyped('')
              setWithout('')
            }}
          >
            Clear the filters
          </button>
        </p>
      )}
      <ColumnGrid
        name="couples"
        label="Couples"
        columns={COLUMNS}
        narrow="1fr 1fr 92px"
        sorted={sorted}
        onSort={setSorted}
        scroller={scroller}
        list={list}
        rows={rows}
        count={shown}
        active={rows[at] ? `couple-${rows[at].id}` : undefined}
        onKeyDown={pressed}
        show={(row, item, style) => (
          <CoupleLine
            key={row.id}
            row={row}
            index={item.index}
            sideInHand={item.index === at ? side : null}
            style={style}
            onTake={(which) => go(item.index, which)}
            onOpen={() => open(item.index, false)}
          />
        )}
      />
    </div>
  )
}
