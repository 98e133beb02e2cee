import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { type Schemas } from '../../../api/client'
import { useTreeId, useTreePath } from '../../../api/useTree'
import { formatMoment } from '../../../parts/formatDay'
import { EntryValues } from '../../journal/EntryValues'
import { Link } from 'react-router'
import { count } from '../../../parts/count'
import { FoldedCount } from '../../../parts/FoldedCount'
import { queries } from '../../../api/queries'

const DID: Record<string, string> = { insert: 'Made', update: 'Changed', delete: 'Deleted' }

/** What was changed about somebody, by whom and why, values side by side; one value can be put back. */
export function PersonHistory({ person }: { person: string }) {
  const tree = useTreeId()
  const path = useTreePath()
  const [open, setOpen] = useState(false)
  const { data, error } = useQuery(queries.history(tree, person))
  const changed = data?.entries.filter((entry) => entry.op !== 'insert') ?? []
  const made = data?.entries.filter((entry) => entry.op === 'insert') ?? []
  return (
    <details open={open} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="heads cursor-pointer font-semibold">
        History
        <FoldedCount of={data && changed.length} />
      </summary>
      {open && (
        <Link className="act text-[14px]" to={path(`journal?person=${person}`)}>
          In the journal
        </Link>
      )}
      {error && <p>{error.message}</p>}
      {data && changed.length === 0 && <p className="text-[14px]">Nothing was changed since it was made.</p>}
      <ol className="mt-1 space-y-2 text-[14px]">
        {changed.map((entry) => (
          <Entry key={entry.id} entry={entry} />
        ))}
      </ol>
      {made.length > 0 && (
        <details className="mt-1 text-[14px]">
          <summary className="cursor-pointer text-graphite">
            {made.length === 1 ? '1 thing was' : `${count(made.length, 'thing')} were`} made
          </summary>
          <ol className="mt-1 space-y-1">
            {made.map((entry) => (
              <Entry key={entry.id} entry={entry} />
            ))}
          </ol>
        </details>
      )}
    </details>
  )
}

function Entry({ entry }: { entry: Schemas['HistoryEntry'] }) {
  return (
    <li className="border-b border-rule pb-1">
      <p>
        {DID[entry.op]} {entry.called}
        <span className="text-[13px] text-graphite">
          {' '}
          {entry.who}, {formatMoment(entry.madeAt)}
          {entry.why !== '' && `: ${entry.why}`}
        </span>
      </p>
      {entry.op !== 'insert' && <EntryValues entry={entry} />}
    </li>
  )
}
