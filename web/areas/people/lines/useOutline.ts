import { keepPreviousData, useQueries, useQuery } from '@tanstack/react-query'
import { useMemo, useState } from 'react'
import { queries } from '../../../api/queries'
import { useTreeId } from '../../../api/useTree'
import { useWindowState } from '../../../parts/useWindowState'
import { outlineRows, type Family } from './outline'

/** How many generations are asked for at first, for one more unfolded, and for all of them. */
const [FIRST, MORE, ALL] = [3, 1, 12]

/** The descendants of somebody as rows, with what is folded; whatever is unfolded is asked for. */
export function useOutline(root: string) {
  const tree = useTreeId()
  const [turned, setTurned] = useWindowState<Record<string, boolean>>(`down.turned ${root}`, {})
  const [isAllOpen, setAllOpen] = useWindowState(`down.all ${root}`, false)
  const [asked, setAsked] = useState<string[]>([])
  const first = useQuery({
    ...queries.descent(tree, root, isAllOpen ? ALL : FIRST),
    enabled: root !== '',
    placeholderData: keepPreviousData,
  })
  const more = useQueries({ queries: asked.map((id) => queries.descent(tree, id, MORE)) })
  const answers = [first.data, ...more.map((one) => one.data)].filter((page) => page !== undefined)
  const families = useMemo(() => {
    const all = new Map<string, Family[]>()
    for (const page of answers)
      for (const person of new Set(page.families.map((family) => family.personId)))
        if (!all.has(person))
          all.set(
            person,
            page.families.filter((family) => family.personId === person),
          )
    return all
  }, [answers.length, first.dataUpdatedAt, ...more.map((one) => one.dataUpdatedAt)]) // eslint-disable-line react-hooks/exhaustive-deps
  const outline = first.data
    ? outlineRows({ root: first.data.person, families, turned, isAllOpen })
    : { rows: [], waiting: [] }
  const missing = outline.waiting.filter((id) => !asked.includes(id))
  if (missing.length > 0) setAsked([...asked, ...new Set(missing)])
  return {
    rows: outline.rows,
    /** Whether the rows are of the root asked for, and not still of the one before. */
    isOfRoot: first.data?.person.id === root,
    person: first.data?.person,
    error: first.error,
    turn: (path: string, isOpen: boolean) => setTurned({ ...turned, [path]: isOpen }),
    isAllOpen,
    openAll: (isOpen: boolean) => {
      setTurned({})
      setAllOpen(isOpen)
    },
  }
}
