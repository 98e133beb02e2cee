import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { api, told } from '../../api/client'
import { useTreeId } from '../../api/useTree'
import { PicturesHere } from '../pictures/PicturesHere'
import { Counted } from '../../parts/Counted'

/** The pictures on somebody; folded, with a count. */
export function PicturesOf({ person }: { person: string }) {
  const tree = useTreeId()
  const [open, setOpen] = useState(false)
  const { data } = useQuery({
    queryKey: ['pictures of', tree, person],
    queryFn: () =>
      told(api.GET('/api/trees/{tree}/people/{person}/pictures', { params: { path: { tree, person } } })),
  })
  return (
    <details open={open} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="heads cursor-pointer font-semibold">
        Pictures
        <Counted of={data?.pictures.length} />
      </summary>
      {data && <PicturesHere pictures={data.pictures} on={{ personId: person }} isHeaded />}
    </details>
  )
}
