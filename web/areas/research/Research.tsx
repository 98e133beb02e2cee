import { useInfiniteQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { useTreeId, useTreePath } from '../../api/useTree'
import { Empty } from '../../parts/Empty'
import { useDebounced } from '../../parts/useDebounced'
import { useCommands } from '../../keys/commandRegistry'
import { LogSearch } from './LogSearch'
import { SearchLine } from './SearchLine'
import { useWindowState } from '../../parts/useWindowState'
import { queries } from '../../api/queries'

/** The log of searches, found or not. */
export default function Research() {
  const tree = useTreeId()
  const path = useTreePath()
  const [words, setWords] = useWindowState('research.words', '')
  const [logging, setLogging] = useState(false)
  const q = useDebounced(words.trim(), 250)
  const { data, error, fetchNextPage, hasNextPage } = useInfiniteQuery(queries.searches(tree, q))
  useCommands([{ key: 'a', says: 'Log a search', run: () => setLogging(true) }])
  if (error) return <p className="p-6 text-madder">{error.message}</p>
  if (!data) return <p className="p-6 text-graphite">One moment…</p>
  const searches = data.pages.flatMap((page) => page.searches)
  return (
    <div className="h-full overflow-auto px-6 py-3">
      <div className="flex flex-wrap items-baseline gap-x-6">
        <h1 className="font-serif text-[26px]">Research</h1>
        <input
          className="gap w-[260px]"
          aria-label="Words in the log"
          placeholder="words in the log"
          value={words}
          onChange={(event) => setWords(event.target.value)}
        />
        <button type="button" className="act" onClick={() => setLogging(true)}>
          Log a search <kbd>a</kbd>
        </button>
        <Link className="act" to={path('reports/log')}>
          Print the log
        </Link>
        <Link className="act" to={path('reports/tasks')}>
          Print what is to be done
        </Link>
      </div>
      <div className="mt-3 max-w-[820px]">
        {logging && <LogSearch people={[]} onDone={() => setLogging(false)} />}
        {searches.length === 0 && !logging && (
          <Empty
            says={
              q === ''
                ? 'Here will stand every search that was made, found or in vain: when, where, for whom, and what came of it, so that ' +
                  'nobody makes it twice unknowing.'
                : 'No search in the log has these words.'
            }
          />
        )}
        <ul>
          {searches.map((search) => (
            <SearchLine key={search.id} search={search} />
          ))}
        </ul>
        {hasNextPage && (
          <button type="button" className="act mt-2" onClick={() => void fetchNextPage()}>
            Earlier ones
          </button>
        )}
      </div>
    </div>
  )
}
