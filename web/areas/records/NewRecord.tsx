import { useNavigate } from 'react-router'
import { api, unwrap } from '../../api/client'
import { useTreeId, useTreePath, useWrite } from '../../api/useTree'
import { RecordKindFinder } from './RecordKindFinder'

/** Begins a record of a source: its kind is found by everyday words. */
export function NewRecord({ source, onLeave }: { source: string; onLeave: () => void }) {
  const tree = useTreeId()
  const path = useTreePath()
  const navigate = useNavigate()
  const begin = useWrite(
    (kind: string) =>
      unwrap(
        api.POST('/api/trees/{tree}/sources/{source}/records', {
          params: { path: { tree, source } },
          body: { kind },
        }),
      ),
    (made) => navigate(path(`records/table/${made.id}`)),
  )
  return (
    <div className="my-2 max-w-[560px] border-l-2 border-tide pl-4">
      <RecordKindFinder
        label="What kind of record is it? census 1881, baptism, letter …"
        onChosen={begin.mutate}
        onLeave={onLeave}
      />
    </div>
  )
}
