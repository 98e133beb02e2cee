import { useNavigate } from 'react-router'
import { api, unwrap, type Schemas } from '../../api/client'
import { useTreeId, useTreePath, useWrite } from '../../api/useTree'

/** Makes a case of what cannot be told at once. */
export function OpenCase({ asks, says }: { asks: Schemas['CaseInput']; says: string }) {
  const tree = useTreeId()
  const path = useTreePath()
  const navigate = useNavigate()
  const begin = useWrite(
    () => unwrap(api.POST('/api/trees/{tree}/cases', { params: { path: { tree } }, body: asks })),
    (made) => navigate(path(`questions/cases/${made.id}`)),
  )
  return (
    <button type="button" className="act" disabled={begin.isPending} onClick={() => begin.mutate(undefined)}>
      {says}
    </button>
  )
}
