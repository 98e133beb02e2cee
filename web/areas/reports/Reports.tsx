import { useQuery } from '@tanstack/react-query'
import { Link, useParams } from 'react-router'
import { useTreeId, useTreePath } from '../../api/useTree'
import { useDebounced } from '../../parts/useDebounced'
import { useWindowState } from '../../parts/useWindowState'
import { queries } from '../../api/queries'

/** Family group sheets: the couples at the side, the sheet as it will be printed in the middle. */
export default function Reports() {
  const tree = useTreeId()
  const path = useTreePath()
  const union = useParams().union ?? ''
  const [typed, setTyped] = useWindowState('reports.words', '')
  const q = useDebounced(typed.trim())
  const { data: couples } = useQuery(queries.unions(tree, q))
  const { data: report, error } = useQuery({
    ...queries.report(tree, 'family-group-sheet', union),
    enabled: union !== '',
  })
  const file = (format: string) => `/api/trees/${tree}/reports/family-group-sheet/${union}.${format}`
  return (
    <div className="grid h-full grid-cols-[minmax(0,2fr)_minmax(280px,1fr)] max-lg:block">
      <section className="overflow-auto px-8 py-4">
        {union === '' && (
          <>
            <h1 className="font-serif text-[26px]">Reports</h1>
            <p className="mt-3 max-w-[520px] font-serif text-[18px]">
              A family group sheet tells one couple, their parents and children, each fact with its numbered
              source notes. Choose the couple.
            </p>
          </>
        )}
        {error && <p className="text-madder">{error.message}</p>}
        {report && (
          <>
            <p className="mb-4 flex gap-5 text-[14px]">
              <a className="act" href={file('pdf')} download>
                PDF
              </a>
              <a className="act" href={file('html')} download>
                HTML
              </a>
            </p>
            <article className="document max-w-[820px]" dangerouslySetInnerHTML={{ __html: report.html }} />
          </>
        )}
      </section>
      <aside aria-label="Couples" className="overflow-auto border-l border-rule px-5 py-4 max-lg:border-l-0">
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
        <ul className="mt-2">
          {couples?.unions.map((couple) => (
            <li key={couple.id}>
              <Link
                to={path(`reports/${couple.id}`)}
                aria-current={couple.id === union ? 'page' : undefined}
                className={`block py-[5px] font-serif text-[16px] ${couple.id === union ? 'bg-wash font-semibold' : 'hover:text-tide'}`}
              >
                {couple.names} <span className="font-sans text-[13px] text-graphite">{couple.year}</span>
              </Link>
            </li>
          ))}
        </ul>
      </aside>
    </div>
  )
}
