import { useQuery } from '@tanstack/react-query'
import { useEffect } from 'react'
import { api, unwrap } from '../api/client'
import { useTree, useTreeId, useWrite } from '../api/useTree'
import { STEP, stepped } from '../parts/saved'
import { queries } from '../api/queries'

/** Undo and redo of one's own last step, and what they would undo and redo. */
export function useSteps() {
  const tree = useTreeId()
  const { data: about } = useTree()
  const { data: next } = useQuery({
    ...queries.nextSteps(tree),
    enabled: about !== undefined && about.role !== 'reader',
  })
  const body = { steps: 1 }
  const { mutate: undo } = useWrite(
    () => unwrap(api.POST('/api/trees/{tree}/journal/undo', { params: { path: { tree } }, body })),
    (done) => stepped('undo', done.said),
    'steps',
  )
  const { mutate: redo } = useWrite(
    () => unwrap(api.POST('/api/trees/{tree}/journal/redo', { params: { path: { tree } }, body })),
    (done) => stepped('redo', done.said),
    'steps',
  )
  useEffect(() => {
    const onUndo = () => undo()
    const onRedo = () => redo()
    window.addEventListener(STEP.undo, onUndo)
    window.addEventListener(STEP.redo, onRedo)
    return () => {
      window.removeEventListener(STEP.undo, onUndo)
      window.removeEventListener(STEP.redo, onRedo)
    }
  }, [undo, redo])
  return { undo, redo, next: next ?? { undo: '', redo: '' } }
}
