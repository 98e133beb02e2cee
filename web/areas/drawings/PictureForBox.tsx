import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { queries } from '../../api/queries'
import { useTreeId, useTreePath } from '../../api/useTree'
import type { Area } from './Painted'
import type { Scene } from './styles'
import { freePlace } from './freePlace'
import type { HandworkTools } from './useHandwork'

const WIDTH = 160

type Props = { chosen: Area; scene: Scene; tools: HandworkTools }

/** A picture of whoever is chosen, set on the drawing where there is room beside their box. */
export function PictureForBox({ chosen, scene, tools }: Props) {
  const [isOpen, setIsOpen] = useState(false)
  const isSet = tools.handwork.pictures.some(({ personId }) => personId === chosen.personId)
  if (isSet)
    return (
      <button type="button" className="act" onClick={() => tools.withoutPicture(chosen.personId)}>
        Remove the picture
      </button>
    )
  if (!isOpen)
    return (
      <button type="button" className="act" onClick={() => setIsOpen(true)}>
        Picture
      </button>
    )
  return (
    <span className="flex flex-wrap items-baseline gap-x-3">
      <Choice
        person={chosen.personId}
        onChosen={(mediaId, shape) => {
          const height = Math.round(WIDTH / shape)
          const place = freePlace(chosen, WIDTH, height, [...scene.areas, ...scene.pictures])
          tools.setPicture({ personId: chosen.personId, ...place, width: WIDTH, height, mediaId })
          setIsOpen(false)
        }}
      />
      <button type="button" className="act" onClick={() => setIsOpen(false)}>
        Cancel
      </button>
    </span>
  )
}

/** The pictures that are on somebody; `shape` is the width by the height. */
function Choice({ person, onChosen }: { person: string; onChosen: (media: string, shape: number) => void }) {
  const tree = useTreeId()
  const path = useTreePath()
  const { data } = useQuery(queries.picturesOfPerson(tree, person))
  if (!data) return <span className="text-graphite">One moment…</span>
  const ready = data.pictures.filter((picture) => picture.page !== null)
  if (ready.length === 0 && data.pictures.length > 0)
    return <span className="text-graphite">Their pictures are being made ready, and will stand here.</span>
  if (ready.length === 0)
    return (
      <span className="text-graphite">
        There is no picture on them yet.{' '}
        <Link className="act" to={path(`people/${person}`)}>
          Put one there
        </Link>
      </span>
    )
  return ready.map((picture) => (
    <button
      key={picture.imageId}
      type="button"
      className="act"
      onClick={() => onChosen(picture.mediaId, (picture.page?.width ?? 1) / (picture.page?.height ?? 1))}
    >
      {picture.title || 'untitled'}
    </button>
  ))
}
