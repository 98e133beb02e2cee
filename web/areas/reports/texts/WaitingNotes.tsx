import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { queries } from '../../../api/queries'
import { useTree, useTreeId, useTreePath } from '../../../api/useTree'
import { count } from '../../../parts/count'

/** Notes that came with a file and wait to be summed up: each name begins a text, with the notes beside it. */
export function WaitingNotes() {
  const tree = useTreeId()
  const path = useTreePath()
  const { data: about } = useTree()
  const { data } = useQuery(queries.waitingNotes(tree))
  const [isOpen, setIsOpen] = useState(false)
  if (!data || data.total === 0 || about?.role === 'reader') return null
  return (
    <section aria-label="Notes that wait" className="mt-5">
      <p className="text-[14px]">
        Notes brought in wait to be summed up:{' '}
        <button type="button" className="act" aria-expanded={isOpen} onClick={() => setIsOpen(!isOpen)}>
          {count(data.total, 'person', 'people')}
        </button>
      </p>
      {isOpen && (
        <ul className="max-h-[300px] overflow-auto">
          {data.people.map(({ id, name, notes }) => (
            <li key={id} className="py-[2px]">
              <Link className="act font-serif" to={path(`reports/texts/new?person=${id}`)}>
                {name}
              </Link>{' '}
              <span className="text-[13px] text-graphite">{count(notes, 'note', 'notes')}</span>
            </li>
          ))}
          {data.total > data.people.length && (
            <li className="text-[13px] text-graphite">
              The first {data.people.length} of {data.total.toLocaleString('en')}.
            </li>
          )}
        </ul>
      )}
    </section>
  )
}
