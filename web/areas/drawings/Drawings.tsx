import { useQuery } from '@tanstack/react-query'
import { Link, useNavigate, useParams, useSearchParams } from 'react-router'
import { asWords, queries } from '../../api/queries'
import { useTree, useTreeId, useTreePath } from '../../api/useTree'
import { Empty } from '../../parts/Empty'
import { OptionFields, useOptions } from '../../parts/OptionFields'
import { useTrail } from '../../parts/trail'
import { Sheet } from './Sheet'

/** A drawing on the whole of the middle, of whatever kind is chosen. */
export default function Drawings() {
  const tree = useTreeId()
  const path = useTreePath()
  const navigate = useNavigate()
  const { data: about } = useTree()
  const trail = useTrail(tree)
  const person = useParams().person ?? about?.centrePersonId ?? trail.at(-1)?.id ?? ''
  const [query, setQuery] = useSearchParams()
  const { data: offered } = useQuery(queries.drawingKinds(tree))
  const kinds = offered?.kinds ?? []
  const kind = kinds.find(({ code }) => code === query.get('kind')) ?? kinds[0]
  const [options, choose] = useOptions(kind?.options ?? [])
  const { data: scene, error } = useQuery({
    ...queries.drawing(tree, kind?.code ?? '', person, options),
    enabled: person !== '' && kind !== undefined,
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
  const chosen = kind?.code ?? ''
  const drawn = (code: string) => setQuery({ ...options, kind: code }, { replace: true })
  const file = (format: string) =>
    `/api/trees/${tree}/drawings/${chosen}/${person}.${format}?${asWords(options)}`
  return (
    <div className="flex h-full flex-col">
      <div className="flex flex-wrap items-baseline gap-x-6 px-6 py-2">
        <h1 className="font-serif text-[22px]">{scene?.title ?? 'A drawing'}</h1>
        <label className="text-[14px] text-graphite">
          Drawn{' '}
          <select className="gap" value={chosen} onChange={(event) => drawn(event.target.value)}>
            {kinds.map(({ code, title }) => (
              <option key={code} value={code}>
                {title}
              </option>
            ))}
          </select>
        </label>
        {kind && <OptionFields options={kind.options} chosen={options} onChoose={choose} />}
        {scene && (
          <span className="ml-auto flex gap-5 text-[14px]">
            <a className="act" href={file('svg')} download>
              SVG
            </a>
            <a className="act" href={file('pdf')} download>
              PDF
            </a>
          </span>
        )}
      </div>
      {error && <p className="px-6 text-madder">{error.message}</p>}
      {scene?.areas.length === 1 && kind?.subject === 'person' && <Alone kind={chosen} onDraw={drawn} />}
      {scene && (
        <Sheet
          key={`${chosen}${person}${asWords(options)}`}
          scene={scene}
          onGo={(id) => navigate(path(`people/${id}`))}
          onDraw={(id) => navigate(path(`drawings/${id}?${asWords({ ...options, kind: chosen })}`))}
        />
      )}
    </div>
  )
}

/** Where there is nobody to draw in one direction, the other is offered. */
function Alone({ kind, onDraw }: { kind: string; onDraw: (kind: string) => void }) {
  const other = kind === 'ancestors' ? 'descendants' : 'ancestors'
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
