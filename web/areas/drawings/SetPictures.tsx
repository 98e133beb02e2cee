import type { KeyboardEvent } from 'react'
import { follow } from './follow'
import type { Scene } from './styles'

type Picture = Scene['pictures'][number]

type Props = {
  pictures: readonly Picture[]
  under: string
  unit: () => number
  onMove: (personId: string, x: number, y: number) => void
  onRemove: (personId: string) => void
}

/** By how much a key moves a picture. */
const NUDGE = 8

const ARROWS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-NUDGE, 0],
  ArrowRight: [NUDGE, 0],
  ArrowUp: [0, -NUDGE],
  ArrowDown: [0, NUDGE],
}

/** Pictures that the hand set on a drawing: dragged, or moved with Alt and the arrows; Delete removes one. */
export function SetPictures({ pictures, under, unit, onMove, onRemove }: Props) {
  const pressed = (picture: Picture) => (event: KeyboardEvent) => {
    const arrow = ARROWS[event.key]
    if (event.altKey && arrow) onMove(picture.personId, ...arrow)
    else if (event.key === 'Delete' || event.key === 'Backspace') onRemove(picture.personId)
    else return
    event.preventDefault()
    event.stopPropagation()
  }
  return pictures.map((picture) => (
    <g
      key={picture.personId}
      tabIndex={0}
      role="img"
      aria-label="A picture set on the drawing: Alt and arrows move it, Delete removes it"
      data-set=""
      className="cursor-move"
      onKeyDown={pressed(picture)}
      onPointerDown={(event) => {
        if (event.button === 0 && !event.shiftKey)
          follow(event, unit(), (x, y) => onMove(picture.personId, x, y))
      }}
    >
      <Image picture={picture} under={under} />
    </g>
  ))
}

/** As much of a picture as fills its place. */
export function Image({ picture, under }: { picture: Picture; under: string }) {
  return (
    <image
      href={`${under}${picture.address}`}
      x={picture.x}
      y={picture.y}
      width={picture.width}
      height={picture.height}
      preserveAspectRatio="xMidYMid slice"
    />
  )
}
