import type { QueryClient } from '@tanstack/react-query'

/**
 * Asks for everything in sight anew. What is on its way for the first time may have been answered before the write
 * and would be taken for new when it arrives, so it is dropped and asked for again.
 */
export async function askAgain(queries: QueryClient): Promise<void> {
  await queries.cancelQueries({
    type: 'active',
    fetchStatus: 'fetching',
    predicate: (query) => query.state.data === undefined,
  })
  await queries.invalidateQueries()
}
