import { useQuery } from '@tanstack/react-query'
import { Link, useSearchParams } from 'react-router'
import type { Schemas } from '../../api/client'
import { asWords, queries } from '../../api/queries'
import { useTreeId, useTreePath } from '../../api/useTree'

export type SavedReport = Schemas['SavedReportResource']

/** Where a saved report is opened: made anew, with the options that were saved. */
export const addressOf = (report: SavedReport) =>
  `reports/${report.kind}/${report.subject}?${asWords({ ...report.options, saved: report.id })}`

const CHOSEN = 'border-tide bg-wash font-semibold'
const OTHER = 'border-transparent hover:text-tide'

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
              className={`block border-l-2 py-[3px] pl-2 ${asked.get('saved') === report.id ? CHOSEN : OTHER}`}
            >
              {report.name}
            </Link>
          </li>
        ))}
      </ul>
    </div>
  )
}
