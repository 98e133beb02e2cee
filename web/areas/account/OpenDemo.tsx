import { useNavigate } from 'react-router'
import { api, unwrap } from '../../api/client'
import { useWrite } from '../../api/useTree'

/** Opens a demo tree of one's own; the first time it is loaded while one looks. */
export function OpenDemo({ className }: { className: string }) {
  const navigate = useNavigate()
  const open = useWrite(
    () => unwrap(api.POST('/api/demo')),
    (run) => navigate(`/t/${run.treeId}/desk`),
  )
  return (
    <button type="button" className={className} disabled={open.isPending} onClick={() => open.mutate()}>
      Look at the demo
    </button>
  )
}
