import { useQuery } from '@tanstack/react-query'
import { Link, useSearchParams } from 'react-router'
import type { Schemas } from '../../api/client'
import { asWords, queries } from '../../api/queries'
import { useTreeId, useTreePath } from '../../api/useTree'
import { inNav } from './inNav'

export type SavedReport = Schemas['SavedReportResource']

/** Where a saved report is opened: made anew, with the options that were saved. */
export const addressOf = (report: SavedReport) =>
  `reports/${report.kind}/${report.subject}?${asWords({ ...report.options, saved: report.id })}`

/** The reports that were saved, each a link. */
export function SavedReports() {
  const tree = useTreeId()
  const path = useTreePath()
  const [asked] = useSearchParams()
  const { data } = useQuery(queries.savedReports(tree))
  if (!data || data.reports.length === 0) return null
  return (
    <div className="mb-3">
      <h2 className="text-[13px] text-graphite">Saved</h2>
      <ul className="max-lg:flex max-lg:flex-wrap max-lg:gap-x-4">
        {data.reports.map((report) => (
          <li key={report.id}>
            <Link
              to={path(addressOf(report))}
              aria-current={asked.get('saved') === report.id ? 'page' : undefined}
              className={inNav(asked.get('saved') === report.id)}
            >
              {report.name}
            </Link>
          </li>
        ))}
      </ul>
    </div>
  )
}
