import type { Person } from '../../../api/useTree'
import { AddFact } from './AddFact'
import { AddRelative } from './AddRelative'
import type { AddingHere } from './useAdding'

type Props = {
  person: Person
  adding: AddingHere
  onAdding: (adding: AddingHere) => void
  /** With the fact that was made. */
  onFact: (fact: string) => void
}

/** The line in which a relative or a fact is written, while one is being added. */
export function AddedHere({ person, adding, onAdding, onFact }: Props) {
  if (adding === null || adding === 'choosing') return null
  if (adding === 'fact')
    return (
      <AddFact
        person={person}
        onKept={(made) => {
          onAdding(null)
          onFact(made)
        }}
        onLeave={() => onAdding(null)}
      />
    )
  return (
    <AddRelative
      key={`${adding.relation}${adding.unionId ?? ''}`}
      person={person}
      adding={adding}
      onNext={onAdding}
      onLeave={() => onAdding(null)}
    />
  )
}
