import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { useTreeId, useTreePath } from '../../../api/useTree'
import { queries } from '../../../api/queries'

/** The filter by place, in sight as long as it counts. */
export function PlaceFilter({ place, onLetGo }: { place: string; onLetGo: () => void }) {
  const tree = useTreeId()
  const path = useTreePath()
  const { data } = useQuery(queries.place(tree, place))
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
