import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useNavigate, useParams, useSearchParams } from 'react-router'
import { useTree, useTreeId, useTreePath } from '../../api/useTree'
import { Empty } from '../../parts/Empty'
import { useTrail } from '../../parts/trail'
import { Sheet } from './Sheet'
import { queries } from '../../api/queries'

const KINDS = { ancestors: 'Ancestors', descendants: 'Descendants' }
type Kind = keyof typeof KINDS

/** A drawing of somebody's ancestors or descendants on the whole of the middle. */
export default function Drawings() {
  const tree = useTreeId()
  const path = useTreePath()
  const navigate = useNavigate()
  const { data: about } = useTree()
  const trail = useTrail(tree)
  const person = useParams().person ?? about?.centrePersonId ?? trail.at(-1)?.id ?? ''
  const [generations, setGenerations] = useState(5)
  const [query, setQuery] = useSearchParams()
  const kind: Kind = query.get('kind') === 'descendants' ? 'descendants' : 'ancestors'
  const { data: scene, error } = useQuery({
    ...queries.drawing(tree, kind, person, generations),
    enabled: person !== '',
  })
  if (person === '') {
    return (
      <div className="px-6 py-3">
        <h1 className="font-serif text-[26px]">Drawings</h1>
        <Empty says="Here a drawing will stand. Open somebody first; d draws their ancestors.">
          <Link className="act-main" to={path('people')}>
            To the people
          </Link>
        </Empty>
      </div>
    )
  }
  const file = (format: string) =>
    `/api/trees/${tree}/drawings/${kind}/${person}.${format}?generations=${generations}`
  return (
    <div className="flex h-full flex-col">
      <div className="flex flex-wrap items-baseline gap-x-6 px-6 py-2">
        <h1 className="font-serif text-[22px]">{scene?.title ?? 'A drawing'}</h1>
        <label className="text-[14px] text-graphite">
          Drawn{' '}
          <select
            className="gap"
            value={kind}
            onChange={(event) => setQuery({ kind: event.target.value }, { replace: true })}
          >
            {Object.entries(KINDS).map(([code, says]) => (
              <option key={code} value={code}>
                {says}
              </option>
            ))}
          </select>
        </label>
        <label className="text-[14px] text-graphite">
          Generations{' '}
          <select
            className="gap"
            value={generations}
            onChange={(event) => setGenerations(Number(event.target.value))}
          >
            {[2, 3, 4, 5, 6, 7, 8].map((count) => (
              <option key={count}>{count}</option>
            ))}
          </select>
        </label>
        <span className="ml-auto flex gap-5 text-[14px]">
          <a className="act" href={file('svg')} download>
            SVG
          </a>
          <a className="act" href={file('pdf')} download>
            PDF
          </a>
        </span>
      </div>
      {error && <p className="px-6 text-madder">{error.message}</p>}
      {scene?.boxes.length === 1 && (
        <Alone kind={kind} onDraw={(kind) => setQuery({ kind }, { replace: true })} />
      )}
      {scene && (
        <Sheet
          key={`${kind}${person}${generations}`}
          scene={scene}
          onGo={(id) => navigate(path(`people/${id}`))}
          onDraw={(id) => navigate(path(`drawings/${id}?kind=${kind}`))}
        />
      )}
    </div>
  )
}

/** Where there is nobody to draw in one direction, the other is offered. */
function Alone({ kind, onDraw }: { kind: Kind; onDraw: (kind: Kind) => void }) {
  const other: Kind = kind === 'ancestors' ? 'descendants' : 'ancestors'
  return (
    <p className="flex flex-wrap gap-x-4 px-6 py-1">
      <span className="text-graphite">
        {kind === 'ancestors' ? 'No parents are known.' : 'No partners or children are known.'}
      </span>
      <button type="button" className="act" onClick={() => onDraw(other)}>
        Draw the {other}
      </button>
    </p>
  )
}
