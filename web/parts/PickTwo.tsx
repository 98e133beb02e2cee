import { useState } from 'react'
import { useNavigate } from 'react-router'
import { useTreeId, useTreePath } from '../api/useTree'
import { Cancel } from './Cancel'
import { Finder } from './Finder'
import { findPeople } from './findPeople'

type Props = {
  /** One of the two, where they are known already. */
  first?: { id: string; line: string }
  onDone: () => void
}

/** Two people picked by hand are compared, whether a search found them or not. */
export function PickTwo({ first, onDone }: Props) {
  const tree = useTreeId()
  const path = useTreePath()
  const navigate = useNavigate()
  const [one, setOne] = useState(first ?? null)
  return (
    <div
      className="mt-2 max-w-[620px] border-l-2 border-tide pl-3"
      onKeyDown={(event) => event.key === 'Escape' && onDone()}
    >
      <p className="flex flex-wrap items-baseline gap-x-2">
        Compare {one && <span className="font-serif">{one.line}</span>} {one && 'with'}
        <Finder
          key={one?.id ?? ''}
          label={one ? 'With whom' : 'Whom'}
          queryKey="people"
          find={(q) => findPeople(tree, q)}
          onChosen={(found) => {
            if (!one) setOne(found)
            else if (found.id !== one.id) void navigate(path(`doubles/${one.id}/${found.id}`))
          }}
        />
        <Cancel onLeave={onDone} />
      </p>
    </div>
  )
}
