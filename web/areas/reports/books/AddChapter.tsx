import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { queries } from '../../../api/queries'
import { useTreeId } from '../../../api/useTree'
import { Finder } from '../../../parts/Finder'
import { findPeople } from '../../../parts/findPeople'
import { WHOLE } from '../subjects'
import type { Chapter } from './chapter'

const NEW = { title: '', report: '', options: {} }

/** One more chapter: a text, a saved drawing, or a report of somebody or of the tree. */
export function AddChapter({ onAdd }: { onAdd: (chapter: Chapter) => void }) {
  const tree = useTreeId()
  const { data: offered } = useQuery(queries.reportKinds(tree))
  const { data: texts } = useQuery(queries.texts(tree, {}))
  const { data: drawings } = useQuery(queries.savedDrawings(tree))
  const { data: saved } = useQuery(queries.savedReports(tree))
  const [report, setReport] = useState('register')
  const [isAsking, setIsAsking] = useState(false)
  const kinds = (offered?.kinds ?? []).filter((kind) => ['person', 'line', 'tree'].includes(kind.subject))
  const kind = kinds.find(({ code }) => code === report)
  return (
    <fieldset className="mt-4 flex max-w-[820px] flex-wrap items-baseline gap-x-6 gap-y-2">
      <legend className="text-[13px] text-graphite">Add a chapter</legend>
      <Choice
        label="A text"
        of={(texts?.texts ?? []).map(({ id, title }) => [id, title] as const)}
        onChosen={(subject) => onAdd({ ...NEW, kind: 'text', subject })}
      />
      <Choice
        label="A drawing"
        of={(drawings?.drawings ?? []).map(({ id, name }) => [id, name] as const)}
        onChosen={(subject) => onAdd({ ...NEW, kind: 'drawing', subject })}
      />
      <Choice
        label="A saved report"
        of={(saved?.reports ?? []).map(({ id, name }) => [id, name] as const)}
        onChosen={(id) => {
          const report = saved?.reports.find((each) => each.id === id)
          if (report)
            onAdd({
              kind: 'report',
              title: '',
              report: report.kind,
              subject: report.subject,
              options: report.options,
            })
        }}
      />
      <span>
        <label>
          A report{' '}
          <select className="gap" value={report} onChange={(event) => setReport(event.target.value)}>
            {kinds.map((each) => (
              <option key={each.code} value={each.code}>
                {each.title}
              </option>
            ))}
          </select>
        </label>{' '}
        {kind?.subject === 'tree' ? (
          <button
            type="button"
            className="act"
            onClick={() => onAdd({ ...NEW, kind: 'report', report, subject: WHOLE })}
          >
            of the tree
          </button>
        ) : (
          !isAsking && (
            <button type="button" className="act" onClick={() => setIsAsking(true)}>
              of somebody
            </button>
          )
        )}
      </span>
      {isAsking && kind?.subject !== 'tree' && (
        <Finder
          label="Whom the report is about"
          queryKey="chapter"
          find={(q) => findPeople(tree, q)}
          onChosen={(found) => {
            onAdd({ ...NEW, kind: 'report', report, subject: found.id })
            setIsAsking(false)
          }}
          onLeave={() => setIsAsking(false)}
        />
      )}
    </fieldset>
  )
}

type ChoiceProps = {
  label: string
  of: readonly (readonly [string, string])[]
  onChosen: (id: string) => void
}

/** Adds what is chosen at once; there is nothing to choose where there is none. */
function Choice({ label, of, onChosen }: ChoiceProps) {
  return (
    <label className={of.length === 0 ? 'text-graphite' : ''}>
      {label}{' '}
      <select
        className="gap max-w-[220px]"
        disabled={of.length === 0}
        value=""
        onChange={(event) => event.target.value !== '' && onChosen(event.target.value)}
      >
        <option value="">{of.length === 0 ? 'there is none' : 'choose'}</option>
        {of.map(([id, name]) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </select>
    </label>
  )
}
