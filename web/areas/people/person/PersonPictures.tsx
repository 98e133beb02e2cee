import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { api, unwrap } from '../../../api/client'
import { useTreeId } from '../../../api/useTree'
import { AttachedPictures } from '../../pictures/AttachedPictures'
import { FoldedCount } from '../../../parts/FoldedCount'

/** The pictures on somebody; folded, with a count. */
export function PersonPictures({ person }: { person: string }) {
  const tree = useTreeId()
  const [open, setOpen] = useState(false)
  const { data } = useQuery({
    queryKey: ['pictures of', tree, person],
    queryFn: () =>
      unwrap(api.GET('/api/trees/{tree}/people/{person}/pictures', { params: { path: { tree, person } } })),
  })
  return (
    <details open={open} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="heads cursor-pointer font-semibold">
        Pictures
        <FoldedCount of={data?.pictures.length} />
      </summary>
      {data && <AttachedPictures pictures={data.pictures} on={{ personId: person }} isHeaded />}
    </details>
  )
}
