import { api, unwrap, type Schemas } from '../../api/client'
import { useTreeId, useWrite } from '../../api/useTree'
import { EditConflict } from '../../parts/EditConflict'
import { saved } from '../../parts/saved'

type Entry = Pick<Schemas['EntryResource'], 'id' | 'op' | 'version' | 'values'>

/** The values that one entry wrote, before and after side by side; each can be put back. */
export function EntryValues({ entry }: { entry: Entry }) {
  const tree = useTreeId()
  const putBack = useWrite(
    (field: string) =>
      unwrap(
        api.POST('/api/trees/{tree}/changed-values/{entry}/put-back', {
          params: { path: { tree, entry: entry.id } },
          body: { field, version: entry.version },
        }),
      ),
    () => saved('Restored.'),
  )
  return (
    <>
      {entry.values.length > 0 && (
        <ul>
          {entry.values.map((value) => (
            <li key={value.field} className="flex flex-wrap items-baseline gap-x-2">
              <span className="text-graphite">{value.word}</span>
              {entry.op !== 'insert' && <del className="text-graphite">{value.before || 'nothing'}</del>}
              {entry.op !== 'delete' && <ins className="no-underline">{value.after || 'nothing'}</ins>}
              {entry.op === 'update' && entry.version > 0 && (
                <button type="button" className="act text-[13px]" onClick={() => putBack.mutate(value.field)}>
                  Restore “{value.before || 'nothing'}”
                </button>
              )}
            </li>
          ))}
        </ul>
      )}
      <EditConflict problem={putBack.error} />
    </>
  )
}
