import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { toast } from 'sonner'
import { api, told, type Schemas } from '../../api/client'
import { useTreeId, useWrite } from '../../api/useTree'
import { BothSides } from '../../parts/BothSides'

const DID: Record<string, string> = { insert: 'Made', update: 'Changed', delete: 'Deleted' }

/** What was changed about somebody, by whom and why, values side by side; one value can be put back. */
export function HistoryOf({ person }: { person: string }) {
  const tree = useTreeId()
  const [open, setOpen] = useState(false)
  const { data, error } = useQuery({
    queryKey: ['history', tree, person],
    queryFn: () =>
      told(api.GET('/api/trees/{tree}/people/{person}/history', { params: { path: { tree, person } } })),
    enabled: open,
  })
  const changed = data?.entries.filter((entry) => entry.op !== 'insert') ?? []
  const made = data?.entries.filter((entry) => entry.op === 'insert') ?? []
  return (
    <details open={open} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="heads cursor-pointer font-semibold">History</summary>
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
            {made.length === 1 ? 'One thing was made' : `${made.length} things were made`}
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
  const tree = useTreeId()
  const putBack = useWrite(
    (field: string) =>
      told(
        api.POST('/api/trees/{tree}/changed-values/{entry}/put-back', {
          params: { path: { tree, entry: entry.id } },
          body: { field, version: entry.version },
        }),
      ),
    () => toast.success('Put back. u takes it back.'),
  )
  return (
    <li className="border-b border-rule pb-1">
      <p>
        {DID[entry.op]} {entry.called}
        <span className="text-[13px] text-graphite">
          {' '}
          {entry.who},{' '}
          {new Date(entry.madeAt).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' })}
          {entry.why !== '' && `: ${entry.why}`}
        </span>
      </p>
      {entry.values.length > 0 && (
        <ul>
          {entry.values.map((value) => (
            <li key={value.field} className="flex flex-wrap items-baseline gap-x-2">
              <span className="text-graphite">{value.word}</span>
              <del className="text-graphite">{value.before || 'nothing'}</del>
              {entry.op === 'update' && <ins className="no-underline">{value.after || 'nothing'}</ins>}
              {entry.op === 'update' && entry.version > 0 && (
                <button type="button" className="act text-[13px]" onClick={() => putBack.mutate(value.field)}>
                  Put back “{value.before || 'nothing'}”
                </button>
              )}
            </li>
          ))}
        </ul>
      )}
      <BothSides problem={putBack.error} />
    </li>
  )
}
