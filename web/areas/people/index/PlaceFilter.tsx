import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { api, unwrap } from '../../../api/client'
import { useTreeId, useTreePath } from '../../../api/useTree'

/** The filter by place, in sight as long as it counts. */
export function PlaceFilter({ place, onLetGo }: { place: string; onLetGo: () => void }) {
  const tree = useTreeId()
  const path = useTreePath()
  const { data } = useQuery({
    queryKey: ['place', tree, place],
    queryFn: () => unwrap(api.GET('/api/trees/{tree}/places/{place}', { params: { path: { tree, place } } })),
  })
  return (
    <p className="text-[14px] text-graphite">
      Only those of whom something happened in{' '}
      <Link className="act" to={path(`places/${place}`)}>
        {data?.name ?? 'a place'}
      </Link>{' '}
      or in what lay in it.{' '}
      <button type="button" className="act" onClick={onLetGo}>
        Everybody again
      </button>
    </p>
  )
}
