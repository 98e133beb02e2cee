import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { useTree, useTreeId, useTreePath } from '../../api/useTree'
import { FirstSteps } from './FirstSteps'
import { formatMoment } from '../../parts/formatDay'
import { queries } from '../../api/queries'

/** What waits, in sentences, and what is new. */
export default function Desk() {
  const tree = useTreeId()
  const path = useTreePath()
  const { data } = useQuery(queries.desk(tree))
  const { data: about } = useTree()
  if (!data) return <p className="p-6 text-graphite">One moment…</p>
  return (
    <div className="grid h-full grid-cols-[minmax(0,2fr)_minmax(300px,1fr)] max-lg:block">
      <section className="overflow-auto px-6 py-3">
        <h1 className="font-serif text-[26px]">Desk</h1>
        {about?.people === 0 && <FirstSteps />}
        <h2 className="heads mt-4 font-semibold">Yours</h2>
        {data.yours.length === 0 && (
          <p className="mt-2 max-w-[560px] font-serif text-[18px]">
            Nothing waits. What contradicts itself, and every date that cannot be read, will stand here.
          </p>
        )}
        <ul className="mt-2 max-w-[680px]">
          {data.yours.map((sentence) => (
            <li key={sentence.text} className="border-b border-rule">
              <Link to={path(sentence.link)} className="block py-[9px] hover:bg-wash">
                <span className="font-serif text-[18px] text-tide">{sentence.text}</span>
                <span className="block text-[14px] text-graphite">{sentence.weight}</span>
              </Link>
            </li>
          ))}
        </ul>
      </section>
      <aside aria-label="Margin" className="overflow-auto border-l border-rule px-5 py-4 max-lg:border-l-0">
        <h2 className="heads font-semibold">New in this tree</h2>
        <ul className="mt-2 space-y-2">
          {data.recent.map((change) => (
            <li key={change.id} className={change.undone ? 'text-graphite line-through' : ''}>
              {change.summary}
              {change.whose !== '' && <span className="font-serif">: {change.whose}</span>}
              <span className="block text-[13px] text-graphite">
                {change.who}, {formatMoment(change.madeAt)}
              </span>
            </li>
          ))}
        </ul>
        <Link className="act mt-3 inline-block" to={path('journal')}>
          The journal
        </Link>
      </aside>
    </div>
  )
}
