import type { KeyboardEvent, PointerEvent } from 'react'
import type { Column, useColumns } from './useColumns'

/** What a list is sorted by; `isDown` from the most on. */
export type Sorted<Name extends string = string> = { by: Name; isDown: boolean }

const STEP = 16

type Props<Name extends string> = {
  columns: readonly Column<Name>[]
  sizes: ReturnType<typeof useColumns<Name>>
  sorted: Sorted<Name>
  onSort: (sorted: Sorted<Name>) => void
}

/** The heads of a list: each sorts by its column, once more the other way; the line after it moves its edge. */
export function ColumnHeads<Name extends string>({ columns, sizes, sorted, onSort }: Props<Name>) {
  return columns.map((column, index) => (
    <span
      key={column.name}
      role="columnheader"
      aria-sort={sorted.by !== column.name ? 'none' : sorted.isDown ? 'descending' : 'ascending'}
      className={`relative min-w-0 ${column.className ?? ''}`}
    >
      {column.sorts === false ? (
        <span className="leading-[24px]">{column.says}</span>
      ) : (
        <button
          type="button"
          className={`max-w-full min-h-[24px] truncate text-left
            ${sorted.by === column.name ? 'font-semibold text-ink' : 'hover:text-tide'}`}
          title={`Sort by ${column.says}`}
          onClick={() =>
            onSort({ by: column.name, isDown: sorted.by === column.name ? !sorted.isDown : false })
          }
        >
          {column.says}
          {sorted.by === column.name && <span aria-hidden> {sorted.isDown ? '↑' : '↓'}</span>}
        </button>
      )}
      {index < columns.length - 1 && <Edge column={column} sizes={sizes} />}
    </span>
  ))
}

function Edge<Name extends string>({
  column,
  sizes,
}: {
  column: Column<Name>
  sizes: ReturnType<typeof useColumns<Name>>
}) {
  const dragged = (event: PointerEvent<HTMLElement>) => {
    event.preventDefault()
    const head = event.currentTarget.parentElement
    const [from, width] = [event.clientX, head?.getBoundingClientRect().width ?? sizes.widthOf(column)]
    const moved = (move: globalThis.PointerEvent) => sizes.set(column, width + move.clientX - from)
    const done = () => {
      window.removeEventListener('pointermove', moved)
      window.removeEventListener('pointerup', done)
    }
    window.addEventListener('pointermove', moved)
    window.addEventListener('pointerup', done)
  }
  const pressed = (event: KeyboardEvent) => {
    const by = { ArrowRight: STEP, ArrowLeft: -STEP }[event.key]
    if (by === undefined) return
    event.preventDefault()
    event.stopPropagation()
    sizes.set(column, sizes.widthOf(column) + by)
  }
  return (
    <span
      role="separator"
      aria-orientation="vertical"
      aria-label={`Width of ${column.says}`}
      aria-valuenow={sizes.widthOf(column)}
      aria-valuemin={sizes.least}
      aria-valuemax={sizes.most}
      tabIndex={0}
      title="Drag, or press left and right, to change the width"
      className="absolute -right-[12px] bottom-0 z-[2] h-[24px] w-[8px] cursor-col-resize border-r border-rule
        hover:border-tide max-sm:hidden"
      onPointerDown={dragged}
      onKeyDown={pressed}
    />
  )
}
