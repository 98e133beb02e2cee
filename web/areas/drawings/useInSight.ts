import { useMemo } from 'react'
import type { Scene } from './styles'
import type { Seen } from './useView'

/** With no more boxes than these all are painted always. */
const FEW = 400

/** A name is this high or it is not read; where many boxes are smaller, they are blocks. */
const LEGIBLE = 0.28

/** What of a large scene is worth painting: what is in the window, and near enough to be read. */
export function useInSight(scene: Scene, seen: Seen) {
  const bounds = useMemo(
    () =>
      scene.paths.map(({ points }) => {
        const xs = points.filter((_, at) => at % 2 === 0)
        const ys = points.filter((_, at) => at % 2 === 1)
        return [Math.min(...xs), Math.min(...ys), Math.max(...xs), Math.max(...ys)] as const
      }),
    [scene.paths],
  )
  const isMany = scene.areas.length > FEW
  if (!isMany) return { isFar: false, areas: scene.areas, paths: scene.paths }
  if (seen.scale < LEGIBLE) return { isFar: true, areas: [], paths: [] }
  const isSeen = (left: number, top: number, right: number, bottom: number) =>
    right >= seen.left && left <= seen.right && bottom >= seen.top && top <= seen.bottom
  return {
    isFar: false,
    areas: scene.areas.filter(({ x, y, width, height }) => isSeen(x, y, x + width, y + height)),
    paths: scene.paths.filter((_, at) => isSeen(...(bounds[at] ?? [0, 0, 0, 0]))),
  }
}
