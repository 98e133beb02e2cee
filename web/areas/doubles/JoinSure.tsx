import { useState } from 'react'
import { api, unwrap } from '../../api/client'
import { useTree, useTreeId, useWrite } from '../../api/useTree'
import { Cancel } from '../../parts/Cancel'
import { count } from '../../parts/count'

type Props = { sure: number; q: string }

/** All pairs that are as good as sure joined at once: asked about with the name of the tree, and a copy of it offered first. */
export function JoinSure({ sure, q }: Props) {
  const tree = useTreeId()
  const { data: about } = useTree()
  const [asking, setAsking] = useState(false)
  const [copyFirst, setCopyFirst] = useState(true)
  const join = useWrite(
    () =>
      unwrap(
        api.POST('/api/trees/{tree}/doubles/joins', { params: { path: { tree } }, body: { q, copyFirst } }),
      ),
    () => setAsking(false),
  )
  if (sure < 2) return null
  const pairs = `${count(sure, 'pair')} over 99 %`
  if (!asking)
    return (
      <button type="button" className="act" onClick={() => setAsking(true)}>
        Join the {pairs}
      </button>
    )
  return (
    <form
      aria-label="Join all that are sure"
      className="w-full max-w-[620px] border-l-2 border-tide pl-3 text-[15px]"
      onSubmit={(event) => {
        event.preventDefault()
        join.mutate(undefined)
      }}
      onKeyDown={(event) => event.key === 'Escape' && setAsking(false)}
    >
      <p>
        Join {pairs}
        {q !== '' && ` of the name “${q}”`} in <strong>{about?.name}</strong>? Of each pair the lower number
        stays. Every join is a change of its own, and can be taken apart.
      </p>
      <label className="flex items-baseline gap-2">
        <input type="checkbox" checked={copyFirst} onChange={(event) => setCopyFirst(event.target.checked)} />
        Save a copy of {about?.name} as it is now first
      </label>
      <p className="mt-1 flex gap-4">
        <button className="act-main" autoFocus disabled={join.isPending}>
          Join them
        </button>
        <Cancel onLeave={() => setAsking(false)} />
      </p>
    </form>
  )
}
