import type { Schemas } from '../../api/client'

/** What came of a file: how much, what was kept and where it is shown, what was mended, and which pictures are missing. */
export function Brought({ report }: { report: Schemas['ImportResource'] }) {
  const counts = report.counts
    .filter((one) => one.count > 0)
    .map((one) => `${one.count.toLocaleString('en')} ${one.word}`)
  const kept = report.kept.reduce((sum, one) => sum + one.count, 0)
  return (
    <article className="mt-6 max-w-[720px] border-t border-rule pt-3">
      <h2 className="font-serif text-[18px]">{report.fileName}</h2>
      <p className="text-graphite">
        version {report.standard},{' '}
        {new Date(report.broughtInAt).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' })}
      </p>
      <p className="mt-1">{counts.join(', ')}.</p>
      {report.unplaced.length === 0 && <p className="text-lichen">Every line has its place.</p>}
      <Lines lines={report.unplaced} says="could not stay where it stood, or was mended" />
      <Lines lines={report.noted} says="kept as it stands, and odd" />
      <Lines lines={report.repaired} says="read otherwise than it stands there" />
      {kept > 0 && (
        <details className="mt-1">
          <summary className="cursor-pointer">
            {kept === 1 ? 'One line has' : `${kept.toLocaleString('en')} lines have`} no field here, and{' '}
            {kept === 1 ? 'is' : 'are'} kept and shown
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
              {report.kept.map((one) => (
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
      )}
      {report.picturesFound + report.picturesMissingCount > 0 && (
        <p className="mt-1">
          {report.picturesFound.toLocaleString('en')} of{' '}
          {(report.picturesFound + report.picturesMissingCount).toLocaleString('en')} pictures and files that
          it names came with it.
        </p>
      )}
      {report.picturesMissing.length > 0 && (
        <details>
          <summary className="cursor-pointer text-ochre">
            {report.picturesMissingCount.toLocaleString('en')} did not come
          </summary>
          <ul className="mt-1 text-[14px]">
            {report.picturesMissing.map((path) => (
              <li key={path} className="break-words">
                {path}
              </li>
            ))}
          </ul>
        </details>
      )}
    </article>
  )
}

function Lines({ lines, says }: { lines: Schemas['UnplacedResource'][]; says: string }) {
  if (lines.length === 0) return null
  return (
    <details className="mt-1" open={lines.length < 8}>
      <summary className="cursor-pointer text-ochre">
        {lines.length === 1 ? 'One line' : `${lines.length.toLocaleString('en')} lines`} {says}
      </summary>
      <ul className="mt-1 text-[14px]">
        {lines.map((one) => (
          <li key={`${one.line}${one.why}`} className="py-[3px]">
            <span className="text-graphite">line {one.line}</span>{' '}
            <code className="break-words">{one.text}</code> {one.why}
          </li>
        ))}
      </ul>
    </details>
  )
}
