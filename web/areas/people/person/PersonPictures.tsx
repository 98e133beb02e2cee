import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useTreeId } from '../../../api/useTree'
import { AttachedPictures } from '../../pictures/AttachedPictures'
import { FoldedCount } from '../../../parts/FoldedCount'
import { queries } from '../../../api/queries'

/** The pictures on somebody; folded, with a count. */
export function PersonPictures({ person }: { person: string }) {
  const tree = useTreeId()
  const [open, setOpen] = useState(false)
  const { data } = useQuery(queries.picturesOfPerson(tree, person))
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
