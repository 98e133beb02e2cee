import { useInfiniteQuery } from '@tanstack/react-query'
import { queries } from '../../api/queries'
import { useTreeId } from '../../api/useTree'
import { useWindowState } from '../../parts/useWindowState'

export type Ruled = { person: string; otherPerson: string; says: string; joinId: string }

const REMEMBERED = 12

type Pair = { a: string; b: string }

const keyOf = (a: string, b: string) => [a, b].sort().join()

/** A sitting over the pairs that wait: which comes next, and what was ruled last, each to be taken back. */
export function useSitting(person: string, otherPerson: string) {
  const tree = useTreeId()
  const [ruled, setRuled] = useWindowState<Ruled[]>('doubles.ruled', [])
  const [kin, setKin] = useWindowState<Pair[]>('doubles.kin', [])
  const [sort] = useWindowState('doubles.sort', '')
  const [q] = useWindowState('doubles.words', '')
  const found = useInfiniteQuery(queries.doubles(tree, '', sort, q.trim()))
  const rows = found.data?.pages.flatMap((page) => page.pairs) ?? []
  const here = keyOf(person, otherPerson)
  const at = rows.findIndex((row) => keyOf(row.a.id, row.b.id) === here)
  /** What comes after this pair: relatives who are double by a join before anybody else. */
  const after = (doubleByIt: Pair[]): Pair | undefined => {
    const waiting = [...doubleByIt, ...kin].filter((pair) => keyOf(pair.a, pair.b) !== here)
    setKin(waiting)
    const row = rows[at + 1] ?? rows.find((_row, index) => index !== at)
    return waiting[0] ?? (row && { a: row.a.id, b: row.b.id })
  }
  return {
    toDo: found.data?.pages[0]?.toDo ?? 0,
    after,
    ruled,
    remember: (one: Ruled) => setRuled([one, ...ruled].slice(0, REMEMBERED)),
    forget: (one: Ruled) => setRuled(ruled.filter((other) => other !== one)),
  }
}
