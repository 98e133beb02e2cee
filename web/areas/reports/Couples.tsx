import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { queries } from '../../api/queries'
import { useTreeId, useTreePath } from '../../api/useTree'
import { useDebounced } from '../../parts/useDebounced'
import { useWindowState } from '../../parts/useWindowState'

/** The couples of the tree beside the report that tells one of them. */
export function Couples({ kind, chosen }: { kind: string; chosen: string }) {
  const tree = useTreeId()
  const path = useTreePath()
  const [typed, setTyped] = useWindowState('reports.words', '')
  const q = useDebounced(typed.trim())
  const { data: couples } = useQuery(queries.unions(tree, q))
  return (
    <div role="group" aria-label="Couples">
      <input
        className="gap w-full"
        aria-label="Filter couples by name"
        placeholder="name of either"
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
      />
      {couples && (couples.isNearest || couples.unions.length === 0) && (
        <p className="pt-2" role="status">
          {q === '' ? 'There are no couples yet.' : 'No couple of that name.'}{' '}
          {couples.unions.length > 0 && 'The nearest:'}
        </p>
      )}
      <ul className="mt-2 max-h-[260px] overflow-auto">
        {couples?.unions.map((couple) => (
          <li key={couple.id}>
            <Link
              to={path(`reports/${kind}/${couple.id}`)}
              aria-current={couple.id === chosen ? 'page' : undefined}
              className={`block py-[5px] font-serif text-[16px] ${couple.id === chosen ? 'bg-wash font-semibold' : 'hover:text-tide'}`}
            >
              {couple.names} <span className="font-sans text-[13px] text-graphite">{couple.year}</span>
            </Link>
          </li>
        ))}
      </ul>
    </div>
  )
}
