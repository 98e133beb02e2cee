import { memo } from 'react'
import type { Scene } from './styles'

const LINE = 6

/** A scene from so far away that no word can be read: each box as a block, in two strokes for the whole of it. */
export const Greeked = memo(function Greeked({ scene }: { scene: Scene }) {
  const lines = scene.paths
    .map(({ points }) => {
      const [x, y, ...rest] = points
      return `M${x} ${y}L${rest.join(' ')}`
    })
    .join('')
  const boxes = scene.areas
    .filter((area) => area.gesture === 'open')
    .map(({ x, y, width, height }) => `M${x} ${y + LINE}h${width}v${height - 2 * LINE}h${-width}z`)
    .join('')
  return (
    <g aria-hidden="true" style={{ shapeRendering: 'optimizeSpeed' }}>
      <path d={lines} className="fill-none stroke-rule" strokeWidth={4} />
      <path d={boxes} className="fill-graphite" opacity={0.45} />
    </g>
  )
})
