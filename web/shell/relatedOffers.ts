import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { queries } from '../api/queries'
import { useTreeId } from '../api/useTree'

/** So many of either name are offered. */
const EACH = 3

/** "Ewan Tarrel to Ailie Averay", "3 to 108": two people and what is between them. */
export function twoOf(typed: string): readonly [string, string] {
  const parts = /^(.*\S)\s+to\s+(\S.*)$/iu.exec(typed.trim())
  return [parts?.[1] ?? '', parts?.[2] ?? '']
}

/** The pairs of people that were meant, the likeliest first. */
export function useTwo(typed: string) {
  const tree = useTreeId()
  const [of, who] = twoOf(typed)
  const isTwo = who !== ''
  const first = useQuery({ ...queries.jump(tree, of), enabled: isTwo, placeholderData: keepPreviousData })
  const second = useQuery({ ...queries.jump(tree, who), enabled: isTwo, placeholderData: keepPreviousData })
  if (!isTwo) return []
  return (first.data?.people ?? [])
    .slice(0, EACH)
    .flatMap((one) =>
      (second.data?.people ?? [])
        .slice(0, EACH)
        .flatMap((other) => (one.id === other.id ? [] : [{ one, other }])),
    )
}
