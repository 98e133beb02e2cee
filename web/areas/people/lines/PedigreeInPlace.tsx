import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { Link, useNavigate } from 'react-router'
import { queries } from '../../../api/queries'
import { useTreeId, useTreePath } from '../../../api/useTree'
import type { Adding } from '../adding/AddRelative'
import { Pedigree } from './Pedigree'

const GENERATIONS = 3

type Props = { person: string; onAdd: (adding: Adding) => void; onFold: () => void }

/** Three generations beneath the kin strip; a name leads to its person. */
export function PedigreeInPlace({ person, onAdd, onFold }: Props) {
  const tree = useTreeId()
  const path = useTreePath()
  const navigate = useNavigate()
  const { data } = useQuery({
    ...queries.pedigree(tree, person, GENERATIONS),
    placeholderData: keepPreviousData,
  })
  const go = (id: string) => void navigate(path(`people/${id}`))
  return (
    <section aria-label="Pedigree" className="shrink-0 border-t border-rule py-1">
      {data && (
        <div role="treegrid" aria-label="Three generations">
          <Pedigree
            seats={data.seats}
            generations={GENERATIONS}
            row={38}
            hand={person}
            onTake={(seat) => go(seat.id)}
            onOpen={(seat) => go(seat.id)}
            addsTo="first"
            onAdd={(_seat, adding) => onAdd(adding)}
            onOn={(seat) => void navigate(path(`people/up/${seat.id}`))}
          />
        </div>
      )}
      <p className="flex gap-5 text-[13px]">
        <Link className="act" to={path(`people/up/${person}`)}>
          Line up <kbd>3</kbd>
        </Link>
        <Link className="act" to={path(`people/down/${person}`)}>
          Line down <kbd>4</kbd>
        </Link>
        <button type="button" className="act" onClick={onFold}>
          Fold <kbd>p</kbd>
        </button>
      </p>
    </section>
  )
}
