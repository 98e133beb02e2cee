import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useRef } from 'react'
import { useParams } from 'react-router'
import { toast } from 'sonner'
import { fieldInHand, refuseField } from './refusal'
import { askAfter, askForAll } from './askAgain'
import { Refused, type Schemas, takeWritten } from './client'
import { queries } from './queries'

/** The id of the tree in the address. */
export function useTreeId(): string {
  return useParams().tree ?? ''
}

/** Path of a place inside the tree that is open. */
export function useTreePath(): (to: string) => string {
  const tree = useTreeId()
  return (to) => `/t/${tree}/${to}`
}

export function useTree() {
  const tree = useTreeId()
  return useQuery(queries.tree(tree))
}

export function usePerson(person: string) {
  const tree = useTreeId()
  return useQuery({ ...queries.person(tree, person), enabled: person !== '' })
}

/** A write: what it touched is asked for anew; a refusal is told in its own words. */
export function useWrite<Said = void, Made = unknown>(
  write: (said: Said) => Promise<Made>,
  after?: (made: Made, said: Said) => void,
  /** Writes of one scope go out one after another, so that an earlier one cannot arrive last. */
  scope?: string,
) {
  const queries = useQueryClient()
  const field = useRef<HTMLElement | null>(null)
  const sendAgain = useRef<(said: Said) => void>(() => undefined)
  const mutation = useMutation<Made, Refused, Said>({
    mutationFn: (said) => {
      field.current = fieldInHand()
      return write(said)
    },
    ...(scope === undefined ? {} : { scope: { id: scope } }),
    onSuccess: async (made, said) => {
      after?.(made, said)
      await askAfter(queries, takeWritten())
    },
    onError: async (problem, said) => {
      if (problem.details.again === true) {
        // Nothing of it changed meanwhile: the like of it was there before.
        toast.warning(problem.message, {
          duration: 30_000,
          action: { label: 'Save all the same', onClick: () => sendAgain.current(said) },
        })
        return
      }
      // A write of several steps may have done the first of them.
      await askAfter(queries, takeWritten())
      // What somebody else saved comes onto the page; what was typed here stays in its field.
      if (problem.status === 409) await askForAll(queries)
      // It stays beneath the field that it is about until that is changed; where there is none, until it is put away.
      if (problem.details.sides === undefined && !refuseField(field.current, problem.message))
        toast.error(problem.message, { duration: Infinity, closeButton: true })
    },
  })
  sendAgain.current = mutation.mutate
  return mutation
}

export type Person = Schemas['PersonPage']
export type Fact = Schemas['FactResource']
