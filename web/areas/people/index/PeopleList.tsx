import { keepPreviousData, useInfiniteQuery } from '@tanstack/react-query'
import { useEffect, useMemo, useRef, useState, type KeyboardEvent } from 'react'
import { useNavigate } from 'react-router'
import { queries } from '../../../api/queries'
import { useTreeId, useTreePath } from '../../../api/useTree'
import { ColumnGrid } from '../../../parts/columns/ColumnGrid'
import type { Sorted } from '../../../parts/columns/ColumnHeads'
import type { Column } from '../../../parts/columns/useColumns'
import { openBeside } from '../../../parts/openBeside'
import { rowKeys } from '../../../parts/rowKeys'
import { useWide } from '../../../parts/useWide'
import { useVirtualList } from '../../../parts/VirtualList'
import { useWalk } from '../walking/useWalk'
import { useNumbering } from '../../../parts/useNumbering'
import { PersonRow, type Row } from './PersonRow'
import type { By, PeopleFilters } from './usePeopleFilters'

const ROW = 32

const COLUMNS: readonly Column<By | 'place' | 'kin'>[] = [
  { name: 'number', says: 'No.', width: 64 },
  { name: 'name', says: 'Name', width: 200, grows: true },
  { name: 'birth', says: 'Born', width: 124 },
  { name: 'place', says: 'At', width: 110, grows: true, sorts: false, className: 'max-sm:hidden' },
  { name: 'death', says: 'Died', width: 116, className: 'max-sm:hidden' },
]
/** Beside the number that everybody has for good. */
const LINE = { name: 'line', says: 'In the line', width: 110 } as const
/** In the place of where they were born. */
const KIN = { name: 'kin', says: 'Is to them', width: 200, sorts: false } as const

/** The rows that the filters leave, a page at a time, and what keys and clicks do in them. */
export function usePeopleList(filters: PeopleFilters, picked: readonly Row[], onPick: (row: Row) => void) {
  const tree = useTreeId()
  const path = useTreePath()
  const navigate = useNavigate()
  const isWide = useWide()
  const { hand, take } = useWalk()
  const [at, setAt] = useState(0)
  const scroller = useRef<HTMLDivElement>(null)
  const people = useInfiniteQuery({
    ...queries.people(tree, filters.query),
    placeholderData: keepPreviousData,
  })
  const rows = useMemo(() => people.data?.pages.flatMap((page) => page.rows) ?? [], [people.data])
  // The heads of the columns stand over the first row.
  const list = useVirtualList(scroller, rows.length, ROW, people, ROW)
  const open = (row: Row | undefined, isBeside = false) => {
    if (!row) return
    if (isBeside) openBeside(path(`people/${row.id}`))
    else void navigate(path(`people/${row.id}`))
  }
  const go = (index: number) => {
    setAt(index)
    list.scrollToIndex(index)
    const row = rows[index]
    if (row) take(row.id)
  }
  // Whoever came in hand elsewhere is where the arrows go on from, if they are listed.
  useEffect(() => {
    if (hand === '' || rows[at]?.id === hand) return
    const index = rows.findIndex((row) => row.id === hand)
    if (index >= 0) setAt(index)
  }, [hand, rows]) // eslint-disable-line react-hooks/exhaustive-deps
  const pressed = rowKeys({
    at,
    count: rows.length,
    onAt: go,
    onOpen: (index, isBeside) => open(rows[index], isBeside),
    also: (key: string, event: KeyboardEvent) => {
      const row = rows[at]
      if (key !== ' ' || !row || event.target !== event.currentTarget) return false
      onPick(row)
      return true
    },
  })
  /** On a narrow window there is no margin beside the list. */
  const clicked = (index: number) => (isWide ? go(index) : open(rows[index]))
  return { people, rows, list, scroller, at, setAt, pressed, clicked, open, picked, onPick }
}

type Props = { filters: PeopleFilters; list: ReturnType<typeof usePeopleList>; shown: number }

/** The grid of the index. */
export function PeopleList({ filters, list: of, shown }: Props) {
  const withKin = filters.relatedTo.id !== ''
  const { numbering } = useNumbering()
  const withLine = (numbering?.system ?? '') !== ''
  const columns = useMemo(
    () =>
      COLUMNS.flatMap((column) => [
        withKin && column.name === 'place' ? KIN : column,
        ...(withLine && column.name === 'number' ? [LINE] : []),
      ]),
    [withKin, withLine],
  )
  const { rows, at, picked } = of
  return (
    <ColumnGrid
      name="people"
      label="People"
      columns={columns}
      narrow={`44px ${withLine ? '72px ' : ''}1fr 110px${withKin ? ' 90px' : ''}`}
      sorted={filters.sorted}
      onSort={(sorted) => filters.setSorted(sorted as Sorted<By>)}
      scroller={of.scroller}
      list={of.list}
      rows={rows}
      count={shown}
      active={rows[at] ? `row-${rows[at].id}` : undefined}
      isMultiselectable
      onKeyDown={of.pressed}
      show={(row, item, style) => (
        <PersonRow
          key={row.id}
          row={row}
          index={item.index}
          isInHand={item.index === at}
          isPicked={picked.some((one) => one.id === row.id)}
          withKin={withKin}
          withLine={withLine}
          style={style}
          onTake={() => of.clicked(item.index)}
          onOpen={() => of.open(row)}
          onPick={() => of.onPick(row)}
        />
      )}
    />
  )
}
