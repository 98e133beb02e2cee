import { useQuery } from '@tanstack/react-query'
import { useParams } from 'react-router'
import { useTreeId } from '../../api/useTree'
import { PersonLink } from '../../parts/PersonLink'
import { UndatedWeighing } from './UndatedWeighing'
import { DatedWeighing } from './DatedWeighing'
import { queries } from '../../api/queries'

/** Aspects that are weighed on an axis of time. */
const OF_TIME = ['birth', 'death']

/** A question and its claims side by side. */
export default function Weighing() {
  const tree = useTreeId()
  const question = useParams().question ?? ''
  const { data, error } = useQuery(queries.question(tree, question))
  if (error) return <p className="p-6 text-madder">{error.message}</p>
  if (!data) return <p className="p-6 text-graphite">One moment…</p>
  return (
    <div className="flex h-full flex-col overflow-auto px-6 py-2">
      <header className="shrink-0">
        <h1 className="font-serif text-[26px] leading-tight">{data.sentence}</h1>
        <p className="text-[14px] text-graphite">
          <PersonLink id={data.personId}>{data.person}</PersonLink> {data.life}. {data.ground}
        </p>
        {data.reopenedBy !== '' && (
          <p role="alert" className="text-[14px] text-ochre">
            Open again. {data.reopenedBy}
          </p>
        )}
      </header>
      {OF_TIME.includes(data.aspect) ? (
        <DatedWeighing key={`${data.id} ${data.state}`} question={data} />
      ) : (
        <UndatedWeighing key={`${data.id} ${data.state}`} question={data} />
      )}
    </div>
  )
}
