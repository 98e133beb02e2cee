import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { useTreeId, useTreePath } from '../../api/useTree'
import { Empty } from '../../parts/Empty'
import { useCommands } from '../../keys/commandRegistry'
import { NewCase } from './NewCase'
import { Findings } from './Findings'
import { queries } from '../../api/queries'

/** States in which a case may stay for years. */
const UNPROVED = ['unresolved', 'probable']

/** What cannot all be true, as questions: those that wait, then those that were decided. */
export default function Questions() {
  const tree = useTreeId()
  const path = useTreePath()
  const [beginning, setBeginning] = useState(false)
  useCommands([{ key: 'a', says: 'New case', run: () => setBeginning(true) }])
  const { data, error } = useQuery(queries.questions(tree))
  if (error) return <p className="p-6 text-madder">{error.message}</p>
  if (!data) return <p className="p-6 text-graphite">One moment…</p>
  const lists = [
    { head: 'Waiting', rows: data.rows.filter((row) => row.state === 'open') },
    { head: 'Not proved', rows: data.rows.filter((row) => UNPROVED.includes(row.state)) },
    {
      head: 'Decided',
      rows: data.rows.filter((row) => row.state !== 'open' && !UNPROVED.includes(row.state)),
    },
  ]
  return (
    <div className="h-full overflow-auto px-6 py-3">
      <div className="flex flex-wrap items-baseline gap-x-6">
        <h1 className="font-serif text-[26px]">Questions</h1>
        <span className="text-graphite" role="status">
          {data.open} of {data.total} open
        </span>
        <button type="button" className="act" onClick={() => setBeginning(true)}>
          New case <kbd>a</kbd>
        </button>
        <Link className="act" to={path('reports/questions')}>
          Print them
        </Link>
        <Link className="act" to={path('reports/findings')}>
          Print the findings
        </Link>
      </div>
      {beginning && <NewCase onDone={() => setBeginning(false)} />}
      {data.total === 0 && !beginning && (
        <Empty
          says="Here will stand what cannot all be true: two births of one person, two mothers, two places on one day. A
          contradiction opens its question by itself; weigh the claims, decide, and write why."
        />
      )}
      <Findings />
      {lists.map(
        ({ head, rows }) =>
          rows.length > 0 && (
            <section key={head} className="mt-4 max-w-[760px]">
              <h2 className="heads font-semibold">{head}</h2>
              <ul>
                {rows.map((row) => (
                  <li key={row.id} className="border-b border-rule py-2">
                    <Link
                      to={path(row.kind === 'conflict' ? `questions/${row.id}` : `questions/cases/${row.id}`)}
                      className="font-serif text-[19px] text-tide hover:underline"
                    >
                      {row.sentence}
                    </Link>
                    <p className="text-[14px] text-graphite">
                      {row.state === 'open' || row.state === 'unresolved' ? (
                        row.values || (row.kind === 'identity' ? 'Who it is.' : 'Whose child.')
                      ) : (
                        <>
                          {row.state === 'decided' ? 'Decided' : row.state}: {row.decision}.
                        </>
                      )}{' '}
                      {row.reopenedBy !== '' && (
                        <span className="text-ochre">Open again. {row.reopenedBy}</span>
                      )}
                    </p>
                  </li>
                ))}
              </ul>
            </section>
          ),
      )}
    </div>
  )
}
