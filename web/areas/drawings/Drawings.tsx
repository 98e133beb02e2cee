import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useNavigate } from 'react-router'
import { queries } from '../../api/queries'
import { useTree, useTreeId, useTreePath } from '../../api/useTree'
import { count } from '../../parts/count'
import { Empty } from '../../parts/Empty'
import { Finder, type Found } from '../../parts/Finder'
import { findPeople } from '../../parts/findPeople'

/** The drawings that are kept, and the beginning of a new one. */
export default function Drawings() {
  const tree = useTreeId()
  const path = useTreePath()
  const { data: saved } = useQuery(queries.savedDrawings(tree))
  return (
    <div className="h-full overflow-auto px-6 py-3">
      <h1 className="font-serif text-[26px]">Drawings</h1>
      <Begin />
      {saved?.drawings.length === 0 && (
        <Empty says="Drawings that are saved will stand here. Choose whom to draw; d on a person's page draws their ancestors." />
      )}
      <ul aria-label="Saved drawings" className="mt-4 max-w-[900px]">
        {(saved?.drawings ?? []).map((drawing) => (
          <li key={drawing.id} className="border-t border-rule">
            <Link
              to={path(`drawings/saved/${drawing.id}`)}
              className="grid grid-cols-[minmax(0,1fr)_180px_120px] gap-x-4 py-[6px] hover:bg-wash max-sm:grid-cols-1"
            >
              <span className="font-serif text-[17px]">{drawing.name}</span>
              <span className="text-graphite">{drawing.kind}</span>
              <span className="text-graphite">{count(drawing.people, 'person', 'people')}</span>
            </Link>
          </li>
        ))}
      </ul>
    </div>
  )
}

/** Whom to draw and how; the person at the centre of the tree is there already. */
function Begin() {
  const tree = useTreeId()
  const path = useTreePath()
  const navigate = useNavigate()
  const { data: about } = useTree()
  const { data: offered } = useQuery(queries.drawingKinds(tree))
  const [code, setCode] = useState('')
  const [people, setPeople] = useState<Found[]>([])
  const [isAdding, setIsAdding] = useState(false)
  const kinds = offered?.kinds ?? []
  const kind = kinds.find((each) => each.code === code) ?? kinds[0]
  const takesMore = people.length === 0 || kind?.subject === 'people'
  const centre = about?.centrePersonId ?? ''
  const subjects = people.length > 0 ? people.map(({ id }) => id) : centre === '' ? [] : [centre]
  return (
    <section aria-label="Draw somebody" className="mt-2 flex flex-wrap items-baseline gap-x-5 gap-y-1">
      <span>
        <span className="text-graphite">Draw</span>{' '}
        <select
          aria-label="Kind of drawing"
          className="gap"
          value={kind?.code ?? ''}
          onChange={(event) => setCode(event.target.value)}
        >
          {kinds.map((each) => (
            <option key={each.code} value={each.code}>
              {each.title}
            </option>
          ))}
        </select>
      </span>
      <span className="text-graphite">of</span>
      {people.map((person) => (
        <span key={person.id}>
          <span className="font-serif text-[16px]">{person.line}</span>{' '}
          <button
            type="button"
            className="act text-[13px]"
            aria-label={`Not ${person.line}`}
            onClick={() => setPeople(people.filter(({ id }) => id !== person.id))}
          >
            ×
          </button>
        </span>
      ))}
      {people.length === 0 && !isAdding && centre !== '' && <span>the person at the centre</span>}
      {isAdding ? (
        <Finder
          label="Whom to draw"
          queryKey="drawn"
          find={(q) => findPeople(tree, q)}
          onChosen={(found) => {
            setPeople([...people.filter(({ id }) => id !== found.id), found])
            setIsAdding(false)
          }}
          onLeave={() => setIsAdding(false)}
        />
      ) : (
        takesMore && (
          <button type="button" className="act" onClick={() => setIsAdding(true)}>
            {people.length === 0 ? 'Choose somebody' : 'And somebody else'}
          </button>
        )
      )}
      <button
        type="button"
        className="act-main"
        disabled={subjects.length === 0 || !kind}
        onClick={() => void navigate(path(`drawings/${subjects.join(',')}?kind=${kind?.code ?? ''}`))}
      >
        Draw
      </button>
    </section>
  )
}
