import { useQuery } from '@tanstack/react-query'
import { Link, useNavigate, useParams } from 'react-router'
import type { Schemas } from '../../api/client'
import { asWords, queries } from '../../api/queries'
import { useTreeId, useTreePath } from '../../api/useTree'
import { OptionFields, useOptions } from '../../parts/OptionFields'
import { useWindowState } from '../../parts/useWindowState'
import { Couples } from './Couples'

type Kind = Schemas['PresentedResource']

/** A report as it will be printed, with what can be chosen of it above and what it can be about at the side. */
export default function Reports() {
  const tree = useTreeId()
  const { kind: code = '', subject = '' } = useParams()
  const [last, setLast] = useWindowState('reports.kind', '')
  const { data: offered } = useQuery(queries.reportKinds(tree))
  const kinds = offered?.kinds ?? []
  const kind = kinds.find((each) => each.code === (subject === '' ? last : code)) ?? kinds[0]
  const navigate = useNavigate()
  const path = useTreePath()
  return (
    <div className="grid h-full grid-cols-[minmax(0,2fr)_minmax(280px,1fr)] max-lg:block">
      <section className="overflow-auto px-8 py-4">
        {subject === '' && <h1 className="mb-3 font-serif text-[26px]">Reports</h1>}
        {kind && (
          <label className="text-[14px] text-graphite">
            Report{' '}
            <select
              className="gap"
              value={kind.code}
              onChange={(event) => {
                setLast(event.target.value)
                void navigate(path('reports'))
              }}
            >
              {kinds.map((each) => (
                <option key={each.code} value={each.code}>
                  {each.title}
                </option>
              ))}
            </select>
          </label>
        )}
        {kind && (subject === '' ? <ToChoose kind={kind} /> : <Printed kind={kind} subject={subject} />)}
      </section>
      {kind?.subject === 'couple' && <Couples kind={kind.code} chosen={subject} />}
    </div>
  )
}

/** What a report is about, and where it is chosen. */
function ToChoose({ kind }: { kind: Kind }) {
  const path = useTreePath()
  const says: Record<string, React.ReactNode> = {
    couple:
      'A family group sheet tells one couple, their parents and children, each fact with its numbered source notes. Choose the couple.',
    record: (
      <>
        A transcript tells one record as it is written, and whom each line is taken for. Open the record from{' '}
        <Link className="act" to={path('records')}>
          its source
        </Link>
        , then choose <em>Print</em>.
      </>
    ),
    question: (
      <>
        A proof summary tells what was decided of a question and why, with every claim and citation. Open a{' '}
        <Link className="act" to={path('questions')}>
          question
        </Link>{' '}
        that is decided, then choose <em>Report</em>.
      </>
    ),
  }
  return <p className="mt-3 max-w-[520px] font-serif text-[18px]">{says[kind.subject]}</p>
}

function Printed({ kind, subject }: { kind: Kind; subject: string }) {
  const tree = useTreeId()
  const [options, choose] = useOptions(kind.options)
  const { data: report, error } = useQuery(queries.report(tree, kind.code, subject, options))
  const file = (format: string) =>
    `/api/trees/${tree}/reports/${kind.code}/${subject}.${format}?${asWords(options)}`
  return (
    <>
      <span className="ml-5 inline-flex flex-wrap items-baseline gap-5 text-[14px]">
        <OptionFields options={kind.options} chosen={options} onChoose={choose} />
        <a className="act" href={file('pdf')} download>
          PDF
        </a>
        <a className="act" href={file('html')} download>
          HTML
        </a>
      </span>
      {error && <p className="mt-3 text-madder">{error.message}</p>}
      {report && (
        <article className="document mt-4 max-w-[820px]" dangerouslySetInnerHTML={{ __html: report.html }} />
      )}
    </>
  )
}
