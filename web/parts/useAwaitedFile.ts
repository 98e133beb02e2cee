import { useEffect, useRef, useState } from 'react'
import type { Schemas } from '../api/client'

type Run = Schemas['RunResource']

/** A file that is made in the background: its link is followed as soon as it is there, for whoever waits for it. */
export function useAwaitedFile(run: Run | undefined) {
  const [awaited, setAwaited] = useState('')
  const save = useRef<HTMLAnchorElement>(null)
  const isMade = run?.state === 'done'
  useEffect(() => {
    if (isMade && run.id === awaited) {
      setAwaited('')
      save.current?.click()
    }
  }, [isMade, run, awaited])
  return { save, isMade, waitFor: (begun: Run) => setAwaited(begun.id) }
}
