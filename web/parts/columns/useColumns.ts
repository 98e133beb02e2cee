import { useState } from 'react'

/** A column of a list: `width` in pixels at first; one that `grows` takes what is left over. */
export type Column<Name extends string = string> = {
  name: Name
  says: string
  width: number
  grows?: boolean
  /** Whether the list can be sorted by it. */
  sorts?: boolean
  /** Where it does not show on narrow windows. */
  className?: string
}

const LEAST = 48
const MOST = 640

function stored(key: string): Record<string, number> {
  try {
    return (JSON.parse(localStorage.getItem(key) ?? '{}') as Record<string, number> | null) ?? {}
  } catch {
    return {}
  }
}

/** The widths of a list's columns, which stay as they were moved. */
export function useColumns<Name extends string>(list: string, columns: readonly Column<Name>[]) {
  const key = `columns ${list}`
  const [widths, setWidths] = useState(() => stored(key))
  const widthOf = (column: Column<Name>) => widths[column.name] ?? column.width
  const set = (column: Column<Name>, width: number) => {
    const next = { ...widths, [column.name]: Math.round(Math.max(LEAST, Math.min(MOST, width))) }
    localStorage.setItem(key, JSON.stringify(next))
    setWidths(next)
  }
  /** For `grid-template-columns`. */
  const template = columns
    .map((column) =>
      column.grows
        ? `minmax(${Math.min(120, widthOf(column))}px, ${widthOf(column)}fr)`
        : `${widthOf(column)}px`,
    )
    .join(' ')
  return { template, widthOf, set, least: LEAST, most: MOST }
}
