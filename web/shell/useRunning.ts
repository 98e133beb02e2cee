import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect, useRef } from 'react'
import { askForAll } from '../api/askAgain'
import { queries } from '../api/queries'
import { useTreeId } from '../api/useTree'
import { isUnderWay } from '../api/isUnderWay'

/** The run that is under way in the tree; when it ends, everything that it may have changed is asked for anew. */
export function useRunning() {
  const tree = useTreeId()
  const client = useQueryClient()
  const before = useRef('')
  const { data } = useQuery({
    ...queries.exchange(tree),
    refetchInterval: (query) => (query.state.data?.runs.some(isUnderWay) ? 700 : 15_000),
  })
  const running = data?.runs.find(isUnderWay)
  const id = running?.id ?? ''
  useEffect(() => {
    if (before.current !== '' && before.current !== id) void askForAll(client)
    before.current = id
  }, [client, id])
  return running
}
