import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { useTreeId, useTreePath, type Person } from '../../../api/useTree'
import { FoldedCount } from '../../../parts/FoldedCount'
import { queries } from '../../../api/queries'

/** The records that name somebody, and names on records that nobody has placed and that may be theirs; folded, with a count. */
export function RecordLines({ person }: { person: Person }) {
  const tree = useTreeId()
  const path = useTreePath()
  const [open, setOpen] = useState(false)
  const { data } = useQuery(queries.linesOfPerson(tree, person.id))
  const lists = [
    { head: 'Stands on', lines: data?.lines.filter((line) => line.isPlaced) ?? [] },
    {
      head: 'Unplaced names that may be this person',
      lines: data?.lines.filter((line) => !line.isPlaced) ?? [],
    },
  ]
  return (
    <details open={open} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="heads cursor-pointer font-semibold">
        On records
        <FoldedCount of={data?.lines.length} />
      </summary>
      {data?.lines.length === 0 && <p>No record that was entered here names them.</p>}
      {lists.map(
        ({ head, lines }) =>
          lines.length > 0 && (
            <section key={head} className="mt-1">
              <h3 className={`text-[13px] ${head === 'Stands on' ? 'text-graphite' : 'text-ochre'}`}>
                {head}
              </h3>
              <ul>
                {lines.map((line, index) => (
                  <li key={index}>
                    <Link className="act" to={path(`records/table/${line.recordId}`)}>
                      {[line.source, line.locator].filter(Boolean).join(', ')}
                    </Link>{' '}
                    <span className="text-[14px] text-graphite">
                      {[line.date, line.name && `“${line.name}”`, line.role].filter(Boolean).join(', ')}
                    </span>{' '}
                    {line.placingId !== '' && (
                      <Link
                        className="act text-[13px] text-graphite"
                        to={path(`questions/impact/placing/${line.placingId}`)}
                      >
                        What if this is somebody else?
                      </Link>
                    )}
                  </li>
                ))}
              </ul>
            </section>
          ),
      )}
    </details>
  )
}
