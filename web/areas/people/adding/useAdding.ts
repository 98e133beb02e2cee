import { useState } from 'react'
import type { Person } from '../../../api/useTree'
import { useCommands } from '../../../keys/commandRegistry'
import type { Adding } from './AddRelative'

/** What is being added to somebody: a relative, a fact, what has yet to be chosen, or nothing. */
export type AddingHere = Adding | 'fact' | 'choosing' | null

/** Adding to somebody where they stand; `key` begins it, the next letter says what. Nothing is added to anybody else. */
export function useAdding(of: string, person: Person | undefined, key: string) {
  const [{ whose, what }, set] = useState<{ whose: string; what: AddingHere }>({ whose: of, what: null })
  const adding = whose === of ? what : null
  const addTo = (whom: string, next: AddingHere) => set({ whose: whom, what: next })
  const setAdding = (next: AddingHere) => addTo(of, next)
  const begin = (next: Adding | 'fact') => () => setAdding(next)
  const firstUnion = person?.unions.find((union) => !union.isOut)?.id
  useCommands(
    adding === 'choosing'
      ? [
          { key: 'f', says: 'Add the father', run: begin({ relation: 'father' }) },
          { key: 'm', says: 'Add the mother', run: begin({ relation: 'mother' }) },
          { key: 'p', says: 'Add a partner', run: begin({ relation: 'partner' }) },
          { key: 'c', says: 'Add a child', run: begin({ relation: 'child', unionId: firstUnion }) },
          { key: 's', says: 'Add a sibling', run: begin({ relation: 'sibling' }) },
          { key: 'e', says: 'Add a fact', run: begin('fact') },
          { key: 'Escape', says: 'Add nothing', run: () => setAdding(null) },
        ]
      : [{ key, says: 'Add here', run: () => of !== '' && setAdding('choosing') }],
  )
  return { adding, setAdding, addTo, begin, firstUnion }
}

export type AddingTo = ReturnType<typeof useAdding>
