import { keepPreviousData, useInfiniteQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useSearchParams } from 'react-router'
import { useTreeId, useTreePath } from '../../api/useTree'
import { Empty } from '../../parts/Empty'
import { useCommands } from '../../keys/commandRegistry'
import { ChangeLine } from './ChangeLine'
import { ChangeMargin } from './ChangeMargin'
import { JournalFilter } from './JournalFilter'
import { StepsOf } from './StepsOf'
import { queries } from '../../api/queries'

const ASKED = ['person', 'author', 'from', 'to', 'field', 'how'] as const

/** What was changed, by whom and why; values side by side; each can be taken back. */
export default function Journal() {
  const tree = useTreeId()
  const path = useTreePath()
  const [query] = useSearchParams()
  const [inHand, setInHand] = useState('')
  const asked = Object.fromEntries(
    ASKED.flatMap((name) => (query.get(name) ? [[name, query.get(name)!]] : [])),
  )
  const journal = useInfiniteQuery({ ...queries.journal(tree, asked), placeholderData: keepPreviousData })
  const first = journal.data?.pages[0]
  const changes = journal.data?.pages.flatMap((page) => page.changes) ?? []
  const at = changes.findIndex((change) => change.id === inHand)
  const walk = (by: number) => {
    const next = changes[Math.max(0, at + by)]
    if (next) setInHand(next.id)
    document.getElementById(`change-${next?.id}`)?.scrollIntoView({ block: 'nearest' })
  }
  useCommands([
    { key: 'j', says: 'The change before it', run: () => walk(1) },
    { key: 'k', says: 'The change after it', run: () => walk(-1) },
  ])
  return (
    <div className="grid h-full grid-cols-[minmax(0,1fr)_392px] max-lg:block max-lg:overflow-auto">
      <div className="overflow-auto px-6 py-3">
        <div className="flex flex-wrap items-baseline gap-x-6">
          <h1 className="font-serif text-[26px]">Journal</h1>
          <Link className="act" to={path('journal/deleted')}>
            What was deleted
          </Link>
        </div>
        <JournalFilter authors={first?.authors ?? {}} />
        {journal.error && <p className="mt-2 text-madder">{journal.error.message}</p>}
        {first && changes.length === 0 && (
          <Empty
            says={
              Object.keys(asked).length > 0
                ? 'No change is like that.'
                : 'Here will stand every change, with who made it and why.'
            }
          />
        )}
        <ol className="mt-2">
          {changes.map((change) => (
            <ChangeLine
              key={change.id}
              change={change}
              inHand={change.id === inHand}
              onTake={() => setInHand(change.id)}
            />
          ))}
        </ol>
        {journal.hasNextPage && (
          <button type="button" className="act mt-3" onClick={() => void journal.fetchNextPage()}>
            Earlier
          </button>
        )}
      </div>
      <aside
        aria-label="In hand"
        className="overflow-auto border-l border-rule px-5 py-4 max-lg:border-l-0 max-lg:border-t"
      >
        {at >= 0 && changes[at] ? (
          <ChangeMargin key={inHand} change={changes[at]} onDone={() => setInHand('')} />
        ) : (
          first && (
            <>
              <StepsOf which="undo" steps={first.undo} />
              <StepsOf which="redo" steps={first.redo} />
            </>
          )
        )}
      </aside>
    </div>
  )
}
