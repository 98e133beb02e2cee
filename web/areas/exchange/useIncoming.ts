import { useRef, useState } from 'react'
import { toast } from 'sonner'
import { api, unwrap, type Schemas } from '../../api/client'
import { useTreeId, useWrite } from '../../api/useTree'
import { upload } from './upload'

export type Wanted = Omit<Schemas['ImportInput'], 'uploadId' | 'lookId' | 'again'>

/** A file on its way in: sent, looked at, and then brought in or given up. */
export function useIncoming(onGoing: (treeId: string) => void) {
  const tree = useTreeId()
  const [share, setShare] = useState<number | null>(null)
  const stop = useRef<AbortController | null>(null)
  const look = useWrite(async (file: File) => {
    setShare(0)
    try {
      stop.current = new AbortController()
      const uploadId = await upload(file, setShare, stop.current.signal)
      return await unwrap(
        api.POST('/api/trees/{tree}/exchange/previews', { params: { path: { tree } }, body: { uploadId } }),
      )
    } finally {
      setShare(null)
    }
  })
  const bring = useWrite(async ({ lookId, wanted }: { lookId: string; wanted: Wanted }) => {
    // Whoever brings it in has seen how much of it the tree has already.
    const body = { ...wanted, lookId, again: true }
    const run = await unwrap(
      api.POST('/api/trees/{tree}/exchange/imports', { params: { path: { tree } }, body }),
    )
    if (run.treeId !== tree) onGoing(run.treeId)
    return run
  })
  const giveUp = useWrite((run: string) =>
    unwrap(api.DELETE('/api/trees/{tree}/exchange/previews/{run}', { params: { path: { tree, run } } })),
  )
  const cancel = useWrite(
    (run: string) =>
      unwrap(api.DELETE('/api/trees/{tree}/exchange/runs/{run}', { params: { path: { tree, run } } })),
    () => toast('It stops at the next line.'),
  )
  const anew = useWrite((run: string) =>
    unwrap(api.POST('/api/trees/{tree}/exchange/runs/{run}/again', { params: { path: { tree, run } } })),
  )
  return { share, stop: () => stop.current?.abort(), look, bring, giveUp, cancel, anew }
}
