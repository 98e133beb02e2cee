import type { Schemas } from '../../api/client'
import { Link } from 'react-router'
import { useTreePath } from '../../api/useTree'
import { count as counted } from '../../parts/count'
import { formatMoment } from '../../parts/formatDay'

/** What came of a file: how much, what was kept and where it is shown, what was mended, and which pictures are missing. */
export function ImportReport({ report }: { report: Schemas['ImportResource'] }) {
  const path = useTreePath()
  const counts = report.counts.filter((count) => count.count > 0 || count.before !== count.after)
  const isRemembered = counts.some((count) => count.before !== null)
  return (
    <article className="mt-6 max-w-[720px] border-t border-rule pt-3">
      <h2 className="font-serif text-[18px]">{report.fileName}</h2>
      <p className="text-graphite">
        version {report.standard}, {formatMoment(report.broughtInAt)}
      </p>
      <p>
        <Link className="act" to={path('people')}>
          The people of this tree
        </Link>
      </p>
      <table className="mt-2 text-[14px]">
        <thead className="heads text-left">
          <tr>
            <th scope="col" className="pr-6">
              <span className="sr-only">What</span>
            </th>
            <th scope="col" className="pr-6 text-right">
              In the file
            </th>
            {isRemembered && (
              <>
                <th scope="col" className="pr-6 text-right">
                  Tree before
                </th>
                <th scope="col" className="text-right">
                  Tree after
                </th>
              </>
            )}
          </tr>
        </thead>
        <tbody>
          {counts.map((one) => (
            <tr key={one.word}>
              <th scope="row" className="pr-6 text-left font-normal">
                {COUNTED[one.word] ?? one.word}
              </th>
              {(isRemembered ? [one.count, one.before, one.after] : [one.count]).map((count, at) => (
                <td key={at} className={`text-right tabular-nums ${at < 2 ? 'pr-6' : ''}`}>
                  {count?.toLocaleString('en')}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      {report.leftOut.people > 0 && (
        <p>
          A part of the file: {counted(report.leftOut.people, 'person', 'people')} of it,{' '}
          {counted(report.leftOut.records, 'other record')} and{' '}
          {counted(report.leftOut.lines, 'link to them', 'links to them')} stayed outside.
        </p>
      )}
      {report.unplaced.length === 0 && <p className="text-lichen">Every line has its place.</p>}
      <OddLines lines={report.unplaced} says="could not stay where it stood, or was mended" />
      <OddLines lines={report.noted} says="kept as it stands, and odd" />
      <OddLines lines={report.repaired} says="read otherwise than it stands there" />
      <KeptTable kept={report.kept} says="kept and shown" />
      <Pictures
        found={report.picturesFound}
        missing={report.picturesMissing}
        count={report.picturesMissingCount}
      />
    </article>
  )
}

const COUNTED: Record<string, string> = {
  people: 'People',
  families: 'Families',
  events: 'Events and facts',
  sources: 'Sources',
  repositories: 'Repositories',
  records: 'Records',
  notes: 'Notes',
  media: 'Pictures and files',
  other: 'Other records, kept',
}

/** Lines that have no field here, by what they are. */
export function KeptTable({ kept, says }: { kept: Schemas['KeptCountResource'][]; says: string }) {
  const count = kept.reduce((sum, one) => sum + one.count, 0)
  if (count === 0) return null
  return (
    <details className="mt-1">
      <summary className="cursor-pointer">
        {counted(count, 'line has', 'lines have')} no field here: {says}
      </summary>
      <table className="mt-1 w-full text-[14px]">
        <thead className="heads text-left">
          <tr>
            <th scope="col">What</th>
            <th scope="col">Line</th>
            <th scope="col" className="text-right">
              How many
            </th>
            <th scope="col" className="pl-4">
              Where it is shown
            </th>
          </tr>
        </thead>
        <tbody>
          {kept.map((one) => (
            <tr key={`${one.tag} ${one.shown}`} className="align-baseline">
              <td>{one.words}</td>
              <td>
                <code className="text-[12px] text-graphite">{one.tag}</code>
              </td>
              <td className="text-right tabular-nums">{one.count.toLocaleString('en')}</td>
              <td className="pl-4">{one.shown}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </details>
  )
}

/** How many of the files that it names came with it, and which did not. */
export function Pictures({ found, missing, count }: { found: number; missing: string[]; count: number }) {
  if (found + count === 0) return null
  return (
    <>
      <p className="mt-1">
        {found.toLocaleString('en')} of {(found + count).toLocaleString('en')} pictures and files that it
        names came with it.
      </p>
      {missing.length > 0 && (
        <details>
          <summary className="cursor-pointer text-ochre">{count.toLocaleString('en')} did not come</summary>
          <ul className="mt-1 text-[14px]">
            {missing.map((path) => (
              <li key={path} className="break-words">
                {path}
              </li>
            ))}
          </ul>
        </details>
      )}
    </>
  )
}

type Odd = { lines: Schemas['UnplacedLine'][]; says: string; count?: number }

export function OddLines({ lines, says, count = lines.length }: Odd) {
  if (lines.length === 0) return null
  return (
    <details className="mt-1" open={lines.length < 8}>
      <summary className="cursor-pointer text-ochre">
        {counted(count, 'line')} {says}
      </summary>
      <ul className="mt-1 text-[14px]">
        {lines.map((line, index) => (
          <li key={index} className="py-[3px]">
            <span className="text-graphite">line {line.line}</span>{' '}
            <code className="break-words">{line.text}</code> {line.why}
          </li>
        ))}
      </ul>
    </details>
  )
}
