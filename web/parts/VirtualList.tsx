import { useVirtualizer, type VirtualItem, type Virtualizer } from '@tanstack/react-virtual'
import { useEffect, type ReactNode, type RefObject } from 'react'

type Pages = { hasNextPage: boolean; isFetchingNextPage: boolean; fetchNextPage: () => unknown }

const NO_MORE: Pages = { hasNextPage: false, isFetchingNextPage: false, fetchNextPage: () => undefined }

/** How near the end of what was fetched the next page is asked for, in rows. */
const NEAR = 30

/**
 * The rows of a long list that are in sight, and the next page as one comes near the end of those that were fetched.
 *
 * `height` is that of a row in pixels, or of each by its place; where heights change, `list.measure()` is owed.
 * `pages` is left out where everything is there already; `under` what stands over the first row while it scrolls.
 */
export function useVirtualList(
  scroller: RefObject<HTMLDivElement | null>,
  count: number,
  height: number | ((index: number) => number),
  pages: Pages = NO_MORE,
  under = 0,
) {
  const list = useVirtualizer({
    count,
    getScrollElement: () => scroller.current,
    estimateSize: typeof height === 'number' ? () => height : height,
    scrollPaddingStart: under,
    overscan: 12,
  })
  const last = list.getVirtualItems().at(-1)?.index ?? 0
  const { hasNextPage, isFetchingNextPage, fetchNextPage } = pages
  useEffect(() => {
    if (last > count - NEAR && hasNextPage && !isFetchingNextPage) void fetchNextPage()
  }, [last, count, hasNextPage, isFetchingNextPage, fetchNextPage])
  return list
}

/** Where a row stands; goes onto the element that `show` gives. */
export const placed = (item: VirtualItem) => ({
  height: item.size,
  transform: `translateY(${item.start}px)`,
})

type Props<T> = {
  list: Virtualizer<HTMLDivElement, Element>
  rows: readonly T[]
  show: (row: T, item: VirtualItem) => ReactNode
}

/** Draws the rows in sight; those before and after them are only as high as they would be. */
export function VirtualList<T>({ list, rows, show }: Props<T>) {
  return (
    <div role="presentation" className="relative" style={{ height: list.getTotalSize() }}>
      {list.getVirtualItems().map((item) => {
        const row = rows[item.index]
        return row === undefined ? null : show(row, item)
      })}
    </div>
  )
}
