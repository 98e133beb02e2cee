import { useCallback, useState } from 'react'
import type { Handwork } from '../../api/queries'

export type Toward = Handwork['brought'][number]['toward']

/** Toward whom words lead that stand for those who are not drawn. */
export const towardOf = ({ gesture }: { gesture: string }) => gesture.slice('bring '.length) as Toward

export const NO_HANDWORK: Handwork = {
  title: '',
  moves: [],
  hidden: [],
  hiddenBranches: [],
  brought: [],
  notes: [],
  pictures: [],
}

export const isUntouched = (handwork: Handwork) => Object.values(handwork).every((part) => part.length === 0)

const but = <T extends { personId: string }>(list: readonly T[], id: string) =>
  list.filter(({ personId }) => personId !== id)

/** What is done to a drawing by hand, each step as one that can be taken back. */
export function useHandwork(initial: Handwork) {
  const [steps, setSteps] = useState<Handwork[]>([initial])
  const handwork = steps.at(-1) ?? initial
  const change = useCallback((next: (before: Handwork) => Handwork) => {
    setSteps((before) => [...before, next(before.at(-1) ?? NO_HANDWORK)])
  }, [])
  return {
    handwork,
    isChanged: steps.length > 1,
    stepBack: () => setSteps((before) => (before.length > 1 ? before.slice(0, -1) : before)),
    move: (id: string, x: number, y: number) =>
      change((before) => {
        const moved = before.moves.find(({ personId }) => personId === id)
        const place = { personId: id, x: (moved?.x ?? 0) + x, y: (moved?.y ?? 0) + y }
        return { ...before, moves: [...but(before.moves, id), place] }
      }),
    putBack: (id: string) => change((before) => ({ ...before, moves: but(before.moves, id) })),
    hide: (id: string, branch: boolean) =>
      change((before) =>
        branch
          ? { ...before, hiddenBranches: [...before.hiddenBranches, id] }
          : { ...before, hidden: [...before.hidden, id] },
      ),
    showAll: () => change((before) => ({ ...before, hidden: [], hiddenBranches: [] })),
    bring: (id: string, toward: Toward) =>
      change((before) => ({ ...before, brought: [...before.brought, { personId: id, toward }] })),
    note: (id: string, words: string, { x, y }: { x: number; y: number }) =>
      change((before) => ({
        ...before,
        notes: [...but(before.notes, id), ...(words === '' ? [] : [{ personId: id, x, y, words }])],
      })),
    retitle: (title: string) => change((before) => ({ ...before, title })),
    setPicture: (picture: Handwork['pictures'][number]) =>
      change((before) => ({ ...before, pictures: [...but(before.pictures, picture.personId), picture] })),
    movePicture: (id: string, x: number, y: number) =>
      change((before) => ({
        ...before,
        pictures: before.pictures.map((one) =>
          one.personId === id ? { ...one, x: one.x + x, y: one.y + y } : one,
        ),
      })),
    withoutPicture: (id: string) => change((before) => ({ ...before, pictures: but(before.pictures, id) })),
  }
}

export type HandworkTools = ReturnType<typeof useHandwork>
