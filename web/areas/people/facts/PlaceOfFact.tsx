import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { api, unwrap } from '../../../api/client'
import { useTreeId, useTreePath, useWrite, type Fact } from '../../../api/useTree'
import { queries } from '../../../api/queries'

/** The words of a fact's place, and under them the place that they stand for then. */
export function PlaceOfFact({ fact }: { fact: Fact }) {
  const tree = useTreeId()
  const path = useTreePath()
  const { data } = useQuery(queries.placeReading(tree, fact.place, fact.date.typed, fact.placeId ?? ''))
  const choose = useWrite((placeId: string) =>
    unwrap(
      api.PATCH('/api/trees/{tree}/facts/{fact}', {
        params: { path: { tree, fact: fact.id } },
        body: { placeId, version: fact.version },
      }),
    ),
  )
  return (
    <div>
      <p>{fact.place}</p>
      {data?.placeId && data.path !== fact.place && (
        <p className="text-[13px] text-graphite">
          stands for{' '}
          <Link className="act" to={path(`places/${data.placeId}`)}>
            {data.path}
          </Link>
        </p>
      )}
      {data?.placeId && data.path === fact.place && (
        <p className="text-[13px]">
          <Link className="act" to={path(`places/${data.placeId}`)}>
            The place
          </Link>
        </p>
      )}
      {data && data.church !== '' && (
        <p className="text-[13px] text-graphite">its church then: {data.church}</p>
      )}
      {fact.placeId && (
        <button type="button" className="act text-[13px]" onClick={() => choose.mutate('')}>
          As these words usually stand
        </button>
      )}
      {data && data.offers.length > 0 && (
        <p className="text-[13px] text-ochre">
          Which one?{' '}
          {data.offers.map((offer, index) => (
            <span key={offer.id}>
              {index > 0 && ' · '}
              <button type="button" className="act" onClick={() => choose.mutate(offer.id)}>
                {offer.path}
              </button>
            </span>
          ))}
        </p>
      )}
    </div>
  )
}
