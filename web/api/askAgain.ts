import type { Query, QueryClient } from '@tanstack/react-query'
import type { WritePath } from './topics'
import { TOPICS, TOUCHES, type Topic } from './topics'

/** Whether what a query answers may be another after these were touched. One that says nothing of itself is always. */
function isStale(query: Query, touched: ReadonlySet<Topic>): boolean {
  const reads = query.meta?.reads as readonly Topic[] | undefined
  return reads === undefined || reads.some((topic) => touched.has(topic))
}

/**
 * Asks anew for what was made stale. An answer on its way may have been given before the write and would be taken for
 * new when it arrives, in sight or not, so it is dropped first.
 */
async function askFor(queries: QueryClient, topics: readonly Topic[]): Promise<void> {
  const touched = new Set(topics)
  const predicate = (query: Query) => isStale(query, touched)
  await queries.cancelQueries({ fetchStatus: 'fetching', predicate })
  await queries.invalidateQueries({ predicate })
}

/** Asks anew for what these writes made stale. */
export const askAfter = (queries: QueryClient, written: readonly WritePath[]) =>
  askFor(
    queries,
    written.flatMap((path) => TOUCHES[path]),
  )

/** Asks anew for everything: somebody else, or a run, has changed more than is known here. */
export const askForAll = (queries: QueryClient) => askFor(queries, TOPICS)
