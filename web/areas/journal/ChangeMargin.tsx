import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { stepped } from '../../parts/saved'
import { api, unwrap, type Schemas } from '../../api/client'
import { useTreeId, useTreePath, useWrite } from '../../api/useTree'
import { formatMoment } from '../../parts/formatDay'
import { EntryValues } from './EntryValues'
import { queries } from '../../api/queries'

const DID: Record<string, string> = { insert: 'Made', update: 'Changed', delete: 'Deleted' }

/** The change in hand: every value that it wrote and whose, before and after; one value or the whole is taken back. */
export function ChangeMargin({ change, onDone }: { change: Schemas['ChangeResource']; onDone: () => void }) {
  const tree = useTreeId()
  const path = useTreePath()
  const { data, error } = useQuery(queries.change(tree, change.id))
  const undo = useWrite(
    () =>
      unwrap(
        api.POST('/api/trees/{tree}/journal/{change}/undo', {
          params: { path: { tree, change: change.id } },
        }),
      ),
    (done) => {
      stepped('undo', done.said)
      onDone()
    },
  )
  return (
    <>
      <h2 className="font-serif text-[18px]">{change.summary}</h2>
      <p className="text-[13px] text-graphite">
        {formatMoment(change.madeAt)}, {change.who}
      </p>
      {change.why !== '' && <p className="font-serif text-[15px]">{change.why}</p>}
      <p className="mt-1 flex gap-4 text-[14px]">
        {change.canUndo && (
          <button type="button" className="act" onClick={() => undo.mutate(undefined)}>
            Undo the whole change
          </button>
        )}
        <button type="button" className="act" onClick={onDone}>
          Close
        </button>
      </p>
      {undo.error && <p className="mt-1 text-[14px] text-madder">{undo.error.message}</p>}
      {error && <p className="text-madder">{error.message}</p>}
      <ol className="mt-2 space-y-2 text-[14px]">
        {data?.entries.map((entry) => (
          <li key={entry.id} className="border-b border-rule pb-1">
            <p>
              {DID[entry.op]} {entry.called}
              {entry.personId !== '' && (
                <>
                  {' of '}
                  <Link className="act" to={path(`people/${entry.personId}`)}>
                    {entry.person}
                  </Link>
                </>
              )}
            </p>
            <EntryValues entry={entry} />
          </li>
        ))}
      </ol>
      {data && data.entries.length === 0 && (
        <p className="mt-2 text-[14px] text-graphite">
          It was brought in as a whole; its changes are not told one by one.
        </p>
      )}
    </>
  )
}
