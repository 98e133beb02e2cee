import type { VirtualItem, Virtualizer } from '@tanstack/react-virtual'
import type { CSSProperties, KeyboardEvent, ReactNode, RefObject } from 'react'
import { useWide } from '../useWide'
import { placed, VirtualList } from '../VirtualList'
import { ColumnHeads, type Sorted } from './ColumnHeads'
import { useColumns, type Column } from './useColumns'

/** In pixels; wider than this all columns show. */
const NARROW = 640

type Props<Row, Name extends string> = {
  /** Under which the widths are remembered. */
  name: string
  label: string
  columns: readonly Column<Name>[]
  /** For `grid-template-columns` where there is little room. */
  narrow: string
  sorted: Sorted<Name>
  onSort: (sorted: Sorted<Name>) => void
  scroller: RefObject<HTMLDivElement | null>
  list: Virtualizer<HTMLDivElement, Element>
  rows: readonly Row[]
  /** How many rows there are, fetched or not. */
  count: number
  /** The id of the row in hand. */
  active: string | undefined
  isMultiselectable?: boolean
  onKeyDown: (event: KeyboardEvent) => void
  /** Draws a row; the style places it and its columns. */
  show: (row: Row, item: VirtualItem, style: CSSProperties) => ReactNode
}

/** A long list in columns that can be sorted by and made wider, whose heads stay in sight. */
export function ColumnGrid<Row, Name extends string>(props: Props<Row, Name>) {
  const isWide = useWide()
  const sizes = useColumns(props.name, props.columns)
  const template = { gridTemplateColumns: isWide || innerWidth > NARROW ? sizes.template : props.narrow }
  return (
    <div
      ref={props.scroller}
      role="grid"
      aria-label={props.label}
      aria-rowcount={props.count + 1}
      aria-multiselectable={props.isMultiselectable}
      tabIndex={0}
      aria-activedescendant={props.active}
      onKeyDown={props.onKeyDown}
      className="mt-2 min-h-0 grow overflow-auto"
    >
      <div
        role="row"
        aria-rowindex={1}
        style={template}
        className="heads sticky top-0 z-[1] grid h-[32px] items-end gap-4 border-b border-rule bg-paper px-2 pb-1"
      >
        <ColumnHeads columns={props.columns} sizes={sizes} sorted={props.sorted} onSort={props.onSort} />
      </div>
      <div role="rowgroup">
        <VirtualList
          list={props.list}
          rows={props.rows}
          show={(row, item) => props.show(row, item, { ...placed(item), ...template })}
        />
      </div>
    </div>
  )
}
