import { toast } from 'sonner'
import { api, unwrap, type Schemas } from '../../api/client'
import { useTreeId, useWrite } from '../../api/useTree'
import { RunBar } from '../../parts/RunBar'
import { isUnderWay } from '../../api/isUnderWay'

/** How far the search for doubles has come; what became of the last where it did not end well. */
export function ScanProgress({ scan }: { scan: Schemas['RunResource'] | null }) {
  const tree = useTreeId()
  const cancel = useWrite(
    (run: string) =>
      unwrap(api.DELETE('/api/trees/{tree}/exchange/runs/{run}', { params: { path: { tree, run } } })),
    () => toast('It stops in a moment.'),
  )
  if (!scan) return null
  if (!isUnderWay(scan)) {
    return scan.state === 'done' && scan.kind === 'doubles' ? null : (
      <p className={`mt-2 text-[14px] ${scan.state === 'done' ? '' : 'text-ochre'}`}>{scan.said}</p>
    )
  }
  return (
    <div className="mt-2 max-w-[560px]" role="status">
      <RunBar run={scan} onCancel={cancel.mutate} />
    </div>
  )
}
