import { useInfiniteQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { saved } from '../../parts/saved'
import { api, unwrap } from '../../api/client'
import { useTreeId, useTreePath, useWrite } from '../../api/useTree'
import { Empty } from '../../parts/Empty'
import { formatMoment } from '../../parts/formatDay'
import { queries } from '../../api/queries'

/** What was deleted waits here to be put back, with everything that went with it. */
export default function Deleted() {
  const tree = useTreeId()
  const path = useTreePath()
  const deleted = useInfiniteQuery(queries.deleted(tree))
  const putBack = useWrite(
    (entry: string) =>
      unwrap(
        api.POST('/api/trees/{tree}/journal/deleted/{entry}/put-back', { params: { path: { tree, entry } } }),
      ),
    (done) => saved(done.said),
  )
  if (deleted.error) return <p className="p-6 text-madder">{deleted.error.message}</p>
  const things = deleted.data?.pages.flatMap((page) => page.things) ?? []
  return (
    <div className="h-full overflow-auto px-6 py-3">
      <div className="flex flex-wrap items-baseline gap-x-6">
        <h1 className="font-serif text-[26px]">What was deleted</h1>
        <Link className="act" to={path('journal')}>
          The whole journal
        </Link>
      </div>
      {deleted.data && things.length === 0 && (
        <Empty says="Nothing was deleted that is not there again. What is will wait here, and come back with its ties and citations." />
      )}
      <ol className="mt-3 max-w-[820px]">
        {things.map((thing) => (
          <li
            key={thing.id}
            className="flex items-baseline justify-between gap-6 border-b border-rule py-[6px]"
          >
            <span>
              <span className="font-serif text-[17px]">{thing.called}</span>
              {thing.whose !== '' && <span className="text-[14px]"> of {thing.whose}</span>}
              {thing.with !== '' && <span className="text-[14px]"> with {thing.with}</span>}
              <span className="block text-[13px] text-graphite">
                {formatMoment(thing.madeAt)}, {thing.who}
                {thing.why !== '' && `: ${thing.why}`}
              </span>
            </span>
            <button
              type="button"
              className="act shrink-0 text-[14px]"
              aria-label={`Restore ${thing.called}${thing.whose === '' ? '' : ` of ${thing.whose}`}`}
              onClick={() => putBack.mutate(thing.id)}
            >
              Restore
            </button>
          </li>
        ))}
      </ol>
      {deleted.hasNextPage && (
        <button type="button" className="act mt-3" onClick={() => void deleted.fetchNextPage()}>
          Earlier
        </button>
      )}
    </div>
  )
}
